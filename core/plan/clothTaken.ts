// In: a quilt. Out: what it takes of each cloth, and nothing else of its plan.
import type { ClothNeed } from '../cut/need'
import type { Piece } from '../cut/piece'
import { QUICK } from '../cut/layout'
import type { Quilt } from '../file/quilt'
import { planBacking, type Backing } from '../layers/backing'
import { blockMake } from '../make/units/blockMake'
import { timesPlaced } from '../top/places'
import { dimensionsOf, plannedDimensions } from '../top/dimensions'
import { chooseWays } from './chosenWays'
import type { ChosenWay } from './choose'

export interface ClothTaken {
  needs: readonly ClothNeed[]
  backing: Backing | null
  choices: readonly ChosenWay[]
  pieces: readonly Piece[]
}

/** The same needs as in the plan of this quilt, without its rows, pressing and quilting. */
export function clothTaken(quilt: Quilt): ClothTaken {
  const blocks = quilt.blocks.filter(({ derived, id }) => !derived || timesPlaced(quilt, id) > 0)
  const makes = new Map(blocks.map(block => [block.id, blockMake(quilt, block)]))
  const dimensions = dimensionsOf(quilt)
  const planned = plannedDimensions(quilt, dimensions)
  const { choices, pieces, needs } = chooseWays(quilt, makes, { dimensions, planned }, QUICK)
  const { width, height } = dimensions.top.stages.at(-1)!
  return { needs, choices, pieces, backing: planBacking(quilt, { width: width.total, height: height.total }, needs) }
}
