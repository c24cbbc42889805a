// In: the plan's work. Out: all the sewing of the quilt in batches, in the order of work.
import { makingRules } from '../file/makings'
import { frameStrips } from '../cut/framePieces'
import { pieceId } from '../cut/gather'
import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, clothOf, type Cell, type Quilt } from '../file/quilt'
import { dressedUnits, variants, type Variant } from '../make/units/demands'
import { mirroredMake } from '../make/units/mirroredMake'
import type { Unit } from '../make/units/unit'
import type { UnitTree } from '../make/units/unitTree'
import { unitsOf } from '../make/units/unitTree'
import { timesPlaced } from '../top/places'
import { versionOf } from '../plan/plannedPressing'
import type { PlanWork } from '../plan/planWork'
import { pressedVersions } from '../pressing/pressedVersions'
import type { Version } from '../pressing/quiltPressing'
import { methodContextOf } from '../plan/methodContext'
import { blockJoins } from './blockJoins'
import { chartJoins } from './chartJoins'
import { cutParts } from './cutParts'
import { Operations, type Operation } from './operation'
import { schedule } from './schedule'
import { testFirst } from './testFirst'
import { topJoins } from './topJoins'
import { unitLots, type Source } from './unitLots'

/** One visit to a station does all that can be done there. */
export interface Batch extends Operation {
  /** For one block of each design, which is sewn and measured first. */
  isTest: boolean
}

export interface QuiltBatches {
  batches: Batch[]
  /** Walks between mat, machine and iron: for the test blocks, for the rest. */
  visits: { test: number; rest: number }
  /** Whether fewer are known to be impossible. */
  isProven: boolean
}

/** `rowIds`: the name of each row in ticks. */
export function quiltBatches(work: PlanWork, rowIds: readonly string[]): QuiltBatches {
  const operations = new Operations()
  const blocks = blockSources(work, operations)
  const versionIn = versionOf(work.pressing)
  const partOf = cutParts(work.quilt, work, operations)
  if (makingRules(work.quilt.making).hasTop)
    topJoins(
      work.quilt,
      work.dimensions.setting,
      work.dimensions.top,
      {
        sourceOf: (region, inBorder) =>
          'cell' in region.fabric ? blocks.get(region.fabric.cell)!.get(versionIn(region)!)! : partOf(region, inBorder),
        rowIds,
      },
      operations,
    )
  const all = withWholePieces(operations.all(), work)
  const { test, rest } = testFirst(all, testBlocks(work, blocks))
  const [first, then] = [schedule(test), schedule(rest)]
  return {
    batches: [
      ...first.order.map(operation => ({ ...operation, isTest: true })),
      ...then.order.map(operation => ({ ...operation, isTest: false })),
    ],
    visits: { test: first.visits, rest: then.visits },
    isProven: first.isProven && then.isProven,
  }
}

/** What ends each block, for each cell and each way it is pressed there. */
function blockSources(work: PlanWork, operations: Operations): Map<Cell, Map<Version, Source>> {
  const { quilt, pressing } = work
  const sourceOf = unitSources(work, operations)
  const sources = new Map<Cell, Map<Version, Source>>()
  for (const variant of variants(quilt)) {
    for (const { version, count } of pressedVersions(pressing, variant.cells)) {
      const block = sewnBlock(work, variant, { press: version.press, count, sourceOf }, operations)
      for (const placed of variant.cells) {
        // strips of a print with an up are cut as they lie in the quilt: cell by cell
        const times = pressing.ofCell.get(placed)!.get(pressing.versions.indexOf(version))
        if (times === undefined) continue
        const known = sources.get(placed) ?? new Map<Version, Source>()
        sources.set(placed, known.set(version, framedBlock(block, placed, times, quilt, operations)))
      }
    }
  }
  return sources
}

type UnitSource = { id: Source; key: string }

/** Where the units of a block come from, by its id and the key of a dressed unit. */
function unitSources({ choices }: PlanWork, operations: Operations): (block: string, key: string) => UnitSource {
  const lots = unitLots(choices, operations)
  const demands = new Map(
    choices.flatMap(({ demand }) =>
      [...demand.perBlock.keys()].map(block => [`${block} ${demand.unit.key}`, demand.key] as const),
    ),
  )
  return (block, key) => {
    const demand = demands.get(`${block} ${key}`)!
    return { id: lots.get(demand)!, key: demand }
  }
}

/** All blocks of one dressing that are pressed alike, as they are seen from the front. */
function sewnBlock(
  { quilt, makes }: PlanWork,
  variant: Variant,
  lot: { press: Version['press']; count: number; sourceOf: (block: string, key: string) => UnitSource },
  operations: Operations,
): Source {
  const { cell } = variant
  const make = makes.get(cell.block)!
  const seen = cell.mirror ? mirroredMake(make) : make
  const cloths = clothsOfCell(quilt, cell)
  const clothOfPatch = (patch: number) => cloths[make.design.patches[patch]!.role]!
  const up = ((4 - cell.turn / 90) % 4) as 0 | 1 | 2 | 3
  const drawn = pairedUnits(seen.units, make.units)
  const dressed = dressedUnits(quilt, make, variant)
  const { picture } = make.design
  if (picture)
    return chartJoins(
      {
        make,
        picture,
        count: lot.count,
        isMirrored: cell.mirror,
        sourceOf: unit => lot.sourceOf(cell.block, dressed.get(unit)!.dressed.key).id,
      },
      operations,
    )
  return blockJoins(
    {
      make: seen,
      clothOfPatch,
      seam: quilt.seam,
      path: '',
      press: lot.press,
      isTrimmed: () => false,
      count: lot.count,
      sourceOf: unit => lot.sourceOf(cell.block, dressed.get(drawn.get(unit)!)!.dressed.key),
      upOf: patch => (clothOf(quilt, clothOfPatch(patch)).directional ? up : undefined),
    },
    operations,
  )
}

/** Two sides and two ends, round after round. */
function framedBlock(block: Source, cell: Cell, count: number, quilt: Quilt, operations: Operations): Source {
  return frameStrips(quilt, cell, count, methodContextOf(quilt)).reduce((inside, { order, pair }, i) => {
    const pile = pieceId(order)
    const id = `frame.${inside}.${pile}.${i}`
    const task = { frame: cell.block, pair }
    operations.add({
      id,
      at: 'machine',
      what: 'join',
      task,
      count,
      uses: [
        { id: inside, count },
        { id: pile, count: 2 * count },
      ],
      parts: [inside, pile],
      gives: count,
    })
    return operations.press(id, task, count)
  }, block)
}

/** The units of a block in the mirror by the units as drawn. */
function pairedUnits(seen: UnitTree, drawn: UnitTree): Map<Unit, Unit> {
  const as = unitsOf(drawn)
  return new Map(unitsOf(seen).map((unit, i) => [unit, as[i]!]))
}

/** Squares that are cut further: whole ones, as many as the pile has. */
function withWholePieces(operations: readonly Operation[], { pieces }: PlanWork): Operation[] {
  const piles = new Map(pieces.map(piece => [piece.id, piece]))
  return operations.map(operation => {
    if (!('pile' in operation.task)) return operation
    const { count, cuts } = piles.get(operation.task.pile)!
    const gives = cuts === 'one-diagonal' ? 2 * count : cuts === 'two-diagonals' ? 4 * count : operation.gives
    return { ...operation, count, uses: [{ id: operation.task.pile, count }], gives }
  })
}

/** Of each block that stands in several places what ends the first of its dressings. */
function testBlocks({ quilt }: PlanWork, blocks: ReadonlyMap<Cell, ReadonlyMap<Version, Source>>): Set<string> {
  const found = new Map<string, Source>()
  for (const [cell, sources] of blocks) {
    const { derived, tray, id } = blockOf(quilt, cell.block)
    // what is sewn already need not be tried
    if (derived || tray !== undefined || found.has(id) || timesPlaced(quilt, id) < 2) continue
    found.set(id, [...sources.values()][0]!)
  }
  return new Set(found.values())
}
