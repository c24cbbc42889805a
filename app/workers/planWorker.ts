import type { CheckedPlan } from '~~/core/checks/planQuilt'
import { plannedBatches } from '~~/core/batches/plannedBatches'
import { buyByWay } from '~~/core/plan/chosenWays'
import type { PlanWork } from '~~/core/plan/planWork'
import { scrappyBinding } from '~~/core/plan/scrappyBinding'
import { readQuilt } from '~~/core/file/readQuilt'
import { changeBetween } from './changes'
import { makeWorkbook } from './makeWorkbook'
import type { FromPlanWorker, ToPlanWorker } from './planMessages'
import { shared, toWire, type WireBook } from './wire'

const answer = (message: FromPlanWorker) => postMessage(message)
let last: { book: WireBook; work: PlanWork; plan: CheckedPlan } | null = null

addEventListener('message', ({ data }: MessageEvent<ToPlanWorker>) => {
  answer({ kind: 'hello', job: data.job })
  try {
    if (data.kind === 'ways')
      answer({ kind: 'ways', job: data.job, unit: data.unit, buys: last ? buyByWay(last.work, data.unit) : [] })
    else if (data.kind === 'batches')
      answer({ kind: 'batches', job: data.job, batches: last ? plannedBatches(last.work, last.plan.rows) : [] })
    else if (data.kind === 'scraps') answer({ kind: 'scraps', job: data.job, found: last && scrappyBinding(last.work) })
    else plan(data)
  } catch (error) {
    answer({ kind: 'failed', job: data.job, message: error instanceof Error ? error.message : String(error) })
  }
})

function plan({ job, file }: Extract<ToPlanWorker, { kind: 'plan' }>) {
  const quilt = readQuilt(file)
  if (!quilt.ok) return answer({ kind: 'failed', job, message: quilt.problems.map(problem => problem.code).join(', ') })
  const { workbook, work } = makeWorkbook(quilt.value, part => answer({ kind: 'progress', job, part }))
  const book = toWire(workbook)
  // the first time all is told, and looking for like things would take longer than to send them
  answer({ kind: 'done', job, change: last ? shared(changeBetween(last.book, book)) : { put: book } })
  last = { book, work, plan: workbook.plan }
}
