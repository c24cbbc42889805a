// In: the quilt's units. Out: the way each is made, and all piles laid out on their cloths.
import type { BlockMake } from '../make/units/blockMake'
import { unitDemands } from '../make/units/demands'
import { backOrders } from '../layers/asYouGoPieces'
import { edgedSide } from '../layers/edged'
import { trimmedTop } from '../top/trimmed'
import { planHanging } from '../layers/hanging'
import { lastOrders } from '../layers/lastPieces'
import { planBinding } from '../layers/binding/binding'
import { bindingOrders } from '../layers/binding/bindingPieces'
import { keptLayout } from '../layouts/kept'
import { clothNeed, type ClothNeed } from '../cut/need'
import { borderOrders } from '../cut/edgePieces'
import { frameOrders } from '../cut/framePieces'
import { placesOf } from '../top/places'
import { gatherPieces, sparesOf } from '../cut/gather'
import { QUICK, type Search } from '../cut/layout'
import type { Piece, PieceOrder } from '../cut/piece'
import { settingOrders } from '../cut/settingPieces'
import { blockOf, type Quilt } from '../file/quilt'
import type { PieceDraft } from '../make/methods/method'
import type { UnitDemand } from '../make/units/unitDemand'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { waysFor, type ChosenWay, type Way } from './choose'
import type { PlanWork } from './planWork'
import { methodContextOf } from './methodContext'

/** Every unit of the quilt with all its ways, each made the way that is best for it alone. */
export function choicesOf(quilt: Quilt, makes: ReadonlyMap<string, BlockMake>): ChosenWay[] {
  const room = methodContextOf(quilt)
  return unitDemands(quilt, makes).map(demand => {
    const ways = waysFor(demand, quilt, room)
    return { demand, way: ways[0]!, ways }
  })
}

/**
 * Every unit made its best way; and, where the aim is least cloth, a second whole plan in which the closest call goes
 * the other way, for what is best for one unit alone need not be best on the cloth. The better of the two by cloth to
 * buy, then by need.
 */
export function chooseWays(quilt: Quilt, makes: ReadonlyMap<string, BlockMake>, sizes: Sizes, search: Search): LaidOut {
  const choices = choicesOf(quilt, makes)
  const fixed = fixedOrders(quilt, sizes)
  const first = layOutChoices(choices, fixed, quilt, search)
  const close = quilt.aim === 'least-cloth' ? closestCalls(choices) : new Map<number, Way>()
  if (close.size === 0) return first
  const swapped = choices.map((choice, i) => ({ ...choice, way: close.get(i) ?? choice.way }))
  const second = layOutChoices(swapped, fixed, quilt, search, first)
  const [a, b] = [toBuy(first), toBuy(second)]
  // lengths in centimetres add up to other last digits in another order
  const isSame = Math.abs(b.inches - a.inches) < TOLERANCE
  if (!isSame || b.pieces !== a.pieces) return (isSame || b.inches < a.inches) && b.pieces <= a.pieces ? second : first
  return clothUsed(second, quilt) < clothUsed(first, quilt) - 1e-6 ? second : first
}

/**
 * The units whose second-best way takes hardly more cloth than their best, by their places, with that way: one, or
 * several that are equally close, so that it does not matter which stands first. A template is no rival.
 */
function closestCalls(choices: readonly ChosenWay[]): Map<number, Way> {
  const calls = choices.flatMap(({ demand, way, ways }, at) => {
    const rival = ways[1]
    return rival && !rival.method.isLastResort && demand.method === 'auto'
      ? [{ at, way: rival, gap: rival.cloth - way.cloth }]
      : []
  })
  const least = Math.min(...calls.map(({ gap }) => gap))
  return new Map(calls.filter(({ gap }) => gap < least + TOLERANCE).map(({ at, way }) => [at, way]))
}

/** Units by their ways, and the cloth that takes. */
export interface LaidOut {
  choices: readonly ChosenWay[]
  pieces: Piece[]
  needs: readonly ClothNeed[]
}

/** Cloth to buy: length of what is sold by length, and pieces of what comes in pieces. */
export interface ToBuy {
  inches: Inches
  pieces: number
}

function toBuy({ needs }: Pick<LaidOut, 'needs'>): ToBuy {
  const sum = (unit: ClothNeed['unit']) =>
    needs.reduce((total, need) => total + (need.unit === unit ? need.buy.total : 0), 0)
  return { inches: sum('in'), pieces: sum('piece') }
}

/**
 * What cloth would have to be bought for the whole quilt if one kind of unit were made each of its ways, all else as
 * planned; null where a piece of that way fits no cloth. `unit`: key of the planned unit.
 */
export function buyByWay(work: PlanWork, unit: string): (ToBuy | null)[] {
  const { quilt, choices, pieces, needs } = work
  const at = choices.findIndex(({ demand }) => demand.key === unit)
  const known: LaidOut = { choices, pieces: [...pieces], needs }
  const fixed = fixedOrders(quilt, work)
  return (choices[at]?.ways ?? []).map(way => {
    if (!Number.isFinite(way.length)) return null
    if (way.method === choices[at]!.way.method) return toBuy(known)
    return toBuy(
      layOutChoices(
        choices.map((choice, i) => (i === at ? { ...choice, way } : choice)),
        fixed,
        quilt,
        QUICK,
        known,
      ),
    )
  })
}

type Sizes = Pick<PlanWork, 'dimensions' | 'planned'>

/** Pieces that no choice of ways changes: frames, sashes, borders, binding. */
function fixedOrders(quilt: Quilt, { dimensions: { setting, top }, planned }: Sizes): PieceOrder[] {
  const room = methodContextOf(quilt)
  const trimmed = trimmedTop(quilt, top.stages.at(-1)!)
  const binding = planBinding(quilt, trimmed.size)
  return [
    ...frameOrders(quilt, placesOf(quilt), room),
    ...settingOrders(quilt, setting, room),
    ...borderOrders(quilt, planned.top, room),
    ...bindingOrders(quilt, binding, room),
    ...backOrders(quilt, room),
    ...lastOrders(quilt, planHanging(quilt, edgedSide(quilt, trimmed.width)), room),
  ]
}

/** `known`: a plan laid out already; cloths that give the same pieces there are not laid out again. */
function layOutChoices(
  choices: readonly ChosenWay[],
  fixed: readonly PieceOrder[],
  quilt: Quilt,
  search: Search,
  known?: LaidOut,
): LaidOut {
  const orders = choices.flatMap(({ demand, way }) =>
    way.made.pieces.map((draft): PieceOrder => ({
      draft,
      method: way.method.id,
      places: [...demand.perBlock.keys()].map(block => ({ block: wholeOf(quilt, block) })),
      feeds: demand.feeds,
      times: demand.count,
      ...(demand.spare ? { spare: demand.spare } : {}),
      ...inWhole(demand, way.made.pieces, draft, quilt),
    })),
  )
  const pieces = gatherPieces([...orders, ...fixed], sparesOf(quilt))
  const wanted = (all: readonly Piece[], cloth: string) =>
    all
      .filter(piece => piece.cloth === cloth)
      .map(piece => `${piece.id} ${piece.count}`)
      .join()
  const needs = quilt.cloths.map((cloth, i) => {
    const isSame = known && wanted(pieces, cloth.id) === wanted(known.pieces, cloth.id)
    return isSame ? known.needs[i]! : clothNeed(quilt, cloth, pieces, search, keptLayout)
  })
  return { choices, pieces, needs }
}

/** A half goes where its block does. */
function wholeOf(quilt: Quilt, block: string): string {
  const { derived } = blockOf(quilt, block)
  return derived?.what === 'half' ? derived.of : block
}

/**
 * How many of the units that a pile serves stand in whole blocks, where some are for halves; of piles that share the
 * units of one slot the first serves the whole blocks first.
 */
function inWhole(
  { perBlock, count }: UnitDemand,
  pieces: readonly PieceDraft[],
  draft: PieceDraft,
  quilt: Quilt,
): Pick<PieceOrder, 'timesInWhole'> {
  const halves = [...perBlock].reduce(
    (sum, [block, units]) => sum + (blockOf(quilt, block).derived?.what === 'half' ? units : 0),
    0,
  )
  if (halves === 0) return {}
  const slots = draft.slots.join()
  const before = pieces.slice(0, pieces.indexOf(draft)).filter(other => other.slots.join() === slots)
  const served = before.reduce((sum, other) => sum + (other.serves ?? count), 0)
  return { timesInWhole: Math.max(0, Math.min(draft.serves ?? count, count - halves - served)) }
}

function clothUsed({ needs }: Pick<LaidOut, 'needs'>, quilt: Quilt): number {
  return needs.reduce((sum, need, i) => {
    const { usable, usableLength } = quilt.cloths[i]!
    return sum + need.need.total * usable * (need.unit === 'piece' ? usableLength : 1)
  }, 0)
}
