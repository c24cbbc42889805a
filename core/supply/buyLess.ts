// In: a quilt. Out: the same quilt made and laid out so that less cloth is bought for it, ever less.
import { toCutPiece } from '../cut/need'
import { keepLayout } from '../edits/layouts'
import { blockOf, type Quilt } from '../file/quilt'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { betterLayouts, type BetterLayout } from '../layouts/betterLayouts'
import { layoutKey } from '../layouts/knownBound'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { boughtInAll, costInAll } from '../plan/boughtInAll'
import type { ChosenWay } from '../plan/choose'
import { clothTaken, type ClothTaken } from '../plan/clothTaken'
import { atHandOf } from '../plan/plannedAtHand'
import { editOf, type WayToFit } from './wayToFit'

/** What was changed: how units are made or long strips cut, or how the strips of a cloth lie. */
export type Saving = WayToFit | { do: 'layout'; cloth: string; length: Inches; before: Inches }

export interface Bought {
  inches: Inches
  /** Of cloth that comes in pieces. */
  pieces: number
  /** Of all cloth; null where the price of one is not said. */
  cost: number | null
}

export interface CheaperQuilt {
  file: QuiltFile
  savings: readonly Saving[]
  bought: Bought
  /** For the quilt as it was. */
  before: Bought
}

/** Whole quilts that are tried. */
const MOST_PLANS = 60
/** Ways that are tried for one kind of unit. */
const MOST_WAYS = 3
/** Steps of the search for a layout of each cloth. */
const STEPS = 300

interface TriedQuilt extends Omit<CheaperQuilt, 'before'> {
  quilt: Quilt
  taken: ClothTaken
}

/** What is bought for a quilt as it is. */
export function boughtOf(quilt: Quilt, taken: ClothTaken = clothTaken(quilt)): Bought {
  const { needs, backing } = taken
  const hands = quilt.cloths.map((cloth, i) => atHandOf(quilt, cloth, needs[i]!, backing))
  const isTaken = (id: string, i: number) => needs[i]!.area > 0 || (backing !== null && quilt.backing?.cloth === id)
  const isPriced = quilt.cloths.every(({ id, price }, i) => price !== undefined || !isTaken(id, i))
  return {
    inches: boughtInAll(quilt, { needs, backing, hands }).total,
    pieces: needs.reduce((sum, { buy, unit }) => sum + (unit === 'piece' ? buy.total : 0), 0),
    cost: isPriced ? (costInAll(quilt, { needs, backing, hands })?.total ?? null) : null,
  }
}

/** By money where all prices are said, else by length, with no more pieces of cloth. */
export function isLess(one: Bought, other: Bought): boolean {
  if (one.cost !== null && other.cost !== null) return one.cost < other.cost - 1e-6
  return one.pieces <= other.pieces && one.inches < other.inches - TOLERANCE
}

/**
 * The picture stays, and what the quilter asked for: only units that Wren chose the way of are made another way, long
 * sashes joined from strips across the cloth, strips laid out anew. One change after another, each kept where the whole
 * quilt then buys less at the shop's step; then the layouts. Gives undefined between two plans.
 */
export function* buyLess(file: QuiltFile, quilt: Quilt): Generator<CheaperQuilt | undefined> {
  const taken = clothTaken(quilt)
  let best: TriedQuilt = { file, quilt, taken, savings: [], bought: boughtOf(quilt, taken) }
  const before = best.bought
  const cheaper = ({ file: now, savings, bought }: TriedQuilt) => ({ file: now, savings, bought, before })
  const asked = askedWays(quilt)
  let plans = 0
  for (let isBetter = true; isBetter;) {
    isBetter = false
    for (const ways of otherWays(best, asked)) {
      if ((plans += 1) > MOST_PLANS) break
      yield
      const next = changed(best, ways)
      if (!next || !isLess(next.bought, best.bought)) continue
      best = next
      isBetter = true
      yield cheaper(best)
      break
    }
  }
  for (const cloth of quilt.cloths) {
    for (const step of shorterLayout(best, cloth.id)) {
      if (step) best = step
      yield step && cheaper(step)
    }
  }
}

/** Units whose way was asked for, by block and kind. */
function askedWays({ blocks }: Quilt): ReadonlySet<string> {
  return new Set(
    blocks.flatMap(({ id, method }) =>
      typeof method === 'object' ? Object.keys(method).map(kind => `${id} ${kind}`) : [],
    ),
  )
}

/** Each a change that is made as one. */
function otherWays({ file, quilt, taken }: TriedQuilt, asked: ReadonlySet<string>): WayToFit[][] {
  // sashes lie along the cloth where nobody said how; borders do where the quilter said so
  const isFree = quilt.setting.sashing?.long === 'along' && file.setting.sashing?.long === undefined
  return [
    ...(quilt.aim === 'least-cloth' ? [] : [[{ do: 'aim', aim: 'least-cloth' } as const]]),
    ...(isFree ? [[{ do: 'joined', border: null } as const]] : []),
    ...taken.choices.flatMap(choice => madeOtherwise(quilt, choice, asked)),
  ]
}

function madeOtherwise(quilt: Quilt, { demand, way, ways }: ChosenWay, asked: ReadonlySet<string>): WayToFit[][] {
  const { kind } = demand.unit
  const blocks = [...demand.perBlock.keys()].filter(block => !blockOf(quilt, block).derived)
  const isFree =
    blocks.length > 0 && blocks.every(block => isChosenByWren(quilt, block) && !asked.has(`${block} ${kind}`))
  if (!isFree) return []
  return ways
    .filter(other => other !== way && !other.method.isLastResort)
    .sort((a, b) => a.cloth - b.cloth)
    .slice(0, MOST_WAYS)
    .map(({ method }) => blocks.map((block): WayToFit => ({ do: 'method', block, kind, method: method.id })))
}

/** A block as a whole may be asked for on papers or by templates. */
const isChosenByWren = (quilt: Quilt, block: string) => {
  const { method } = blockOf(quilt, block)
  return method === 'auto' || typeof method === 'object'
}

function changed({ file, quilt, savings }: TriedQuilt, ways: readonly WayToFit[]): TriedQuilt | null {
  const isReplaced = (old: Saving) =>
    old.do === 'method' && ways.some(way => way.do === 'method' && way.block === old.block && way.kind === old.kind)
  return triedQuilt(
    ways.reduce((now, way) => editOf(way, quilt)(now), file),
    [...savings.filter(old => !isReplaced(old)), ...ways],
  )
}

function triedQuilt(file: QuiltFile, savings: readonly Saving[]): TriedQuilt | null {
  const read = readQuilt(file)
  if (!read.ok) return null
  const taken = clothTaken(read.value)
  return { file, quilt: read.value, taken, savings, bought: boughtOf(read.value, taken) }
}

/** The quilt with a shorter layout of this cloth, where less of it is bought then. */
function* shorterLayout(now: TriedQuilt, id: string): Generator<TriedQuilt | undefined> {
  const at = now.quilt.cloths.findIndex(cloth => cloth.id === id)
  const need = now.taken.needs[at]!
  const { usable } = now.quilt.cloths[at]!
  if (need.unit === 'piece' || need.unplaced.length > 0 || need.area === 0) return
  const before = need.need.total
  const pieces = now.taken.pieces.filter(piece => piece.cloth === id).map(toCutPiece)
  const kept = ({ strips, length }: BetterLayout) =>
    triedQuilt(keepLayout(id, layoutKey(pieces, usable), strips())(now.file), [
      ...now.savings,
      { do: 'layout', cloth: id, length, before },
    ])
  let found: BetterLayout | null = null
  let step = 0
  for (const layout of betterLayouts(pieces, usable)) {
    if ((step += 1) > STEPS) break
    if (step % 20 === 0) yield
    if (layout.length < before - TOLERANCE) found = layout
  }
  const next = found && kept(found)
  if (next && isLess(next.bought, now.bought)) yield next
}
