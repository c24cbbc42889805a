// In: what stands where in a quilt and what meets. Out: the version of each place and the pressing of each version.
import { chanceFrom, type Chance } from '../measure/chance'
import type { Press } from '../make/steps/press'
import { blockFactors, CLASH, crossingCost, STATES, turnOf } from '../make/pressing/costs'
import { leastCost, type Factor } from '../make/pressing/leastCost'
import { crossed, outcomeOf, outcomes, type Crossed } from '../make/pressing/pressBlock'
import type { BlockRegion, OuterCrossing } from './placedEnds'
import type { Pressed, VersionProblem } from './versionProblem'
import { variedPresses, walked } from './walkVersions'

/** Which of the first two versions stands in a place: the same everywhere, or by turns. */
const PATTERNS: readonly ((row: number, column: number) => 0 | 1)[] = [
  () => 0,
  (row, column) => ((row + column) % 2) as 0 | 1,
  (_, column) => (column % 2) as 0 | 1,
  row => (row % 2) as 0 | 1,
  (row, column) => ((Math.floor(row / 2) + Math.floor(column / 2)) % 2) as 0 | 1,
]
/** From how many settings of the versions the search sets out; fewer where a quilt has thousands of blocks. */
const MAX_STARTS = 12
const MAX_WORK = 2.5e5
/** What looking at one crossing costs beside looking up one cost. */
const WORK_OF_A_CROSSING = 20
/** Rounds without a gain before a start is given up. */
const PATIENCE = 4

/** From patterns; where each leaves a clash every place is moved by turns, from these starts and some by chance. */
export function searched(problem: VersionProblem, regions: readonly BlockRegion[]): Pressed {
  const settled = settledClashes(problem)
  const left = (pressed: Pressed) => clashes(problem, pressed) - settled
  const spent = { work: 0 }
  const starts: Pressed[] = []
  for (const pattern of PATTERNS) {
    const start = solved(
      problem,
      regions.map(region => bitOf(region, pattern)),
    )
    if (left(start) === 0) return settled === 0 ? start : solved(problem, start.versionOf, start)
    starts.push(start)
    spent.work += start.work
    if (spent.work > MAX_WORK) break
  }
  const chance = chanceFrom(1)
  const varied = problem.versions > 2 ? variedPresses(problem) : null
  if (varied) {
    const placed = {
      versionOf: problem.signatureOf.map(() => Math.floor(chance.even() * problem.versions)),
      press: varied,
    }
    const start = solved(problem, walked(problem, placed, chance))
    if (left(start) === 0) return settled === 0 ? start : solved(problem, start.versionOf, start)
    starts.unshift(start)
  }
  let best = starts.reduce((one, other) => (left(other) < left(one) ? other : one))
  for (let tried = 0; tried < MAX_STARTS && spent.work < MAX_WORK; tried++) {
    const start =
      starts[tried]
      ?? solved(
        problem,
        regions.map(() => Math.floor(chance.even() * problem.versions)),
      )
    const pressed = descended(problem, start, chance, spent)
    if (left(pressed) < left(best)) best = pressed
    if (left(best) === 0) break
  }
  return left(best) + settled === 0 ? best : solved(problem, best.versionOf, best)
}

/** Places change their version and versions their pressing by turns; what gets no better for a while is given up. */
function descended(problem: VersionProblem, start: Pressed, chance: Chance, spent: { work: number }): Pressed {
  let best = start
  let pressed = start
  let least = clashes(problem, start)
  for (let idle = 0; idle < PATIENCE && least > 0 && spent.work < MAX_WORK; idle++) {
    pressed = solved(problem, moved(problem, pressed, chance))
    spent.work += pressed.work + problem.outer.length * WORK_OF_A_CROSSING
    const left = clashes(problem, pressed)
    if (left >= least) continue
    best = pressed
    least = left
    idle = -1
  }
  return best
}

function bitOf({ part }: BlockRegion, pattern: (row: number, column: number) => 0 | 1): 0 | 1 {
  return part.kind === 'block' ? pattern(part.row, part.column) : 0
}

/** The best pressing of all versions where it is settled which stands in each place, no seam open. */
function solved(problem: VersionProblem, versionOf: readonly number[], free?: Pressed): Pressed {
  const { signatures, signatureOf, outer } = problem
  // how often each version of each signature stands in the quilt
  const used = signatures.map(() => Array<number>(problem.versions).fill(0))
  signatureOf.forEach((signature, i) => (used[signature]![versionOf[i]!]! += 1))
  const counts: number[] = []
  const factors: Factor[] = []
  const begins = signatures.map((signature, l) =>
    used[l]!.map((count, version) => {
      // a signature that stands in borders alone is pressed all the same
      const times = count || (version === 0 && used[l]!.every(other => other === 0) ? 1 : 0)
      if (times === 0) return null
      const fixed = free ? fixedBut(problem, l, version, free) : signature.fixed
      const own = blockFactors({ ...signature, fixed }, free !== undefined)
      const start = counts.length
      counts.push(...own.counts)
      for (const { variables, cost } of own.factors)
        factors.push({ variables: variables.map(variable => start + variable), cost: cost.map(value => value * times) })
      return start
    }),
  )
  const variable = ({ region, join }: { region: number; join: number }) =>
    begins[signatureOf[region]!]![versionOf[region]!]! + join
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
  const { states, isProven, work } = leastCost(counts, factors)
  const press = signatures.map(({ seams }, l) => {
    const found = begins[l]!.map(start =>
      start === null ? null : seams.joins.map((_, join) => STATES[states[start + join]!]!),
    )
    const first = found.find(version => version !== null)!
    return found.map(version => version ?? first)
  })
  return { versionOf, press, isProven, work }
}

function outcomeAt(
  { signatureOf }: Pick<VersionProblem, 'signatureOf'>,
  { versionOf, press }: Pressed,
  { ends }: OuterCrossing,
): Crossed {
  return turning(ends, region => press[signatureOf[region]!]![versionOf[region]!]!)
}

/** Which way both seams turn round the point where they meet: 1 clockwise, −1 back, 0 open. */
export function turnsOf(ends: OuterCrossing['ends'], pressOf: (region: number) => readonly Press[]): [number, number] {
  const [one, other] = ends.map(({ region, join, sense }) => turnOf(pressOf(region)[join]!) * sense)
  return [one!, other!]
}

function turning(ends: OuterCrossing['ends'], pressOf: (region: number) => readonly Press[]): Crossed {
  return crossed(...turnsOf(ends, pressOf))
}

/** Clashes between neighbours and within blocks, over the whole quilt. */
export function clashes({ signatures, signatureOf, outer }: VersionProblem, pressed: Pressed): number {
  const within = pressed.press.map((versions, l) => versions.map(press => outcomes(signatures[l]!.seams, press).clash))
  let sum = 0
  for (const crossing of outer) if (outcomeAt({ signatureOf }, pressed, crossing) === 'clash') sum += 1
  signatureOf.forEach((signature, i) => (sum += within[signature]![pressed.versionOf[i]!]!))
  return sum
}

/** Clashes between seams whose sides were settled before the search. */
function settledClashes({ signatures, signatureOf, outer }: VersionProblem): number {
  const settled = signatures.map(({ seams, fixed }) => seams.joins.map((_, join) => fixed.get(join) ?? 'open'))
  const between = outer.filter(({ ends }) => turning(ends, region => settled[signatureOf[region]!]!) === 'clash').length
  const within = signatures.map(({ seams }, l) => outcomes(seams, settled[l]!).clash)
  return signatureOf.reduce((sum, signature) => sum + within[signature]!, between)
}

/**
 * Each place in turn takes the version with which it clashes less with its neighbours as they are; what clashes as much
 * either way may take the other one.
 */
function moved(problem: VersionProblem, pressed: Pressed, { even }: Chance): number[] {
  const versionOf = [...pressed.versionOf]
  const tried = { ...pressed, versionOf }
  const touching = problem.signatureOf.map((): OuterCrossing[] => [])
  for (const crossing of problem.outer) for (const { region } of crossing.ends) touching[region]!.push(crossing)
  const cost = (i: number, version: number) => {
    versionOf[i] = version
    return touching[i]!.filter(crossing => outcomeAt(problem, tried, crossing) === 'clash').length
  }
  pressed.versionOf.forEach((version, i) => {
    const costs = Array.from({ length: problem.versions }, (_, other) => cost(i, other))
    const now = costs[version]!
    const [other, least] = costs.reduce(
      (best, each, at) => (at !== version && each < best[1] ? ([at, each] as const) : best),
      [version, Infinity] as readonly [number, number],
    )
    const isMoved = least < now || (least === now && now > 0 && even() < 0.5)
    versionOf[i] = isMoved ? other : version
  })
  return versionOf
}

/** Seams that still clash may be pressed open; all others stay as they are. */
function fixedBut(problem: VersionProblem, l: number, version: number, pressed: Pressed): Map<number, Press> {
  const signature = problem.signatures[l]!
  const press = pressed.press[l]![version]!
  const free = new Set<number>()
  for (const crossing of problem.outer) {
    if (outcomeAt(problem, pressed, crossing) !== 'clash') continue
    for (const { region, join } of crossing.ends)
      if (problem.signatureOf[region] === l && pressed.versionOf[region] === version) free.add(join)
  }
  for (const { kind, rays, straight } of signature.seams.meetings)
    if (kind === 'crossing' && outcomeOf({ kind, rays, straight }, press) === 'clash')
      for (const { join } of rays) free.add(join)
  return new Map(
    press.map((side, join) => [join, side] as const).filter(([join]) => signature.fixed.has(join) || !free.has(join)),
  )
}
