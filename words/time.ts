// How long it takes, in words.
import type { KindOfWork } from '../core/file/entries/recordEntries'
import type { Weekday } from '../core/file/entries/scheduleEntry'
import type { Amounts, PaceName } from '../core/time/paceKinds'
import { PACE_NAMES } from '../core/time/paceKinds'
import type { TimeSpan } from '../core/time/span'
import type { WayToSave } from '../core/time/waysToSave'
import { formatLength } from './length'
import { plural, type Speech } from './speech'

export const WORK_NAMES: Readonly<Record<KindOfWork, string>> = {
  cut: 'Cutting',
  piece: 'Piecing, with pressing and trimming',
  join: 'Joining rows and borders',
  quilt: 'Quilting',
  bind: 'Binding',
  other: 'Layering',
}

export const DAY_NAMES: Readonly<Record<Weekday, string>> = {
  mon: 'Monday',
  tue: 'Tuesday',
  wed: 'Wednesday',
  thu: 'Thursday',
  fri: 'Friday',
  sat: 'Saturday',
  sun: 'Sunday',
}

/** Minutes as people say them: `25 min`, `1 h 30`, `12 h`. */
export function minutesText(minutes: number): string {
  const whole = minutes < 60 ? Math.round(minutes) : Math.round(minutes / 5) * 5
  if (whole < 60) return `${whole} min`
  const [hours, rest] = [Math.floor(whole / 60), whole % 60]
  if (hours >= 10) return `${Math.round(minutes / 60)} h`
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`
}

/** A span, never one figure: `5 to 40 h`, `40 min to 3 h`. */
export function spanText({ low, high }: Pick<TimeSpan, 'low' | 'high'>): string {
  const [from, to] = [minutesText(low), minutesText(high)]
  if (from === to) return from
  const [unit] = / (?:h|min)$/.exec(from) ?? ['']
  return `${unit !== '' && to.endsWith(unit) ? from.slice(0, -unit.length) : from} to ${to}`
}

type Counted = Readonly<Record<PaceName, (count: number, speech: Speech) => string>>
const rounded = (count: number) => (count < 10 ? Math.round(count * 10) / 10 : Math.round(count))
const long = (count: number, speech: Speech) => formatLength(Math.round(count), speech)
const COUNTED: Counted = {
  'cut': count => `${plural(rounded(count), 'piece')} cut`,
  'ready': count => `${plural(rounded(count), 'part')} made ready`,
  'sew': count => `${plural(rounded(count), 'seam')} sewn`,
  'press': count => `${plural(rounded(count), 'seam')} pressed`,
  'trim': count => `${plural(rounded(count), 'unit')} trimmed`,
  'join': (count, speech) => `${long(count, speech)} of rows and borders joined`,
  'layer': count => `layers for ${plural(rounded(count), 'square foot', 'square feet')}`,
  'quilt': (count, speech) => `${long(count, speech)} quilted`,
  'hand-quilt': (count, speech) => `${long(count, speech)} quilted by hand`,
  'tie': count => `${plural(rounded(count), 'tie')} knotted`,
  'bind': (count, speech) => `${long(count, speech)} of edge bound`,
}

/** What was done, a list in a line; empty: nothing. */
export function amountsText(amounts: Amounts, speech: Speech): string {
  return PACE_NAMES.flatMap(name => (amounts[name] ? [COUNTED[name](amounts[name], speech)] : [])).join(', ')
}

/** A sitting that is hard to believe, asked back. */
export function doubtText(minutes: number, amounts: Amounts, speech: Speech): string {
  return `${minutesText(minutes)} for ${amountsText(amounts, speech)}?`
}

/** What would leave less to do. */
export function wayToSaveText(way: WayToSave, speech: Speech): string {
  switch (way.do) {
    case 'no-border':
      return `Without border ${way.border}`
    case 'by-machine':
      return 'Quilted by machine'
    case 'wider-lines':
      return `Lines of quilting ${formatLength(way.spacing, speech)} apart`
    case 'fewer-rows':
      return `One row less: ${way.left} rows of blocks`
  }
}

/** Whether it is ready in time. `last`: the day it would be done, as it is written for people. */
export function readyText({ last, late }: { last: string; late: number }, isWanted: boolean): string {
  if (late > 0) return `At this pace it is done on ${last}: ${plural(late, 'day')} too late.`
  return isWanted ? `At this pace it is done on ${last}, in time.` : `At this pace it is done on ${last}.`
}
