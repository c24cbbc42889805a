import { chanceFrom } from '../measure/chance'
import { factorOf, type Pace } from './pace'
import { PACE_NAMES, type Amounts } from './paceKinds'

/** Minutes: `low` and `high` hold nine times in ten, and a little more, for the noise of a pace is guessed as well. */
export interface TimeSpan {
  minutes: number
  low: number
  high: number
}

const DRAWS = 400
const SEED = 27
/** So long a sitting usually is: its own noise evens out over many. */
const SITTING = 90

/** One quilter who might be this one: minutes of each kind, and how far a sitting strays. */
interface Drawn {
  minutes: readonly number[]
  stray: number
  noise: number
}
export type Draws = readonly Drawn[]

/** Quilters who fit what is known, always the same for the same pace: what-ifs are compared on the same draws. */
export function drawsOf(pace: Pace): Draws {
  const chance = chanceFrom(SEED)
  const factors = pace.map(({ covariance }) => factorOf(covariance))
  return Array.from({ length: DRAWS }, (_, n) => {
    // by weight, evenly over the draws
    let left = (n + 0.5) / DRAWS
    const found = pace.findIndex(({ weight }) => (left -= weight) <= 0)
    const at = found === -1 ? pace.length - 1 : found
    const { mean, noise } = pace[at]!
    const normals = PACE_NAMES.map(() => chance.normal())
    const minutes = mean.map((value, i) =>
      Math.exp(value + factors[at]![i]!.reduce((sum, f, k) => sum + f * normals[k]!, 0)),
    )
    return { minutes, stray: chance.normal(), noise }
  })
}

/** The time for so much work. */
export function spanOf(draws: Draws, amounts: Amounts): TimeSpan {
  const counts = PACE_NAMES.map(name => amounts[name] ?? 0)
  const all = draws
    .map(({ minutes, stray, noise }) => {
      const sum = counts.reduce((total, count, k) => total + count * minutes[k]!, 0)
      return sum * Math.exp((stray * noise) / Math.sqrt(Math.max(1, sum / SITTING)))
    })
    .sort((a, b) => a - b)
  const part = (share: number) => all[Math.min(all.length - 1, Math.floor(share * all.length))]!
  return { minutes: meanOf(draws, amounts), low: part(0.04), high: part(0.96) }
}

/** What so much work takes on average: more than its middle, for what goes slowly goes very slowly. */
export function meanOf(draws: Draws, amounts: Amounts): number {
  const counts = PACE_NAMES.map(name => amounts[name] ?? 0)
  const total = draws.reduce(
    (sum, { minutes }) => sum + counts.reduce((all, count, k) => all + count * minutes[k]!, 0),
    0,
  )
  return total / draws.length
}
