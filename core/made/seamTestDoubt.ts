// In: what the strips of a seam test measured. Out: whether any seam could give that, and what may have been meant.
import { fromInches, toInches, type Units } from '../measure/units'
import type { Inches } from '../measure/ruler'
import { expectedSeamTest } from './measures'

/** Strips that lie side by side as cut measure most; the widest seam anybody sews by mistake leaves least. */
export interface SeamTestDoubt {
  least: Inches
  most: Inches
  /** What was probably meant, such as 5 1/2 for 55; null where nothing near can have been. */
  meant: Inches | null
}

/** The widest allowance that a seam test is believed. Source: handbook §7. */
const WIDEST: Readonly<Record<Units, Inches>> = { in: 3 / 4, cm: toInches(2, 'cm') }

/** Null where the measure can be: between the strips with the widest of seams and the strips as cut. */
export function seamTestDoubt(
  units: Units,
  { strips, cut, measured }: { strips: number; cut: Inches; measured: Inches },
  seam: Inches,
): SeamTestDoubt | null {
  const [least, most] = [expectedSeamTest(strips, cut, WIDEST[units]), strips * cut]
  const isPossible = (value: Inches) => value > least + 1e-9 && value < most - 1e-9
  if (isPossible(measured)) return null
  const expected = expectedSeamTest(strips, cut, seam)
  const meant = slipsOf(fromInches(measured, units))
    .map(value => toInches(value, units))
    .concat(measured * 2.54, measured / 2.54)
    .filter(isPossible)
    .sort((a, b) => Math.abs(a - expected) - Math.abs(b - expected))
  return { least: Math.max(0, least), most, meant: meant[0] ?? null }
}

/** Numbers that a slip of the finger turns into this one: a point left out (5.5: 55), or a space (5 1/2: 51/2). */
function slipsOf(value: number): number[] {
  const withoutSpace = [2, 4, 8, 16].flatMap(under => {
    const over = Math.round(value * under)
    if (Math.abs(over - value * under) > 1e-6) return []
    return [10, 100]
      .filter(split => (over % split) % 2 === 1 && over % split < under)
      .map(split => Math.floor(over / split) + (over % split) / under)
  })
  return [value / 10, value / 100, ...withoutSpace]
}
