// In: all seam tests of a quilt. Out: how they lie about their mean, and what one step of the needle moves the seam.
import type { Quilt } from '../file/quilt'
import { sumOf, type Sum, type Term } from '../measure/sum'
import type { Inches } from '../measure/ruler'
import { sewnSeam } from './measures'
import { needleStep } from './needleStep'
import type { SeamTestDone } from './seamTestDone'
import { seamTestDoubt } from './seamTestDoubt'

export interface SeamRecord {
  tests: SeamTestDone[]
  /** Of those in the same cloth, on the same machine, with the needle where it is now; null for fewer than three. */
  limits: { mean: Sum; low: Sum; high: Sum } | null
  /** What one step of the needle adds to the seam; null until tests that agree, with the needle elsewhere, tell it. */
  step: Sum | null
}

/** From the moving range to three deviations: 3 ÷ 1.128, for pairs that follow each other. */
const CHANCE = 2.66
const ENOUGH = 3

/** All seam tests, and what they tell of the needle. */
export function seamRecord({ made, units, seam }: Quilt): SeamRecord {
  const tests = made.flatMap((entry): SeamTestDone[] => {
    const { strips, cut, measured, at, cloth, machine, thread, needle } = entry
    if (entry.what !== 'seam-test' || strips === undefined || cut === undefined || measured === undefined) return []
    if (seamTestDoubt(units, { strips, cut, measured }, seam)) return []
    return [{ sewn: sewnSeam(strips, cut, measured), ...given({ at, cloth, machine, thread, needle }) }]
  })
  const last = tests.at(-1)
  const like = last ? tests.filter(test => isSameSetting(test, last)) : []
  const { step, apart } = needleStep(tests)
  return {
    tests: tests.map(test => (apart.has(test) ? { ...test, isApart: true } : test)),
    limits: like.length < ENOUGH ? null : limitsOf(like.map(({ sewn }) => sewn)),
    step,
  }
}

function given<T extends object>(values: T): { [K in keyof T]?: NonNullable<T[K]> } {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: NonNullable<T[K]>
  }
}

function isSameSetting(one: SeamTestDone, other: SeamTestDone): boolean {
  return one.cloth === other.cloth && one.machine === other.machine && one.needle === other.needle
}

/** Mean and limits of chance, from the steps between tests that follow each other: a control chart of single values. */
function limitsOf(values: readonly Inches[]): NonNullable<SeamRecord['limits']> {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length
  const moves = values.slice(1).map((value, i) => Math.abs(value - values[i]!))
  const reach = (CHANCE * moves.reduce((sum, move) => sum + move, 0)) / moves.length
  const from = values.map((value): Term => ({ what: 'seam-sewn', value }))
  const limit = (by: Inches) =>
    sumOf(
      [
        { what: 'mean', value: mean },
        { what: 'limit-of-chance', value: by },
      ],
      from,
    )
  return { mean: sumOf([{ what: 'mean', value: mean }], from), low: limit(-reach), high: limit(reach) }
}

/** Where to set the needle, in whole steps of the machine, so that the seam comes out as wanted; null: not known. */
export function stepsToMove(off: Inches, step: Inches): number | null {
  return Math.abs(step) < 1e-6 ? null : Math.round(-off / step)
}
