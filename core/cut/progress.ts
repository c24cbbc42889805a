import type { Strip } from './cutPiece'
import type { Piece } from './piece'
import type { Quilt } from '../file/quilt'

export type DoneKind = Quilt['done'][number]['what']

/** How often each thing of one kind was ticked. */
export function doneCounts(done: Quilt['done'], what: DoneKind): Map<string, number> {
  const counts = new Map<string, number>()
  for (const entry of done) if (entry.what === what) counts.set(entry.id, (counts.get(entry.id) ?? 0) + entry.count)
  return counts
}

/** Pieces of each id in a strip. */
export function piecesIn(strip: Strip): Map<string, number> {
  const counts = new Map<string, number>()
  for (const cut of strip.cuts) counts.set(cut.piece, (counts.get(cut.piece) ?? 0) + 1)
  return counts
}

/**
 * Which strips are cut, when ticks count pieces and not strips: a strip counts as cut when all of its pieces are
 * among those ticked. Strips of many kinds are looked at first, since no other can have used up their pieces. Pieces
 * left after that are shared out in order; `cut` says how many of a strip's pieces are.
 */
export function stripProgress(
  strips: readonly Strip[],
  ticked: ReadonlyMap<string, number>,
): { done: boolean; cut: number }[] {
  const left = new Map(ticked)
  const contents = strips.map(piecesIn)
  const progress = strips.map(() => ({ done: false, cut: 0 }))
  const order = strips
    .map((_, i) => i)
    .sort((a, b) => contents[b]!.size - contents[a]!.size || strips[b]!.cuts.length - strips[a]!.cuts.length || a - b)
  const take = (i: number) => {
    for (const [id, count] of contents[i]!) {
      const taken = Math.min(count, left.get(id) ?? 0)
      progress[i]!.cut += taken
      left.set(id, (left.get(id) ?? 0) - taken)
    }
  }
  for (const i of order) {
    if (![...contents[i]!].every(([id, count]) => (left.get(id) ?? 0) >= count)) continue
    progress[i]!.done = true
    take(i)
  }
  progress.forEach((strip, i) => {
    if (!strip.done) take(i)
  })
  return progress
}

/** Pieces cut and pieces wanted; more than wanted counts as wanted. */
export function cutProgress(
  pieces: readonly Piece[],
  ticked: ReadonlyMap<string, number>,
): { cut: number; all: number } {
  return {
    cut: pieces.reduce((sum, piece) => sum + Math.min(piece.count, ticked.get(piece.id) ?? 0), 0),
    all: pieces.reduce((sum, piece) => sum + piece.count, 0),
  }
}

/** Ticks beyond those that were there when so many of each were `cut`. */
export function ticksSince(
  ticked: ReadonlyMap<string, number>,
  cut: Readonly<Record<string, number>>,
): Map<string, number> {
  return new Map([...ticked].map(([id, count]) => [id, Math.max(0, count - (cut[id] ?? 0))]))
}
