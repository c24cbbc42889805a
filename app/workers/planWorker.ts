import { readQuilt } from '~~/core/quilt/readQuilt'
import { makeWorkbook } from './makeWorkbook'
import type { FromPlanWorker, ToPlanWorker } from './planMessages'

const answer = (message: FromPlanWorker) => postMessage(message)

addEventListener('message', ({ data: { job, file } }: MessageEvent<ToPlanWorker>) => {
  answer({ kind: 'hello', job })
  try {
    const quilt = readQuilt(file)
    if (quilt.ok) answer({ kind: 'done', job, workbook: makeWorkbook(quilt.value) })
    else answer({ kind: 'failed', job, message: quilt.problems.map(problem => problem.code).join(', ') })
  }
  catch (error) {
    answer({ kind: 'failed', job, message: error instanceof Error ? error.message : String(error) })
  }
})
