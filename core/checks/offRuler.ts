import type { BlockMake } from '../make/units/blockMake'
import { variants } from '../make/units/demands'
import { dressUnit } from '../make/units/dressUnit'
import { squareCorner, type Unit } from '../make/units/unit'
import { unitsOf } from '../make/units/unitTree'
import { boundingBox, type Box } from '../geometry/polygon'
import { isOnRuler, TOLERANCE, type Inches } from '../measure/ruler'
import { plainSide } from '../make/methods/cutSize'
import type { ChosenWay } from '../plan/choose'
import { ownBlocks, type Block, type Quilt } from '../file/quilt'
import type { Check, Checker } from './check'
import { inBlock } from './place'

/** Roundings that add up to this over a block show in it. */
const MIN_OFF: Inches = 1 / 16
/** So many ruler steps each way a better size is looked for. */
const REACH = 800

/**
 * A block, or the half of one, whose sewn-as-cut pieces had to be rounded, and by so much together that it shows; with
 * the nearest sizes of the block at which neither would.
 */
export const offRuler: Checker = ({ quilt, makes, choices }) =>
  ownBlocks(quilt).flatMap((block, i): Check[] => {
    if (quilt.ruler === 0) return []
    const sides = { seam: quilt.seam, ruler: quilt.ruler }
    const parts = partsOf(quilt, block).flatMap(part => {
      const make = makes.get(part.id)
      return make ? [{ name: part.name, ...sewnAsCutIn(quilt, make, choices) }] : []
    })
    const lengths = parts.flatMap(part => part.lengths)
    const roundingOf = (size: Inches) => {
      const { total, exact } = plainSide(size, sides)
      return total - exact
    }
    const errors = parts.map(({ name, rectangles }) => ({ name, off: worstOf(rectangles, roundingOf) }))
    const worst = errors.reduce((most, part) => (Math.abs(part.off) > Math.abs(most.off) + TOLERANCE ? part : most))
    if (Math.abs(worst.off) < MIN_OFF - TOLERANCE) return []
    const isGood = (size: Inches) =>
      lengths.every(({ finished, beyond }) =>
        isOnRuler((finished * size) / block.width + beyond + 2 * quilt.seam, quilt.ruler / 2),
      )
    const field = block.size === undefined ? 'width' : 'size'
    const sizes = nearestGood(block.width, quilt.ruler, isGood)
    const data = { block: worst.name, off: worst.off, sizes }
    return [{ id: 'off-ruler', severity: 'warn', ...inBlock(i, field), data }]
  })

/** A block and its halves, if the ends of shifted rows are filled with them. */
function partsOf(quilt: Quilt, block: Block): Block[] {
  const halves = quilt.blocks.filter(({ derived }) => derived?.what === 'half' && derived.of === block.id)
  return [block, ...halves]
}

/**
 * What is cut to the nearest half step: rectangles where they lie in the block, and all finished lengths that are set
 * on the ruler.
 */
interface SewnAsCut {
  rectangles: Box[]
  lengths: { finished: Inches; beyond: Inches }[]
}

function sewnAsCutIn(quilt: Quilt, make: BlockMake, choices: readonly ChosenWay[]): SewnAsCut {
  const found: SewnAsCut = { rectangles: [], lengths: [] }
  const add = (...boxes: Box[]) => {
    found.rectangles.push(...boxes)
    found.lengths.push(
      ...boxes.flatMap(({ width, height }) => [width, height]).map(finished => ({ finished, beyond: 0 })),
    )
  }
  const { picture, width: columns } = make.design
  if (picture) {
    // every line across and down is alike: one of each stands for all
    add(...make.polygons.slice(0, columns).map(boundingBox))
    for (let first = columns; first < make.polygons.length; first += columns) add(boundingBox(make.polygons[first]!))
    return found
  }
  const choiceOf = waysOf(quilt, make, choices)
  for (const unit of unitsOf(make.units)) {
    const choice = choiceOf(unit)
    if (!choice || choice.way.made.trim) continue
    switch (choice.way.method.sewnAsCut) {
      case 'patches':
        add(...unit.patches.map(patch => boundingBox(patch.polygon)))
        break
      case 'depth-of-strip':
        found.lengths.push(stripDepth(choice))
        break
      case 'base-and-corners':
        // corners are flipped on a base as large as the unit
        add(boundingBox(unit.patches.flatMap(patch => patch.polygon)))
        found.lengths.push(...flippedLegs(unit).map(finished => ({ finished, beyond: 0 })))
        break
      case undefined:
        break
    }
  }
  return found
}

/** The way taken for a unit of a block, as the first of its dressings wears it. */
function waysOf(quilt: Quilt, make: BlockMake, choices: readonly ChosenWay[]): (unit: Unit) => ChosenWay | undefined {
  const { id } = make.block
  const cell = variants(quilt).find(variant => variant.cell.block === id)?.cell
  const byUnit = new Map(
    choices.filter(({ demand }) => demand.perBlock.has(id)).map(choice => [choice.demand.unit.key, choice]),
  )
  return unit => cell && byUnit.get(dressUnit(quilt, make, unit, cell).dressed.key)
}

function flippedLegs(unit: Unit): Inches[] {
  if (unit.kind === 'goose') return []
  return unit.patches
    .filter(patch => patch.slot !== 'base' && patch.slot !== 'centre')
    .map(patch => squareCorner(patch.polygon)!.leg)
}

/** The height of a patch cut from a strip, and what its tip reaches beyond its seams. */
function stripDepth({ way }: ChosenWay): { finished: Inches; beyond: Inches } {
  const terms = way.made.pieces[0]!.why.height.terms
  const value = (what: string) =>
    terms.reduce((sum, term) => (term.what === what && 'value' in term ? sum + term.value : sum), 0)
  return { finished: value('height-of-the-patch'), beyond: value('reach-of-the-tip') }
}

/**
 * Along a line through the block the roundings of all that it crosses add up: the most that comes of it, across or
 * down.
 */
function worstOf(boxes: readonly Box[], error: (size: Inches) => Inches): Inches {
  const along = (start: 'x' | 'y', span: 'width' | 'height', size: 'width' | 'height') => {
    const errors = new Map([...new Set(boxes.map(box => box[size]))].map(length => [length, error(length)]))
    const middles = new Set(boxes.map(line => onceRounded(line[start] + line[span] / 2)))
    return [...middles].map(middle =>
      boxes
        .filter(box => box[start] < middle && middle < box[start] + box[span])
        .reduce((sum, box) => sum + errors.get(box[size])!, 0),
    )
  }
  return [...along('y', 'height', 'width'), ...along('x', 'width', 'height')].reduce(
    (most, sum) => (Math.abs(sum) > Math.abs(most) + TOLERANCE ? sum : most),
    0,
  )
}

/** Lines this close are one line. */
function onceRounded(place: Inches): Inches {
  return Math.round(place * 1e6) / 1e6
}

/** The nearest good size below and the nearest above, each a multiple of the ruler's step; never the size itself. */
function nearestGood(size: Inches, step: Inches, isGood: (size: Inches) => boolean): Inches[] {
  const at = Math.round(size / step)
  const search = (by: 1 | -1) => {
    for (let n = at; n > 0 && Math.abs(n - at) <= REACH; n += by) {
      const candidate = n * step
      if ((candidate - size) * by > TOLERANCE && isGood(candidate)) return [candidate]
    }
    return []
  }
  return [...search(-1), ...search(1)]
}
