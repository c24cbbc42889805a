// In: the plan and what it was made from. Out: how each block is made, one recipe for each of its dressings.
import { clothsOfCell } from '../file/clothsOfCell'
import { dressedUnits, variants, type Variant } from '../make/units/demands'
import { stepsOf } from '../make/methods/stepsOf'
import { mirroredMake } from '../make/units/mirroredMake'
import type { Unit } from '../make/units/unit'
import { unitsOf } from '../make/units/unitTree'
import type { Inches } from '../measure/ruler'
import type { ChosenWay } from '../plan/choose'
import { unfinishedSide } from '../measure/unfinishedSide'
import { pieceId } from '../cut/gather'
import type { Piece } from '../cut/piece'
import type { Cell } from '../file/quilt'
import { isTrimmedUnit } from '../plan/trimmedUnits'
import { frameSteps, type RecipeFrame } from './frameSteps'
import { pictureShapes } from './pictureShapes'
import { unitBack } from './unitBack'
import { unitIds } from '../plan/unitIds'
import type { Plan } from '../plan/plan'
import { versionNames } from '../plan/plannedPressing'
import type { PlanWork } from '../plan/planWork'
import { seamsOf } from '../pressing/signatures'
import { pressedVersions } from '../pressing/pressedVersions'
import type { Version } from '../pressing/quiltPressing'
import { joinSteps, type RecipeJoin } from '../make/joins/joins'
import { backShapes, backView, type BackShapes } from '../make/joins/backView'
import type { Press } from '../make/steps/press'
import { unfinished, type Picture } from '../make/steps/picture'
import type { BlockMake } from '../make/units/blockMake'
import type { Point } from '../geometry/polygon'
import { seamsAcross } from '../geometry/seamsAcross'
import type { Step } from '../make/steps/step'

/** How one block is made in one set of cloths: its units first, then the joins. */
export interface Recipe {
  block: string
  /** Cloths of this version, where the block stands in several. */
  cell: Cell
  /** Blocks of these cloths, pressed so, in the quilt. */
  count: number
  /** A sign, where the block is pressed in more than one way. */
  version?: string
  units: RecipeUnit[]
  joins: RecipeJoin[]
  /** Strips round it, when it is joined. */
  frames: RecipeFrame[]
  /** Where the block stands in the plan. */
  path: string
  /** Raw edge to raw edge. */
  size: { width: Inches; height: Inches }
  /** The finished block, to be measured. */
  done: Step
  /** From behind, its allowances folded as they are pressed; of a picture nothing is drawn. */
  back: Picture
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
  /** Of these, its mirror image made in the same lot: where its numbers stand, and how many. */
  mirror?: { path: string; perBlock: number; inQuilt: number }
  pieces: Piece[]
  size: { width: Inches; height: Inches }
  /** Seams that run across its width. */
  across: number
  trim: boolean
  steps: Step[]
  /** From behind, its allowances folded as they are pressed; not where it has no seam of its own. */
  back?: Picture
}

/**
 * Whether a unit is sewn, or cut further, before the block is joined; others are ready as they come from the cutting
 * sheet.
 */
export function needsSewing({ steps, pieces }: RecipeUnit): boolean {
  return (
    steps.length > 1
    || pieces.length > 1
    || pieces.some(piece => piece.cuts === 'one-diagonal' || piece.cuts === 'two-diagonals')
  )
}

/** The recipes of a block, one for each set of cloths it stands in; the commonest first. */
export function recipesFor(work: PlanWork, plan: Plan, block: string): Recipe[] {
  const at = plan.blocks.findIndex(planned => planned.id === block)
  const basis: RecipeBasis = {
    work,
    plan,
    at,
    found: lookUps(work, plan, block, at),
    trimmed: trimmedPatches(work, block),
  }
  const names = versionNames(work.pressing)
  return variants(work.quilt)
    .filter(variant => variant.cell.block === block)
    .flatMap(variant => pressedVersions(work.pressing, variant.cells).map(pressed => ({ variant, ...pressed })))
    .sort((a, b) => b.count - a.count)
    .map(({ variant, count, version }) => {
      const name = names.get(version)
      const { cell } = variant
      return { block, cell, count, ...(name ? { version: name } : {}), ...dressedRecipe(basis, variant, version) }
    })
}

/** What all recipes of a block are told from. */
interface RecipeBasis {
  work: PlanWork
  plan: Plan
  /** The place of the block in the plan. */
  at: number
  found: LookUps
  /** Patches of units that are trimmed when they are sewn: in the mirror a unit has the same. */
  trimmed: ReadonlySet<number>
}

function trimmedPatches({ quilt, makes, choices }: PlanWork, block: string): Set<number> {
  const make = makes.get(block)!
  if (make.design.picture) return new Set()
  const isTrimmed = isTrimmedUnit(quilt, choices)
  return new Set(
    unitsOf(make.units).flatMap(unit => (isTrimmed(make, unit) ? unit.patches.map(({ patch }) => patch) : [])),
  )
}

/** A block in the cloths of a place, pressed as it is there. */
function dressedRecipe(
  basis: RecipeBasis,
  variant: Variant,
  version: Version,
): Pick<Recipe, 'units' | 'size' | 'path' | 'joins' | 'frames' | 'back' | 'done'> {
  const { work, at, found, trimmed } = basis
  const { quilt } = work
  const { cell } = variant
  const make = work.makes.get(cell.block)!
  const cloths = clothsOfCell(quilt, cell)
  const clothOfPatch = (patch: number) => cloths[make.design.patches[patch]!.role]!
  const seen = cell.mirror ? mirroredMake(make) : make
  const { width, height } = make.block.outer
  const size = { width: width + 2 * quilt.seam, height: height + 2 * quilt.seam }
  const inside = make.design.picture
    ? pictureShapes(seen.polygons, make.design.width, clothOfPatch)
    : seen.polygons.map((polygon, patch) => ({ polygon, cloth: clothOfPatch(patch) }))
  const { frames, drawn } = frameSteps(make.block, inside, quilt.seam)
  return {
    units: withMirrors(recipeUnits(basis, variant, version), found.ofDemand),
    size,
    path: `blocks.${at}`,
    // a picture is joined by its chart, row by row
    joins: make.design.picture
      ? []
      : joinSteps({
          make: seen,
          clothOfPatch,
          press: version.press,
          seam: quilt.seam,
          path: `blocks.${at}.sewing`,
          isTrimmed: unit => trimmed.has(unit.patches[0]!.patch),
        }),
    frames,
    // of thousands of squares that are all pressed by one rule nothing is seen
    back: make.design.picture
      ? { width: size.width, height: size.height, shapes: [], lines: [], arrows: [] }
      : backView(backOf(version, make, cell.mirror, quilt.seam), clothOfPatch),
    done: {
      do: 'measure',
      code: 'block-done',
      data: { width: unfinishedSide(width, quilt.seam), height: unfinishedSide(height, quilt.seam) },
      picture: unfinished(drawn, width, height, quilt.seam),
      expect: size,
    },
  }
}

/** Units that are alike are one, with how many there are in the block. */
function recipeUnits({ work, plan, at, found }: RecipeBasis, variant: Variant, version: Version): RecipeUnit[] {
  const { quilt, makes } = work
  const make = makes.get(variant.cell.block)!
  const units = new Map<string, RecipeUnit>()
  for (const { dressed, feeds } of dressedUnits(quilt, make, variant).values()) {
    const { key } = dressed
    const known = units.get(key)
    if (known) known.perBlock += 1
    else {
      const back = unitBack(dressed, feeds, make, version.press, quilt.seam)
      units.set(key, { ...recipeUnit(found.ofUnit.get(key)!, found, plan, at), ...(back ? { back } : {}) })
    }
  }
  return [...units.values()]
}

/** Two hands made in one lot are one unit of the recipe, under the one that is wanted more often. */
function withMirrors(units: readonly RecipeUnit[], ofDemand: ReadonlyMap<string, ChosenWay>): RecipeUnit[] {
  const mirrorOf = (unit: RecipeUnit) => {
    const { demand, way } = ofDemand.get(unit.key)!
    return way.made.isBothHands
      ? units.find(other => demand.mirrors.includes(other.key) && other.method === unit.method)
      : undefined
  }
  return units.flatMap((unit, i): RecipeUnit[] => {
    const other = mirrorOf(unit)
    if (!other) return [unit]
    const isFirst = unit.inQuilt > other.inQuilt || (unit.inQuilt === other.inQuilt && i < units.indexOf(other))
    if (!isFirst) return []
    const pieces = [...unit.pieces, ...other.pieces.filter(piece => !unit.pieces.includes(piece))]
    return [
      {
        ...unit,
        pieces,
        perBlock: unit.perBlock + other.perBlock,
        inQuilt: unit.inQuilt + other.inQuilt,
        mirror: { path: other.path, perBlock: other.perBlock, inQuilt: other.inQuilt },
      },
    ]
  })
}

/** A version of a block from behind, drawn once for all its dressings. */
function backOf(version: Version, make: BlockMake, isMirrored: boolean, seam: Inches): BackShapes {
  const { block, design } = make
  const key = [isMirrored, block.width, block.height, seam].join()
  const known = backs.get(version.press)
  if (known?.key === key) return known.shapes
  const place = ([x, y]: Point): Point => {
    const across = (x * block.width) / design.width
    return [isMirrored ? block.width - across : across, (y * block.height) / design.height]
  }
  const shapes = backShapes({
    width: block.width,
    height: block.height,
    polygons: (isMirrored ? mirroredMake(make) : make).polygons,
    edges: seamsOf(make).edges.map(edge => ({ ...edge, from: place(edge.from), to: place(edge.to) })),
    press: version.press,
    seam,
  })
  backs.set(version.press, { key, shapes })
  return shapes
}

/** The last that was drawn of each version: its dressings follow each other. */
const backs = new WeakMap<readonly Press[], { key: string; shapes: BackShapes }>()

/** What recipes look up in a plan, found once for all dressings of a block. */
interface LookUps {
  /** How each unit of the block is made, by the unit's own key. */
  ofUnit: ReadonlyMap<string, ChosenWay>
  /** The same for units of any block, by the key of the demand. */
  ofDemand: ReadonlyMap<string, ChosenWay>
  /** The name of each unit in ticks, by the key of its demand. */
  idOf: ReadonlyMap<string, string>
  /** Where a demand's unit stands among those of the block in the plan. */
  places: ReadonlyMap<string, number>
  /** Where a pile stands among those of the plan. */
  piles: ReadonlyMap<string, number>
}

function lookUps({ choices }: PlanWork, plan: Plan, block: string, at: number): LookUps {
  // of several with one name the first counts
  const backwards = [...choices].reverse()
  return {
    ofUnit: new Map(
      backwards.filter(({ demand }) => demand.perBlock.has(block)).map(choice => [choice.demand.unit.key, choice]),
    ),
    ofDemand: new Map(backwards.map(choice => [choice.demand.key, choice])),
    idOf: unitIds(choices),
    places: new Map(plan.blocks[at]!.units.map((planned, place) => [planned.key, place])),
    piles: new Map(plan.pieces.map((piece, pile) => [piece.id, pile])),
  }
}

function recipeUnit({ demand, way }: ChosenWay, found: LookUps, plan: Plan, block: number): RecipeUnit {
  const { unit } = demand
  const ids = new Set(way.made.pieces.map(draft => pieceId({ draft })))
  const place = found.places.get(demand.key)!
  const { width, height } = plan.blocks[block]!.units[place]!
  return {
    id: found.idOf.get(demand.key)!,
    key: demand.key,
    path: `blocks.${block}.units.${place}`,
    kind: unit.kind,
    method: way.method.id,
    perBlock: 1,
    inQuilt: demand.count,
    over: way.made.made - demand.count,
    trim: way.made.trim,
    steps: stepsOf(way.made),
    size: { width, height },
    across: seamsAcross(unit.patches.map(({ polygon }) => polygon)),
    pieces: [...ids]
      .flatMap(id => found.piles.get(id) ?? [])
      .sort((a, b) => a - b)
      .map(pile => plan.pieces[pile]!),
  }
}
