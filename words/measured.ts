// What measured blocks say, and what can be done with them, in words.
import type { Decision } from '../core/made/decidedSize'
import type { Inches } from '../core/measure/ruler'
import type { Doubt } from '../core/made/blockMeasures'
import type { SeamTestDoubt } from '../core/made/seamTestDoubt'
import type { PartCheck } from '../core/made/partCheck'
import type { MeasuredBlock } from '../core/plan/measuredBlock'
import { formatExactLength, formatLength } from './length'
import { plural, type Speech } from './speech'

export const DECISION_NAMES: Readonly<Record<Decision, string>> = {
  trim: 'Trim all to the smallest',
  ease: 'Ease them together',
  remake: 'Make some again',
  needle: 'Move the needle, go on',
}

/** What a decision means, without its figures. */
export function decisionText(decision: Decision, { remake, count }: MeasuredBlock): string {
  switch (decision) {
    case 'trim':
      return 'Centered, the same from every side. All that follows is cut for the smaller blocks.'
    case 'ease':
      return 'Each is pinned at both ends and the middle, the larger underneath; the top goes by their mean.'
    case 'remake':
      return remake === 0
        ? 'None is too far from the plan to be used.'
        : `${plural(remake, 'block')} of ${count} again; the others are trimmed to the smallest of them.`
    case 'needle':
      return 'Those still to be sewn come out right, and the plan stays; these are eased to it.'
  }
}

export const ADVICE: Readonly<Record<MeasuredBlock['advised'], string>> = {
  'go-on': 'Good enough: go on.',
  'measure-more': 'One block alone cannot tell the seam from chance: measure another before you decide.',
  'trim': 'They lie too far apart to be eased, and making a few again would not mend it: trim them.',
  'ease': 'They are near enough to be eased.',
  'remake': 'Most agree with the plan and with each other: make the few again.',
  'needle': 'They agree with each other and not with the plan: it is the seam. Move the needle.',
}

/** A measure that cannot be, asked back. */
export function doubtText(doubt: Doubt, speech: Speech): string {
  if (doubt.what === 'far-off')
    return `It should be about ${formatLength(doubt.expected, speech)}: measure again, raw edge to raw edge.`
  return `Did you mean ${formatExactLength(doubt.inches, { units: doubt.units })}?`
}

/** What a size means that no seam can have made wrong. */
export const NO_SEAM_TO_BLAME =
  'No seam across it is left that was not trimmed since, so no seam can be blamed: look at how it was cut and trimmed.'

/** Which way the needle, or the guide, is moved against a seam that takes so much too much. */
export function moveOfNeedle(tooMuch: Inches): string {
  return tooMuch > 0 ? 'towards the edge of the cloth' : 'away from the edge of the cloth'
}

/** Why no seam can give what the strips of a test are said to measure. */
export function seamDoubtText(
  { strips, cut, measured, least, most, meant }: SeamTestDoubt & { strips: number; cut: Inches; measured: Inches },
  speech: Speech,
): string {
  const said = `${plural(strips, 'strip')} cut ${formatExactLength(cut, speech)} cannot measure `
  const limits = `between ${formatLength(least, speech)} and ${formatLength(most, speech)}`
  return (
    `${said}${formatExactLength(measured, speech)} when sewn: it must lie ${limits}. `
    + (meant === null ? 'Measure again.' : `Did you mean ${formatExactLength(meant, speech)}?`)
  )
}

/** What to do before the next seam. */
export function partCheckText(says: PartCheck['says']): string {
  switch (says) {
    case 'right':
      return 'As planned: sew on.'
    case 'too-much':
      return 'Sew a little narrower: move the needle or the guide, and sew on. Trim what sticks out; never force it in.'
    case 'too-little':
      return 'Sew a little wider: move the needle or the guide, and sew on.'
    case 'cut-is-off':
      return 'No seam across it can be blamed: look at the size it was cut or trimmed to.'
  }
}

/** Whether steam may be used. */
export function steamText(hasBias: boolean): string {
  return hasBias
    ? 'Press this block dry: some of its edges lie on the bias, and steam stretches them.'
    : 'Dry or with steam, as you like: no edge lies on the bias.'
}
