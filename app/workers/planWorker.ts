import { buyByWay } from '~~/core/plan/chosenWays'
import type { PlanWork } from '~~/core/plan/planWork'
import { readQuilt } from '~~/core/file/readQuilt'
import { changeBetween } from './changes'
import { makeWorkbook } from './makeWorkbook'
import type { FromPlanWorker, ToPlanWorker, Workbook } from './planMessages'

const answer = (message: FromPlanWorker) => postMessage(message)
let last: { workbook: Workbook; work: PlanWork } | null = null

addEventListener('message', ({ data }: MessageEvent<ToPlanWorker>) => {
  answer({ kind: 'hello', job: data.job })
  try {
    if (data.kind === 'ways')
      answer({ kind: 'ways', job: data.job, unit: data.unit, buys: last ? buyByWay(last.work, data.unit) : [] })
    else plan(data)
  } catch (error) {
    answer({ kind: 'failed', job: data.job, message: error instanceof Error ? error.message : String(error) })
  }
})

function plan({ job, file }: Extract<ToPlanWorker, { kind: 'plan' }>) {
  const quilt = readQuilt(file)
  if (!quilt.ok) return answer({ kind: 'failed', job, message: quilt.problems.map(problem => problem.code).join(', ') })
  const made = makeWorkbook(quilt.value)
  answer({ kind: 'done', job, change: changeBetween(last?.workbook, made.workbook) })
  last = made
}
