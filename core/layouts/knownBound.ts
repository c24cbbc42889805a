// In: pieces of one cloth. Out: what no layout of them can beat, worked out once for the same pieces.
import type { CutPiece } from '../cut/cutPiece'
import type { Inches } from '../measure/ruler'
import { shortHash } from '../measure/shortHash'
import { provedBound } from './betterLayouts'

/** What a layout is for: these piles on cloth so wide. Another pile, count or size, and it holds no more. */
export function layoutKey(pieces: readonly CutPiece[], usable: Inches): string {
  return shortHash(wholeText(pieces, usable))
}

/** A proof is for these pieces and no others: a short mark might be that of two. */
function wholeText(pieces: readonly CutPiece[], usable: Inches): string {
  const lines = pieces.map(({ id, width, height, count, turn, along }) =>
    [id, width.toFixed(4), height.toFixed(4), count, turn, along === true].join(' '),
  )
  return [usable.toFixed(4), ...lines.sort()].join('\n')
}

/** More bounds are not kept; the oldest are forgotten. */
const MAX_KNOWN = 200
const bounds = new Map<string, Inches>()

/** A change to a quilt leaves most of its cloths as they were. */
export function knownBound(pieces: readonly CutPiece[], usable: Inches): Inches {
  const key = wholeText(pieces, usable)
  const bound = bounds.get(key) ?? provedBound(pieces, usable)
  bounds.delete(key)
  bounds.set(key, bound)
  if (bounds.size > MAX_KNOWN) bounds.delete(bounds.keys().next().value!)
  return bound
}
