import type { Inches } from '../measure/ruler'
import type { CutPiece } from './cutPiece'
import { layOut, QUICK, type Layout } from './layout'

/** More than the cloths of two plans; the oldest are forgotten. */
const MAX_KEPT = 64
/** Larger ones would fill the memory, and are rare. */
const MAX_STRIPS = 500

const known = new Map<string, Layout>()

/**
 * The quick layout of these pieces. A change to a quilt leaves most of its cloths as they were, so a layout that was
 * found before is not looked for again.
 */
export function quickLayout(pieces: readonly CutPiece[], usable: Inches): Layout {
  const key = [
    usable,
    ...pieces.map(({ id, width, height, count, turn, along }) => [id, width, height, count, turn, along].join(' ')),
  ].join('\n')
  const layout = known.get(key) ?? layOut(pieces, usable, QUICK)
  known.delete(key)
  if (layout.strips.length <= MAX_STRIPS) known.set(key, layout)
  if (known.size > MAX_KEPT) known.delete(known.keys().next().value!)
  return layout
}
