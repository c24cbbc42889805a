// In: the quilt with what was measured. Out: how far this quilter's cutting and sewing strays.
import { blockMeasures } from '../made/blockMeasures'
import { seamTest } from '../made/seamTest'
import type { Quilt } from '../file/quilt'
import type { BlockMake } from '../make/units/blockMake'
import { seamsSinceTrim } from '../make/units/seamsSinceTrim'
import type { Unit } from '../make/units/unit'
import type { Inches } from '../measure/ruler'

/** How far from the plan pieces are cut and seams are sewn: always (bias), and by chance (scatter, one sigma). */
export interface SewingHand {
  cutBias: Inches
  cutScatter: Inches
  /** Of one allowance. */
  seamBias: Inches
  seamScatter: Inches
  /** What the turn of the cloth takes at a pressed seam. */
  turn: Inches
  /** Of a seam sewn on a printed line. */
  paperScatter: Inches
}

/** Where nothing was measured. Source: handbook §7. */
export const USUAL_HAND: SewingHand = {
  cutBias: 0,
  cutScatter: 1 / 48,
  seamBias: 0,
  seamScatter: 1 / 64,
  turn: 1 / 64,
  paperScatter: 1 / 128,
}

/** The seam's bias from the seam test; its scatter from blocks that were measured, where they say more. */
export function handOf(
  quilt: Quilt,
  makes: ReadonlyMap<string, BlockMake>,
  isTrimmed: (make: BlockMake, unit: Unit) => boolean,
): SewingHand {
  const { off } = seamTest(quilt)
  const scatters = quilt.blocks.flatMap(block => {
    const make = makes.get(block.id)
    if (!make || block.derived) return []
    const across = seamsSinceTrim(make, unit => isTrimmed(make, unit))
    const scatter = blockMeasures(quilt, block, across)?.scatter?.total
    if (scatter === undefined || across === 0) return []
    // of k + 1 pieces across and k seams: (k + 1)·σcut² + 4k·σseam²
    const fromCuts = (across + 1) * USUAL_HAND.cutScatter ** 2
    return [Math.sqrt(Math.max(0, scatter ** 2 - fromCuts) / (4 * across))]
  })
  const measured = scatters.reduce((sum, value) => sum + value, 0) / scatters.length
  return {
    ...USUAL_HAND,
    seamBias: off?.total ?? USUAL_HAND.seamBias,
    // strips that were pressed and measured have lost it already
    turn: off ? 0 : USUAL_HAND.turn,
    seamScatter: scatters.length > 0 ? Math.max(1 / 256, measured) : USUAL_HAND.seamScatter,
  }
}
