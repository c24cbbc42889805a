import { doneCounts } from '~~/core/cut/progress'
import type { QuiltRow } from '~~/core/top/rows'

/** Ticks of the Piece station: units, blocks and rows, and the ways to set them. */
export function useMade() {
  const store = useQuilt()
  const units = computed(() => doneCounts(store.quilt?.done ?? [], 'unit'))
  const blocks = computed(() => doneCounts(store.quilt?.done ?? [], 'block'))
  const rowCounts = computed(() => doneCounts(store.quilt?.done ?? [], 'row'))
  const rows = computed(() => store.workbook?.plan.rows ?? [])
  /** Rows alike share a count: the first of them counts as joined first. */
  const rowsDone = computed(() =>
    rows.value.map(
      (row, i) =>
        (rowCounts.value.get(row.id) ?? 0) > rows.value.slice(0, i).filter(other => other.id === row.id).length,
    ),
  )

  function toggleRow(index: number) {
    const row: QuiltRow = rows.value[index]!
    store.tick('row', row.id, rowsDone.value[index] ? -1 : 1, rowsDone.value[index] ? 'row not joined' : 'row joined')
  }
  function countUnits(id: string, by: number) {
    store.tick('unit', id, by, 'units made')
  }
  function countBlocks(id: string, by: number) {
    store.tick('block', id, by, 'blocks made')
  }
  /** Steps on the way that are no unit, block or row by themselves: joins, and the steps of a unit. */
  const steps = computed(() => doneCounts(store.quilt?.done ?? [], 'step'))
  function toggleStep(id: string) {
    const isDone = (steps.value.get(id) ?? 0) > 0
    store.tick('step', id, isDone ? -1 : 1, isDone ? 'step not done' : 'step done')
  }
  return { steps, toggleStep, units, blocks, rows, rowsDone, toggleRow, countUnits, countBlocks }
}
