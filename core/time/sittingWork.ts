// In: the ticks of a quilt and the work they stand for. Out: how much was done in a sitting.
import type { Quilt } from '../file/quilt'
import type { PlannedBatch } from '../batches/plannedBatches'
import { hoursBefore } from './days'
import { amountsOf } from './plannedTime'
import { PACE_NAMES, type Amounts } from './paceKinds'
import { workOf, type PlannedWork } from './workOf'

/** Nobody sews longer at one sitting: older ticks belong to none. */
const MAX_HOURS = 18

/** Since when ticks belong to a sitting that ends now: the last that was timed, or some hours ago. */
export function sittingSince(diary: Quilt['diary'], now: string): string {
  const earliest = hoursBefore(now, MAX_HOURS)
  return diary.reduce((since, { at, minutes }) => (minutes && at > since && at <= now ? at : since), earliest)
}

/** What was done from then on: all that is ticked, less what was ticked before. */
export function sittingWork(
  quilt: Quilt,
  plan: PlannedWork,
  batches: readonly PlannedBatch[],
  { since, now }: { since: string; now: string },
): Amounts {
  const isOf = (from: string, at: string | undefined) => at !== undefined && at > from
  const until = (time: string) => quilt.done.filter(({ at }) => !isOf(time, at))
  const doneBy = (time: string) =>
    amountsOf(workOf({ ...quilt, done: until(time) }, plan, batches), item => Math.min(item.all, item.done))
  const [before, after] = [doneBy(since), doneBy(now)]
  return Object.fromEntries(
    PACE_NAMES.flatMap(name => {
      const done = (after[name] ?? 0) - (before[name] ?? 0)
      return done > 1e-9 ? [[name, Math.round(done * 100) / 100]] : []
    }),
  )
}
