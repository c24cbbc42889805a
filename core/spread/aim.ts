import { apartIn } from '../wall/touching'
import type { Wall } from '../wall/wall'

export const SPREAD_WAYS = ['down', 'out', 'diagonal'] as const
export type SpreadWay = (typeof SPREAD_WAYS)[number]

/** What a rearranging is to reach. */
export type SpreadAim =
  | { kind: 'even' }
  /** From dark to light: from top to bottom, from the middle out, or from the upper left corner. */
  | { kind: 'dark-to-light'; way: SpreadWay }
  /** One colour in the middle. */
  | { kind: 'gather'; cloth: string }

/** Closer than this a cloth is gathered with the one that is named. CIEDE2000. */
const LIKE_IT = 15

/** Of each block what goes by rank, and of each place its rank: the least belongs where the rank is least. */
export function rankedBy(wall: Wall, aim: Exclude<SpreadAim, { kind: 'even' }>): { values: number[]; ranks: number[] } {
  const { places, palette } = wall
  const xs = places.map(({ middle: [x] }) => x)
  const ys = places.map(({ middle: [, y] }) => y)
  const [x, y] = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2]
  const outwards = places.map((_, i) => Math.hypot(xs[i]! - x, ys[i]! - y))
  if (aim.kind === 'gather') {
    const isLike = (other: string) => palette.numbers.has(aim.cloth) && apartIn(palette, aim.cloth, other) < LIKE_IT
    const values = places.map(
      ({ face }) => 100 * [...face.shares].reduce((sum, [other, share]) => sum + (isLike(other) ? share : 0), 0),
    )
    return { values, ranks: outwards.map(away => -away) }
  }
  const values = places.map(({ lightness }) => lightness)
  if (aim.way === 'down') return { values, ranks: ys }
  return { values, ranks: aim.way === 'out' ? outwards : places.map((_, i) => xs[i]! + ys[i]!) }
}
