import { plannedBatches } from '../core/batches/plannedBatches'
import type { Check } from '../core/checks/check'
import { planQuilt } from '../core/checks/planQuilt'
import { plannedTime, sittingsOf } from '../core/time/plannedTime'
import { checkText } from '../words/check'
import { withPlainSpaces } from '../words/length'
import type { Answer } from './answer'
import { readQuiltText, refused } from './readFile'

/** The whole plan of a quilt file, as JSON; exit 1 where it cannot be read. */
export function planText(text: string): Answer {
  const quilt = readQuiltText(text)
  if (!quilt.ok) return refused(quilt.problems)
  const { plan, work } = planQuilt(quilt.value)
  const batches = plannedBatches(work, plan.rows)
  const speech = { units: quilt.value.units, english: 'us' } as const
  const names = new Map(quilt.value.blocks.map(block => [block.id, block.name]))
  return {
    exit: 0,
    output: `${JSON.stringify({
      ...plan,
      batches,
      time: plannedTime(quilt.value, plan, batches, {
        sittings: sittingsOf(quilt.value.diary),
        today: new Date().toISOString(),
      }),
      checks: plan.checks.map(check => writtenCheck(check, withPlainSpaces(checkText(check, speech, names)))),
    })}\n`,
  }
}

/** Where a check leads is for screens; here its field says what it is about. */
function writtenCheck({ id, severity, path, data }: Check, text: string) {
  return { id, severity, text, path, data }
}
