// In: what is left to do, what was timed. Out: how long it takes, and on which days.
import type { PlannedBatch } from '../batches/plannedBatches'
import { KINDS_OF_WORK, type KindOfWork } from '../file/entries/recordEntries'
import type { Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { canTeach, learntPace, type Sitting } from './pace'
import { addAmounts, PACE_NAMES, PACES, type Amounts, type PaceName } from './paceKinds'
import { daysLate, sessionsOf, type Session } from './sessions'
import { drawsOf, meanOf, spanOf, type Draws, type TimeSpan } from './span'
import { workOf, type PlannedWork, type WorkItem } from './workOf'

export interface PlannedTime {
  /** All work of the quilt by its kind, done and not yet done. */
  kinds: (TimeSpan & { work: KindOfWork; from: 'guess' | 'timings' })[]
  left: Pick<TimeSpan, 'low' | 'high' | 'minutes'>
  /** By the free hours of the week; empty where there are none, or all is done. */
  sessions: Session[]
  /** Days after the day for which it is wanted. */
  late: number
}

/** Timed work as notes have it, in the order of their time. */
export function sittingsOf(diary: NonNullable<QuiltFile['diary']>): (Sitting & { at: string; index: number })[] {
  return diary
    .map(({ at, minutes = 0, counts = {}, sure = false }, index) => ({
      at,
      index,
      minutes,
      amounts: knownAmounts(counts),
      isSure: sure,
    }))
    .filter(canTeach)
    .sort((a, b) => a.at.localeCompare(b.at))
}

/** Counts of a note, as far as they are of kinds that are known. */
export function knownAmounts(counts: Readonly<Record<string, number>>): Amounts {
  return Object.fromEntries(PACE_NAMES.flatMap(name => (counts[name] ? [[name, counts[name]]] : [])))
}

/** So much of each kind of work. */
export function amountsOf(items: readonly WorkItem[], part: (item: WorkItem) => number): Amounts {
  return items.reduce<Amounts>((sum, item) => addAmounts(sum, { [item.pace]: part(item) }), {})
}

/** How much of it is not done. */
export const leftOf = ({ all, done }: WorkItem) => Math.max(0, all - done)

/**
 * `sittings`: of all quilts, in the order of their time; `today`: the first day that is planned, as ISO text, and
 * `hours` free in a week as the file says.
 */
export function plannedTime(
  quilt: Quilt,
  plan: PlannedWork,
  batches: readonly PlannedBatch[],
  { sittings, today }: { sittings: readonly Sitting[]; today: string },
): PlannedTime {
  const { pace } = learntPace(sittings)
  const draws = drawsOf(pace)
  const items = workOf(quilt, plan, batches)
  const sessions = scheduled(items, draws, quilt, today)
  return {
    kinds: kindsOf(items, draws, timedKinds(sittings)),
    left: spanOf(draws, amountsOf(items, leftOf)),
    sessions: sessions ?? [],
    late: daysLate(sessions ?? [], quilt.plan.until),
  }
}

/** What is left, on the free days of the week; null: no hour is free. */
export function scheduled(
  items: readonly WorkItem[],
  draws: Draws,
  { plan: { hours } }: Pick<Quilt, 'plan'>,
  today: string,
): Session[] | null {
  const each = new Map(PACE_NAMES.map(name => [name, meanOf(draws, { [name]: 1 })]))
  const stretches = items.map(item => ({ id: item.id, minutes: leftOf(item) * each.get(item.pace)! }))
  return sessionsOf(stretches, today, hours)
}

function timedKinds(sittings: readonly Sitting[]): ReadonlySet<PaceName> {
  return new Set(sittings.flatMap(({ amounts }) => PACE_NAMES.filter(name => (amounts[name] ?? 0) > 0)))
}

function kindsOf(items: readonly WorkItem[], draws: Draws, timed: ReadonlySet<PaceName>): PlannedTime['kinds'] {
  return KINDS_OF_WORK.flatMap(work => {
    const own = items.filter(({ pace, all }) => PACES[pace].work === work && all > 0)
    if (own.length === 0) return []
    const isTimed = own.some(({ pace }) => timed.has(pace))
    return [
      {
        work,
        ...spanOf(
          draws,
          amountsOf(own, ({ all }) => all),
        ),
        from: isTimed ? 'timings' : 'guess',
      },
    ]
  })
}
