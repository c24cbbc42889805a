// In: the patches of the top. Out: lines round the inside of each, so far from its seams.
import {
  boundingBox,
  clockwise,
  contains,
  isSimple,
  signedArea,
  withoutIdleCorners,
  type Point,
  type Polygon,
} from '../geometry/polygon'
import { direction } from '../geometry/vector'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { isInScope, type QuiltedTop, type QuiltingLine, type Where } from './quiltingLine'

/** Nothing smaller than this is quilted round. */
const LEAST: Inches = 1 / 2

/** Lines inside each patch, `distance` inches from its seams. */
export function echoLines(top: QuiltedTop, { distance, where }: { distance: Inches; where: Where }): QuiltingLine[] {
  return top.patches.flatMap(({ polygon, part }): QuiltingLine[] => {
    if (!isInScope(top.parts[part]!, where)) return []
    const inner = inset(withoutIdleCorners(polygon, 1e-3), distance)
    return inner ? [{ kind: 'echo', points: [...inner, inner[0]!] }] : []
  })
}

/** Every side moved inwards; null where nothing is left of it, or too little to sew round. */
export function inset(polygon: Polygon, by: Inches): Polygon | null {
  const corners = clockwise(polygon)
  const n = corners.length
  const found = corners.map((corner, i): Point => {
    const into = direction(corners[(i + n - 1) % n]!, corner)
    const out = direction(corner, corners[(i + 1) % n]!)
    // clockwise as seen, the inside lies to the right: (-y, x)
    const cross = into[0] * out[1] - into[1] * out[0]
    const share = 1 / (1 + into[0] * out[0] + into[1] * out[1])
    if (Math.abs(cross) < 1e-9) return [corner[0] - into[1] * by, corner[1] + into[0] * by]
    return [corner[0] + (-into[1] - out[1]) * by * share, corner[1] + (into[0] + out[0]) * by * share]
  })
  const { width, height } = boundingBox(found)
  const isTurnedOver = signedArea(found) <= 0 || !isSimple(found)
  if (isTurnedOver || Math.min(width, height) < LEAST - TOLERANCE) return null
  // every side still runs the way it did
  const keeps = found.every((corner, i) => {
    const [x, y] = direction(corner, found[(i + 1) % n]!)
    const [u, v] = direction(corners[i]!, corners[(i + 1) % n]!)
    return x * u + y * v > 0.5
  })
  return keeps && found.every(corner => contains(corners, corner)) ? found : null
}
