import type { Weekday } from '../file/entries/scheduleEntry'
import type { Edit } from './edit'

/** The day for which the quilt is wanted, as ISO text; null: none. */
export function setUntil(until: string | null): Edit {
  return file => {
    const { until: _, ...plan } = file.plan ?? {}
    return { ...file, plan: until === null ? plan : { ...plan, until } }
  }
}

/** Hours that are free on this day of the week. */
export function setFreeHours(day: Weekday, hours: number): Edit {
  return file => ({ ...file, plan: { ...file.plan, hours: { ...file.plan?.hours, [day]: hours } } })
}
