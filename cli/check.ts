import { planQuilt } from '../core/checks/planQuilt'
import { checkText } from '../words/check'
import { withPlainSpaces } from '../words/length'
import type { Answer } from './answer'
import { readQuiltText, refused } from './readFile'

/** What is wrong or risky, worst first, a line each. Exit 1 when the quilt cannot be made. */
export function check(text: string): Answer {
  const quilt = readQuiltText(text)
  if (!quilt.ok) return refused(quilt.problems)
  const { checks } = planQuilt(quilt.value).plan
  const speech = { units: quilt.value.units, english: 'us' } as const
  const names = new Map(quilt.value.blocks.map(block => [block.id, block.name]))
  const lines = checks.map(
    found => `${found.severity} ${found.id} (${found.path}): ${withPlainSpaces(checkText(found, speech, names))}\n`,
  )
  return {
    exit: checks.some(found => found.severity === 'error') ? 1 : 0,
    output: lines.length > 0 ? lines.join('') : 'nothing to look at\n',
  }
}
