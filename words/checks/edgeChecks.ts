import { formatRough, formatSize } from '../length'
import { inEnglish } from '../speech'
import { bindingRules } from '../../core/file/bindings'
import type { CheckTable } from './checkWords'

/** Borders and binding. */
export const EDGE_CHECKS = {
  'turned-print': data => `${data.cloth} has an up. On the binding it cannot stay upright all round.`,
  'border-repeat': (data, { length, spacerText, speech }) => {
    const inside = formatSize(data.width, data.height, speech)
    return (
      `The repeat of border ${data.border}, ${length(data.repeat)}, does not divide the top inside it (${inside}). A `
      + `plain border between them takes up the difference: ${data.spacer.map(spacerText).join(', or ')}.`
    )
  },
  'binding-narrow': (data, { length }) => {
    if (data.isBack)
      return (
        `The back reaches ${length(data.strip)} beyond the top: folded twice it must be at least `
        + `${length(data.least)}, or nothing can be caught.`
      )
    return (
      `A binding strip of ${length(data.strip)} cannot be folded over the edge and caught: sewn on with `
      + `${length(data.seam)} it must be at least ${length(data.least)} wide.`
    )
  },
  'flange-hidden': (data, { length }) =>
    `The flange is cut ${length(data.flange)} wide, the binding strip ${length(data.strip)}: only what it is wider `
    + `shows, by half. Cut it ${length(1 / 4)} wider than the strip, and ${length(1 / 8)} shows.`,
  'join-at-corner': (data, { speech }) =>
    `Wherever the binding is begun, ${data.joins === 1 ? 'one join falls' : `${data.joins} joins fall`} within `
    + `${formatRough(4, speech)} of a corner`
    + (data.hasFlange ? ` or ${formatRough(2, speech)} of a join of the other strip` : '')
    + `. Cut one strip shorter, or join in one more.`,
  'border-covered': (data, { length }) => {
    if (bindingRules(data.style).of === 'back')
      return (
        `Brought round to the front, the back shows ${length(data.shown)} and hides ${length(data.covered)} of the `
        + `top along every edge, points and all.`
      )
    if (bindingRules(data.style).hasFlange || data.shown > data.seam + 1e-6)
      return (
        `Folded to the front, the binding shows ${length(data.shown)} in all and hides ${length(data.covered)} of `
        + `the top along every edge, points and all.`
      )
    return data.wider > 0
      ? `The binding is sewn with a seam of ${length(data.seam)}: the outermost border is cut ${length(data.wider)} `
          + `wider on its outer edge, so that as much of it shows as was planned.`
      : `The binding is sewn with a seam of ${length(data.seam)} and hides ${length(data.covered)} of the top along `
          + `every edge, points and all. A plain border outside them would be cut wider for it.`
  },
  'border-too-wide': (data, { length }) =>
    `Border ${data.border} is ${length(data.width)} wide, wider than a block (${length(data.block)}). It will `
    + `draw the eye.`,
  'mitre-angle': (data, { degrees, speech }) =>
    inEnglish(
      `The sides and the ends of border ${data.border} differ in width, so its miters do not lie at 45°: `
        + `${degrees(data.sides)} from the long edge of a side, ${degrees(data.ends)} from that of an end. Marked `
        + `from the corner of the top to the corner of the border they are right.`,
      speech,
    ),
} as const satisfies CheckTable
