import { UNIT_KINDS } from '../block/unit'
import { boundingBox, movePolygon, scalePolygon, type Point, type Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import { cloth, picture } from '../sewing/picture'
import type { Step } from '../sewing/step'
import { pressAndTrim } from './finishing'
import type { Hand, Method, PieceDraft } from './method'

/** Any patch by its template: the offset of the finished patch, its tips cut to fit, exact, sewn as cut. Serves every kind of unit. */
export const template: Method = {
  id: 'template', kinds: UNIT_KINDS,
  fits: () => true,
  make(unit, count, room) {
    const pieces = unit.patches.map((patch): PieceDraft => {
      const { outline, hand } = patch.isUpright ? { outline: atOrigin(patch.cutLine), hand: 'either' as Hand } : canonical(patch.cutLine)
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
  const { x, y } = boundingBox(polygon)
  // like outlines from unlike places are to be the same number for number
  const clean = (value: Inches) => Math.round(value * 1e6) / 1e6
  return polygon.map(([px, py]): Point => [clean(px - x), clean(py - y)])
}
