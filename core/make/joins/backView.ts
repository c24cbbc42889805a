// In: a block in its cloths with the side to which each seam is pressed. Out: how it looks from behind.
import { clip, type HalfPlane } from '../../geometry/clip'
import type { Point, Polygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import type { SeamEdge } from '../pressing/meetings'
import type { Arrow, Picture, PictureShape } from '../steps/picture'
import type { Press } from '../steps/press'

export interface BlockFromBehind {
  width: Inches
  height: Inches
  /** Finished, in inches, as the block is seen from the front. */
  polygons: readonly Polygon[]
  /** Stretches of seams, in inches, as seen from the front. */
  edges: readonly SeamEdge[]
  /** To which side each seam is pressed, by its number. */
  press: readonly Press[]
  seam: Inches
}

/** A picture whose shapes name patches where they will name cloths. */
export type BackShapes = Omit<Picture, 'shapes'> & {
  shapes: { points: Polygon; patch: number; side: PictureShape['side'] }[]
}

/** More arrows than this only hide the seams; the folded allowances show the same. */
const MAX_ARROWS = 60

/**
 * The wrong side of a block, turned over sideways, with its allowances folded the way they lie: pressed to a patch, the
 * allowance of its neighbour lies on top; pressed open, each lies on its own.
 */
export function backShapes({ width, height, polygons, edges, press, seam }: BlockFromBehind): BackShapes {
  const behind = ([x, y]: Point): Point => [width - x, y]
  const shapes: BackShapes['shapes'] = polygons.map((polygon, patch) => ({
    points: polygon.map(behind),
    patch,
    side: 'wrong',
  }))
  const fold = (edge: SeamEdge, under: number, patch: number, side: PictureShape['side']) => {
    const band = bandIn(polygons[under]!, edge, seam)
    if (band.length > 2) shapes.push({ points: band.map(behind), patch, side })
  }
  for (const edge of edges) {
    const { first, second } = edge
    const side = press[edge.join]
    if (side === 'first') fold(edge, first, second, 'wrong')
    else if (side === 'second') fold(edge, second, first, 'wrong')
    else {
      fold(edge, first, first, 'right')
      fold(edge, second, second, 'right')
    }
  }
  const closed = longestOfEach(edges).filter(({ join }) => press[join] !== 'open')
  const arrows = (closed.length > MAX_ARROWS ? [] : closed).map(edge => {
    const under = press[edge.join] === 'first' ? edge.first : edge.second
    return arrowInto(polygons[under]!, edge, seam, behind)
  })
  return { width, height, shapes, lines: [], arrows }
}

/** The same in its cloths. */
export function backView({ shapes, ...rest }: BackShapes, clothOfPatch: (patch: number) => string): Picture {
  return { ...rest, shapes: shapes.map(({ points, patch, side }) => ({ points, cloth: clothOfPatch(patch), side })) }
}

/** Of each seam the longest stretch. */
function longestOfEach(edges: readonly SeamEdge[]): SeamEdge[] {
  const longest = new Map<number, SeamEdge>()
  const lengthOf = ({ from, to }: SeamEdge) => Math.hypot(to[0] - from[0], to[1] - from[1])
  for (const edge of edges) {
    const known = longest.get(edge.join)
    if (!known || lengthOf(edge) > lengthOf(known) + 1e-9) longest.set(edge.join, edge)
  }
  return [...longest.values()]
}

/** The part of a patch that lies within a seam's width of a stretch of its edge. */
export function bandIn(polygon: Polygon, { from, to }: Pick<SeamEdge, 'from' | 'to'>, seam: Inches): Polygon {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  const along: Point = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
  const inwards = normalInto(polygon, from, along)
  const reach = ([ax, ay]: Point, [px, py]: Point) => ax * px + ay * py
  return clip(polygon, [
    plane(inwards, reach(inwards, from) + seam),
    plane(along, reach(along, to)),
    plane([-along[0], -along[1]], -reach(along, from)),
  ])
}

function plane([a, b]: Point, most: number): HalfPlane {
  return { a, b, most }
}

/** Across an edge, to the side on which its patch lies. */
function normalInto(polygon: Polygon, from: Point, [ax, ay]: Point): Point {
  const side = polygon.reduce((sum, [x, y]) => sum + (x - from[0]) * -ay + (y - from[1]) * ax, 0)
  return side >= 0 ? [-ay, ax] : [ay, -ax]
}

function arrowInto(polygon: Polygon, edge: SeamEdge, seam: Inches, behind: (point: Point) => Point): Arrow {
  const { from, to } = edge
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  const along: Point = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
  const [nx, ny] = normalInto(polygon, from, along)
  const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  const at = (reach: number): Point => behind([middle[0] + nx * reach, middle[1] + ny * reach])
  return { from: at(-seam), to: at(1.6 * seam) }
}
