// In: a quilt and how its blocks are sewn. Out: the side to which every seam is pressed, and what clashes are left.
import type { Cell, Quilt } from '../../file/quilt'
import type { BlockMake } from '../../make/units/blockMake'
import type { Press } from '../../make/steps/press'
import { blockFactors, CLASH, crossingCost, STATES, turnOf } from '../../make/pressing/costs'
import { leastCost, type Factor } from '../../make/pressing/leastCost'
import { crossed, outcomeOf, outcomes, type Crossed } from '../../make/pressing/pressBlock'
import type { Dimensions } from '../../top/dimensions'
import { placesOf } from '../../top/places'
import { looksOf, type Look, type LookedCell } from './looks'
import { outerCrossings, type BlockRegion, type OuterCrossing } from './placedEnds'

/** One way of pressing a look of a block. */
export interface Version {
  look: Look
  /** Each seam by its number. */
  press: readonly Press[]
  /** Places that are pressed so. */
  count: number
}

export interface QuiltPressing {
  versions: readonly Version[]
  /** Blocks in their places, and the version of each by its number. */
  regions: readonly BlockRegion[]
  versionOf: readonly number[]
  /** For each cell the versions that its places have, and how many of each. */
  ofCell: ReadonlyMap<Cell, ReadonlyMap<number, number>>
  looks: ReadonlyMap<Cell, LookedCell>
  /** Where seams of neighbours meet. */
  outer: readonly OuterCrossing[]
  /** Whether nothing better is possible with the versions that stand in each place. */
  isProven: boolean
}

/** Which of two versions stands in a place: the same everywhere, or by turns. */
const PATTERNS: readonly ((row: number, column: number) => 0 | 1)[] = [
  () => 0,
  (row, column) => ((row + column) % 2) as 0 | 1,
  (_, column) => (column % 2) as 0 | 1,
  row => (row % 2) as 0 | 1,
  (row, column) => ((Math.floor(row / 2) + Math.floor(column / 2)) % 2) as 0 | 1,
]
/** Rounds in which places change their version and versions their pressing. */
const ROUNDS = 6

/**
 * Pressed so that the fewest crossings clash, within blocks and between neighbours; then with the fewest versions of a
 * block; then with the least that shows, is thick or lies open. Seams that must clash are pressed open where that is
 * better. Identical blocks may clash with each other: they then have two versions. Source: docs/methods.md, pressing.
 */
export function quiltPressing(
  quilt: Quilt,
  makes: ReadonlyMap<string, BlockMake>,
  { setting }: Dimensions,
): QuiltPressing {
  const regions = setting.regions.filter((region): region is BlockRegion => 'cell' in region.wears)
  const cells = looksOf(quilt, makes)
  const looks = [...new Set([...cells.values()].map(({ look }) => look))]
  const places = new Map(looks.map((look, i) => [look, i]))
  const lookOf = regions.map(({ wears }) => places.get(cells.get(wears.cell)!.look)!)
  const key = keyOf(looks, lookOf, regions, cells)
  const known = solutions.get(key)
  const { outer, best } = known ?? searched({ looks, lookOf, outer: outerCrossings(regions, makes, cells) }, regions)
  solutions.delete(key)
  solutions.set(key, { outer, best })
  if (solutions.size > MOST_KEPT) solutions.delete(solutions.keys().next().value!)
  return named({ looks, lookOf, outer }, best, regions, cells, placesOf(quilt))
}

/** Other borders and other sizes leave all as it is: what was found for a setting is kept for some edits. */
const solutions = new Map<string, { outer: readonly OuterCrossing[]; best: Pressed }>()
const MOST_KEPT = 4

function keyOf(
  looks: readonly Look[],
  lookOf: readonly number[],
  regions: readonly BlockRegion[],
  cells: ReadonlyMap<Cell, LookedCell>,
): string {
  // where nothing meets it does not matter what stands where
  const stands = looks.some(({ seams }) => seams.ends.length > 0)
    ? regions.map(({ x, y, wears: { cell } }, i) => {
        const { isMirrored } = cells.get(cell)!
        return `${lookOf[i]} ${cell.turn}${isMirrored ? 'm' : ''} ${x.toFixed(3)} ${y.toFixed(3)}`
      })
    : [String(lookOf.length)]
  return [...looks.map(({ key }) => key), ...stands].join('|')
}

function searched(
  problem: Problem,
  regions: readonly BlockRegion[],
): { outer: readonly OuterCrossing[]; best: Pressed } {
  let best = solved(
    problem,
    regions.map(() => 0),
  )
  const left = (pressed: Pressed) => clashes(problem, pressed)
  if (left(best) > 0) {
    for (const pattern of PATTERNS.slice(1)) {
      const next = solved(
        problem,
        regions.map(region => bitOf(region, pattern)),
      )
      if (left(next) < left(best)) best = next
    }
  }
  for (let round = 0; round < ROUNDS && left(best) > 0; round++) {
    const next = solved(problem, moved(problem, best))
    if (left(next) >= left(best)) break
    best = next
  }
  return { outer: problem.outer, best: left(best) === 0 ? best : solved(problem, best.bits, best) }
}

interface Problem {
  looks: readonly Look[]
  /** For each region, by its place in the list. */
  lookOf: readonly number[]
  outer: readonly OuterCrossing[]
}

/** Both versions of each look, and which of them stands where. */
interface Pressed {
  bits: readonly number[]
  /** For each look. */
  press: readonly (readonly [readonly Press[], readonly Press[]])[]
  isProven: boolean
}

function bitOf({ part }: BlockRegion, pattern: (row: number, column: number) => 0 | 1): 0 | 1 {
  return part.kind === 'block' ? pattern(part.row, part.column) : 0
}

/** The best pressing of both versions where it is settled which stands in each place, no seam open. */
function solved(problem: Problem, bits: readonly number[], free?: Pressed): Pressed {
  const { looks, lookOf, outer } = problem
  // how often each version of each look stands in the quilt
  const used = looks.map((): [number, number] => [0, 0])
  lookOf.forEach((look, i) => (used[look]![bits[i] as 0 | 1] += 1))
  const counts: number[] = []
  const factors: Factor[] = []
  const begins = looks.map((look, l) =>
    ([0, 1] as const).map(bit => {
      // a look that stands in borders alone is pressed all the same
      const times = used[l]![bit] || (bit === 0 && used[l]![1] === 0 ? 1 : 0)
      if (times === 0) return null
      const fixed = free ? fixedBut(problem, l, bit, free) : look.fixed
      const own = blockFactors({ ...look, fixed }, free !== undefined)
      const start = counts.length
      counts.push(...own.counts)
      for (const { variables, cost } of own.factors)
        factors.push({ variables: variables.map(variable => start + variable), cost: cost.map(value => value * times) })
      return start
    }),
  )
  const variable = ({ region, join }: { region: number; join: number }) =>
    begins[lookOf[region]!]![bits[region]!]! + join
  const pairs = new Map<number, { a: number; b: number; isAlike: boolean; times: number }>()
  for (const { ends } of outer) {
    const [a, b] = ends.map(variable) as [number, number]
    const isAlike = ends[0].sense === ends[1].sense
    const key = (Math.min(a, b) * counts.length + Math.max(a, b)) * 2 + Number(isAlike)
    const pair = pairs.get(key) ?? { a, b, isAlike, times: 0 }
    pair.times += 1
    pairs.set(key, pair)
  }
  for (const { a, b, isAlike, times } of pairs.values()) {
    const cost = crossingCost(1, isAlike ? 1 : -1, CLASH * times, [counts[a]!, counts[b]!])
    if (a !== b) factors.push({ variables: [a, b], cost })
    else factors.push({ variables: [a], cost: cost.filter((_, i) => i % (counts[a]! + 1) === 0) })
  }
  const { states, isProven } = leastCost(counts, factors)
  const press = looks.map(({ seams }, l) => {
    const [a, b] = begins[l]!.map(start =>
      start === null ? null : seams.joins.map((_, join) => STATES[states[start + join]!]!),
    )
    return [a ?? b!, b ?? a!] as const
  })
  return { bits, press, isProven }
}

/** What comes of a crossing between blocks. */
function outcomeAt({ lookOf }: Pick<Problem, 'lookOf'>, { bits, press }: Pressed, { ends }: OuterCrossing): Crossed {
  return turning(ends, region => press[lookOf[region]!]![bits[region] as 0 | 1])
}

export function outerOutcome({ versions, versionOf }: QuiltPressing, { ends }: OuterCrossing): Crossed {
  return turning(ends, region => versions[versionOf[region]!]!.press)
}

function turning(ends: OuterCrossing['ends'], pressOf: (region: number) => readonly Press[]): Crossed {
  const [one, other] = ends.map(({ region, join, sense }) => turnOf(pressOf(region)[join]!) * sense)
  return crossed(one!, other!)
}

/** Clashes between neighbours and within blocks, over the whole quilt. */
function clashes({ looks, lookOf, outer }: Problem, pressed: Pressed): number {
  const within = pressed.press.map((versions, l) => versions.map(press => outcomes(looks[l]!.seams, press).clash))
  let sum = 0
  for (const crossing of outer) if (outcomeAt({ lookOf }, pressed, crossing) === 'clash') sum += 1
  lookOf.forEach((look, i) => (sum += within[look]![pressed.bits[i]!]!))
  return sum
}

/** Each place takes the version with which it clashes less with its neighbours as they are. */
function moved(problem: Problem, pressed: Pressed): number[] {
  const bits = [...pressed.bits]
  const touching = problem.lookOf.map((): OuterCrossing[] => [])
  for (const crossing of problem.outer) for (const { region } of crossing.ends) touching[region]!.push(crossing)
  bits.forEach((bit, i) => {
    const cost = (tried: number) => {
      bits[i] = tried
      return touching[i]!.filter(crossing => outcomeAt(problem, { ...pressed, bits }, crossing) === 'clash').length
    }
    bits[i] = cost(1 - bit) < cost(bit) ? 1 - bit : bit
  })
  return bits
}

/** Seams that still clash may be pressed open; all others stay as they are. */
function fixedBut(problem: Problem, l: number, bit: 0 | 1, pressed: Pressed): Map<number, Press> {
  const look = problem.looks[l]!
  const press = pressed.press[l]![bit]
  const free = new Set<number>()
  for (const crossing of problem.outer) {
    if (outcomeAt(problem, pressed, crossing) !== 'clash') continue
    for (const { region, join } of crossing.ends)
      if (problem.lookOf[region] === l && pressed.bits[region] === bit) free.add(join)
  }
  for (const { kind, rays } of look.seams.meetings)
    if (kind === 'crossing' && outcomeOf(kind, rays, press) === 'clash') for (const { join } of rays) free.add(join)
  return new Map(
    press.map((side, join) => [join, side] as const).filter(([join]) => look.fixed.has(join) || !free.has(join)),
  )
}

/** Versions that came out alike are one. */
function named(
  { looks: all, lookOf, outer }: Problem,
  { bits, press, isProven }: Pressed,
  regions: readonly BlockRegion[],
  looks: ReadonlyMap<Cell, LookedCell>,
  places: ReadonlyMap<Cell, number>,
): QuiltPressing {
  const versions: Version[] = []
  const numberOf = new Map<string, number>()
  const number = (l: number, bit: 0 | 1): number => {
    const sides = press[l]![bit]
    const key = `${l} ${sides.join()}`
    const found = numberOf.get(key) ?? versions.push({ look: all[l]!, press: sides, count: 0 }) - 1
    numberOf.set(key, found)
    return found
  }
  const ofCell = new Map<Cell, Map<number, number>>()
  const add = (cell: Cell, version: number, count: number) => {
    const mine = ofCell.get(cell) ?? new Map<number, number>()
    mine.set(version, (mine.get(version) ?? 0) + count)
    ofCell.set(cell, mine)
    versions[version]!.count += count
  }
  const known = all.map((): [number?, number?] => [])
  const versionOf = lookOf.map((l, i) => (known[l]![bits[i] as 0 | 1] ??= number(l, bits[i] as 0 | 1)))
  // one version everywhere: counted by cells
  if (bits.includes(1)) versionOf.forEach((version, i) => add(regions[i]!.wears.cell, version, 1))
  // what is pieced in borders stands in no place of the setting
  for (const [cell, count] of places)
    if (!ofCell.has(cell)) add(cell, number(all.indexOf(looks.get(cell)!.look), 0), count)
  return { versions, regions, versionOf, ofCell, looks, outer, isProven }
}
