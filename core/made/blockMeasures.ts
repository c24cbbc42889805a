// In: what was measured of a block. Out: what that says of the seam and the hand, and what can be done about it.
import type { Block, Quilt } from '../file/quilt'
import { sumOf, type Sum, type Term } from '../measure/sum'
import type { Inches } from '../measure/ruler'
import { isNear, MAX_SCATTER, type Decision } from './decidedSize'
import { seamError } from './measures'
import { SEAM_TOLERANCE } from './seamTest'

/** Raw edge to raw edge across; each number with its reason. */
export interface BlockMeasures {
  count: number
  mean: Sum
  smallest: Inches
  largest: Inches
  spread: Sum
  /** How much each allowance takes too much, by the mean; null where no such seam runs across. */
  error: Sum | null
  /** Standard deviation of the blocks; null for one alone, which cannot tell the seam from chance. */
  scatter: Sum | null
  /** What is left of the allowance beyond the points of the largest block, when all are trimmed to the smallest. */
  beyondPoints: Sum
  /** What the block that differs most must be eased to meet the mean. */
  ease: Sum
  /** Blocks too far from the plan to be used with the others, to be made again. */
  remake: number
  advised: Decision | 'go-on' | 'measure-more'
}

/**
 * `across`: seams on a level line through the block that no trim has reset since. Null where nothing was measured.
 */
export function blockMeasures(quilt: Quilt, block: Block, across: number): BlockMeasures | null {
  const entry = quilt.made.findLast(made => made.what === 'block' && made.block === block.id)
  const values = entry?.size ?? entry?.width
  if (!values || values.length === 0) return null
  const expected = block.outer.width + 2 * quilt.seam
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length
  const [smallest, largest] = [Math.min(...values), Math.max(...values)]
  const farthest = values.reduce((far, value) => (Math.abs(value - mean) > Math.abs(far - mean) ? value : far))
  const measured = values.map((value): Term => ({ what: 'measure', value }))
  const off = seamError(expected, mean, across)
  const parts = {
    count: values.length,
    mean: sumOf([{ what: 'measured-mean', value: mean, of: 'block' }], measured),
    smallest,
    largest,
    spread: sumOf([
      { what: 'largest', value: largest },
      { what: 'smallest', value: -smallest },
    ]),
    error:
      across === 0
        ? null
        : sumOf(
            [{ what: 'share-of-each-allowance', value: off }],
            [
              { what: 'expected', value: expected },
              { what: 'mean', value: mean },
              { what: 'allowances-in-seams', value: 2 * across },
            ],
          ),
    scatter: values.length < 2 ? null : sumOf([{ what: 'scatter', value: deviation(values, mean) }], measured),
    beyondPoints: sumOf([
      { what: 'allowance', value: quilt.seam },
      { what: 'half-the-spread', value: -(largest - smallest) / 2 },
    ]),
    ease: sumOf(
      [{ what: 'from-the-mean', value: Math.abs(farthest - mean) }],
      [
        { what: 'measure', value: farthest },
        { what: 'mean', value: mean },
      ],
    ),
    remake: values.filter(value => !isNear(value, expected)).length,
  }
  return { ...parts, advised: advisedFor(values, parts, expected, off) }
}

function deviation(values: readonly Inches[], mean: Inches): Inches {
  return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1))
}

/** Good enough to sew on with, by the half of what can be eased. */
const GOOD: Inches = MAX_SCATTER / 2

/** What costs least: to go on, to ease, to move the needle, to make a few again, at last to trim all. */
function advisedFor(
  values: readonly Inches[],
  { count, spread, mean, remake }: Pick<BlockMeasures, 'count' | 'spread' | 'mean' | 'remake'>,
  expected: Inches,
  error: Inches,
): BlockMeasures['advised'] {
  const off = Math.abs(mean.total - expected)
  if (count === 1) return off <= GOOD ? 'go-on' : 'measure-more'
  if (off <= GOOD && spread.total <= GOOD) return 'go-on'
  // all alike, and all wrong: it is the seam
  if (spread.total <= MAX_SCATTER) return off > GOOD && Math.abs(error) >= SEAM_TOLERANCE ? 'needle' : 'ease'
  const kept = values.filter(value => isNear(value, expected))
  const isFew = remake > 0 && remake * 4 <= count
  return isFew && Math.max(...kept) - Math.min(...kept) <= MAX_SCATTER ? 'remake' : 'trim'
}

/** Why a measure cannot be right; null where it can. */
export type Doubt =
  { what: 'other-unit'; inches: Inches; units: Quilt['units'] } | { what: 'far-off'; expected: Inches }

/**
 * A measure that cannot be, such as 90″ for a block of 9: far from the plan; or right, had it been meant in the other
 * unit. `inches`: as it was taken.
 */
export function doubtOf(inches: Inches, expected: Inches, units: Quilt['units']): Doubt | null {
  const isLikely = (value: Inches) => value > expected * 0.85 && value < expected * 1.15
  if (isLikely(inches)) return null
  const other = units === 'in' ? inches / 2.54 : inches * 2.54
  if (isLikely(other)) return { what: 'other-unit', inches: other, units: units === 'in' ? 'cm' : 'in' }
  return { what: 'far-off', expected }
}
