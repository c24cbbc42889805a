import { timesPlaced } from '~~/core/top/places'
import { planQuilt } from '~~/core/checks/planQuilt'
import type { PlanWork } from '~~/core/plan/planWork'
import type { Quilt } from '~~/core/file/quilt'
import { recipesFor } from '~~/core/plan/recipe'
import { topFromBehind } from '~~/core/plan/topFromBehind'
import type { Workbook } from './planMessages'

/** Everything the stations show, and what it was made from. */
export function makeWorkbook(quilt: Quilt): { workbook: Workbook; work: PlanWork } {
  const { plan, work } = planQuilt(quilt)
  const blocks = quilt.blocks.filter(block => timesPlaced(quilt, block.id) > 0)
  const recipes = blocks.flatMap(block => recipesFor(work, plan, block.id))
  return { work, workbook: { plan, recipes, behind: topFromBehind(work, plan, recipes) } }
}
