import type { Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { toInches, type Units } from '../measure/units'

/** Turned under on every side. */
const TURNED: Readonly<Record<Units, Inches>> = { in: 1 / 2, cm: toInches(1, 'cm') }

/** The label as it is cut: as large as it is written on, and what is turned under. */
export function planLabel({ label, units }: Quilt): { width: Sum; height: Sum } | null {
  if (!label) return null
  const side = (finished: Inches) =>
    sumOf([
      { what: 'finished', value: finished },
      { what: 'turned-under', count: 2, each: TURNED[units] },
    ])
  return { width: side(label.width), height: side(label.height) }
}
