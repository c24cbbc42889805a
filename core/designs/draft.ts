import type { Point } from '../geometry/polygon'
import type { Patch } from './design'

/** Where a corner or a point lies: compass words, north at the top of the drawing. */
export type DraftCorner = 'nw' | 'ne' | 'se' | 'sw'
export type DraftSide = 'n' | 'e' | 's' | 'w'

/** The small vocabulary in which the shipped designs are drawn. Each word gives its patches in a fixed order. */
export function rectangle(role: string, x: number, y: number, width: number, height: number): Patch[] {
  return [
    {
      role,
      points: [
        [x, y],
        [x + width, y],
        [x + width, y + height],
        [x, y + height],
      ],
    },
  ]
}

/** A square patch, `side` in units of the grid. */
export function square(role: string, x: number, y: number, side: number): Patch[] {
  return rectangle(role, x, y, side, side)
}

/** A right triangle filling half of the box, with its square corner at `corner`. */
export function triangle(
  role: string,
  corner: DraftCorner,
  x: number,
  y: number,
  width: number,
  height = width,
): Patch[] {
  const box = { nw: [x, y], ne: [x + width, y], se: [x + width, y + height], sw: [x, y + height] } as const
  const order: DraftCorner[] = ['nw', 'ne', 'se', 'sw']
  const at = order.indexOf(corner)
  return [{ role, points: [box[order[(at + 3) % 4]!], box[corner], box[order[(at + 1) % 4]!]] }]
}

const OPPOSITE: Record<DraftCorner, DraftCorner> = { nw: 'se', ne: 'sw', se: 'nw', sw: 'ne' }

/** Half-square unit: `role` has its square corner at `corner`, `other` lies opposite. */
export function halfSquare(
  role: string,
  other: string,
  corner: DraftCorner,
  x: number,
  y: number,
  side: number,
): Patch[] {
  return [...triangle(role, corner, x, y, side), ...triangle(other, OPPOSITE[corner], x, y, side)]
}

/** Quarter-square unit: roles in the order north, east, south, west. */
export function quarterSquare(
  roles: readonly [string, string, string, string],
  x: number,
  y: number,
  side: number,
): Patch[] {
  const c = [x + side / 2, y + side / 2] as const
  const nw = [x, y] as const
  const ne = [x + side, y] as const
  const se = [x + side, y + side] as const
  const sw = [x, y + side] as const
  return [
    { role: roles[0], points: [nw, ne, c] },
    { role: roles[1], points: [ne, se, c] },
    { role: roles[2], points: [se, sw, c] },
    { role: roles[3], points: [sw, nw, c] },
  ]
}

/**
 * Flying goose filling the box, its tip at the middle of the side `point`: first the goose, then its two sky
 * triangles.
 */
export function goose(
  role: string,
  sky: string,
  point: DraftSide,
  x: number,
  y: number,
  width: number,
  height: number,
): Patch[] {
  const nw: Point = [x, y]
  const ne: Point = [x + width, y]
  const se: Point = [x + width, y + height]
  const sw: Point = [x, y + height]
  const lying: Record<DraftSide, { tip: Point; base: [Point, Point]; corners: [Point, Point] }> = {
    n: { tip: [x + width / 2, y], base: [se, sw], corners: [nw, ne] },
    s: { tip: [x + width / 2, y + height], base: [nw, ne], corners: [se, sw] },
    w: { tip: [x, y + height / 2], base: [ne, se], corners: [sw, nw] },
    e: { tip: [x + width, y + height / 2], base: [sw, nw], corners: [ne, se] },
  }
  const { tip, base, corners } = lying[point]
  return [
    { role, points: [tip, ...base] },
    { role: sky, points: [base[1], corners[0], tip] },
    { role: sky, points: [tip, corners[1], base[0]] },
  ]
}

/** A square with some corners cut off at 45°: first the remaining figure, then the corner triangles. */
export function cornered(
  role: string,
  corners: Partial<Record<DraftCorner, string>>,
  cut: number,
  x: number,
  y: number,
  side: number,
): Patch[] {
  const order: DraftCorner[] = ['nw', 'ne', 'se', 'sw']
  const rest: Point[] = []
  const triangles: Patch[] = []
  for (const corner of order) {
    const left = corner === 'nw' || corner === 'sw'
    const top = corner === 'nw' || corner === 'ne'
    const cx = left ? x : x + side
    const cy = top ? y : y + side
    const other = corners[corner]
    if (other === undefined) {
      rest.push([cx, cy])
      continue
    }
    const alongX = [cx + (left ? cut : -cut), cy] as const
    const alongY = [cx, cy + (top ? cut : -cut)] as const
    // clockwise round the figure: nw and se are met coming along the upright side, ne and sw along the level one
    const [first, second] = corner === 'nw' || corner === 'se' ? [alongY, alongX] : [alongX, alongY]
    // where two cuts meet in the middle of a side they share their corner
    const last = rest.at(-1)
    if (!last || last[0] !== first[0] || last[1] !== first[1]) rest.push(first)
    rest.push(second)
    triangles.push({ role: other, points: [first, [cx, cy], second] })
  }
  const [start, end] = [rest[0]!, rest.at(-1)!]
  if (start[0] === end[0] && start[1] === end[1]) rest.pop()
  return [{ role, points: rest }, ...triangles]
}
