import Flatbush from 'flatbush'
import { area, clockwise, type Point, type Polygon } from './polygon'
import { GRID_TOLERANCE } from './tiling'

/**
 * An edge between two neighbouring corners of a tiling. Walked from `from` to `to`, `left` lies on the left; -1:
 * outside.
 */
export interface TilingEdge {
  from: number
  to: number
  left: number
  right: number
}

/** Polygons that tile a region, as corners and the little edges between them: no corner lies inside an edge. */
export interface Arrangement {
  corners: readonly Point[]
  edges: readonly TilingEdge[]
  /** For each corner the edges that meet there. */
  around: readonly (readonly number[])[]
  /** Of each polygon. */
  areas: readonly number[]
}

/** Cuts the edges of all polygons wherever a corner of any of them lies on them. */
export function arrangementOf(polygons: readonly Polygon[]): Arrangement {
  const corners: Point[] = []
  const cells = new Map<string, number>()
  const cellOf = (x: number, y: number) => `${x},${y}`
  const cornerAt = (point: Point): number => {
    // corners a hair apart are one, even across the edge of a cell
    const cx = Math.floor(point[0] / CELL)
    const cy = Math.floor(point[1] / CELL)
    for (let x = cx - 1; x <= cx + 1; x++) {
      for (let y = cy - 1; y <= cy + 1; y++) {
        const known = cells.get(cellOf(x, y))
        if (
          known !== undefined
          && Math.hypot(corners[known]![0] - point[0], corners[known]![1] - point[1]) <= GRID_TOLERANCE * 2
        )
          return known
      }
    }
    cells.set(cellOf(cx, cy), corners.length)
    return corners.push(point) - 1
  }
  const outlines = polygons.map(polygon => clockwise(polygon).map(cornerAt))
  const nearTo = cornersNear(corners)
  const edges: TilingEdge[] = []
  const byEnds = new Map<string, number>()
  outlines.forEach((outline, patch) =>
    outline.forEach((from, i) => {
      const stops = cornersOn(corners, nearTo, from, outline[(i + 1) % outline.length]!)
      stops.slice(1).forEach((to, k) => {
        const start = stops[k]!
        const opposite = byEnds.get(`${to} ${start}`)
        // clockwise as seen, with y down, the patch lies to the right of the walk
        if (opposite !== undefined) edges[opposite] = { ...edges[opposite]!, left: patch }
        else byEnds.set(`${start} ${to}`, edges.push({ from: start, to, left: -1, right: patch }) - 1)
      })
    }),
  )
  const around: number[][] = corners.map(() => [])
  edges.forEach((edge, i) => {
    around[edge.from]!.push(i)
    around[edge.to]!.push(i)
  })
  return { corners, edges, around, areas: polygons.map(area) }
}

const CELL = GRID_TOLERANCE * 4

type NearTo = (a: Point, b: Point) => number[]

/** The corners in the box of two points, in no order. */
function cornersNear(corners: readonly Point[]): NearTo {
  const index = new Flatbush(corners.length)
  for (const [x, y] of corners) index.add(x, y, x, y)
  index.finish()
  const t = GRID_TOLERANCE
  return ([ax, ay], [bx, by]) =>
    index.search(Math.min(ax, bx) - t, Math.min(ay, by) - t, Math.max(ax, bx) + t, Math.max(ay, by) + t)
}

/** The corners on the straight way from one to another, both ends included, in order. */
function cornersOn(corners: readonly Point[], nearTo: NearTo, from: number, to: number): number[] {
  const [ax, ay] = corners[from]!
  const [bx, by] = corners[to]!
  const length = Math.hypot(bx - ax, by - ay)
  const ux = (bx - ax) / length
  const uy = (by - ay) / length
  const stops: { corner: number; along: number }[] = []
  for (const corner of nearTo(corners[from]!, corners[to]!)) {
    if (corner === from || corner === to) continue
    const [x, y] = corners[corner]!
    const along = (x - ax) * ux + (y - ay) * uy
    if (along > 0 && along < length && Math.abs((x - ax) * uy - (y - ay) * ux) <= GRID_TOLERANCE)
      stops.push({ corner, along })
  }
  return [from, ...stops.sort((a, b) => a.along - b.along).map(stop => stop.corner), to]
}
