// In: marks along a strip. Out: how to lay one ruler along it, and where on it each mark is read.
import type { Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'

/** The ruler lies with its end at `from` on the strip; the marks are read at `at` on the ruler. */
export interface RulerReading {
  from: Sum
  at: Sum[]
}

/** How long a ruler for cutting is. */
export function rulerLength({ units }: Pick<Quilt, 'units'>): Inches {
  return units === 'cm' ? 60 / 2.54 : 24
}

/**
 * As few placings as the ruler allows: each begins at the last mark that the one before reached, so that no length is
 * added up by the quilter. Where the next mark lies beyond the ruler, its end is marked first. `marks`: rising, from
 * the strip's raw end.
 */
export function rulerReadings(marks: readonly Sum[], ruler: Inches): RulerReading[] {
  const readings: RulerReading[] = []
  let from = sumOf([])
  for (const mark of marks) {
    const last = readings.at(-1)
    if (last && mark.total - last.from.total <= ruler + 1e-9) {
      last.at.push(readAt(mark, last.from))
      continue
    }
    from = last ? sumOf([{ what: 'last-mark', value: last.from.total + last.at.at(-1)!.total }]) : from
    while (mark.total - from.total > ruler + 1e-9) {
      const next = sumOf([{ what: 'last-mark', value: from.total + ruler }])
      readings.push({ from, at: [readAt(next, from)] })
      from = next
    }
    readings.push({ from, at: [readAt(mark, from)] })
  }
  return readings
}

function readAt(mark: Sum, from: Sum): Sum {
  return sumOf([
    { what: 'from-the-end', value: mark.total },
    { what: 'ruler-laid-at', value: -from.total },
  ])
}
