// In: a block in its cloths with the side to which each seam is pressed. Out: how it looks from behind.
import { clip, type HalfPlane } from '../../geometry/clip'
import type { Point, Polygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import type { SeamEdge } from '../pressing/meetings'
import { picture, type Arrow, type Picture, type PictureShape } from '../steps/picture'
import type { Press } from '../steps/press'

export interface BlockFromBehind {
  width: Inches
  height: Inches
  /** Finished, in inches, as the block is seen from the front. */
  polygons: readonly Polygon[]
  clothOfPatch: (patch: number) => string
  /** Stretches of seams, in inches, as seen from the front. */
  edges: readonly SeamEdge[]
  /** To which side each seam is pressed, by its number. */
  press: readonly Press[]
  seam: Inches
}

/** More arrows than this only hide the seams; the folded allowances show the same. */
const MOST_ARROWS = 60

/**
 * The wrong side of a block, turned over sideways, with its allowances folded the way they lie: pressed to a patch, the
 * allowance of its neighbour lies on top; pressed open, each lies on its own.
 */
export function backView({ width, height, polygons, clothOfPatch, edges, press, seam }: BlockFromBehind): Picture {
  const behind = ([x, y]: Point): Point => [width - x, y]
  const patches = polygons.map((polygon, patch): PictureShape => ({
    points: polygon.map(behind),
    cloth: clothOfPatch(patch),
    side: 'wrong',
  }))
  const folds = edges.flatMap((edge): PictureShape[] => {
    const fold = (under: number, cloth: number, side: PictureShape['side']): PictureShape[] => {
      const band = bandIn(polygons[under]!, edge, seam)
      return band.length > 2 ? [{ points: band.map(behind), cloth: clothOfPatch(cloth), side }] : []
    }
    const { first, second } = edge
    switch (press[edge.join]!) {
      case 'first':
        return fold(first, second, 'wrong')
      case 'second':
        return fold(second, first, 'wrong')
      case 'open':
        return [...fold(first, first, 'right'), ...fold(second, second, 'right')]
    }
  })
  const longest = longestOfEach(edges)
  const arrows =
    longest.length > MOST_ARROWS
      ? []
      : longest.flatMap((edge): Arrow[] => {
          const under = press[edge.join] === 'first' ? edge.first : edge.second
          return press[edge.join] === 'open' ? [] : [arrowInto(polygons[under]!, edge, seam, behind)]
        })
  return { ...picture([...patches, ...folds], [], arrows), width, height }
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
function bandIn(polygon: Polygon, { from, to }: SeamEdge, seam: Inches): Polygon {
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
