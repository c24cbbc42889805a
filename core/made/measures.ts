import { makingRules } from '../file/makings'
import { sameLength, type Inches } from '../measure/ruler'
import { measuredThing, type StageKey } from '../file/measuredThing'
import { joinedSide } from '../file/joinedSide'
import { seamBeyond } from '../file/seamBeyond'
import type { Block, Quilt } from '../file/quilt'
import { decidedSize } from './decidedSize'

/** Spread of measures beyond which something is off. Source: handbook §8. */
export const MAX_SPREAD: Inches = 1 / 2

/** What was measured of one stage: raw edge to raw edge as entered, and finished as it counts from now on. */
export interface Measured {
  raw: readonly Inches[]
  mean: Inches
  finished: Inches
  spread: Inches
}

/**
 * The last entry for a stage of the top (`setting`, `border-1`, `border-1-first` …): the mean of its measures less
 * two seams.
 */
export function measuredStage(quilt: Quilt, what: StageKey, side: 'width' | 'height'): Measured | null {
  const raw = quilt.made.findLast(entry => entry.what === what && entry[side] !== undefined)?.[side]
  return raw ? measured(raw, seamBeyond(quilt)) : null
}

/**
 * Rows, or columns, that were measured along their length before they are joined (`row-1`, `row-2` …), each by its
 * mean: the top will be as wide, or as high, as they are together. Null where none was, and on the side across them.
 */
export function measuredRows(quilt: Quilt, side: 'width' | 'height'): Measured | null {
  if (side !== joinedSide(quilt.setting)) return null
  const rows = new Map<string, Inches>()
  for (const { what, [side]: values } of quilt.made)
    if (measuredThing(what).kind === 'row' && values && values.length > 0) rows.set(what, meanOf(values))
  return rows.size === 0 ? null : measured([...rows.values()], seamBeyond(quilt))
}

function measured(raw: readonly Inches[], seam: Inches): Measured {
  const mean = meanOf(raw)
  return { raw, mean, finished: mean - 2 * seam, spread: Math.max(...raw) - Math.min(...raw) }
}

function meanOf(values: readonly Inches[]): Inches {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

/**
 * What the measured blocks of this planned size will be, frames and all, less two seams: the smallest, for all are
 * trimmed to it, unless the quilter decided otherwise; null: none measured. As you go a block is trimmed to its
 * batting, which is as large as planned where the block covers it.
 */
export function measuredBlock(quilt: Quilt, block: Pick<Block, 'outer'>): { width: Inches; height: Inches } | null {
  const sizes = known.get(quilt) ?? new Map<string, ReturnType<typeof measuredNow>>()
  known.set(quilt, sizes)
  const key = `${block.outer.width} ${block.outer.height}`
  const found = sizes.get(key)
  if (found !== undefined) return found
  const size = measuredNow(quilt, block)
  sizes.set(key, size)
  return size
}

/** A quilt is asked for each of its blocks, and again for each measure. */
const known = new WeakMap<Quilt, Map<string, { width: Inches; height: Inches } | null>>()

function measuredNow(quilt: Quilt, { outer }: Pick<Block, 'outer'>): { width: Inches; height: Inches } | null {
  const entries = quilt.made.filter(entry => {
    const other = quilt.blocks.find(candidate => candidate.id === entry.block)
    return (
      entry.what === 'block'
      && other
      && sameLength(other.outer.width, outer.width)
      && sameLength(other.outer.height, outer.height)
    )
  })
  const sizes = (side: 'width' | 'height') =>
    entries.flatMap(entry => {
      const values = entry[side] ?? entry.size
      return values ? [decidedSize(values, entry.decision ?? 'trim', outer[side] + 2 * quilt.seam)] : []
    })
  const [widths, heights] = [sizes('width'), sizes('height')]
  if (widths.length === 0 && heights.length === 0) return null
  const finished = (side: 'width' | 'height', values: readonly Inches[]) => {
    if (values.length === 0) return outer[side]
    const least = Math.min(...values)
    return makingRules(quilt.making).hasTop ? least - 2 * quilt.seam : Math.min(outer[side], least)
  }
  return { width: finished('width', widths), height: finished('height', heights) }
}

/**
 * Seam allowance really sewn, from `strips` equal strips cut `cut` wide, sewn side by side, pressed and measured
 * across. Each of the n − 1 seams takes two allowances: (n·cut − measured) ÷ (2(n − 1)). Source: handbook §7.
 */
export function sewnSeam(strips: number, cut: Inches, measured: Inches): Inches {
  return (strips * cut - measured) / (2 * (strips - 1))
}

/** What the strips of a seam test should measure when every seam is right. */
export function expectedSeamTest(strips: number, cut: Inches, seam: Inches): Inches {
  return strips * cut - 2 * (strips - 1) * seam
}

/**
 * How far each seam is off in a block that measures wrong with `seams` seams across it: (expected − measured) ÷ (2k).
 * Source: handbook §7.
 */
export function seamError(expected: Inches, measured: Inches, seams: number): Inches {
  return seams === 0 ? 0 : (expected - measured) / (2 * seams)
}
