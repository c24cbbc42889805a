// In: a quilt. Out: many quilts sewn with chance: how large they come out, what is lost at their points and crossings.
import { makingRules } from '../file/makings'
import type { Quilt } from '../file/quilt'
import { isTrimmedUnit } from '../plan/trimmedUnits'
import type { Inches } from '../measure/ruler'
import type { PlanWork } from '../plan/planWork'
import { timesPlaced } from '../top/places'
import { ownSize, type Region } from '../top/regions/region'
import { simulateBlock } from './block'
import type { UnitsMade } from './sewnUnit'
import { chanceFrom, type Chance } from '../measure/chance'
import { handOf, type SewingHand } from './hand'
import { meetingPairs, missedBetween, type MeetingPair } from './neighbours'
import { seamOf, type SewnPart, type Tally } from './part'

export interface Simulation {
  /** Quilts sewn so far. */
  times: number
  hand: SewingHand
  blocks: SimulatedBlockSize[]
  /** Finished, of what is inside the borders; null where rows do not run straight across. */
  width: Spread | null
  /** Over the whole quilt and one time. */
  tips: { all: number; cut: number }
  crossings: { all: number; missed: number }
  /** Crossings on the seams between neighbouring blocks. */
  between: { all: number; missed: number }
  /** The join that loses the most points and crossings, over the whole quilt. */
  worst: { block: string; join: number; tipsCut: number; missed: number } | null
}

export interface SimulatedBlockSize {
  block: string
  /** Raw edge to raw edge. */
  planned: Inches
  width: Spread
}

export interface Spread {
  planned: Inches
  mean: Inches
  deviation: Inches
  /** One in twenty is smaller, one in twenty larger. */
  low: Inches
  high: Inches
  bars: { from: Inches; to: Inches; count: number }[]
}

export interface SimulationQuestion {
  units: UnitsMade
  seed: number
}

/** Rows of very large quilts are as wide as those that are looked at. */
const MAX_ROWS = 20
const BARS = 21

/** Sews quilts, `times` more at each call, and says what came of all so far. The same seed gives the same quilts. */
export function simulator(
  { quilt, makes, dimensions, choices }: Pick<PlanWork, 'quilt' | 'makes' | 'dimensions' | 'choices'>,
  { units, seed }: SimulationQuestion,
): (times: number) => Simulation {
  const chance = chanceFrom(seed)
  const placed = [...makes.values()].filter(({ block }) => timesPlaced(quilt, block.id) > 0)
  const isTrimmed = isTrimmedUnit(quilt, choices)
  const hand = handOf(quilt, makes, isTrimmed)
  const sizes = new Map<string, number[]>(placed.map(({ block }) => [block.id, []]))
  const tallies = new Map<string, Map<number, Tally>>(placed.map(({ block }) => [block.id, new Map()]))
  const widths: number[] = []
  let pairs: MeetingPair[] | null = null
  let missed = 0
  // as you go blocks are not sewn to each other
  const isTop = makingRules(quilt.making).hasTop
  const rows = isTop ? rowsOf(dimensions.setting.rows) : null
  const plannedWidth = dimensions.setting.width
  let done = 0
  return times => {
    const parts = new Map<string, SewnPart>()
    for (const make of placed) {
      const { part, tallies: found } = simulateBlock(
        { make, seam: quilt.seam, hand, units, isTrimmed: unit => isTrimmed(make, unit) },
        times,
        chance,
      )
      parts.set(make.block.id, part)
      const known = tallies.get(make.block.id)!
      for (const [join, tally] of found) known.set(join, summed(known.get(join), tally))
      for (const width of part.width) sizes.get(make.block.id)!.push(width)
    }
    if (rows) for (let i = 0; i < times; i++) widths.push(topWidth(rows, parts, { quilt, hand, times, chance, units }))
    pairs ??= isTop ? meetingPairs(dimensions.setting.regions, parts) : []
    missed += missedBetween(pairs, parts, times, chance)
    done += times
    return {
      times: done,
      hand,
      blocks: placed
        .filter(({ block }) => !block.derived)
        .map(({ block }) => ({
          block: block.id,
          planned: block.width + 2 * quilt.seam,
          width: spreadOf(sizes.get(block.id)!, block.width + 2 * quilt.seam),
        })),
      width: rows ? spreadOf(widths, plannedWidth) : null,
      ...lost(quilt, tallies, done),
      between: { all: pairs.reduce((sum, { count }) => sum + count, 0), missed: missed / done },
    }
  }
}

/** Rows that run straight across; null where there are others. */
function rowsOf(rows: PlanWork['dimensions']['setting']['rows']): (readonly Region[])[] | null {
  const own = rows.filter(({ kind, regions }) => kind === 'row' && regions.length > 0)
  const isPlain = own.every(({ regions }) => regions.every(region => !region.own))
  return own.length > 0 && isPlain && !rows.some(({ kind }) => kind === 'column' || kind === 'diagonal')
    ? own.slice(0, MAX_ROWS).map(({ regions }) => regions)
    : null
}

interface QuiltSewing {
  quilt: Quilt
  hand: SewingHand
  times: number
  chance: Chance
  units: UnitsMade
}

/** Finished: the mean of its rows, since they are eased to each other. */
function topWidth(
  rows: readonly (readonly Region[])[],
  parts: ReadonlyMap<string, SewnPart>,
  { quilt, hand, times, chance }: QuiltSewing,
): Inches {
  const seam = seamOf(quilt.seam, hand, false)
  const allowance = () => seam.allowance + seam.bias + seam.scatter * chance.normal()
  let sum = 0
  for (const row of rows) {
    let width = 0
    for (const region of row) width += rawWidth(region, parts, { quilt, hand, times, chance })
    for (let i = 1; i < row.length; i++) width -= 2 * allowance() + seam.turn
    sum += width
  }
  return sum / rows.length - 2 * quilt.seam
}

/** Of one part of a row, raw: a block that was sewn, or a strip as it was cut. Frames are as wide as they are cut. */
function rawWidth(
  region: Region,
  parts: ReadonlyMap<string, SewnPart>,
  { quilt, hand, times, chance }: Omit<QuiltSewing, 'units'>,
): Inches {
  const { fabric } = region
  const planned = ownSize(region).width + 2 * quilt.seam
  if (!('cell' in fabric)) return planned + hand.cutBias + hand.cutScatter * chance.normal()
  const part = parts.get(fabric.cell.block)!
  const any = Math.floor(chance.even() * times)
  const isLying = fabric.cell.turn % 180 !== 0
  const off = isLying
    ? part.height[any]! - part.planned.height - 2 * quilt.seam
    : part.width[any]! - part.planned.width - 2 * quilt.seam
  return planned + off
}

/** Points cut off and crossings missed in one quilt, and where most of them are. */
function lost(
  quilt: Quilt,
  tallies: ReadonlyMap<string, ReadonlyMap<number, Tally>>,
  times: number,
): Pick<Simulation, 'tips' | 'crossings' | 'worst'> {
  const tips = { all: 0, cut: 0 }
  const crossings = { all: 0, missed: 0 }
  let worst: Simulation['worst'] = null
  for (const [block, joins] of tallies) {
    const places = timesPlaced(quilt, block)
    for (const [join, tally] of joins) {
      const [tipsCut, missed] = [(places * tally.tipsCut) / times, (places * tally.missed) / times]
      tips.all += places * tally.tips
      tips.cut += tipsCut
      crossings.all += places * tally.crossings
      crossings.missed += missed
      if (tipsCut + missed > (worst ? worst.tipsCut + worst.missed : 1e-9)) worst = { block, join, tipsCut, missed }
    }
  }
  return { tips, crossings, worst }
}

/** Tips and crossings are the same each time; what went wrong adds up. */
function summed(known: Tally | undefined, tally: Tally): Tally {
  return known ? { ...tally, tipsCut: known.tipsCut + tally.tipsCut, missed: known.missed + tally.missed } : tally
}

function spreadOf(values: readonly number[], planned: Inches): Spread {
  const sorted = Float64Array.from(values).sort()
  const mean = sorted.reduce((sum, value) => sum + value, 0) / sorted.length
  const deviation = Math.sqrt(sorted.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (sorted.length - 1))
  const at = (part: number) => sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))]!
  const [from, to] = [mean - 3.5 * deviation, mean + 3.5 * deviation]
  const wide = (to - from) / BARS || 1
  const counts = new Array<number>(BARS).fill(0)
  for (const value of sorted) counts[Math.min(BARS - 1, Math.max(0, Math.floor((value - from) / wide)))]! += 1
  return {
    planned,
    mean,
    deviation,
    low: at(0.05),
    high: at(0.95),
    bars: counts.map((count, i) => ({ from: from + i * wide, to: from + (i + 1) * wide, count })),
  }
}
