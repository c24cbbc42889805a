import type { BlockMake } from '../make/units/blockMake'
import type { ClothNeed } from '../cut/need'
import type { Piece } from '../cut/piece'
import type { Quilt } from '../file/quilt'
import type { Dimensions } from '../top/dimensions'
import type { ChosenWay } from './choose'
import type { QuiltPressing } from '../pressing/quiltPressing'

/** What the plan was made from, for those who look deeper than the plan: recipes, tables of ways, drawings. */
export interface PlanWork {
  quilt: Quilt
  makes: ReadonlyMap<string, BlockMake>
  choices: readonly ChosenWay[]
  dimensions: Dimensions
  /** Before anything was measured. */
  planned: Dimensions
  needs: readonly ClothNeed[]
  pieces: readonly Piece[]
  pressing: QuiltPressing
}
