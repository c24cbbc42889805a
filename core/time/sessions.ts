import { WEEKDAYS, type Weekday } from '../file/entries/scheduleEntry'
import { dayAfter, daysBetween } from './days'

/** A stretch of work that is not broken, in the order of the work. Minutes as they are expected. */
export interface WorkStretch {
  id: string
  minutes: number
}

/** A day's work. */
export interface Session {
  /** The day, as ISO text. */
  on: string
  minutes: number
  batches: string[]
  /** Longer than any day is free: it stands alone, and is broken where it must be. */
  isBroken?: true
}

/** Days looked at: nobody plans further than ten years. */
const MAX_DAYS = 3660

/**
 * Each stretch into the free time of a day, else of the next one that is free, in their order. One that is longer than
 * any day stands alone, on as many days as it takes. `from`: the first day, `hours`: free on each day of the week.
 * Null: no hour is free in the week, or it takes longer than ten years.
 */
export function sessionsOf(
  stretches: readonly WorkStretch[],
  from: string,
  hours: Readonly<Partial<Record<Weekday, number>>>,
): Session[] | null {
  const longest = Math.max(0, ...WEEKDAYS.map(day => hours[day] ?? 0)) * 60
  const days = new SessionPlan(freeDays(from, hours))
  const isDone = stretches
    .filter(({ minutes }) => minutes > 0)
    .every(stretch => (stretch.minutes > longest + SLACK ? days.addBroken(stretch) : days.add(stretch)))
  return isDone ? days.sessions : null
}

/** Minutes that rounding may add up to. */
const SLACK = 1e-6

/** Days as they are filled. */
class SessionPlan {
  readonly sessions: Session[] = []
  private today: { on: string; left: number; session: Session | null } | null = null

  constructor(private readonly days: Iterator<{ on: string; minutes: number }>) {}

  /** Into today if it fits, else the next day that has room; false: there is none. */
  add({ id, minutes }: WorkStretch): boolean {
    while (!this.today || this.today.left + SLACK < minutes) if (!this.nextDay()) return false
    const { today } = this
    if (!today.session) this.sessions.push((today.session = { on: today.on, minutes: 0, batches: [] }))
    today.session.minutes += minutes
    today.session.batches.push(id)
    today.left -= minutes
    return true
  }

  /** Alone on as many days as it takes; on the last of them nothing else is begun. */
  addBroken({ id, minutes }: WorkStretch): boolean {
    if (this.today?.session) this.today = null
    for (let rest = minutes; rest > SLACK;) {
      if (!this.today && !this.nextDay()) return false
      const now = Math.min(rest, this.today!.left)
      this.sessions.push({ on: this.today!.on, minutes: now, batches: [id], isBroken: true })
      this.today = null
      rest -= now
    }
    return true
  }

  private nextDay(): boolean {
    const next = this.days.next()
    this.today = next.done ? null : { on: next.value.on, left: next.value.minutes, session: null }
    return !next.done
  }
}

/** Days with free time, from the first on. */
function* freeDays(
  from: string,
  hours: Readonly<Partial<Record<Weekday, number>>>,
): Generator<{ on: string; minutes: number }> {
  for (let i = 0; i < MAX_DAYS; i++) {
    const { on, weekday } = dayAfter(from, i)
    const minutes = (hours[weekday] ?? 0) * 60
    if (minutes > 0) yield { on, minutes }
  }
}

/** So many days after the day for which it is wanted; 0 where it is ready by then, or none is said. */
export function daysLate(sessions: readonly Session[], until: string | undefined): number {
  const last = sessions.at(-1)?.on
  if (until === undefined || last === undefined) return 0
  return Math.max(0, daysBetween(until, last))
}
