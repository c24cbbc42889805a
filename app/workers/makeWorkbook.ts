import { planQuilt } from '~~/core/quilt/plan'
import type { Quilt } from '~~/core/quilt/quilt'
import { recipesFor } from '~~/core/sewing/recipe'
import type { Workbook } from './planMessages'

export function makeWorkbook(quilt: Quilt): Workbook {
  const { plan, work } = planQuilt(quilt)
  const used = new Set(quilt.setting.cells.flat().map(cell => cell.block))
  const blocks = quilt.blocks.filter(block => used.has(block.id))
  return {
    plan,
    recipes: blocks.flatMap(block => recipesFor(work, plan, block.id)),
  }
}
