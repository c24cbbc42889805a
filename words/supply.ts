// How far what is at hand goes, and what would make it enough.
import type { Bought, CheaperQuilt, Saving } from '../core/supply/buyLess'
import type { Reach } from '../core/supply/howFar'
import type { LongStripCost, LongWay } from '../core/supply/longStrips'
import type { Saved } from '../core/supply/savedOn'
import type { ClothUse, WayToFit } from '../core/supply/wayToFit'
import { clothOf, blockOf, type Quilt } from '../core/file/quilt'
import { sameLength } from '../core/measure/ruler'
import { formatBought, formatLength } from './length'
import { aimName, capital, methodName, unitName } from './names'
import { inEnglish, plural, type Speech } from './speech'
import { formatMoney } from './sum'

/** How far it goes, in a sentence: the number that fits, and that no more does. */
export function reachText(reach: Reach, speech: Speech): string {
  switch (reach.of) {
    case 'blocks':
      if (reach.count === 0) return `${reach.name} alone: not one block.`
      return `${reach.name} alone, nothing else cut: ${plural(reach.count, 'block')}${orMore(reach)}.`
    case 'rows':
      if (reach.count === 0) return 'The quilt as it is: not even one row of blocks.'
      return `The quilt as it is: ${plural(reach.count, 'row')}${orMore(reach)} of blocks; ${reach.now} planned.`
    case 'border': {
      const now = formatLength(reach.now, speech)
      if (reach.width === 0) return `Border ${reach.border}: there is none left for it; ${now} planned.`
      const most = `up to ${formatLength(reach.width, speech)}${orMore(reach)} wide`
      return `Border ${reach.border}: ${most}; ${now} planned.`
    }
  }
}

const orMore = ({ isMore }: Reach) => (isMore ? ' or more' : '')

/** What would be done. */
export function wayText(way: WayToFit, quilt: Quilt, speech: Speech): string {
  const { across, down } = quilt.setting
  switch (way.do) {
    case 'aim':
      return `Units made with ${aimName(way.aim)}`
    case 'method': {
      const units = capital(unitName({ kind: way.kind, method: way.method }))
      return inEnglish(`${units} of ${blockOf(quilt, way.block).name} made ${methodName(way.method)}`, speech)
    }
    case 'no-spares':
      return 'No spare pieces'
    case 'border':
      return `Border ${way.border} ${widthText(way, speech)}`
    case 'no-border':
      return `Without border ${way.border}`
    case 'cloth':
      return `${useText(way.use, quilt)} of ${clothOf(quilt, way.cloth).name}`
    case 'joined':
      return way.border === null
        ? 'Long sashes joined from strips across the cloth'
        : `Border ${way.border} joined from strips across the cloth`
    case 'less':
      return way.of === 'rows'
        ? `${plural(way.left, 'row')} of blocks in place of ${down}`
        : `${plural(way.left, 'block')} across in place of ${across}`
  }
}

/** What would be changed so that less is bought. */
export function savingText(saving: Saving, quilt: Quilt, speech: Speech): string {
  if (saving.do !== 'layout') return wayText(saving, quilt, speech)
  const [now, before] = [saving.length, saving.before].map(length => formatLength(length, speech))
  return `${clothOf(quilt, saving.cloth).name} laid out on ${now} in place of ${before}`
}

/** What is bought then, in place of what is bought now: as it is sold, and in money where all prices are said. */
export function boughtText({ bought: now, before }: Pick<CheaperQuilt, 'bought' | 'before'>, speech: Speech): string {
  const [less, all] = [now.inches, before.inches].map(inches => formatBought(inches, speech))
  const pieces = now.pieces < before.pieces ? `, ${plural(now.pieces, 'piece')} in place of ${before.pieces}` : ''
  const length = less === all ? '' : `${less} in place of ${all}`
  const cost = now.cost !== null && before.cost !== null ? ` It costs ${formatMoney(before.cost - now.cost)} less.` : ''
  return `Buy ${length || less}${pieces}.${cost}`
}

/** `Border 2`, `Long sashes`. */
export function longStripName({ border }: Pick<LongStripCost, 'border'>): string {
  return border === null ? 'Long sashes' : `Border ${border}`
}

/** One way of cutting long strips, and what the whole quilt buys with it. */
export function longWayText(way: LongWay, { inches, cost }: Bought, speech: Speech): string {
  const how = way === 'along' ? 'Along the cloth, no joins' : 'Joined from strips across'
  return `${how}: buy ${formatBought(inches, speech)} in all${cost === null ? '' : `, ${formatMoney(cost)}`}`
}

/** What layouts saved on so many quilts together. */
export function savedInAll(rows: readonly { saved: Saved | null }[], speech: Speech): string {
  const saved = rows.flatMap(row => row.saved ?? [])
  const inches = saved.reduce((sum, one) => sum + one.inches, 0)
  const costs = saved.flatMap(({ cost }) => cost ?? [])
  const money = costs.length > 0 ? `, worth ${formatMoney(costs.reduce((sum, cost) => sum + cost, 0))}` : ''
  return `${formatLength(inches, speech)} saved on ${plural(saved.length, 'quilt')}${money}.`
}

/** What is still short when it is done. */
export function shortText(short: number, speech: Speech): string {
  if (short === 0) return 'Then it is enough.'
  return Number.isFinite(short)
    ? `Still short by ${formatLength(short, speech)} of strips.`
    : 'Still too small a cloth.'
}

function widthText({ sides, ends }: { sides: number; ends: number }, speech: Speech): string {
  if (sameLength(sides, ends)) return `${formatLength(sides, speech)} wide`
  return `${formatLength(sides, speech)} wide at the sides, ${formatLength(ends, speech)} at top and bottom`
}

function useText(use: ClothUse, quilt: Quilt): string {
  if ('block' in use) return `${blockOf(quilt, use.block).name}: ${use.role}`
  if ('border' in use) return `Border ${use.border}`
  return PARTS[use.part]
}

const PARTS = {
  sashing: 'Sashes',
  cornerstones: 'Cornerstones',
  setting: 'Setting triangles',
  binding: 'Binding',
} as const

/** Of what the price of a cloth is said. */
export function priceLabel(form: 'yardage' | 'piece', units: 'in' | 'cm' | undefined, { english }: Speech): string {
  if (form === 'piece') return 'Price of a piece'
  if (units !== 'cm') return 'Price of a yard'
  return `Price of a ${english === 'uk' ? 'metre' : 'meter'}`
}
