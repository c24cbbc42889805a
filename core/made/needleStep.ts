// In: seam tests. Out: what one step of the needle adds to the seam, by those that agree.
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum, type Term } from '../measure/sum'
import type { SeamTestDone } from './seamTestDone'

/** A test this far from where the others put it was sewn or measured wrongly: twice what a ruler's mark is worth. */
const APART: Inches = 1 / 32

interface PlacedTest {
  test: SeamTestDone
  needle: number
  sewn: Inches
}

/**
 * By all tests in the cloth and on the machine of the latest: the median slope of all pairs between which the needle
 * was moved says which agree, their least squares the step. Null where the needle was not moved, or they disagree.
 * Source: P. K. Sen, Estimates of the regression coefficient based on Kendall's tau (1968).
 */
export function needleStep(tests: readonly SeamTestDone[]): { step: Sum | null; apart: ReadonlySet<SeamTestDone> } {
  const last = tests.findLast(({ needle }) => needle !== undefined)
  const like = tests.flatMap((test): PlacedTest[] =>
    last && test.needle !== undefined && test.cloth === last.cloth && test.machine === last.machine
      ? [{ test, needle: test.needle, sewn: test.sewn }]
      : [],
  )
  const slopes = like.flatMap((one, i) =>
    like
      .slice(i + 1)
      .flatMap(other => (other.needle === one.needle ? [] : [(other.sewn - one.sewn) / (other.needle - one.needle)])),
  )
  if (slopes.length === 0) return { step: null, apart: new Set() }
  const slope = median(slopes)
  const rest = like.map(({ needle, sewn }) => sewn - slope * needle)
  const level = median(rest)
  const isApart = (i: number) => Math.abs(rest[i]! - level) > APART
  const agreeing = like.filter((_, i) => !isApart(i))
  const apart = new Set(like.filter((_, i) => isApart(i)).map(({ test }) => test))
  // two that agree say nothing against two that do not
  if (apart.size * 2 >= like.length) return { step: null, apart: new Set() }
  return { step: leastSquares(agreeing), apart }
}

function leastSquares(tests: readonly PlacedTest[]): Sum | null {
  const [needle, sewn] = [mean(tests.map(test => test.needle)), mean(tests.map(test => test.sewn))]
  const spread = tests.reduce((sum, test) => sum + (test.needle - needle) ** 2, 0)
  if (spread < 1e-9) return null
  const together = tests.reduce((sum, test) => sum + (test.needle - needle) * (test.sewn - sewn), 0)
  return sumOf(
    [{ what: 'needle-step', value: together / spread }],
    tests.map((test): Term => ({ what: 'seam-sewn', value: test.sewn, of: String(test.needle) })),
  )
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length / 2
  return (sorted[Math.floor(middle - 0.5)]! + sorted[Math.ceil(middle - 0.5)]!) / 2
}
