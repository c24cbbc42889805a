// In: a quilt and how its blocks are sewn. Out: the side to which every seam is pressed, and what clashes are left.
import type { Cell, Quilt } from '../../file/quilt'
import type { BlockMake } from '../../make/units/blockMake'
import type { Press } from '../../make/steps/press'
import { blockFactors, CLASH, crossingCost, STATES, turnOf } from '../../make/pressing/costs'
import { leastCost, type Factor } from '../../make/pressing/leastCost'
import { outcomes } from '../../make/pressing/pressBlock'
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
  const looks = looksOf(quilt, makes)
  const outer = outerCrossings(regions, makes, looks)
  const problem = {
    looks: [...new Set([...looks.values()].map(({ look }) => look))],
    lookOf: regions.map(({ wears }) => looks.get(wears.cell)!.look),
    outer,
  }
  let best = solved(
    problem,
    regions.map(() => 0),
  )
  if (clashes(problem, best) > 0) {
    for (const pattern of PATTERNS.slice(1)) {
      const next = solved(
        problem,
        regions.map(region => bitOf(region, pattern)),
      )
      if (clashes(problem, next) < clashes(problem, best)) best = next
    }
  }
  for (let round = 0; round < ROUNDS && clashes(problem, best) > 0; round++) {
    const next = solved(problem, moved(problem, best))
    if (clashes(problem, next) >= clashes(problem, best)) break
    best = next
  }
  return named(problem, opened(problem, best), regions, looks, placesOf(quilt))
}

interface Problem {
  looks: readonly Look[]
  /** For each region. */
  lookOf: readonly Look[]
  outer: readonly OuterCrossing[]
}

/** Both versions of each look, and which of them stands where. */
interface Pressed {
  bits: readonly number[]
  press: ReadonlyMap<Look, readonly [readonly Press[], readonly Press[]]>
  isProven: boolean
}

function bitOf({ part }: BlockRegion, pattern: (row: number, column: number) => 0 | 1): 0 | 1 {
  return part.kind === 'block' ? pattern(part.row, part.column) : 0
}

/** The best pressing of both versions where it is settled which stands in each place, no seam open. */
function solved(problem: Problem, bits: readonly number[], free?: Pressed): Pressed {
  const { looks, lookOf, outer } = problem
  const used = new Map<string, number>()
  lookOf.forEach((look, i) => {
    const key = `${looks.indexOf(look)} ${bits[i]}`
    used.set(key, (used.get(key) ?? 0) + 1)
  })
  const counts: number[] = []
  const factors: Factor[] = []
  const begins = new Map<string, number>()
  looks.forEach((look, l) => {
    for (const bit of [0, 1]) {
      const key = `${l} ${bit}`
      // a look that stands in borders alone is pressed all the same
      const times = used.get(key) ?? (bit === 0 && !used.has(`${l} 1`) ? 1 : 0)
      if (times === 0) continue
      const fixed = free ? fixedBut(problem, look, bit, free) : look.fixed
      const own = blockFactors({ ...look, fixed }, free !== undefined)
      const start = counts.length
      begins.set(key, start)
      counts.push(...own.counts)
      for (const { variables, cost } of own.factors)
        factors.push({ variables: variables.map(variable => start + variable), cost: cost.map(value => value * times) })
    }
  })
  const variable = ({ region, join }: { region: number; join: number }) =>
    begins.get(`${looks.indexOf(lookOf[region]!)} ${bits[region]}`)! + join
  const pairs = new Map<string, { a: number; b: number; isAlike: boolean; times: number }>()
  for (const { ends } of outer) {
    const [a, b] = ends.map(variable) as [number, number]
    const isAlike = ends[0].sense === ends[1].sense
    const key = `${Math.min(a, b)} ${Math.max(a, b)} ${isAlike}`
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
  const press = new Map(
    looks.map((look, l) => {
      const version = (bit: number) => {
        const start = begins.get(`${l} ${bit}`)
        return start === undefined ? null : look.seams.joins.map((_, join) => STATES[states[start + join]!]!)
      }
      const [a, b] = [version(0), version(1)]
      return [look, [a ?? b!, b ?? a!] as const]
    }),
  )
  return { bits, press, isProven }
}

/** Whether the seams that meet at a point between blocks turn the same way; null where one lies open. */
function nests({ lookOf }: Problem, { bits, press }: Pressed, { ends }: OuterCrossing): boolean | null {
  const [a, b] = ends.map(({ region, join, sense }) => {
    const version = press.get(lookOf[region]!)![bits[region] as 0 | 1]
    return turnOf(version[join]!) * sense
  })
  return a === 0 || b === 0 ? null : a === b
}

/** Clashes between neighbours and within blocks, over the whole quilt. */
function clashes(problem: Problem, pressed: Pressed): number {
  const between = problem.outer.filter(crossing => nests(problem, pressed, crossing) === false).length
  return problem.lookOf.reduce(
    (sum, look, i) => sum + outcomes(look.seams, pressed.press.get(look)![pressed.bits[i] as 0 | 1]).clash,
    between,
  )
}

/** Each place takes the version with which it clashes less with its neighbours as they are. */
function moved(problem: Problem, pressed: Pressed): number[] {
  const bits = [...pressed.bits]
  const touching = problem.lookOf.map((): OuterCrossing[] => [])
  for (const crossing of problem.outer) for (const { region } of crossing.ends) touching[region]!.push(crossing)
  bits.forEach((bit, i) => {
    const cost = (tried: number) => {
      bits[i] = tried
      return touching[i]!.filter(crossing => nests(problem, { ...pressed, bits }, crossing) === false).length
    }
    bits[i] = cost(1 - bit) < cost(bit) ? 1 - bit : bit
  })
  return bits
}

/** Seams that still clash may be pressed open; all others stay as they are. */
function opened(problem: Problem, pressed: Pressed): Pressed {
  return clashes(problem, pressed) === 0 ? pressed : solved(problem, pressed.bits, pressed)
}

function fixedBut(problem: Problem, look: Look, bit: number, pressed: Pressed): Map<number, Press> {
  const press = pressed.press.get(look)![bit as 0 | 1]
  const free = new Set<number>()
  for (const crossing of problem.outer) {
    if (nests(problem, pressed, crossing) !== false) continue
    for (const { region, join } of crossing.ends)
      if (problem.lookOf[region] === look && pressed.bits[region] === bit) free.add(join)
  }
  for (const { kind, rays } of look.seams.meetings) {
    if (kind !== 'crossing') continue
    const [a, b] = rays.map(({ join, sense }) => turnOf(press[join]!) * sense)
    if (a !== b) for (const { join } of rays) free.add(join)
  }
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
  const number = (look: Look, bit: number): number => {
    const sides = press.get(look)![bit as 0 | 1]
    const key = `${all.indexOf(look)} ${sides.join()}`
    const found = numberOf.get(key) ?? versions.push({ look, press: sides, count: 0 }) - 1
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
  const versionOf = lookOf.map((look, i) => number(look, bits[i]!))
  versionOf.forEach((version, i) => add(regions[i]!.wears.cell, version, 1))
  // what is pieced in borders stands in no place of the setting
  for (const [cell, count] of places) if (!ofCell.has(cell)) add(cell, number(looks.get(cell)!.look, 0), count)
  return { versions, regions, versionOf, ofCell, looks, outer, isProven }
}
