import { doneCounts } from '~~/core/cut/progress'
import { blockOf } from '~~/core/file/quilt'
import { clothsOfLetter } from '~~/core/file/scraps'
import type { PlannedChart, PlannedChartRow } from '~~/core/plan/plannedCharts'
import { chartRowText, runText } from '~~/words/pictures'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** Rows of charts: how many squares of each are sewn, the way to count them, and each as a step at the machine. */
export function useChartRows() {
  const store = useQuilt()
  const done = computed(() => doneCounts(store.quilt?.done ?? [], 'step'))
  const squaresOf = ({ runs }: PlannedChartRow) => runs.reduce((sum, { count }) => sum + count, 0)
  const doneOf = (row: PlannedChartRow) => Math.min(squaresOf(row), done.value.get(row.id) ?? 0)
  const count = (row: PlannedChartRow, by: number) =>
    store.tick('step', row.id, by, by > 0 ? 'squares sewn' : 'squares not sewn')

  /** Each of its runs is a stage; its tick is for all that is left of it, or takes all back. */
  function stepOf({ block: id, rows }: PlannedChart, row: PlannedChartRow): ModeStep & { tick: () => void } {
    const quilt = store.plannedQuilt!
    const block = blockOf(quilt, id)
    const left = squaresOf(row) - doneOf(row)
    const namesOf = (letter: string) => clothsOfLetter(quilt, block, letter).map(({ name }) => name)
    return {
      place: `${block.name}, ${row.row} of ${rows.length}`,
      parts: [`${chartRowText(row)}. Press its seams to the ${row.press}.`],
      stages: row.runs.map(({ letter }, i) => [runText(row, i, namesOf(letter))]),
      done: left === 0,
      tick: () => count(row, left === 0 ? -squaresOf(row) : left),
    }
  }
  return { squaresOf, doneOf, count, stepOf }
}
