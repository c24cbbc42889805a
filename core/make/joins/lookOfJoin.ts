import { boundingBox, movePolygon, type Box, type Point, type Polygon } from '../../geometry/polygon'
import type { Direction } from '../steps/press'
import type { BothParts, Join } from './sewnBlock'

/** The same for joins that look alike, however the parts lie: sewn one after the other they need be said only once. */
export function lookOfJoin(node: Join, parts: BothParts, press: Direction): string {
  if (parts[0].length + parts[1].length > MAX_LOOKED_AT) return lookOfLarge(node, parts, press)
  const turns: readonly Direction[] = ['up', 'right', 'down', 'left']
  return outlinesOf(node, parts)
    .map((outlines, turn) => {
      const looks = parts.map((part, p) =>
        part
          .map((patch, i) => `${outlines[p]![i]}:${patch.cloth}`)
          .sort()
          .join('|'),
      )
      const way = press === 'open' ? press : turns[(turns.indexOf(press) + turn) % 4]
      return `${looks.sort().join(' + ')} ${way}`
    })
    .sort()[0]!
}

/** Parts of so many patches, as in a picture, are never alike but for a turn: they are told by where they lie. */
const MAX_LOOKED_AT = 150

function lookOfLarge({ seam }: Join, parts: BothParts, press: Direction): string {
  const cloths = parts.map(part => part.map(({ cloth }) => cloth).join('|'))
  return `${seam.join()} ${cloths.join(' + ')} ${press}`
}

const known = new WeakMap<Join, readonly (readonly (readonly string[])[])[]>()

/** For each quarter turn of a join the outlines of the patches of both its parts, as text: the same in any cloths. */
function outlinesOf(node: Join, parts: BothParts) {
  const found = known.get(node)
  if (found) return found
  let turned = parts.map(part => part.map(({ polygon }) => polygon))
  const outlines = [0, 1, 2, 3].map(() => {
    const box = boundingBox(turned.flat(2))
    const written = turned.map(part => part.map(polygon => outlineIn(box, polygon)))
    turned = turned.map(part => part.map(polygon => polygon.map(([x, y]): Point => [-y, x])))
    return written
  })
  known.set(node, outlines)
  return outlines
}

function outlineIn({ x, y }: Box, polygon: Polygon): string {
  return movePolygon(polygon, -x, -y)
    .map(point => point.map(value => (value + 0).toFixed(3)).join())
    .sort()
    .join(' ')
}
