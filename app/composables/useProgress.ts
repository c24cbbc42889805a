import { makingRules } from '~~/core/file/makings'
import { timesPlaced } from '~~/core/top/places'
import { cutProgress, doneCounts } from '~~/core/cut/progress'
import { needsSewing } from '~~/core/recipes/recipe'

/** How far the work has come, station by station, from 0 to 1, and in figures. */
export function useProgress() {
  const store = useQuilt()
  return computed(() => {
    const { quilt, workbook } = store
    if (!quilt || !workbook) return null
    const { plan, recipes } = workbook
    const making = makingRules(quilt.making)
    // without a top there is nothing to join in a row of one block
    const rows = making.hasTop ? plan.rows : plan.rows.filter(({ parts }) => parts.length > 1)
    const finishSteps = making.steps.flatMap(({ step, ofRows }) => (ofRows && plan.rows.length <= 1 ? [] : [step]))
    const steps = doneCounts(quilt.done, 'step')
    const cut = cutProgress(plan.pieces, doneCounts(quilt.done, 'cut'))
    const share = (done: number, all: number) => (all === 0 ? 1 : Math.min(1, done / all))
    const wanted = plan.cloths.filter(cloth => cloth.need > 0)
    const bought = wanted.filter(cloth => steps.has(`bought.${cloth.id}`)).length
    const unitCounts = doneCounts(quilt.done, 'unit')
    const blockCounts = doneCounts(quilt.done, 'block')
    const rowCounts = doneCounts(quilt.done, 'row')
    const units = new Map(
      recipes.flatMap(recipe => recipe.units.filter(needsSewing).map(unit => [unit.id, unit.inQuilt] as const)),
    )
    const sewn = {
      units: [...units].reduce((sum, [id, all]) => sum + Math.min(all, unitCounts.get(id) ?? 0), 0),
      allUnits: [...units.values()].reduce((a, b) => a + b, 0),
      blocks: plan.blocks.reduce(
        (sum, block) => sum + Math.min(blockCount(block.id), blockCounts.get(block.id) ?? 0),
        0,
      ),
      // halves, pieced sashes and borders are sewn like blocks, and counted with them
      allBlocks: plan.blocks.reduce((sum, block) => sum + blockCount(block.id), 0),
      rows: rows.reduce(
        (sum, row, i) =>
          sum + ((rowCounts.get(row.id) ?? 0) > rows.slice(0, i).filter(other => other.id === row.id).length ? 1 : 0),
        0,
      ),
      allRows: rows.length,
    }
    function blockCount(id: string) {
      return timesPlaced(quilt!, id)
    }
    const finish = finishSteps.filter(step => steps.has(step)).length
    return {
      cut,
      sewn,
      steps,
      finishSteps,
      stations: {
        design: 1,
        cloth: share(bought, wanted.length),
        cut: share(cut.cut, cut.all),
        piece: share(sewn.units + sewn.blocks + sewn.rows, sewn.allUnits + sewn.allBlocks + sewn.allRows),
        finish: share(finish, finishSteps.length),
        diary: 0,
      },
    }
  })
}
