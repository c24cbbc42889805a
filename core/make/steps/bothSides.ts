import type { Inches } from '../../measure/ruler'
import type { Point } from '../../geometry/polygon'
import { besideLine, box, cloth, line, picture, type Picture, type PictureShape } from './picture'

/** Layers with a line drawn on them; sewn on both sides of it; cut on it. */
export interface BothSides {
  marked: Picture
  sewn: Picture
  cut: Picture
}

/** What is seen of layers that are sewn on both sides of a line and cut on it. `seam`: how far beside it. */
export function bothSides(layers: PictureShape[], from: Point, to: Point, seam: Inches): BothSides {
  const beside = besideLine('sew', from, to, seam)
  const mark = line('mark', from, to)
  return {
    marked: picture(layers, [mark]),
    sewn: picture(layers, [mark, ...beside]),
    cut: picture(layers, [line('cut', from, to), ...beside]),
  }
}

/** Two squares right sides together, the upper one a little aside so that both are seen; sewn on their diagonal. */
export function squaresAcross(under: string, over: string, side: Inches, aside: Inches, seam: Inches): BothSides {
  const layers = [cloth(under, box(0, 0, side, side)), cloth(over, box(aside, aside, side, side), 'wrong')]
  return bothSides(layers, [aside, aside + side], [aside + side, aside], seam)
}

/** The two faces of a half-square unit, its seam rising. */
export function halfSquareFaces(first: string, second: string, side: Inches): PictureShape[] {
  return [
    cloth(first, [
      [0, 0],
      [side, 0],
      [0, side],
    ]),
    cloth(second, [
      [side, 0],
      [side, side],
      [0, side],
    ]),
  ]
}
