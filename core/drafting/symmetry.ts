import type { Point } from '../geometry/polygon'

/** What is drawn once and done everywhere: half turns and quarter turns round the middle, mirrors through it. */
export const SYMMETRIES = ['none', 'mirror', 'four-mirrors', 'half-turn', 'quarter-turns'] as const
export type Symmetry = (typeof SYMMETRIES)[number]

type Move = (point: Point) => Point

/**
 * The places where the same has to be done in a block of this size; the first is where it was drawn. Quarter turns
 * want a square.
 */
export function imagesOf(symmetry: Symmetry, width: number, height: number): Move[] {
  const same: Move = point => point
  const across: Move = ([x, y]) => [width - x, y]
  const down: Move = ([x, y]) => [x, height - y]
  const half: Move = ([x, y]) => [width - x, height - y]
  switch (symmetry) {
    case 'none':
      return [same]
    case 'mirror':
      return [same, across]
    case 'four-mirrors':
      return [same, across, down, half]
    case 'half-turn':
      return [same, half]
    case 'quarter-turns':
      return width === height ? [same, ([x, y]) => [width - y, x], half, ([x, y]) => [y, width - x]] : [same, half]
  }
}
