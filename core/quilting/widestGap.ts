// In: the lines of a quilt. Out: its widest unquilted place, proved to 1⁄16″.
import type { Point } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'

/** A stretch of line, or a point (both ends the same). */
export type Stretch = readonly [ax: number, ay: number, bx: number, by: number]

export interface Gap {
  /** Diameter of the largest circle that no line crosses, inside the raw edge. */
  size: Inches
  x: Inches
  y: Inches
  /** Whether nothing is wider by more than 1⁄16″. */
  isProven: boolean
}

/** A place may be this much farther from all lines than the best one found: half of 1⁄16″. */
const SLACK: Inches = 1 / 32
/** More cells than this are not looked at; what is left then is an upper bound. */
const MOST_CELLS = 60_000

interface Cell {
  x: number
  y: number
  half: number
  /** Lines that can be the nearest somewhere in it. */
  near: Int32Array
  bound: number
}

/**
 * The point farthest from every line and from the edge, best cells first. A cell keeps of its parent's lines those that
 * can be nearest within it; it is dropped when nothing in it can be better: the distance from its middle plus half its
 * diagonal bounds it, and so does, for any two lines, the least mixture of their distances at its corners (distance is
 * convex), so that the space between parallels dies at once.
 */
export function widestGap(width: Inches, height: Inches, lines: readonly Stretch[]): Gap {
  const all: Stretch[] = [
    ...lines,
    [0, 0, width, 0],
    [width, 0, width, height],
    [width, height, 0, height],
    [0, height, 0, 0],
  ]
  const flat = Float64Array.from(all.flat())
  const best = { distance: 0, x: width / 2, y: height / 2 }
  const heap = new Heap()
  let left = MOST_CELLS
  const add = (x: number, y: number, half: number, from: Int32Array) => {
    const cell = look(flat, x, y, half, from, width, height, best)
    if (cell && cell.bound > best.distance + SLACK) heap.push(cell)
  }
  const everything = Int32Array.from(all, (_, i) => i)
  const half = Math.min(width, height) / 4
  for (let x = half; x < width + half; x += 2 * half)
    for (let y = half; y < height + half; y += 2 * half) add(x, y, half, everything)
  let rest = 0
  for (let cell = heap.pop(); cell; cell = heap.pop()) {
    if (cell.bound <= best.distance + SLACK) break
    if (--left < 0) {
      rest = cell.bound
      break
    }
    const h = cell.half / 2
    for (const dx of [-h, h]) for (const dy of [-h, h]) add(cell.x + dx, cell.y + dy, h, cell.near)
  }
  polish(flat, best, width, height)
  return { size: 2 * best.distance, x: best.x, y: best.y, isProven: rest === 0 }
}

/** Goes uphill from the best place, in smaller and smaller steps. */
function polish(
  flat: Float64Array,
  best: { distance: number; x: number; y: number },
  width: Inches,
  height: Inches,
): void {
  const lines = flat.length / 4
  for (let step = SLACK; step > 1e-4;) {
    const before = best.distance
    for (let way = 0; way < 16; way++) {
      const [x, y] = [best.x + step * Math.cos((way * Math.PI) / 8), best.y + step * Math.sin((way * Math.PI) / 8)]
      if (x < 0 || y < 0 || x > width || y > height) continue
      let least = Infinity
      for (let i = 0; i < lines && least > best.distance; i++) least = Math.min(least, distanceTo(flat, i, x, y))
      if (least > best.distance) Object.assign(best, { distance: least, x, y })
    }
    if (best.distance === before) step /= 2
  }
}

/** Distances from a cell's middle: what is near it, and how good it can be. Null: it lies outside. */
function look(
  flat: Float64Array,
  x: number,
  y: number,
  half: number,
  from: Int32Array,
  width: number,
  height: number,
  best: { distance: number; x: number; y: number },
): Cell | null {
  if (x - half >= width || y - half >= height) return null
  const reach = half * Math.SQRT2
  const distances = new Float64Array(from.length)
  let least = Infinity
  for (let i = 0; i < from.length; i++) {
    const d = distanceTo(flat, from[i]!, x, y)
    distances[i] = d
    if (d < least) least = d
  }
  if (x <= width && y <= height && least > best.distance) Object.assign(best, { distance: least, x, y })
  if (least + reach <= best.distance + SLACK) return null
  let count = 0
  const near = new Int32Array(from.length)
  for (let i = 0; i < from.length; i++) if (distances[i]! <= least + 2 * reach) near[count++] = from[i]!
  const kept = near.slice(0, count)
  const bound = Math.min(least + reach, pairBound(flat, nearest(from, distances), x, y, half))
  return { x, y, half, near: kept, bound }
}

/** The six nearest lines. */
function nearest(from: Int32Array, distances: Float64Array): number[] {
  const found: number[] = []
  const at: number[] = []
  for (let i = 0; i < from.length; i++) {
    const d = distances[i]!
    if (found.length === 6 && d >= at[5]!) continue
    let k = found.length === 6 ? 5 : found.length
    for (; k > 0 && at[k - 1]! > d; k--) {
      found[k] = found[k - 1]!
      at[k] = at[k - 1]!
    }
    found[k] = from[i]!
    at[k] = d
  }
  return found
}

/** Nowhere in a cell is the nearer of two lines farther than their best mixture is at the worst corner. */
function pairBound(flat: Float64Array, lines: readonly number[], x: number, y: number, half: number): number {
  const corners = lines.map(line => [
    distanceTo(flat, line, x - half, y - half),
    distanceTo(flat, line, x + half, y - half),
    distanceTo(flat, line, x - half, y + half),
    distanceTo(flat, line, x + half, y + half),
  ])
  let bound = Infinity
  for (let i = 0; i < corners.length; i++) {
    bound = Math.min(bound, Math.max(...corners[i]!))
    for (let j = i + 1; j < corners.length; j++) {
      const [a, b] = [corners[i]!, corners[j]!]
      for (let k = 0; k < 4; k++)
        for (let l = k + 1; l < 4; l++) {
          // where the mixtures at two corners are equal
          const slope = a[k]! - b[k]! - a[l]! + b[l]!
          if (Math.abs(slope) < 1e-12) continue
          const t = (b[l]! - b[k]!) / slope
          if (t <= 0 || t >= 1) continue
          let worst = 0
          for (let m = 0; m < 4; m++) worst = Math.max(worst, t * a[m]! + (1 - t) * b[m]!)
          if (worst < bound) bound = worst
        }
    }
  }
  return bound
}

function distanceTo(flat: Float64Array, line: number, x: number, y: number): number {
  const at = line * 4
  const ax = flat[at]!
  const ay = flat[at + 1]!
  const dx = flat[at + 2]! - ax
  const dy = flat[at + 3]! - ay
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square))
  const [ox, oy] = [x - ax - t * dx, y - ay - t * dy]
  return Math.sqrt(ox * ox + oy * oy)
}

/** Cells by what they promise, the most first. */
class Heap {
  private cells: Cell[] = []

  push(cell: Cell): void {
    const { cells } = this
    let i = cells.push(cell) - 1
    while (i > 0) {
      const up = (i - 1) >> 1
      if (cells[up]!.bound >= cell.bound) break
      cells[i] = cells[up]!
      i = up
    }
    cells[i] = cell
  }

  pop(): Cell | undefined {
    const { cells } = this
    const top = cells[0]
    const last = cells.pop()
    if (!last || cells.length === 0) return top
    let i = 0
    for (;;) {
      let child = 2 * i + 1
      if (child >= cells.length) break
      if (child + 1 < cells.length && cells[child + 1]!.bound > cells[child]!.bound) child += 1
      if (cells[child]!.bound <= last.bound) break
      cells[i] = cells[child]!
      i = child
    }
    cells[i] = last
    return top
  }
}

/** The stretches of lines given by their points. */
export function stretchesOf(lines: readonly { points: readonly Point[] }[]): Stretch[] {
  return lines.flatMap(({ points }): Stretch[] => {
    const [only] = points
    if (points.length === 1) return [[only![0], only![1], only![0], only![1]]]
    return points.slice(1).map(([x, y], i): Stretch => [points[i]![0], points[i]![1], x, y])
  })
}
