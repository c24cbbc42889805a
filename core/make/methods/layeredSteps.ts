import type { Inches } from '../../measure/ruler'
import { squaresAcross } from '../steps/bothSides'
import type { Step } from '../steps/step'
import type { CutSize } from './cutSize'
import type { Layers } from './layers'

/** Two squares layered, sewn on both sides of a marked diagonal and cut on it. `aside`: how far the upper is drawn. */
export function layeredSteps(
  { over, under }: Layers,
  square: { side: CutSize; of: number; aside: Inches; seam: Inches },
  cut: 'cut-on-line' | 'cut-on-line-and-press',
): Step[] {
  const { side, of, aside, seam } = square
  const across = squaresAcross(under, over, side.total, aside, seam)
  return [
    { do: 'layer', code: 'layer-and-mark', of, data: { side, over, under }, picture: across.marked },
    { do: 'sew', code: 'sew-both-sides', data: { seam }, picture: across.sewn },
    { do: 'cut-apart', code: cut, data: { gives: 2 }, picture: across.cut },
  ]
}
