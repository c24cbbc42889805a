// In: a patch that is added on a paper. Out: what hands do to add it.
import type { Point, Polygon } from '../../geometry/polygon'
import { cornerMean } from '../../geometry/polygon'
import { direction } from '../../geometry/vector'
import type { Inches } from '../../measure/ruler'
import { cloth, line, picture } from '../steps/picture'
import type { SewingStage } from '../steps/stage'
import { inInches } from './joinRun'
import { foldedOver } from './joinStages'
import type { BothParts, Join, SewnBlock } from './sewnBlock'

/** Lay the patch on, sew from the printed side, trim behind the folded paper, flip. */
export function paperStages({ make, seam }: SewnBlock, join: Join, [first, second]: BothParts): SewingStage[] {
  const [there, added] = first.length >= second.length ? [first, second] : [second, first]
  const leg = join.seam.map(point => inInches(point, make)) as [Point, Point]
  const onPaper = there.map(({ cloth: name, polygon }) => cloth(name, polygon))
  const laid = added.map(({ cloth: name, polygon }) => cloth(name, foldedOver(polygon, leg), 'wrong'))
  const place = added.map(({ polygon }) => cloth(null, polygon))
  const outwards = normalTo(leg, cornerMean(added[0]!.polygon))
  const beyond = (away: Inches): [Point, Point] =>
    leg.map(([x, y]): Point => [x + outwards[0] * away, y + outwards[1] * away]) as [Point, Point]
  // what stands out beyond the folded paper: the allowance, and what is cut off
  const standing: Polygon = [leg[0], leg[1], beyond(2.5 * seam)[1], beyond(2.5 * seam)[0]]
  return [
    { code: 'lay-on-paper', picture: picture([...place, ...onPaper, ...laid], [line('mark', ...leg)]) },
    {
      code: 'sew-on-paper',
      picture: picture(
        [...there, ...added].map(({ polygon }) => cloth(null, polygon.map(printed))),
        [line('sew', printed(leg[0]), printed(leg[1]))],
      ),
    },
    {
      code: 'trim-on-paper',
      data: { seam },
      picture: picture(
        [
          ...there.map(({ polygon }) => cloth(null, polygon.map(printed))),
          cloth(added[0]!.cloth, standing.map(printed)),
        ],
        [line('cut', ...(beyond(seam).map(printed) as [Point, Point]))],
      ),
    },
    {
      code: 'flip-on-paper',
      picture: picture(
        [...onPaper, ...added.map(({ cloth: name, polygon }) => cloth(name, polygon))],
        [],
        [arrowOver(leg, outwards, seam)],
      ),
    },
  ]
}

/** As it is seen from the printed side. */
function printed([x, y]: Point): Point {
  return [-x, y]
}

function normalTo([from, to]: readonly [Point, Point], [x, y]: Point): Point {
  const [ax, ay] = direction(from, to)
  return (x - from[0]) * -ay + (y - from[1]) * ax >= 0 ? [-ay, ax] : [ay, -ax]
}

function arrowOver([from, to]: readonly [Point, Point], [nx, ny]: Point, seam: Inches) {
  const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  const at = (reach: number): Point => [middle[0] + nx * reach, middle[1] + ny * reach]
  return { from: at(-1.5 * seam), to: at(2 * seam) }
}
