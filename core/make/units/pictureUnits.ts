import type { Segment } from '../../charts/words'
import type { SquarePicture } from '../../designs/chart'
import { boundingBox, type Polygon } from '../../geometry/polygon'
import { pictureTree } from '../order/pictureOrder'
import { recogniseUnit, type Unit } from './unit'
import type { UnitTree } from './unitTree'

/** A picture whose squares are units, one by one or as segments of strip sets. `polygons` are finished, in inches. */
export function pictureUnits(
  picture: SquarePicture,
  segments: readonly (readonly Segment[])[],
  polygons: readonly Polygon[],
): UnitTree {
  const columns = [...picture.rows[0]!].length
  return pictureTree<UnitTree>(picture, segments, {
    join: (one, other, seam) => ({ join: [one, other], seam, kind: 'straight' }),
    leaf({ x, y, length }) {
      const first = y * columns + x
      if (length === 1) return { unit: squareUnit(first, polygons[first]!) }
      const members = Array.from({ length }, (_, i) => first + i)
      return { unit: recogniseUnit(polygons, members)! }
    },
  })
}

function squareUnit(patch: number, polygon: Polygon): Unit {
  const { width, height } = boundingBox(polygon)
  return { kind: 'rectangle', width, height, patches: [{ slot: 'patch', patch, polygon }] }
}
