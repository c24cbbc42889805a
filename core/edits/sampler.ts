// In: blocks of many sizes. Out: the frames that bring them to one module, modules that suit them, blocks in turn.
import { MIN_FRAME } from '../checks/frames'
import { MIN_FINISHED } from '../file/entries/entryParts'
import { ownBlocks, type Quilt } from '../file/quilt'
import { roundUpToRuler, sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import { UNIT_DEFAULTS } from '../measure/units'
import type { QuiltFile } from '../file/schema'
import { timesPlaced } from '../top/places'
import { frameAll, withoutFill } from './blocks'
import { framedSize, innerSize, lengthIn, withSize, type FinishedSize } from './blockSize'
import { inTurn, type Edit } from './edit'
import { withCells } from './setting'

/** A size to which all blocks can be framed. */
export interface ModuleOffer {
  module: Inches
  /** Blocks of the quilt that get a frame, counted by their places. */
  framed: number
  /** Blocks whose frame would be too narrow: better made as large as the module. */
  narrow: string[]
}

/**
 * Modules for the blocks in their own sizes: the smallest there can be, and the one with the fewest frames where none
 * is narrower than ½″; smallest first. Source: handbook §4, samplers of mixed sizes.
 */
export function moduleOffers(quilt: Quilt): ModuleOffer[] {
  const blocks = ownBlocks(quilt)
  const sides = sidesOf(blocks)
  const smallest = possibleModule(sides, Math.max(...sides), quilt.ruler)
  const modules = [smallest, ...sides.map(side => roundUpToRuler(side + 2 * MIN_FRAME, quilt.ruler))]
    .filter(module => module >= smallest - TOLERANCE)
    .sort((a, b) => a - b)
    .filter((module, i, all) => i === 0 || !sameLength(module, all[i - 1]!))
  const offers = modules.map((module): ModuleOffer => {
    const framed = blocks.filter(({ width, height }) => !sameLength(width, module) || !sameLength(height, module))
    return {
      module,
      framed: framed.reduce((sum, { id }) => sum + timesPlaced(quilt, id), 0),
      narrow: framed.filter(block => isNarrow(block, module)).map(({ id }) => id),
    }
  })
  const sound = offers.filter(({ narrow }) => narrow.length === 0)
  const fewest = sound.reduce((a, b) => (b.framed < a.framed ? b : a))
  return offers[0] === fewest ? [fewest] : [offers[0]!, fewest]
}

/** Whether a side of the block would have a frame that is hardly seen, and hard to sew evenly. */
export function isNarrow({ width, height }: FinishedSize, module: Inches): boolean {
  return [width, height].some(side => {
    const strip = (module - side) / 2
    return strip > TOLERANCE && strip < MIN_FRAME - TOLERANCE
  })
}

/** The smallest module from this size on where each block has a frame that can be sewn, or none. */
function possibleModule(sides: readonly Inches[], from: Inches, ruler: Inches): Inches {
  const canBe = (module: Inches) =>
    sides.every(side => sameLength(module, side) || module - side >= 2 * MIN_FINISHED - TOLERANCE)
  const next = sides.map(side => roundUpToRuler(side + 2 * MIN_FINISHED, ruler))
  return Math.min(...[from, ...next].filter(module => module >= from - TOLERANCE && canBe(module)))
}

/**
 * One block itself takes this size; all are framed to the module they had, or to a larger one where it must be.
 */
export function setOwnSize(blockId: string, size: FinishedSize): Edit {
  return file => {
    const resized = file.blocks.map(block => (block.id === blockId ? withSize(file, block, size) : block))
    const next = { ...file, blocks: resized }
    const module = Math.max(moduleOf(file), size.width, size.height)
    return frameAll(possibleModule(ownSides(next), module, rulerOf(file)))(next)
  }
}

/** The largest side of any block with its frames. */
function moduleOf(file: QuiltFile): Inches {
  return Math.max(...sidesOf(file.blocks.map(block => framedSize(file, block))))
}

/**
 * All blocks dealt out over the places, framed to one module: each as often as the others, or once or twice more, and
 * none beside or below itself where there are three or more.
 */
export function dealBlocks(quilt: Quilt): Edit {
  const ids = ownBlocks(quilt).map(({ id }) => id)
  const dealt = new Map(ids.map(id => [id, 0]))
  const places: string[][] = []
  for (const line of quilt.setting.cells) {
    const row: string[] = []
    for (const c of line.keys()) {
      // the one dealt least often, the others after it in their order
      const free = ids.filter(id => id !== row[c - 1] && id !== places.at(-1)?.[c])
      const next = (free.length > 0 ? free : ids).reduce((a, b) => (dealt.get(b)! < dealt.get(a)! ? b : a))
      dealt.set(next, dealt.get(next)! + 1)
      row.push(next)
    }
    places.push(row)
  }
  return inTurn(
    file => frameAll(possibleModule(ownSides(file), moduleOf(file), rulerOf(file)))(file),
    file =>
      withCells(
        { ...file, setting: withoutFill(file.setting) },
        places.map(line => line.map(block => ({ block }))),
      ),
  )
}

/** Of the blocks themselves. */
function ownSides(file: QuiltFile): Inches[] {
  return sidesOf(file.blocks.map(block => innerSize(file, block)))
}

function sidesOf(sizes: readonly FinishedSize[]): Inches[] {
  return sizes.flatMap(({ width, height }) => [width, height])
}

function rulerOf(file: QuiltFile): Inches {
  return lengthIn(file, file.ruler ?? UNIT_DEFAULTS[file.units ?? 'in'].ruler)
}
