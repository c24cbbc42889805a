import { GRID_TOLERANCE } from '../../geometry/tiling'
import type { Point, Polygon } from '../../geometry/polygon'

/** A line through the drawing: a·x + b·y = c with (a, b) of length one. */
interface StraightLine {
  a: number
  b: number
  c: number
}

/** A straight line that crosses no patch of a part and has some of them on each side. */
export interface StraightCut {
  before: number[]
  after: number[]
  line: StraightLine
}

/**
 * All straight cuts through a part of a block, one after the other as they are asked for. The part must be convex, as
 * all parts are that straight cuts leave of a rectangle.
 */
export function* straightCuts(patches: readonly Polygon[], members: readonly number[]): Generator<StraightCut> {
  const drawing = drawingOf(patches)
  const seen = new Set<number>()
  for (const member of members) {
    for (const at of drawing.linesOf[member]!) {
      if (seen.has(at)) continue
      seen.add(at)
      const cut = cutAlong(drawing.lines[at]!, members)
      if (cut) yield cut
    }
  }
}

/** A line with an edge on it, and on which side each patch lies: -1 before it, 1 after it, 0 on both. */
interface DrawnLine extends StraightLine {
  sides: Int8Array
}

interface CutDrawing {
  lines: DrawnLine[]
  /** For each patch the lines of its edges, as places in `lines`. */
  linesOf: number[][]
}

/** The parts of a drawing are cut by the lines of the whole, so those are worked out once. */
const drawings = new WeakMap<readonly Polygon[], CutDrawing>()

function drawingOf(patches: readonly Polygon[]): CutDrawing {
  const known = drawings.get(patches)
  if (known) return known
  const byKey = new Map<string, number>()
  const lines: DrawnLine[] = []
  const linesOf = patches.map(patch =>
    patch.map((from, i) => {
      const line = lineThrough(from, patch[(i + 1) % patch.length]!)
      const key = [line.a, line.b, line.c].map(v => Math.round(v * 1e5) + 0).join()
      const at = byKey.get(key)
      if (at !== undefined) return at
      byKey.set(key, lines.length)
      return lines.push({ ...line, sides: Int8Array.from(patches, other => sideOf(line, other)) }) - 1
    }),
  )
  const drawing = { lines, linesOf }
  drawings.set(patches, drawing)
  return drawing
}

function lineThrough([x, y]: Point, [nx, ny]: Point): StraightLine {
  const length = Math.hypot(nx - x, ny - y)
  let a = (ny - y) / length
  let b = (x - nx) / length
  if (a < -1e-9 || (Math.abs(a) < 1e-9 && b < 0)) [a, b] = [-a, -b]
  return { a, b, c: a * x + b * y }
}

function sideOf(line: StraightLine, patch: Polygon): -1 | 0 | 1 {
  let isBefore = false
  let isAfter = false
  for (const point of patch) {
    const distance = distanceTo(line, point)
    if (distance < -GRID_TOLERANCE) isBefore = true
    else if (distance > GRID_TOLERANCE) isAfter = true
  }
  if (isBefore && isAfter) return 0
  return isBefore ? -1 : 1
}

function distanceTo({ a, b, c }: StraightLine, [x, y]: Point): number {
  return a * x + b * y - c
}

function cutAlong(line: DrawnLine, members: readonly number[]): StraightCut | null {
  const before: number[] = []
  const after: number[] = []
  for (const member of members) {
    const side = line.sides[member]!
    if (side === 0) return null
    if (side < 0) before.push(member)
    else after.push(member)
  }
  return before.length > 0 && after.length > 0 ? { before, after, line } : null
}

/** Where the two parts are sewn together: from the first to the last of their corners that lie on the cut. */
export function seamOf({ before, after, line }: StraightCut, patches: readonly Polygon[]): [Point, Point] {
  const corners = [...before, ...after]
    .flatMap(member => patches[member]!)
    .filter(corner => Math.abs(distanceTo(line, corner)) <= GRID_TOLERANCE)
    .map(corner => ({ corner, along: line.a * corner[1] - line.b * corner[0] }))
  const first = corners.reduce((one, other) => (other.along < one.along ? other : one))
  const last = corners.reduce((one, other) => (other.along > one.along ? other : one))
  return [first.corner, last.corner]
}
