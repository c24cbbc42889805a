import { UNIT_KINDS } from '../block/unit'
import { offsetPolygon } from '../geometry/offset'
import { boundingBox, movePolygon, scalePolygon, withoutIdleCorners, type Polygon } from '../geometry/polygon'
import { TOLERANCE } from '../measure/ruler'
import { cloth, picture } from '../sewing/picture'
import type { Step } from '../sewing/step'
import { pressAndTrim } from './finishing'
import type { Hand, Method, PieceDraft } from './method'

/** Any patch by its template: the offset of the finished patch, exact, sewn as cut. Serves every kind of unit. */
export const template: Method = {
  id: 'template', kinds: UNIT_KINDS,
  fits: () => true,
  make(unit, count, room) {
    const pieces = unit.patches.map((patch): PieceDraft => {
      const cutLine = offsetPolygon(withoutIdleCorners(patch.polygon, TOLERANCE), room.seam)
      const { outline, hand } = patch.isUpright ? { outline: atOrigin(cutLine), hand: 'either' as Hand } : canonical(cutLine)
      const box = boundingBox(outline)
      return {
        cloth: patch.cloth, part: 'templates', shape: 'template', width: box.width, height: box.height, exact: { width: box.width, height: box.height },
        cuts: 'angle', hand, outline, turn: !patch.isUpright, count, slots: [patch.slot],
      }
    })
    const cut: Step[] = unit.patches.map((patch, i) => ({
      do: 'cut', code: 'cut-template', data: { width: pieces[i]!.width, height: pieces[i]!.height, hand: pieces[i]!.hand ?? 'either' },
      picture: picture([cloth(null, pieces[i]!.outline!), cloth(patch.cloth, movePolygon(pieces[i]!.outline!, 0, 0))]),
    }))
    return {
      pieces, made: count, trim: false, seams: unit.patches.length - 1, cuts: unit.patches.length, biasEdges: 0,
      steps: unit.patches.length === 1 ? cut : [...cut, { do: 'sew', code: 'sew-patches', data: { seam: room.seam }, picture: picture(unit.patches.map(p => cloth(p.cloth, p.polygon))) }, ...pressAndTrim(unit, room, null)],
    }
  },
}

/**
 * One outline for a patch however it is turned by quarters, and its hand: of a figure and its mirror image the one whose
 * outline sorts first is the left, the other the right.
 */
function canonical(polygon: Polygon): { outline: Polygon, hand: Hand } {
  const own = firstOfTurns(polygon)
  const mirrored = firstOfTurns(scalePolygon(polygon, -1, 1))
  return { outline: own.outline, hand: own.key === mirrored.key ? 'either' : own.key < mirrored.key ? 'left' : 'right' }
}

function firstOfTurns(polygon: Polygon): { outline: Polygon, key: string } {
  let turned = polygon
  let best: { outline: Polygon, key: string } | null = null
  for (let quarter = 0; quarter < 4; quarter++) {
    const outline = atOrigin(turned)
    const key = outline.map(([x, y]) => `${x.toFixed(4)},${y.toFixed(4)}`).sort().join(' ')
    if (best === null || key < best.key) best = { outline, key }
    turned = turned.map(([x, y]) => [-y, x] as const)
  }
  return best!
}

function atOrigin(polygon: Polygon): Polygon {
  const box = boundingBox(polygon)
  return movePolygon(polygon, -box.x, -box.y)
}
