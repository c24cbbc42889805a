import { timesPlaced } from '~~/core/top/places'
import { planQuilt } from '~~/core/checks/planQuilt'
import type { Progress } from '~~/core/plan/plan'
import type { PlanWork } from '~~/core/plan/planWork'
import type { Quilt } from '~~/core/file/quilt'
import { recipesFor } from '~~/core/recipes/recipe'
import { topFromBehind } from '~~/core/recipes/topFromBehind'
import type { Workbook } from './planMessages'

/** Recipes and rows take the rest. */
const PLAN_PART = 0.7

/** Everything the stations show, and what it was made from. `onProgress`: told the part that is done, 0 to 1. */
export function makeWorkbook(quilt: Quilt, onProgress: Progress = () => {}): { workbook: Workbook; work: PlanWork } {
  const { plan, work } = planQuilt(quilt, undefined, part => onProgress(part * PLAN_PART))
  onProgress(PLAN_PART)
  const blocks = quilt.blocks.filter(block => timesPlaced(quilt, block.id) > 0)
  const recipes = blocks.flatMap(block => recipesFor(work, plan, block.id))
  return { work, workbook: { plan, recipes, behind: topFromBehind(work, plan, recipes) } }
}
