import Flatbush from 'flatbush'

/** x to the right, y down, as on a screen and in the quilt file. */
export type Point = readonly [number, number]
/** Corners in order; the last joins the first. */
export type Polygon = readonly Point[]
export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** Positive when the corners run clockwise as seen (y points down). */
export function signedArea(polygon: Polygon): number {
  let twice = 0
  for (let i = 0; i < polygon.length; i++) {
    const [ax, ay] = polygon[i]!
    const [bx, by] = polygon[(i + 1) % polygon.length]!
    twice += ax * by - bx * ay
  }
  return twice / 2
}

/** Whichever way round its corners run. */
export function area(polygon: Polygon): number {
  return Math.abs(signedArea(polygon))
}

/** The same polygon with its corners running clockwise as seen. */
export function clockwise(polygon: Polygon): Polygon {
  return signedArea(polygon) < 0 ? [...polygon].reverse() : polygon
}

/** The smallest upright box that holds all points. */
export function boundingBox(points: readonly Point[]): Box {
  let left = Infinity
  let top = Infinity
  let right = -Infinity
  let bottom = -Infinity
  for (let i = 0; i < points.length; i++) {
    const [x, y] = points[i]!
    if (x < left) left = x
    if (x > right) right = x
    if (y < top) top = y
    if (y > bottom) bottom = y
  }
  return { x: left, y: top, width: right - left, height: bottom - top }
}

/** The corners of a box, clockwise from the top left. */
export function cornersOf({ x, y, width, height }: Box): Polygon {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]
}

/** Whether the point lies in the box; on its right and lower edge it does not. */
export function holds(box: Box, [x, y]: Point): boolean {
  return x >= box.x && x < box.x + box.width && y >= box.y && y < box.y + box.height
}

/** Mean of the corners: inside any convex polygon, and a place for a label in most others. */
export function cornerMean(polygon: Polygon): Point {
  const n = polygon.length
  return [polygon.reduce((sum, p) => sum + p[0], 0) / n, polygon.reduce((sum, p) => sum + p[1], 0) / n]
}

/** Whether the point lies inside; on the edge either answer may come. Even-odd ray casting. */
export function contains(polygon: Polygon, [x, y]: Point): boolean {
  let inside = false
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const [ax, ay] = polygon[i]!
    const [bx, by] = polygon[j]!
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside
  }
  return inside
}

/** Stretched from 0, 0. */
export function scalePolygon(polygon: Polygon, sx: number, sy: number): Polygon {
  return polygon.map(([x, y]) => [x * sx, y * sy] as const)
}

/** Moved as it is. */
export function movePolygon(polygon: Polygon, dx: number, dy: number): Polygon {
  return polygon.map(([x, y]) => [x + dx, y + dy] as const)
}

/** Without corners that lie on the straight line between their neighbours, and without doubled corners. */
export function withoutIdleCorners(polygon: Polygon, tolerance: number): Polygon {
  return polygon.filter((corner, i) => {
    const before = polygon[(i + polygon.length - 1) % polygon.length]!
    const after = polygon[(i + 1) % polygon.length]!
    const dx = after[0] - before[0]
    const dy = after[1] - before[1]
    const length = Math.hypot(dx, dy)
    const off = Math.abs((corner[0] - before[0]) * dy - (corner[1] - before[1]) * dx)
    return length > tolerance
      ? off > tolerance * length
      : Math.hypot(corner[0] - before[0], corner[1] - before[1]) > tolerance
  })
}

/** Beyond so many corners edges are looked up in a spatial index rather than compared each with each. */
const MANY = 40

/** Whether no two edges cross or touch but neighbours at their shared corner. */
export function isSimple(polygon: Polygon): boolean {
  const n = polygon.length
  if (n < 3) return false
  const meets = (i: number, j: number) => {
    const isNeighbour = j === i + 1 || (i === 0 && j === n - 1)
    return !isNeighbour && segmentsMeet(polygon[i]!, polygon[(i + 1) % n]!, polygon[j]!, polygon[(j + 1) % n]!)
  }
  const rivals = n > MANY ? edgesNear(polygon) : (i: number) => Array.from({ length: n - i - 1 }, (_, k) => i + 1 + k)
  for (let i = 0; i < n; i++) if (rivals(i).some(j => meets(i, j))) return false
  return true
}

/** For an edge, the later edges whose boxes touch its own. */
function edgesNear(polygon: Polygon): (edge: number) => number[] {
  const boxes = polygon.map((from, i) => boundingBox([from, polygon[(i + 1) % polygon.length]!]))
  const index = new Flatbush(boxes.length)
  for (const { x, y, width, height } of boxes) index.add(x, y, x + width, y + height)
  index.finish()
  return edge => {
    const { x, y, width, height } = boxes[edge]!
    return index.search(x, y, x + width, y + height, other => other > edge)
  }
}

function segmentsMeet(a: Point, b: Point, c: Point, d: Point): boolean {
  const side = (p: Point, q: Point, r: Point) =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]))
  const within = (p: Point, q: Point, r: Point) =>
    Math.min(p[0], q[0]) <= r[0]
    && r[0] <= Math.max(p[0], q[0])
    && Math.min(p[1], q[1]) <= r[1]
    && r[1] <= Math.max(p[1], q[1])
  const abc = side(a, b, c)
  const abd = side(a, b, d)
  const cda = side(c, d, a)
  const cdb = side(c, d, b)
  if (abc !== abd && cda !== cdb) return true
  return (
    (abc === 0 && within(a, b, c))
    || (abd === 0 && within(a, b, d))
    || (cda === 0 && within(c, d, a))
    || (cdb === 0 && within(c, d, b))
  )
}
