import { z } from 'zod'
import type { Fields } from '../fields'
import { object } from './entryParts'

export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
export type Weekday = (typeof WEEKDAYS)[number]

/** For when the quilt is wanted, and the free hours of a week. */
export function scheduleEntry(f: Fields) {
  const hours = Object.fromEntries(WEEKDAYS.map(day => [day, f.number(0, 24).optional()])) as Record<
    Weekday,
    z.ZodOptional<z.ZodType<number, number>>
  >
  return z.object({ until: f.date.optional(), hours: z.object(hours, object).prefault({}) }, object)
}
