// In: a square sewn over a corner. Out: it is folded over, looked at, and only then trimmed behind.
import { cornerMean, type Point } from '../../geometry/polygon'
import { direction } from '../../geometry/vector'
import type { Inches } from '../../measure/ruler'
import { arrowsOf, line, picture, type PictureLine, type PictureShape } from '../steps/picture'
import type { SewingStage } from '../steps/stage'

/** A corner as its square lies when it is sewn on, its seam, and folded over: from, outer corner, to. */
export interface FlippedCorner {
  square: PictureShape
  seam: PictureLine
  done: PictureShape
}

/** What the hands do to a corner that is flipped, stage by stage. */
export function flipStages(
  base: PictureShape,
  { square, seam, done }: FlippedCorner,
  allowance: Inches,
): SewingStage[] {
  const outer = done.points.find(point => ![seam.from, seam.to].some(([x, y]) => x === point[0] && y === point[1]))!
  const middle: Point = [(seam.from[0] + seam.to[0]) / 2, (seam.from[1] + seam.to[1]) / 2]
  const [ux, uy] = direction(middle, outer)
  const away = ([x, y]: Point): Point => [x + ux * allowance, y + uy * allowance]
  const inner: Point = [2 * middle[0] - outer[0], 2 * middle[1] - outer[1]]
  return [
    {
      code: 'fold-corner',
      picture: picture([base, done], [], arrowsOf('second', inner, cornerMean(done.points))),
    },
    {
      code: 'check-corner',
      picture: picture([base, done], [line('cut', seam.from, outer), line('cut', outer, seam.to)]),
    },
    {
      code: 'trim-behind-corner',
      data: { seam: allowance },
      picture: picture([base, square], [seam, line('cut', away(seam.from), away(seam.to))]),
    },
  ]
}
