// In: a quilt and how its blocks are sewn. Out: the side to which every seam is pressed, and what clashes are left.
import { makingRules } from '../file/makings'
import type { Cell, Quilt } from '../file/quilt'
import type { BlockMake } from '../make/units/blockMake'
import type { Press } from '../make/steps/press'
import { crossed, outcomes, type Crossed } from '../make/pressing/pressBlock'
import type { Dimensions } from '../top/dimensions'
import { placesOf } from '../top/places'
import { signaturesOf, type BlockSignature, type SignedCell } from './signatures'
import { outerCrossings, type BlockRegion, type OuterCrossing } from './placedEnds'
import { clashes, searched, turnsOf } from './searchVersions'
import type { Pressed, VersionProblem } from './versionProblem'
import { troubles } from './walkVersions'

/** One way of pressing a signature of a block. */
export interface Version {
  signature: BlockSignature
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
  signatures: ReadonlyMap<Cell, SignedCell>
  /** Where seams of neighbours meet. */
  outer: readonly OuterCrossing[]
  /** Whether nothing better is possible with the versions that stand in each place. */
  isProven: boolean
}

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
  const regions = setting.regions.filter((region): region is BlockRegion => 'cell' in region.fabric)
  const cells = signaturesOf(quilt, makes)
  const signatures = [...new Set([...cells.values()].map(({ signature }) => signature))]
  const places = new Map(signatures.map((signature, i) => [signature, i]))
  const signatureOf = regions.map(({ fabric }) => places.get(cells.get(fabric.cell)!.signature)!)
  // as you go no seams of neighbours are sewn to each other
  const areJoined = makingRules(quilt.making).hasTop
  const key = `${areJoined} ${keyOf(signatures, signatureOf, regions, cells)}`
  const problem = (): VersionProblem => ({
    versions: 2,
    signatures,
    signatureOf,
    outer: areJoined ? outerCrossings(regions, makes, cells) : [],
  })
  const solution = solutions.get(key) ?? solve(problem(), cells, regions)
  solutions.delete(key)
  solutions.set(key, solution)
  if (solutions.size > MAX_KEPT) solutions.delete(solutions.keys().next().value!)
  return named(signatures, solution, regions, cells, placesOf(quilt))
}

/** The best that was found, for looks that are named by their places in the quilt's list. */
interface Solution extends Pick<VersionProblem, 'signatureOf' | 'outer'> {
  signatures: readonly number[]
  best: Pressed
}

/** Other borders and other sizes leave all as it is: what was found for a setting is kept for some edits. */
const solutions = new Map<string, Solution>()
const MAX_KEPT = 4

function keyOf(
  signatures: readonly BlockSignature[],
  signatureOf: readonly number[],
  regions: readonly BlockRegion[],
  cells: ReadonlyMap<Cell, SignedCell>,
): string {
  // where nothing meets it does not matter how and how far apart they stand, but which stands where
  const stands = signatures.some(({ seams }) => seams.ends.length > 0)
    ? regions.map(({ x, y, fabric: { cell } }, i) => {
        const { turn, mirror } = cells.get(cell)!
        return `${signatureOf[i]} ${turn}${mirror ? 'm' : ''} ${x.toFixed(3)} ${y.toFixed(3)}`
      })
    : [signatureOf.join(' ')]
  return [...signatures.map(({ key }) => key), ...stands].join('|')
}

/**
 * With two versions of each signature at most; where those are not enough, blocks that lie a quarter turned may have
 * two of their own, or every place one of four.
 */
function solve(
  problem: VersionProblem,
  cells: ReadonlyMap<Cell, SignedCell>,
  regions: readonly BlockRegion[],
): Solution {
  const two = inVersions(problem, regions)
  if (two.left === 0) return two.solution
  const tried = [two, ...turnedApart(problem, cells, regions), inVersions({ ...problem, versions: 4 }, regions)]
  return tried.reduce((best, other) => (other.left < best.left ? other : best)).solution
}

interface Tried {
  solution: Solution
  /** Clashes that are left, and hubs that do not nest. */
  left: number
}

function inVersions(problem: VersionProblem, regions: readonly BlockRegion[]): Tried {
  const settled = settledPressing(problem)
  const best = settled ?? searched(problem, regions)
  const { signatureOf, outer } = problem
  return {
    solution: { signatures: problem.signatures.map((_, i) => i), signatureOf, outer, best },
    // more versions would change nothing where all is settled
    left: settled ? 0 : troubled(problem, best),
  }
}

/** Where the side of every seam is settled there is nothing to search for. */
function settledPressing({ signatures, signatureOf, versions }: VersionProblem): Pressed | null {
  const isSettled = signatures.every(({ seams, fixed }) => fixed.size === seams.joins.length && fixed.size > 0)
  if (!isSettled) return null
  const press = signatures.map(({ seams, fixed }) => {
    const sides = seams.joins.map((_, join) => fixed.get(join)!)
    return Array.from({ length: versions }, () => sides)
  })
  return { versionOf: signatureOf.map(() => 0), press, isProven: true, work: 0 }
}

function troubled(problem: VersionProblem, pressed: Pressed): number {
  const { signatures, signatureOf } = problem
  const hubs = pressed.press.map((versions, l) =>
    versions.map(press => troubles(signatures[l]!, press) - outcomes(signatures[l]!.seams, press).clash),
  )
  return signatureOf.reduce(
    (sum, signature, i) => sum + hubs[signature]![pressed.versionOf[i]!]!,
    clashes(problem, pressed),
  )
}

/** Blocks that lie a quarter turned are looks of their own; none where all lie alike. */
function turnedApart(
  problem: VersionProblem,
  cells: ReadonlyMap<Cell, SignedCell>,
  regions: readonly BlockRegion[],
): Tried[] {
  const { outer } = problem
  const signatures = problem.signatures.map((_, i) => i)
  const signatureOf = [...problem.signatureOf]
  const images = new Map<number, number>()
  regions.forEach(({ fabric }, i) => {
    const signature = signatureOf[i]!
    if (cells.get(fabric.cell)!.turn % 180 === 0) return
    signatureOf[i] = images.get(signature) ?? signatures.push(signature) - 1
    images.set(signature, signatureOf[i])
  })
  if (images.size === 0) return []
  const apart: VersionProblem = {
    ...problem,
    signatures: signatures.map(signature => problem.signatures[signature]!),
    signatureOf,
    outer,
  }
  const best = searched(apart, regions)
  return [{ solution: { signatures, signatureOf, outer, best }, left: troubled(apart, best) }]
}

/** Versions that came out alike are one. */
function named(
  all: readonly BlockSignature[],
  { signatures: solved, signatureOf, outer, best }: Solution,
  regions: readonly BlockRegion[],
  signatures: ReadonlyMap<Cell, SignedCell>,
  places: ReadonlyMap<Cell, number>,
): QuiltPressing {
  const { versionOf: chosen, press, isProven } = best
  const versions: Version[] = []
  const numberOf = new Map<string, number>()
  const number = (l: number, version: number): number => {
    const sides = press[l]![version]!
    const key = `${solved[l]} ${sides.join()}`
    const found = numberOf.get(key) ?? versions.push({ signature: all[solved[l]!]!, press: sides, count: 0 }) - 1
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
  const known = solved.map((): number[] => [])
  const versionOf = signatureOf.map((l, i) => (known[l]![chosen[i]!] ??= number(l, chosen[i]!)))
  // where a signature has one version everywhere, it is counted by cells
  if (solved.length > all.length || chosen.some(version => version > 0))
    versionOf.forEach((version, i) => add(regions[i]!.fabric.cell, version, 1))
  // what is pieced in borders stands in no place of the setting
  for (const [cell, count] of places)
    if (!ofCell.has(cell)) add(cell, number(all.indexOf(signatures.get(cell)!.signature), 0), count)
  return { versions, regions, versionOf, ofCell, signatures, outer, isProven }
}

/** What comes of a crossing between blocks. */
export function outerOutcome(pressing: QuiltPressing, crossing: OuterCrossing): Crossed {
  return crossed(...turnsAt(pressing, crossing))
}

/** Which way both its seams turn: 1 clockwise, −1 back, 0 open. */
export function turnsAt({ versions, versionOf }: QuiltPressing, { ends }: OuterCrossing): [number, number] {
  return turnsOf(ends, region => versions[versionOf[region]!]!.press)
}
