import type { Decision } from '../../core/made/decidedSize'
import { formatRough, formatSmall } from '../length'
import { capital } from '../names'
import { moveOfNeedle, NO_SEAM_TO_BLAME, seamDoubtText } from '../measured'
import { inEnglish, plural, type Speech } from '../speech'
import type { CheckTable } from './checkWords'

/** What the sizes after measured blocks go by. */
const FOLLOWS: Readonly<Record<Decision, string>> = {
  trim: 'All sizes from here on follow the smallest block.',
  ease: 'All sizes from here on follow their mean.',
  remake: 'All sizes from here on follow the smallest of those that are kept.',
  needle: 'All sizes stay as planned.',
}
const MEASURED = { blocks: 'the measured blocks', rows: 'the measured rows', setting: 'the whole center' } as const

/** By how much each seam across is too wide, by the mean of the blocks; or that none can be blamed. */
function seamsToBlame({ seams, error }: { seams: number; error: number }, speech: Speech): string {
  if (seams === 0) return NO_SEAM_TO_BLAME
  return error > 0
    ? `With ${plural(seams, 'seam')} across it, each takes ${formatSmall(error, speech)} too much on each side.`
    : 'Their mean is as planned: it is not the seam.'
}

/** What was measured. */
export const MEASURED_CHECKS = {
  'seam-test-unlikely': (data, { speech }) => seamDoubtText(data, speech),
  'seam-off': (data, { speech }) =>
    `Your seam is ${formatSmall(data.move, speech)} too ${data.move > 0 ? 'wide' : 'narrow'}: move the needle or `
    + `the guide ${formatSmall(data.move, speech)} ${moveOfNeedle(data.move)}, and sew the test again.`,
  'measures-disagree': (data, { length, speech }) => {
    const [before, after] = [data.first, data.then].map(stage => inEnglish(MEASURED[stage], speech)) as [string, string]
    return (
      `${capital(before)} come to ${length(data.firstSays)} in ${data.side}, ${after} to ${length(data.thenSays)}. `
      + `One of the two was read wrong, or seams between are off: measure again before you cut the borders.`
    )
  },
  'border-spread': (data, { stage, length }) =>
    `${stage(data.what)}: the ${data.side === 'width' ? 'widths' : 'heights'} differ by `
    + `${length(data.spread)}. More than ${length(data.most)} means something is off; find it before you `
    + `${data.what === 'rows' ? 'join them' : data.what === 'trimmed' ? 'bind it' : 'cut the border'}.`,
  'trimmed-unlikely': (data, { length, speech }) =>
    `The trimmed quilt is ${length(data.measured)} in ${data.side}, its top ${length(data.top)}: quilting draws in `
    + `${formatRough(1, speech)} or ${formatRough(2, speech)}, and nothing makes it larger. `
    + 'Read the tape again, in the right unit, before you bind it.',
  'block-too-small': (data, { length, speech }) =>
    `${data.block} measures ${length(data.measured)} where ${length(data.expected)} was planned. `
    + `${seamsToBlame(data, speech)} ${FOLLOWS[data.decision]}`,
  'scattered-blocks': (data, { length }) =>
    `${data.block}: the blocks differ by ${length(data.spread)}. Trim all to the smallest, `
    + `${length(data.smallest)}.`,
} as const satisfies CheckTable
