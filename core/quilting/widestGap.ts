// In: the lines of a quilt. Out: its widest unquilted place, proved to 1⁄16″.
import type { Point } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'

/** A stretch of line, or a point (both ends the same). */
export type LineStretch = readonly [ax: number, ay: number, bx: number, by: number]

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
const MAX_CELLS = 60_000

/** The best place so far. */
interface Best {
  distance: number
  x: number
  y: number
}

interface GridCell {
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
export function widestGap(width: Inches, height: Inches, lines: readonly LineStretch[]): Gap {
  const all: LineStretch[] = [
    ...lines,
    [0, 0, width, 0],
    [width, 0, width, height],
    [width, height, 0, height],
    [0, height, 0, 0],
  ]
  const flat = Float64Array.from(all.flat())
  const best: Best = { distance: 0, x: width / 2, y: height / 2 }
  const heap = new Heap()
  let left = MAX_CELLS
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

/** A place is moved no farther than this when it is put right. */
const POLISHED: Inches = 1 / 4

/** Goes uphill from the best place, in smaller and smaller steps. */
function polish(flat: Float64Array, best: Best, width: Inches, height: Inches): void {
  const from = { ...best }
  // no other line can be the nearest so near to it
  const near: number[] = []
  for (let line = 0; line < flat.length / 4; line++)
    if (distanceTo(flat, line, best.x, best.y) <= best.distance + 2 * POLISHED) near.push(line)
  for (let step = SLACK; step > 1e-4;) {
    const before = best.distance
    for (let way = 0; way < 16; way++) {
      const [x, y] = [best.x + step * Math.cos((way * Math.PI) / 8), best.y + step * Math.sin((way * Math.PI) / 8)]
      if (x < 0 || y < 0 || x > width || y > height || Math.hypot(x - from.x, y - from.y) > POLISHED) continue
      let least = Infinity
      for (let i = 0; i < near.length && least > best.distance; i++)
        least = Math.min(least, distanceTo(flat, near[i]!, x, y))
      if (least > best.distance) Object.assign(best, { distance: least, x, y })
    }
    if (best.distance === before) step /= 2
  }
}

/** Distances from a cell's middle: what is near it, how good it can be. Null: it cannot be better, or lies outside. */
function look(
  flat: Float64Array,
  x: number,
  y: number,
  half: number,
  from: Int32Array,
  width: number,
  height: number,
  best: Best,
): GridCell | null {
  if (x - half >= width || y - half >= height) return null
  const reach = half * Math.SQRT2
  const distances = scratch(from.length)
  let least = Infinity
  for (let i = 0; i < from.length; i++) {
    const d = distanceTo(flat, from[i]!, x, y)
    distances[i] = d
    if (d < least) least = d
    // nothing in it can be better
    if (least + reach <= best.distance + SLACK) return null
  }
  const isBest = x <= width && y <= height && least > best.distance
  const most = least + 2 * reach
  let count = 0
  for (let i = 0; i < from.length; i++) if (distances[i]! <= most) count += 1
  const near = new Int32Array(count)
  count = 0
  for (let i = 0; i < from.length; i++) {
    if (distances[i]! > most) continue
    near[count] = from[i]!
    distances[count++] = distances[i]!
  }
  if (isBest) Object.assign(best, { distance: least, x, y })
  const bound = Math.min(least + reach, mixedBound(flat, around(flat, near, distances, x, y), x, y, half))
  return { x, y, half, near, bound }
}

let kept = new Float64Array(0)

/** Room for so many distances, used again from cell to cell. */
function scratch(length: number): Float64Array {
  if (kept.length < length) kept = new Float64Array(2 * length)
  return kept
}

const EIGHTHS = 8
const nearestOf = new Int32Array(EIGHTHS)
const distanceOf = new Float64Array(EIGHTHS)

/**
 * Of the lines to each eighth of the round, as they are seen from the middle, the nearest: those of one side would say
 * nothing of the other. In `nearestOf`, packed; gives how many.
 */
function around(flat: Float64Array, near: Int32Array, distances: Float64Array, x: number, y: number): number {
  nearestOf.fill(-1)
  distanceOf.fill(Infinity)
  for (let i = 0; i < near.length; i++) {
    const line = near[i]! * 4
    const ax = flat[line]!
    const ay = flat[line + 1]!
    const dx = flat[line + 2]! - ax
    const dy = flat[line + 3]! - ay
    const square = dx * dx + dy * dy
    const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square))
    const ox = ax + t * dx - x
    const oy = ay + t * dy - y
    const eighth = (ox < 0 ? 4 : 0) + (oy < 0 ? 2 : 0) + (Math.abs(ox) < Math.abs(oy) ? 1 : 0)
    if (distances[i]! < distanceOf[eighth]!) {
      distanceOf[eighth] = distances[i]!
      nearestOf[eighth] = near[i]!
    }
  }
  let count = 0
  for (let eighth = 0; eighth < EIGHTHS; eighth++) if (nearestOf[eighth]! >= 0) nearestOf[count++] = nearestOf[eighth]!
  return count
}

const corners = new Float64Array(4 * EIGHTHS)

/** Nowhere in a cell is the nearer of two lines farther than their best mixture is at the worst corner. */
function mixedBound(flat: Float64Array, count: number, x: number, y: number, half: number): number {
  let bound = Infinity
  for (let i = 0; i < count; i++) {
    let worst = 0
    for (let k = 0; k < 4; k++) {
      const d = distanceTo(flat, nearestOf[i]!, x + (k & 1 ? half : -half), y + (k & 2 ? half : -half))
      corners[4 * i + k] = d
      if (d > worst) worst = d
    }
    if (worst < bound) bound = worst
  }
  for (let i = 0; i < count; i++)
    for (let j = i + 1; j < count; j++)
      for (let k = 0; k < 4; k++)
        for (let l = k + 1; l < 4; l++) {
          // where the mixtures at two corners are equal
          const a = corners[4 * i + k]!
          const b = corners[4 * j + k]!
          const c = corners[4 * i + l]!
          const d = corners[4 * j + l]!
          const slope = a - b - c + d
          if (slope < 1e-12 && slope > -1e-12) continue
          const t = (d - b) / slope
          if (t <= 0 || t >= 1) continue
          let worst = 0
          for (let m = 0; m < 4; m++) {
            const mixed = t * corners[4 * i + m]! + (1 - t) * corners[4 * j + m]!
            if (mixed > worst) worst = mixed
          }
          if (worst < bound) bound = worst
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
  const ox = x - ax - t * dx
  const oy = y - ay - t * dy
  return Math.sqrt(ox * ox + oy * oy)
}

/** Cells by what they promise, the most first. */
class Heap {
  private cells: GridCell[] = []

  push(cell: GridCell): void {
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

  pop(): GridCell | undefined {
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
export function stretchesOf(lines: readonly { points: readonly Point[] }[]): LineStretch[] {
  return lines.flatMap(({ points }): LineStretch[] => {
    const [only] = points
    if (points.length === 1) return [[only![0], only![1], only![0], only![1]]]
    return points.slice(1).map(([x, y], i): LineStretch => [points[i]![0], points[i]![1], x, y])
  })
}
