// In: a block with what was measured of it. Out: what that says, and how large the quilt is by each decision.
import { blockMeasures, type BlockMeasures } from '../made/blockMeasures'
import { DECISIONS, type Decision } from '../made/decidedSize'
import type { BlockMake } from '../make/units/blockMake'
import { seamsSinceTrim } from '../make/units/seamsSinceTrim'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import type { Quilt } from '../file/quilt'
import { dimensionsOf } from '../top/dimensions'
import type { ChosenWay } from './choose'
import { isTrimmedUnit } from './trimmedUnits'

/** Raw edge to raw edge, across the block. */
export interface MeasuredBlock extends Pick<BlockMeasures, 'count' | 'remake' | 'advised'> {
  mean: Inches
  spread: Inches
  /** Seams on a level line across that no trim has reset since. */
  seams: number
  /** How much each allowance takes too much; left out where no such seam runs across. */
  error?: Inches
  /** Standard deviation; left out for one block alone. */
  scatter?: Inches
  /** Allowance left beyond the points of the largest, if all are trimmed to the smallest. */
  beyondPoints: Inches
  /** What the one that differs most must be eased. */
  ease: Inches
  /** What was decided; trimming, where nothing was. */
  decision: Decision
  /** The finished quilt by each decision. */
  quilts: Record<Decision, { width: Inches; height: Inches }>
}

/** Nothing, where nothing was measured. */
export function plannedMeasures(
  quilt: Quilt,
  make: BlockMake,
  choices: readonly ChosenWay[],
): { measured?: Explainable<MeasuredBlock> } {
  const { block } = make
  if (!quilt.made.some(made => made.what === 'block' && made.block === block.id)) return {}
  const isTrimmed = isTrimmedUnit(quilt, choices)
  const across = seamsSinceTrim(make, unit => isTrimmed(make, unit))
  const found = blockMeasures(quilt, block, across)
  if (!found) return {}
  const entry = quilt.made.findLast(made => made.what === 'block' && made.block === block.id)!
  const sizeBy = (decision: Decision) => {
    const made = quilt.made.map(other => (other === entry ? { ...other, decision } : other))
    const { width, height } = dimensionsOf({ ...quilt, made }).top.stages.at(-1)!
    return { width: explained(width), height: explained(height) }
  }
  const { count, remake, advised, mean, spread, error, scatter, beyondPoints, ease } = found
  return {
    measured: {
      count,
      seams: across,
      remake,
      advised,
      mean: explained(mean),
      spread: explained(spread),
      ...(error ? { error: explained(error) } : {}),
      ...(scatter ? { scatter: explained(scatter) } : {}),
      beyondPoints: explained(beyondPoints),
      ease: explained(ease),
      decision: entry.decision ?? 'trim',
      quilts: Object.fromEntries(DECISIONS.map(decision => [decision, sizeBy(decision)])) as Explainable<
        MeasuredBlock['quilts']
      >,
    },
  }
}
