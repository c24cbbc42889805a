// In: the finished size of the top. Out: how large the batting must be, what of it is bought, and how it shrinks.
import type { Quilt } from '../file/quilt'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { addTerms, sumOf, type Sum } from '../measure/sum'
import type { TermName } from '../measure/termName'
import { beyondFinished } from '../top/rawEdge'

export interface Batting {
  width: Sum
  height: Sum
  /** The edged quilt after the first wash; null where nothing shrinks. */
  washed: { width: Sum; height: Sum } | null
  /** Packets that are joined edge to edge; undefined: it is not said how it is sold. */
  packets: number | undefined
}

/** The raw top and its overhang on every side. Source: handbook §9. */
export function planBatting(quilt: Quilt, topWidth: Inches, topHeight: Inches): Batting | null {
  const { batting } = quilt
  if (!batting || quilt.making === 'as-you-go') return null
  const side = (what: TermName, finished: Inches) =>
    sumOf([
      { what, value: finished },
      ...beyondFinished(quilt, 2),
      { what: 'overhang', count: 2, each: batting.overhang },
    ])
  const [width, height] = [side('top-width', topWidth), side('top-height', topHeight)]
  const edge = quilt.binding ? addTerms(beyondFinished(quilt, 2)) : 0
  const shrunk = (what: TermName, finished: Inches) =>
    sumOf([
      { what, value: finished },
      ...(edge > 0 ? [{ what: 'binding-edge' as const, count: 2, each: edge / 2 }] : []),
      { what: 'shrinkage', value: -batting.shrink * (finished + edge) },
    ])
  return {
    width,
    height,
    washed:
      batting.shrink > 0 ? { width: shrunk('top-width', topWidth), height: shrunk('top-height', topHeight) } : null,
    packets: packetsFor([width.total, height.total], batting),
  }
}

/** Pieces of batting butted edge to edge lose nothing. */
function packetsFor(
  [width, height]: readonly [Inches, Inches],
  { width: across, length }: { width?: Inches | undefined; length?: Inches | undefined },
): number | undefined {
  if (across === undefined) return undefined
  const beside = (side: Inches, each: Inches) => Math.max(1, Math.ceil(side / each - TOLERANCE))
  const laid = (a: Inches, b: Inches) => beside(width, a) * beside(height, b)
  return Math.min(laid(across, length ?? Infinity), laid(length ?? Infinity, across))
}
