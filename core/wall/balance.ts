import { boundingBox } from '../geometry/polygon'
import type { Wall } from './wall'

/** So much lighter or darker than the whole is seen. L*, without a source: half a step of value. */
const OFF = 5
/** And so many deviations from what chance gives so few blocks. */
const DEVIATIONS = 2
/** Of a side, how far a corner reaches. */
const CORNER = 0.3
const LEAST_PLACES = 9

export const WALL_PARTS = [
  'top left',
  'top right',
  'bottom left',
  'bottom right',
  'top',
  'bottom',
  'left',
  'right',
  'top left corner',
  'top right corner',
  'bottom left corner',
  'bottom right corner',
  'middle',
] as const
export type WallPart = (typeof WALL_PARTS)[number]

/** A part of the quilt that is lighter (or darker, below nought) than the whole, in L*. */
export interface OffBalance {
  where: WallPart
  by: number
}

/** In which parts of the quilt each place lies: quarters, edges, corners, the middle. */
export function wallParts({ places, spacing }: Wall): WallPart[][] {
  const { x, y, width, height } = boundingBox(places.map(({ middle }) => middle))
  const edge = spacing / 2
  return places.map(({ middle: [u, v] }) => {
    const [right, down] = [width > 0 ? (u - x) / width : 1 / 2, height > 0 ? (v - y) / height : 1 / 2]
    const level = right < 1 / 2 - 1e-6 ? 'left' : right > 1 / 2 + 1e-6 ? 'right' : null
    const upright = down < 1 / 2 - 1e-6 ? 'top' : down > 1 / 2 + 1e-6 ? 'bottom' : null
    const isAtSide = Math.min(right, 1 - right) <= CORNER
    const isAtEnd = Math.min(down, 1 - down) <= CORNER
    return [
      ...(level && upright ? [`${upright} ${level}` as const] : []),
      ...(v - y < edge ? ['top' as const] : []),
      ...(y + height - v < edge ? ['bottom' as const] : []),
      ...(u - x < edge ? ['left' as const] : []),
      ...(x + width - u < edge ? ['right' as const] : []),
      ...(level && upright && isAtSide && isAtEnd ? [`${upright} ${level} corner` as const] : []),
      ...(Math.abs(right - 1 / 2) <= 1 / 4 && Math.abs(down - 1 / 2) <= 1 / 4 ? ['middle' as const] : []),
    ]
  })
}

/** Parts that are seen to be lighter or darker than the whole, beyond what chance does; the worst first. */
export function offBalance(wall: Wall): OffBalance[] {
  const { places } = wall
  const n = places.length
  if (n < LEAST_PLACES) return []
  const mean = places.reduce((sum, { lightness }) => sum + lightness, 0) / n
  const spread = Math.sqrt(places.reduce((sum, { lightness }) => sum + (lightness - mean) ** 2, 0) / (n - 1))
  const parts = wallParts(wall)
  return WALL_PARTS.flatMap((where): OffBalance[] => {
    const within = places.filter((_, i) => parts[i]!.includes(where))
    const count = within.length
    if (count === 0 || count === n) return []
    const by = within.reduce((sum, { lightness }) => sum + lightness, 0) / count - mean
    // of the mean of so many, drawn from so many without putting back
    const deviation = spread * Math.sqrt((1 / count) * (1 - count / n))
    return Math.abs(by) > Math.max(OFF, DEVIATIONS * deviation) ? [{ where, by }] : []
  }).sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
}
