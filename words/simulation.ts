// What many quilts sewn with chance say, a sentence each.
import type { UnitsMade } from '../core/simulation/sewnUnit'
import type { Simulation, Spread } from '../core/simulation/quilt'
import { formatLength, formatSmall } from './length'
import { capital } from './names'
import { inEnglish, plural, type Speech } from './speech'

export const WAYS_SEWN: Readonly<Record<UnitsMade, string>> = {
  'planned': 'as planned',
  'trimmed': 'every unit trimmed',
  'as-cut': 'nothing trimmed',
  'papers': 'on papers',
}

/** Within what a width comes out nine of ten times. */
export function widthSentence({ planned, low, high }: Spread, what: string, speech: Speech): string {
  return (
    `Nine of ten times ${what} comes out between ${formatLength(low, speech)} and ${formatLength(high, speech)}; `
    + `the plan says ${formatLength(planned, speech)}.`
  )
}

const rounded = (value: number): string =>
  value < 10 ? String(Math.round(value * 10) / 10) : String(Math.round(value))

/** How many points are lost, and corners missed. */
export function pointsSentence({ tips, crossings, between }: Simulation, speech: Speech): string {
  const points =
    tips.all === 0
      ? 'No seam ends at a point.'
      : `Of ${plural(tips.all, 'point')} in the quilt about ${rounded(tips.cut)} lose more than `
        + `${formatSmall(1 / 32, speech)}.`
  const seams = [
    { ...crossings, where: 'within blocks' },
    { ...between, where: 'between neighboring blocks' },
  ]
    .filter(({ all }) => all > 0)
    .map(({ all, missed, where }) => `of ${plural(all, 'crossing')} ${where} about ${rounded(missed)}`)
  const met =
    seams.length === 0
      ? ''
      : ` ${capital(seams.join(', '))} miss by more than ${formatSmall(1 / 16, speech)} where only middles are `
        + 'matched: pin them.'
  return inEnglish(points + met, speech)
}

/** By what the points are fewest. */
export function bestWaySentence(found: Partial<Record<UnitsMade, Simulation>>): string {
  const all = (Object.entries(found) as [UnitsMade, Simulation][]).sort(([, a], [, b]) => a.tips.cut - b.tips.cut)
  const [best] = all
  const planned = found.planned
  if (!best || !planned || all.length < 2 || planned.tips.all === 0) return ''
  if (best[0] === 'planned' || best[1].tips.cut > planned.tips.cut - 0.5)
    return 'No other way keeps clearly more of the points.'
  return `Fewest are lost ${WAYS_SEWN[best[0]]}: about ${rounded(best[1].tips.cut)}.`
}

/** What hand the numbers are for. */
export function handSentence({ hand }: Simulation, isMeasured: boolean, speech: Speech): string {
  const seam = formatSmall(hand.seamScatter, speech)
  const bias =
    Math.abs(hand.seamBias) < 1 / 512
      ? ''
      : ` Your seam test says that each takes ${formatSmall(Math.abs(hand.seamBias), speech)} too `
        + `${hand.seamBias > 0 ? 'much' : 'little'}.`
  const turn =
    hand.turn > 0 ? ` The turn of the cloth takes ${formatSmall(hand.turn, speech)} more at each pressed seam.` : ''
  return (
    (isMeasured
      ? `By your own blocks each allowance strays about ${seam}.`
      : `Cutting is taken to stray about ${formatSmall(hand.cutScatter, speech)}, each allowance ${seam}, as is usual: `
        + 'measured blocks replace that by your own.')
    + turn
    + bias
  )
}
