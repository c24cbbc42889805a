import { clothsOfCell } from '../block/clothsOfCell'
import type { BlockMake } from '../block/blockMake'
import { variants, type UnitDemand } from '../block/demands'
import { dressUnit } from '../block/dressUnit'
import { mirroredMake } from '../block/mirrorImage'
import type { Unit } from '../block/unit'
import { unitsOf, type UnitTree } from '../block/unitTree'
import { lightness } from '../cloth/value'
import { boundingBox, movePolygon, type Box, type Point, type Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import type { Choice } from '../methods/choose'
import { unfinishedSide } from '../methods/cutSize'
import type { DressedUnit } from '../methods/method'
import { pieceId, type Piece } from '../cutting/gather'
import { shortHash } from '../cutting/shortHash'
import { clothOf, type Cell } from '../quilt/quilt'
import type { Plan, PlanWork } from '../quilt/plan'
import { cloth, line, picture, unfinished, type PictureShape } from './picture'
import type { Step } from './step'

/** How one block is made in one set of cloths: its units first, then the joins. */
export interface Recipe {
  block: string
  /** Cloths of this version, where the block stands in several. */
  cell: Cell
  /** Blocks of this version in the quilt. */
  count: number
  units: RecipeUnit[]
  joins: RecipeJoin[]
  /** Where the block stands in the plan. */
  path: string
  /** Raw edge to raw edge. */
  size: { width: Inches, height: Inches }
  /** The finished block, to be measured. */
  done: Step
}

export interface RecipeUnit {
  /** For ticks: what the unit is. */
  id: string
  /** Where its numbers stand in the plan. */
  path: string
  key: string
  kind: Unit['kind']
  method: string
  perBlock: number
  /** Over the whole quilt, all blocks together. */
  inQuilt: number
  over: number
  pieces: Piece[]
  size: { width: Inches, height: Inches }
  trim: boolean
  steps: Step[]
}

/** Whether a unit is sewn, or cut further, before the block is joined; others are ready as they come from the cutting sheet. */
export function isWorked({ steps, pieces }: RecipeUnit): boolean {
  return steps.length > 1 || pieces.length > 1 || pieces.some(piece => piece.cuts === 'one-diagonal' || piece.cuts === 'two-diagonals')
}

export interface RecipeJoin {
  step: Step
  times: number
  /** Where the size after it stands in the plan. */
  path: string
}

/** The recipes of a block, one for each set of cloths it stands in; the commonest first. */
export function recipesFor({ quilt, makes, choices }: PlanWork, plan: Plan, block: string): Recipe[] {
  const make = makes.get(block)!
  const at = plan.blocks.findIndex(planned => planned.id === block)
  return variants(quilt).filter(variant => variant.cell.block === block).sort((a, b) => b.count - a.count).map(({ cell, count }) => {
    const cloths = clothsOfCell(quilt, cell)
    const clothOfPatch = (patch: number) => cloths[make.design.patches[patch]!.role]!
    const units = new Map<string, RecipeUnit>()
    for (const unit of unitsOf(make.units)) {
      const { dressed } = dressUnit(quilt, make, unit, cell)
      const known = units.get(dressed.key)
      if (known) known.perBlock += 1
      else units.set(dressed.key, recipeUnit(choices.find(({ demand }) => demand.unit.key === dressed.key && demand.perBlock.has(block))!, choices, plan, at))
    }
    const seen = cell.mirror ? mirroredMake(make) : make
    const draw = (patches: readonly number[]) => patches.map(patch => ({ polygon: seen.polygons[patch]!, cloth: clothOfPatch(patch) }))
    const size = { width: make.block.width + 2 * quilt.seam, height: make.block.height + 2 * quilt.seam }
    return {
      block, cell, count, units: [...units.values()], size,
      path: `blocks.${at}`, joins: joinSteps(seen, clothOfPatch, id => lightness(clothOf(quilt, id).colour), quilt.seam, `blocks.${at}.sewing`),
      done: {
        do: 'measure', code: 'block-done', data: { width: unfinishedSide(make.block.width, quilt.seam), height: unfinishedSide(make.block.height, quilt.seam) },
        picture: unfinished(draw(make.polygons.map((_, i) => i)), make.block.width, make.block.height, quilt.seam), expect: size,
      },
    }
  })
}

function recipeUnit({ demand, way }: Choice, choices: readonly Choice[], plan: Plan, block: number): RecipeUnit {
  const { unit } = demand
  const ids = new Set(way.made.pieces.map(draft => pieceId({ draft, method: way.method.id })))
  const place = plan.blocks[block]!.units.findIndex(planned => planned.key === demand.key)
  const { width, height } = plan.blocks[block]!.units[place]!
  return {
    id: unitId(demand, choices), key: demand.key, path: `blocks.${block}.units.${place}`, kind: unit.kind, method: way.method.id, perBlock: 1,
    inQuilt: demand.count, over: way.made.made - demand.count, trim: way.made.trim, steps: way.made.steps, size: { width, height },
    pieces: plan.pieces.filter(piece => ids.has(piece.id)),
  }
}

/**
 * What a unit is: kind, size and cloths, and its shape where that says more, so that ticks outlive a change of plan. Where two
 * blocks have one unit made in two ways, each lot has ticks of its own: the first keeps the plain name.
 */
export function unitId(demand: UnitDemand, choices: readonly Choice[]): string {
  const id = plainId(demand.unit)
  const first = choices.find(choice => plainId(choice.demand.unit) === id)
  return first && first.demand !== demand ? `${id}.${shortHash(demand.key)}` : id
}

function plainId(unit: DressedUnit): string {
  const shape = unit.kind === 'template' || unit.kind === 'flip-corner' ? [shortHash(unit.key)] : []
  return [unit.kind, `${round(unit.width)}x${round(unit.height)}`, ...unit.patches.map(patch => patch.cloth), ...shape].join('.')
}

function round(value: number): number {
  return Math.round(value * 1e4) / 1e4
}

interface Joined { step: Step, key: string, path: string }

/** The joins of a block in the order of sewing; like parts are sewn together and said once. */
function joinSteps(make: BlockMake, clothOfPatch: (patch: number) => string, light: (cloth: string) => number, seam: Inches, path: string): RecipeJoin[] {
  const joins: Joined[] = []
  const sx = make.block.width / make.design.width, sy = make.block.height / make.design.height
  const rows = rowsOf(make.units)
  const visit = (node: UnitTree, row: number | null, at: string): void => {
    if ('unit' in node) return
    const own = row ?? rows.findIndex(candidate => candidate === node)
    node.join.forEach((child, i) => visit(child, own >= 0 ? own : null, `${at}.join.${i}`))
    joins.push({ ...joinStep(node, own >= 0 ? own : null), path: at })
  }

  const joinStep = (node: Extract<UnitTree, { join: unknown }>, row: number | null): Omit<Joined, 'path'> => {
    const [first, second] = node.join.map(child => patchesUnder(child).map(patch => ({ polygon: make.polygons[patch]!, cloth: clothOfPatch(patch) })))
    const inInches = ([x, y]: Point): Point => [x * sx, y * sy]
    const [from, to] = node.seam.map(inInches) as [Point, Point]
    const boxes = [first!, second!].map(part => boundingBox(part.flatMap(patch => patch.polygon))) as [Box, Box]
    const all = boundingBox([...first!, ...second!].flatMap(patch => patch.polygon))
    const upright = Math.abs(from[0] - to[0]) < Math.abs(from[1] - to[1])
    const gap = Math.max(all.width, all.height) * 0.07
    const secondIsLater = upright ? middle(boxes[1])[0] > middle(boxes[0])[0] : middle(boxes[1])[1] > middle(boxes[0])[1]
    const shift = (part: typeof first, by: number): PictureShape[] => part!.map(patch => cloth(patch.cloth, movePolygon(patch.polygon, upright ? by : 0, upright ? 0 : by)))
    const press = pressTowards(node, row, upright, secondIsLater, first!, second!)
    const [mx, my] = [(from[0] + to[0]) / 2 + (upright ? gap / 2 : 0), (from[1] + to[1]) / 2 + (upright ? 0 : gap / 2)]
    const reach = Math.max(all.width, all.height) * 0.16 * (press === 'right' || press === 'down' ? 1 : -1)
    const arrow = press === 'open' ? [] : [{ from: [mx - (upright ? reach / 2 : 0), my - (upright ? 0 : reach / 2)] as const, to: [mx + (upright ? reach : 0), my + (upright ? 0 : reach)] as const }]
    const across = ([x, y]: Point): Point => upright ? [x + gap, y] : [x, y + gap]
    const legs = [node.seam, ...node.bent ?? []].map(leg => leg.map(inInches) as [Point, Point])
    const seamLines = legs.flatMap(([start, end]) => [line('sew', start, end), line('sew', across(start), across(end))])
    const dots = (node.dots ?? []).map(inInches).flatMap(dot => [dot, across(dot)])
    const shapes = secondIsLater ? [...shift(first, 0), ...shift(second, gap)] : [...shift(second, 0), ...shift(first, gap)]
    const paper = paperOf(make, node)
    const key = (paper ? `${paper.section} ${paper.number} ` : '') + lookOfJoin([first!, second!], press)
    return {
      key,
      step: {
        do: 'sew', code: paper ? 'foundation-add' : node.kind === 'partial' ? 'join-partial' : node.kind === 'set-in' ? 'join-set-in' : isLogJoin(node) ? 'join-log' : 'join-parts',
        data: { seam, press: pressWords(press), ...(paper ? { section: paper.section, number: paper.number } : {}) }, picture: picture(shapes, seamLines, arrow, dots), expect: { width: all.width + 2 * seam, height: all.height + 2 * seam },
      },
    }
  }

  const pressTowards = (node: Extract<UnitTree, { join: unknown }>, row: number | null, upright: boolean, secondIsLater: boolean, first: readonly { cloth: string }[], second: readonly { cloth: string }[]): Press => {
    const later: Press = upright ? 'right' : 'down', earlier: Press = upright ? 'left' : 'up'
    // seams that end on the same long seam must lie opposite ways to lock: odd rows one way, even rows the other
    if (row !== null) return row % 2 === 0 ? later : earlier
    const whole = node.join.map(child => 'unit' in child && child.unit.patches.length === 1)
    const shade = (part: readonly { cloth: string }[]) => part.reduce((sum, patch) => sum + light(patch.cloth), 0) / part.length
    const toSecond = whole[0] !== whole[1] ? whole[1]! : shade(second) < shade(first)
    return toSecond === secondIsLater ? later : earlier
  }

  visit(make.units, null, path)
  const distinct = new Map<string, RecipeJoin>()
  for (const { key, step, path } of joins) {
    const known = distinct.get(key)
    if (known) known.times += 1
    else distinct.set(key, { step, times: 1, path })
  }
  return [...distinct.values()]
}

/** The paper a join is sewn on, and the number of the patch it adds; null for a join of papers, or without papers. */
function paperOf({ papers }: BlockMake, node: Extract<UnitTree, { join: unknown }>): { section: string, number: number } | null {
  const patches = patchesUnder(node)
  const paper = papers?.sections.find(({ order }) => patches.every(patch => order.includes(patch)))
  return paper ? { section: paper.section, number: patches.length } : null
}

type Press = 'up' | 'down' | 'left' | 'right' | 'open'

/** The same for joins that look alike, however the parts lie: sewn one after the other they need be said only once. */
function lookOfJoin(parts: readonly (readonly { polygon: Polygon, cloth: string }[])[], press: Press): string {
  const turns: readonly Press[] = ['up', 'right', 'down', 'left']
  let turned = parts
  return [0, 1, 2, 3].map((turn) => {
    const box = boundingBox(turned.flat().flatMap(patch => patch.polygon))
    const looks = turned.map(part => part.map(patch => `${movePolygon(patch.polygon, -box.x, -box.y).map(p => p.map(v => (v + 0).toFixed(3)).join()).sort().join(' ')}:${patch.cloth}`).sort().join('|')).sort()
    turned = turned.map(part => part.map(({ polygon, cloth: name }) => ({ cloth: name, polygon: polygon.map(([x, y]): Point => [-y, x]) })))
    return `${looks.join(' + ')} ${press === 'open' ? press : turns[(turns.indexOf(press) + turn) % 4]}`
  }).sort()[0]!
}

function pressWords(press: Press): string {
  return press === 'open' ? 'open' : press === 'up' ? 'upwards' : press === 'down' ? 'downwards' : `to the ${press}`
}

function middle(box: Box): Point {
  return [box.x + box.width / 2, box.y + box.height / 2]
}

function patchesUnder(tree: UnitTree): number[] {
  return 'unit' in tree ? tree.unit.patches.map(patch => patch.patch) : [...patchesUnder(tree.join[0]), ...patchesUnder(tree.join[1])]
}

function isLogJoin(node: Extract<UnitTree, { join: unknown }>): boolean {
  return node.join.some(child => 'unit' in child && child.unit.kind === 'log')
}

/** Parts of the block that lie one above the other, joined by level seams: its rows. None for a block of one part. */
function rowsOf(tree: UnitTree): UnitTree[] {
  const flatten = (node: UnitTree): UnitTree[] => {
    if ('unit' in node || Math.abs(node.seam[0][1] - node.seam[1][1]) > 1e-6) return [node]
    return node.join.flatMap(flatten)
  }
  const rows = flatten(tree)
  return rows.length > 1 ? rows : []
}
