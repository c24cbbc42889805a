// What is known of a quilter's pace: the minutes of each kind of work, learnt together from sittings of mixed work.
//
// A sitting fixes the sum of its work and never the shares of it. Logarithms of the minutes a piece are held as one
// bell curve over all kinds, with its whole covariance: that is what leaves kinds tied that were only ever timed
// together. Source: the extended Kalman filter (iterated; Jazwinski, Stochastic Processes and Filtering Theory, 1970),
// with docs/methods.md, "Time", for what goes into it.
import { PACE_NAMES, PACES, type Amounts } from './paceKinds'

/** Spread of the guesses, as logarithms: what all kinds have in common, and what each has for itself. */
const SHARED_SPREAD = 0.55
const OWN_SPREAD = 0.5
/** Spread of one sitting around the pace, of which it is not known how large it is: each is tried. */
const NOISES = [0.1, 0.2, 0.3, 0.4, 0.5]
/** What a pace drifts from one sitting to the next. */
const DRIFT = 0.03
const ITERATIONS = 3
/** A clock that was left on, or a tick that was forgotten: so often, and it looks like so much more time. */
const SLIP = { often: 0.07, more: 0.9, variance: 1 }

/** Minutes of one sitting, and what was done in it. */
export interface Sitting {
  amounts: Amounts
  minutes: number
  /** Asked, and it was so. */
  isSure?: boolean
}

/** The belief for one size of noise. */
export interface PaceBelief {
  noise: number
  /** Of all beliefs together 1. */
  weight: number
  /** Logarithms of minutes, in the order of `PACE_NAMES`. */
  mean: readonly number[]
  covariance: readonly (readonly number[])[]
}
export type Pace = readonly PaceBelief[]

const KINDS = PACE_NAMES.length

/** Before anything was timed: the guesses, with wide limits. */
export function guessedPace(): Pace {
  const mean = PACE_NAMES.map(name => Math.log(PACES[name].guess))
  const covariance = mean.map((_, i) => mean.map((__, j) => SHARED_SPREAD ** 2 + (i === j ? OWN_SPREAD ** 2 : 0)))
  return NOISES.map(noise => ({ noise, weight: 1 / NOISES.length, mean, covariance }))
}

/** What is known after so many sittings, in their order; which of them are too unlikely to be believed. */
export function learntPace(sittings: readonly Sitting[]): { pace: Pace; doubted: number[] } {
  const doubted: number[] = []
  const pace = sittings.reduce((known, sitting, i) => {
    if (!canTeach(sitting)) return known
    const { next, doubt } = learn(known, sitting)
    if (doubt <= 1 / 2 || sitting.isSure) return next
    doubted.push(i)
    return known
  }, guessedPace())
  return { pace, doubted }
}

/** Whether a sitting has time and counted work in it. */
export const canTeach = ({ amounts, minutes }: Sitting) =>
  minutes > 0 && PACE_NAMES.some(name => (amounts[name] ?? 0) > 0)

/** One more sitting; `doubt`: how likely it is that something went wrong with its clock or ticks, 0 to 1. */
function learn(pace: Pace, { amounts, minutes }: Sitting): { next: Pace; doubt: number } {
  const counts = PACE_NAMES.map(name => amounts[name] ?? 0)
  const updated = pace.map(belief => update(belief, counts, Math.log(minutes)))
  const odds = updated.map(({ right, slipped, weight }) => ({ right: weight * right, slipped: weight * slipped }))
  const right = odds.reduce((sum, odd) => sum + odd.right, 0)
  const slipped = odds.reduce((sum, odd) => sum + odd.slipped, 0)
  const all = right || 1
  return {
    next: updated.map(({ belief }, i) => ({ ...belief, weight: odds[i]!.right / all })),
    doubt: right + slipped === 0 ? 1 : (SLIP.often * slipped) / (SLIP.often * slipped + (1 - SLIP.often) * right),
  }
}

function update(belief: PaceBelief, counts: readonly number[], logMinutes: number) {
  const { mean, noise, weight } = belief
  const before = belief.covariance.map((row, i) => row.map((value, j) => value + (i === j ? DRIFT ** 2 : 0)))
  let at = mean
  let gain: number[] = []
  let slope: number[] = []
  let variance = 0
  for (let i = 0; i < ITERATIONS; i++) {
    slope = sharesAt(at, counts)
    const spread = before.map(row => dot(row, slope))
    variance = dot(slope, spread) + noise ** 2
    gain = spread.map(value => value / variance)
    // linear about the best guess so far, but started from what was known before
    const missing =
      logMinutes
      - logSum(at, counts)
      - dot(
        slope,
        mean.map((value, k) => value - at[k]!),
      )
    at = mean.map((value, k) => value + gain[k]! * missing)
  }
  const slopeSpread = before.map(row => dot(row, slope))
  const covariance = before.map((row, i) => row.map((value, j) => value - gain[i]! * slopeSpread[j]!))
  const error = logMinutes - logSum(mean, counts)
  return {
    belief: { noise, weight, mean: at, covariance },
    weight,
    right: density(error, 0, variance),
    slipped: density(error, SLIP.more, variance + SLIP.variance),
  }
}

/** The logarithm of the minutes for so much work. */
function logSum(mean: readonly number[], counts: readonly number[]): number {
  return Math.log(counts.reduce((sum, count, k) => sum + (count === 0 ? 0 : count * Math.exp(mean[k]!)), 0))
}

/** What share of the time each kind takes. */
function sharesAt(mean: readonly number[], counts: readonly number[]): number[] {
  const minutes = counts.map((count, k) => (count === 0 ? 0 : count * Math.exp(mean[k]!)))
  const all = minutes.reduce((a, b) => a + b, 0)
  return minutes.map(value => value / all)
}

const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, value, k) => sum + value * b[k]!, 0)

const density = (x: number, mean: number, variance: number) =>
  Math.exp(-((x - mean) ** 2) / (2 * variance)) / Math.sqrt(2 * Math.PI * variance)

/** Factor L of a covariance L·Lᵀ, for drawing from it. Source: Cholesky. */
export function factorOf(covariance: PaceBelief['covariance']): number[][] {
  const factor = covariance.map(row => row.map(() => 0))
  for (let i = 0; i < KINDS; i++)
    for (let j = 0; j <= i; j++) {
      let value = covariance[i]![j]!
      for (let k = 0; k < j; k++) value -= factor[i]![k]! * factor[j]![k]!
      // what rounding leaves below nothing is nothing
      if (i === j) factor[i]![i] = Math.sqrt(Math.max(value, 1e-12))
      else factor[i]![j] = value / factor[j]![j]!
    }
  return factor
}
