// Days of the calendar. Their arithmetic is that of the platform; what the clock says is never asked here.
/* eslint-disable no-restricted-globals */
import type { Weekday } from '../file/entries/scheduleEntry'

const DAY_MS = 86_400_000
const WEEK: readonly Weekday[] = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat']

/** Noon of that day by one clock: no hour of summer time comes between two of them. */
const noonOf = (day: string) => Date.parse(`${day.slice(0, 10)}T12:00:00Z`)

/** A day so many days later, with its day of the week. Days as ISO text. */
export function dayAfter(day: string, days: number): { on: string; weekday: Weekday } {
  const date = new Date(noonOf(day) + days * DAY_MS)
  return { on: date.toISOString().slice(0, 10), weekday: WEEK[date.getUTCDay()]! }
}

/** From one day to the other, in days. */
export function daysBetween(from: string, to: string): number {
  return Math.round((noonOf(to) - noonOf(from)) / DAY_MS)
}

/** The time so many hours before a time, as ISO text. */
export function hoursBefore(time: string, hours: number): string {
  return new Date(Date.parse(time) - hours * 3_600_000).toISOString()
}
