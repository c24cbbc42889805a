// In: a block, how its units are made, and a hand. Out: the block sewn many times.
import { area, boundingBox, type Box, type Point, type Polygon } from '../geometry/polygon'
import { unitJoinNumbers } from '../make/joins/joinNumbers'
import { isUpright, type Join } from '../make/joins/sewnBlock'
import type { BlockMake } from '../make/units/blockMake'
import type { Unit } from '../make/units/unit'
import type { UnitTree } from '../make/units/unitTree'
import { sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import type { Chance } from '../measure/chance'
import type { Hand } from './hand'
import { around, seamOf, sewn, type Edge, type Part, type Tally } from './part'

/** How units come about: as planned, all trimmed, none trimmed, or the whole block on papers. */
export type UnitsMade = 'planned' | 'trimmed' | 'as-cut' | 'papers'

export interface SimulatedBlock {
  part: Part
  /** For each join of the block, by its number. */
  tallies: Map<number, Tally>
}

export interface BlockQuestion {
  make: BlockMake
  seam: Inches
  hand: Hand
  units: UnitsMade
  /** Whether a unit is trimmed as it is planned. */
  isTrimmed: (unit: Unit) => boolean
}

/** Whether the block is sewn of rectangles by straight seams only: of others nothing is said. */
export function canBeSimulated({ units, polygons }: Pick<BlockMake, 'units' | 'polygons'>): boolean {
  const visit = (node: UnitTree): boolean => {
    if ('unit' in node) {
      const own = node.unit.patches.map(({ patch }) => polygons[patch]!)
      const { width, height } = boundingBox(own.flat())
      const filled = own.reduce((sum, polygon) => sum + area(polygon), 0)
      return Math.abs(filled - width * height) < 1e-4
    }
    const [[ax, ay], [bx, by]] = node.seam
    return (
      node.kind === 'straight' && (sameLength(ax, bx) || sameLength(ay, by)) && node.join.every(part => visit(part))
    )
  }
  return visit(units)
}

/** Sews the block `times` over. Only for a block that can be simulated. */
export function simulateBlock(question: BlockQuestion, times: number, chance: Chance): SimulatedBlock {
  const { make, hand, units } = question
  const numbers = unitJoinNumbers(make.tree, make.units)
  const tallies = new Map<number, Tally>()
  const seam = seamOf(question.seam, hand, units === 'papers')
  const visit = (node: UnitTree): { part: Part; box: Box } => {
    if ('unit' in node) return unitPart(node.unit, question, times, chance)
    const [one, other] = node.join.map(visit) as [{ part: Part; box: Box }, { part: Part; box: Box }]
    const how = isUpright(...node.seam) ? 'beside' : 'below'
    const isLater = how === 'beside' ? other.box.x > one.box.x : other.box.y > one.box.y
    const [first, second] = isLater ? [one, other] : [other, one]
    const { part, tally } = sewn(first.part, second.part, how, seam, chance)
    tallies.set(numbers.get(node as Join)!, tally)
    return { part, box: boundingBox([...cornersOfBox(one.box), ...cornersOfBox(other.box)]) }
  }
  const { part } = visit(make.units)
  return { part: units === 'papers' ? trimmed(part, question, times, chance) : part, tallies }
}

function trimmed(part: Part, { seam, hand }: BlockQuestion, times: number, chance: Chance): Part {
  return {
    ...part,
    width: around(part.planned.width + 2 * seam, hand.cutScatter, times, chance),
    height: around(part.planned.height + 2 * seam, hand.cutScatter, times, chance),
  }
}

/** A unit as it comes to the block: one patch as it was cut; trimmed; or as its own seams left it. */
function unitPart(unit: Unit, question: BlockQuestion, times: number, chance: Chance): { part: Part; box: Box } {
  const { make, seam, hand, units } = question
  const polygons = unit.patches.map(({ patch }) => make.polygons[patch]!)
  const box = boundingBox(polygons.flat())
  const isAlone = polygons.length === 1
  const isOnPaper = units === 'papers'
  const isTrimmed = !isAlone && !isOnPaper && (units === 'trimmed' || (units === 'planned' && question.isTrimmed(unit)))
  const spread = isOnPaper ? hand.paperScatter : hand.cutScatter
  const bias = isOnPaper || isTrimmed ? 0 : hand.cutBias
  const width = around(box.width + 2 * seam + bias, spread, times, chance)
  const height = around(box.height + 2 * seam + bias, spread, times, chance)
  if (!isAlone && !isTrimmed && !isOnPaper)
    for (const [nx, ny] of normalsWithin(polygons, box)) {
      // each seam within takes two allowances and the turn of the cloth, square to itself
      const off = around(hand.seamBias, hand.seamScatter, times, chance)
      for (let i = 0; i < times; i++) {
        const taken = 2 * off[i]! + hand.turn
        width[i]! -= taken * nx
        height[i]! -= taken * ny
      }
    }
  // a tip stands where the unit's own seams meet, unless the ruler has set it anew
  const bySeams = isTrimmed || isOnPaper ? 0 : 2 * hand.seamScatter ** 2
  const inset = () => around(seam, Math.sqrt(spread ** 2 + bySeams), times, chance)
  const part: Part = {
    planned: { width: box.width, height: box.height },
    width,
    height,
    marks: { left: [], right: [], top: [], bottom: [] },
    tips: { left: [], right: [], top: [], bottom: [] },
  }
  if (isAlone) return { part, box }
  const ends = new Map<string, { edge: Edge; planned: Inches; isSharp: boolean }>()
  for (const polygon of polygons)
    polygon.forEach((corner, i) => {
      const isSharp = isAcute(polygon.at(i - 1)!, corner, polygon[(i + 1) % polygon.length]!)
      for (const { edge, planned } of edgesAt(corner, box)) {
        const key = `${edge} ${planned.toFixed(4)}`
        const known = ends.get(key)
        ends.set(key, { edge, planned, isSharp: isSharp || (known?.isSharp ?? false) })
      }
    })
  for (const { edge, planned, isSharp } of ends.values()) {
    const isLevel = edge === 'top' || edge === 'bottom'
    const length = isLevel ? box.width : box.height
    if (isSharp) part.tips[edge].push({ inset: inset() })
    if (planned < TOLERANCE || planned > length - TOLERANCE) continue
    // in the middle of the unit half of what its size is off, and its own chance
    const own = around(seam + planned, spread, times, chance)
    const real = isLevel ? width : height
    part.marks[edge].push({
      planned,
      at: own.map((at, i) => at + ((real[i]! - length - 2 * seam) * planned) / length),
    })
  }
  return { part, box }
}

/**
 * Seams within a unit that a level line through it crosses, and an upright one: how much of what each takes makes the
 * unit narrower, and how much shorter. The lines run a little off the middle, where no corners lie.
 */
function normalsWithin(polygons: readonly Polygon[], { x, y, width, height }: Box): Point[] {
  const [x0, y0] = [x + 0.41 * width, y + 0.41 * height]
  const isBetween = (at: number, a: number, b: number) => Math.min(a, b) < at && at < Math.max(a, b)
  const seams = new Map<string, Point>()
  for (const polygon of polygons)
    polygon.forEach((from, i) => {
      const to = polygon[(i + 1) % polygon.length]!
      if (edgesAt(from, { x, y, width, height }).some(({ edge }) => liesOn(to, edge, { x, y, width, height }))) return
      const length = Math.hypot(to[0] - from[0], to[1] - from[1])
      const nx = isBetween(y0, from[1], to[1]) ? Math.abs(to[1] - from[1]) / length : 0
      const ny = isBetween(x0, from[0], to[0]) ? Math.abs(to[0] - from[0]) / length : 0
      // both patches of a seam have it
      const key = [from, to]
        .map(([u, v]) => `${u.toFixed(3)},${v.toFixed(3)}`)
        .sort()
        .join(' ')
      seams.set(key, [nx, ny])
    })
  return [...seams.values()]
}

function liesOn(point: Point, edge: Edge, box: Box): boolean {
  return edgesAt(point, box).some(found => found.edge === edge)
}

function edgesAt([px, py]: Point, { x, y, width, height }: Box): { edge: Edge; planned: Inches }[] {
  return [
    ...(sameLength(px, x) ? [{ edge: 'left' as const, planned: py - y }] : []),
    ...(sameLength(px, x + width) ? [{ edge: 'right' as const, planned: py - y }] : []),
    ...(sameLength(py, y) ? [{ edge: 'top' as const, planned: px - x }] : []),
    ...(sameLength(py, y + height) ? [{ edge: 'bottom' as const, planned: px - x }] : []),
  ]
}

function isAcute([ax, ay]: Point, [x, y]: Point, [bx, by]: Point): boolean {
  return (ax - x) * (bx - x) + (ay - y) * (by - y) > TOLERANCE
}

function cornersOfBox({ x, y, width, height }: Box): Point[] {
  return [
    [x, y],
    [x + width, y + height],
  ]
}
