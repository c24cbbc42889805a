import type { ToBuy } from '../core/plan/chosenWays'
import type { PlannedUnit, PlannedWay } from '../core/plan/plannedBlock'
import { formatBought } from './length'
import { aimName, capital, methodName } from './names'
import { plural, type Speech } from './speech'

type Buys = readonly (ToBuy | null)[]

/** Cloth to buy in a few words: `4 1/2 yd and 3 pieces`. */
export function buyText(buy: ToBuy | null, speech: Speech): string {
  if (!buy) return 'fits no cloth'
  return [buy.inches > 0 ? formatBought(buy.inches, speech) : '', buy.pieces > 0 ? plural(buy.pieces, 'piece') : '']
    .filter(text => text !== '')
    .join(' and ')
}

/** Why the plan takes the way it takes, by the cloth to buy for this quilt where that is known; in a sentence. */
export function whyThisWay(
  { method, ways, isAsked }: Pick<PlannedUnit, 'method' | 'ways' | 'isAsked'>,
  aim: string,
  buys: Buys | undefined,
  speech: Speech,
): string {
  const at = ways.findIndex(way => way.method === method)
  const taken = ways[at]!
  const others = ways.flatMap((way, w) => (w !== at && way.length !== null ? [{ way, buy: buys?.[w] ?? null }] : []))
  if (others.length === 0) return 'There is no other way to make it.'
  const whose = isAsked ? 'Your choice' : `Chosen for ${aimName(aim)}`
  const own = buys?.[at]
  if (!own) return `${whose}.`
  const cheaper = others.filter(({ buy }) => buy && isLess(buy, own)).sort((a, b) => a.buy!.inches - b.buy!.inches)[0]
  if (cheaper) {
    return (
      `${whose}. ${capital(methodName(cheaper.way.method))}, ${lessText(own, cheaper.buy!, speech)} less would `
      + `have to be bought${workText(taken, cheaper.way)}.`
    )
  }
  const same = others
    .filter(({ buy }) => buy && buy.inches === own.inches && buy.pieces === own.pieces)
    .map(({ way }) => way)
  const easier = same.reduce<PlannedWay | null>(
    (best, way) => (work(way) < work(best ?? taken) - 1e-9 ? way : best),
    null,
  )
  if (easier)
    return `${whose}: no other way buys less cloth; ${methodName(easier.method)} has fewer seams and cuts for the same.`
  return `${whose}: no other way buys less cloth for this quilt.`
}

const work = (way: PlannedWay) => way.seams + way.cuts

function isLess(one: ToBuy, other: ToBuy): boolean {
  return (
    one.inches <= other.inches && one.pieces <= other.pieces && (one.inches < other.inches || one.pieces < other.pieces)
  )
}

function lessText(own: ToBuy, less: ToBuy, speech: Speech): string {
  return buyText({ inches: own.inches - less.inches, pieces: own.pieces - less.pieces }, speech)
}

function workText(taken: PlannedWay, other: PlannedWay): string {
  const more = Math.round((work(other) - work(taken)) * 100) / 100
  return more > 0
    ? `, with ${more} more seams and cuts for each`
    : more < 0
      ? `, with ${-more} fewer seams and cuts for each`
      : ''
}
