import { GRID_TOLERANCE } from '../../geometry/tiling'
import type { Point, Polygon } from '../../geometry/polygon'

/** A line through the drawing: a·x + b·y = c with (a, b) of length one. */
interface Line {
  a: number
  b: number
  c: number
}

/** A straight line that crosses no patch of a part and has some of them on each side. */
export interface StraightCut {
  before: number[]
  after: number[]
  seam: [Point, Point]
  line: Line
}

/**
 * All straight cuts through a part of a block. The part must be convex, as all parts are that straight cuts leave of
 * a rectangle.
 */
export function straightCuts(patches: readonly Polygon[], members: readonly number[]): StraightCut[] {
  return linesOf(patches, members).flatMap(line => cutAlong(patches, members, line) ?? [])
}

/** Every line on which an edge lies, once. */
function linesOf(patches: readonly Polygon[], members: readonly number[]): Line[] {
  const lines = new Map<string, Line>()
  for (const member of members) {
    const patch = patches[member]!
    patch.forEach(([x, y], i) => {
      const [nx, ny] = patch[(i + 1) % patch.length]!
      const length = Math.hypot(nx - x, ny - y)
      let a = (ny - y) / length
      let b = (x - nx) / length
      if (a < -1e-9 || (Math.abs(a) < 1e-9 && b < 0)) [a, b] = [-a, -b]
      const line = { a, b, c: a * x + b * y }
      const key = [line.a, line.b, line.c].map(v => Math.round(v * 1e5) + 0).join()
      if (!lines.has(key)) lines.set(key, line)
    })
  }
  return [...lines.values()]
}

function cutAlong(patches: readonly Polygon[], members: readonly number[], line: Line): StraightCut | null {
  const before: number[] = []
  const after: number[] = []
  let from: Point | null = null
  let to: Point | null = null
  let least = Infinity
  let most = -Infinity
  for (const member of members) {
    let low = false
    let high = false
    for (const point of patches[member]!) {
      const distance = line.a * point[0] + line.b * point[1] - line.c
      if (distance < -GRID_TOLERANCE) low = true
      else if (distance > GRID_TOLERANCE) high = true
      else {
        const along = line.a * point[1] - line.b * point[0]
        if (along < least) [least, from] = [along, point]
        if (along > most) [most, to] = [along, point]
      }
    }
    if (low && high) return null
    if (low) before.push(member)
    else after.push(member)
  }
  if (before.length === 0 || after.length === 0 || from === null || to === null) return null
  return { before, after, seam: [from, to], line }
}
