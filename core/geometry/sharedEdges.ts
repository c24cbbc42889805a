import type { Point, Polygon } from './polygon'

/**
 * The line along which two sets of polygons touch, as runs of straight legs: each run is a list of points, ends and
 * turns. In: polygons that do not overlap; corners may lie within sides of others. Lengths in the polygons' own unit.
 */
export function sharedRuns(
  one: readonly Polygon[],
  other: readonly Polygon[],
  tolerance: number,
): (readonly Point[])[] {
  const pieces = one.flatMap(a => other.flatMap(b => sharedStretches(a, b, tolerance)))
  const isAt = (p: Point, q: Point) => Math.hypot(p[0] - q[0], p[1] - q[1]) < tolerance
  const runs: Point[][] = []
  const left = [...pieces]
  while (left.length > 0) {
    const run: Point[] = [...left.shift()!]
    for (let found = true; found;) {
      found = false
      for (const [i, [from, to]] of left.entries()) {
        const next = isAt(from, run.at(-1)!) ? to : isAt(to, run.at(-1)!) ? from : undefined
        const before = isAt(from, run[0]!) ? to : isAt(to, run[0]!) ? from : undefined
        if (next) run.push(next)
        else if (before) run.unshift(before)
        else continue
        left.splice(i, 1)
        found = true
        break
      }
    }
    runs.push(run.filter((point, i) => i === 0 || i === run.length - 1 || turns(run[i - 1]!, point, run[i + 1]!)))
  }
  return runs

  function turns([ax, ay]: Point, [x, y]: Point, [bx, by]: Point): boolean {
    const length = Math.hypot(bx - ax, by - ay)
    return Math.abs((x - ax) * (by - ay) - (y - ay) * (bx - ax)) > tolerance * length
  }
}

/** Where sides of two polygons lie on each other. */
function sharedStretches(a: Polygon, b: Polygon, tolerance: number): [Point, Point][] {
  return a.flatMap((from, i) => {
    const to = a[(i + 1) % a.length]!
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    if (length < tolerance) return []
    const [ux, uy] = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
    const off = ([x, y]: Point) => (x - from[0]) * -uy + (y - from[1]) * ux
    const along = ([x, y]: Point) => (x - from[0]) * ux + (y - from[1]) * uy
    return b.flatMap((p, j): [Point, Point][] => {
      const q = b[(j + 1) % b.length]!
      if (Math.abs(off(p)) > tolerance || Math.abs(off(q)) > tolerance) return []
      const start = Math.max(0, Math.min(along(p), along(q)))
      const end = Math.min(length, Math.max(along(p), along(q)))
      if (end - start < tolerance) return []
      const at = (t: number): Point => [from[0] + ux * t, from[1] + uy * t]
      return [[at(start), at(end)]]
    })
  })
}
