import {
  area,
  boundingBox,
  clockwise,
  contains,
  cornerMean,
  movePolygon,
  type Point,
  type Polygon,
} from '../geometry/polygon'
import type { Picture, PictureLine, PictureShape } from '../make/steps/picture'

/** Cloth lying right side up, later pieces over earlier ones. */
export interface Lying {
  cloth: string
  polygon: Polygon
}

/**
 * What comes of a picture of two layers when it is really sewn, cut and opened: the layers are folded as geometry.
 * Shapes right side up are the lower layer, those wrong side up the upper one; cuts go through everything. Each part
 * that a seam holds is opened along it: the upper layer folds over the seam, the allowance vanishes behind.
 */
export function sewAndOpen(drawn: Picture): Lying[][] {
  const { lower, upper } = aligned(drawn)
  const cuts = drawn.lines.filter(line => line.kind === 'cut')
  const seams = cuts.reduce(
    (parts, cut) => parts.flatMap(part => splitLine(part, cut)),
    drawn.lines.filter(line => line.kind === 'sew'),
  )
  const sides = (point: Point) => cuts.map(cut => Math.sign(sideOf(cut, point))).join()
  const parts = new Map<string, { lower: PictureShape[]; upper: PictureShape[] }>()
  const put = (layer: 'lower' | 'upper', shapes: readonly PictureShape[]) => {
    for (const shape of shapes) {
      for (const polygon of splitAll(shape.points, cuts)) {
        const key = sides(cornerMean(polygon))
        const part = parts.get(key) ?? { lower: [], upper: [] }
        part[layer].push({ ...shape, points: polygon })
        parts.set(key, part)
      }
    }
  }
  put('lower', lower)
  put('upper', upper)
  return [...parts].flatMap(([key, part]) => {
    // where seams cross, a stub of the other one reaches into the part's tip and is picked out
    const mine = seams.filter(seam => sides(middleOf(seam)) === key).sort((a, b) => lengthOf(b) - lengthOf(a))
    return mine[0] && part.upper.length > 0 ? [opened(part.lower, part.upper, mine[0])] : []
  })
}

/** The lower layer beyond the seam, and the upper one folded over it. */
function opened(lower: readonly PictureShape[], upper: readonly PictureShape[], seam: PictureLine): Lying[] {
  const weight = (side: 1 | -1) => lower.reduce((sum, shape) => sum + areaOf(half(shape.points, seam, side)), 0)
  const kept = weight(1) > weight(-1) ? 1 : -1
  const rest = (shape: PictureShape) => ({ cloth: shape.cloth!, polygon: half(shape.points, seam, kept) })
  const folded = upper
    .map(rest)
    .map(({ cloth, polygon }) => ({ cloth, polygon: polygon.map(point => reflect(point, seam)) }))
  return [...lower.map(rest), ...folded].filter(({ polygon }) => areaOf(polygon) > 1e-6)
}

/** Both layers, the lower one moved under the upper: pictures draw the upper one a little aside. */
function aligned({ shapes }: Picture): { lower: PictureShape[]; upper: PictureShape[] } {
  const cloths = shapes.filter(shape => shape.cloth !== null)
  const lower = cloths.filter(shape => shape.side === 'right')
  const upper = cloths.filter(shape => shape.side === 'wrong')
  const [a, b] = [lower, upper].map(layer => boundingBox(layer.flatMap(shape => shape.points))) as [
    ReturnType<typeof boundingBox>,
    ReturnType<typeof boundingBox>,
  ]
  const isAside = Math.abs(a.width - b.width) < 1e-6 && Math.abs(a.height - b.height) < 1e-6
  const move = isAside ? ([b.x - a.x, b.y - a.y] as const) : ([0, 0] as const)
  return { lower: lower.map(shape => ({ ...shape, points: movePolygon(shape.points, ...move) })), upper }
}

/**
 * Whether pieces lie as in the pattern, somewhere on the cloth, turned by eighths but never mirrored: at many points
 * of each patch, just inside its edges too, the right cloth is on top. `depth`: how near to their edges.
 */
export function showsPattern(lying: readonly Lying[], pattern: readonly Lying[], depth = 0.97): boolean {
  // what lies under another piece of the pattern does not show
  const points = pattern.flatMap(({ cloth, polygon }, i) =>
    insidePoints(polygon, depth)
      .filter(point => !pattern.slice(i + 1).some(other => contains(other.polygon, point)))
      .map(point => ({ cloth, point })),
  )
  const anchors = [middle(pattern), ...pattern.flatMap(({ polygon }) => polygon)]
  const places = [
    middle(lying),
    ...lying.flatMap(({ polygon }) =>
      polygon.flatMap((p, i): Point[] => {
        const q = polygon[(i + 1) % polygon.length]!
        return [p, [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2]]
      }),
    ),
  ]
  for (let eighth = 0; eighth < 8; eighth++) {
    const [cos, sin] = [Math.cos((eighth * Math.PI) / 4), Math.sin((eighth * Math.PI) / 4)]
    const turn = ([x, y]: Point): Point => [x * cos - y * sin, x * sin + y * cos]
    for (const anchor of anchors.map(turn)) {
      for (const place of places) {
        const fits = points.every(({ cloth, point }) => {
          const [x, y] = turn(point)
          // a hair aside, so that no point lies on an edge between two pieces
          const at: Point = [x - anchor[0] + place[0] + 1.3e-4, y - anchor[1] + place[1] + 0.7e-4]
          return lying.findLast(({ polygon }) => contains(polygon, at))?.cloth === cloth
        })
        if (fits) return true
      }
    }
  }
  return false
}

function insidePoints(polygon: Polygon, depth: number): Point[] {
  const [cx, cy] = cornerMean(polygon)
  const edge = polygon.flatMap((p, i): Point[] => {
    const q = polygon[(i + 1) % polygon.length]!
    return [p, [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2]]
  })
  return [[cx, cy], ...edge.map(([x, y]): Point => [cx + (x - cx) * depth, cy + (y - cy) * depth])]
}

function middle(lying: readonly Lying[]): Point {
  const { x, y, width, height } = boundingBox(lying.flatMap(({ polygon }) => polygon))
  return [x + width / 2, y + height / 2]
}

function middleOf({ from, to }: PictureLine): Point {
  return [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
}

function lengthOf({ from, to }: PictureLine): number {
  return Math.hypot(to[0] - from[0], to[1] - from[1])
}

function splitLine(line: PictureLine, cut: PictureLine): PictureLine[] {
  const [a, b] = [sideOf(cut, line.from), sideOf(cut, line.to)]
  if (a * b >= -1e-9) return [line]
  const share = a / (a - b)
  const at: Point = [
    line.from[0] + (line.to[0] - line.from[0]) * share,
    line.from[1] + (line.to[1] - line.from[1]) * share,
  ]
  return [
    { ...line, to: at },
    { ...line, from: at },
  ]
}

function sideOf({ from, to }: Pick<PictureLine, 'from' | 'to'>, [x, y]: Point): number {
  return (to[0] - from[0]) * (y - from[1]) - (to[1] - from[1]) * (x - from[0])
}

function reflect(point: Point, { from, to }: PictureLine): Point {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const along = ((point[0] - from[0]) * dx + (point[1] - from[1]) * dy) / (dx * dx + dy * dy)
  const foot: Point = [from[0] + along * dx, from[1] + along * dy]
  return [2 * foot[0] - point[0], 2 * foot[1] - point[1]]
}

function splitAll(polygon: Polygon, cuts: readonly PictureLine[]): Polygon[] {
  return cuts.reduce<Polygon[]>(
    (parts, cut) =>
      parts.flatMap(part => [half(part, cut, 1), half(part, cut, -1)].filter(piece => areaOf(piece) > 1e-6)),
    [polygon],
  )
}

/** The part of a convex polygon on one side of a line. */
function half(polygon: Polygon, line: Pick<PictureLine, 'from' | 'to'>, side: 1 | -1): Polygon {
  const corners = clockwise(polygon)
  return corners.flatMap((p, i): Point[] => {
    const q = corners[(i + 1) % corners.length]!
    const [a, b] = [sideOf(line, p) * side, sideOf(line, q) * side]
    const meet: Point[] =
      a * b < 0 ? [[p[0] + ((q[0] - p[0]) * a) / (a - b), p[1] + ((q[1] - p[1]) * a) / (a - b)]] : []
    return a >= 0 ? [p, ...meet] : meet
  })
}

function areaOf(polygon: Polygon): number {
  return polygon.length < 3 ? 0 : area(polygon)
}
