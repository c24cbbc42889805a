import type { StepTable } from './stepWords'

/** Of a template that is not its own mirror image. */
const ofHand = (hand: unknown) => (hand === 'left' || hand === 'right' ? `, ${hand} hand` : '')

/** Cutting, before anything is sewn and after it. */
export const CUTTING_STEPS = {
  'cut-plain': ({ size }) => `Cut ${size()}, seam included.`,
  'cut-to-work-on': ({ size }) => `Cut ${size()}: generously, to work on.`,
  'press-panel': () => `Take the marks off as their maker says, then press it face down on a towel.`,
  'cut-panel': ({ size }) =>
    `Lay the ruler on with the work in the middle, and only now cut it to ${size()}, or to what its `
    + `neighbors measure where they came out smaller.`,
  'cut-log': ({ size }) => `Cut the log ${size()}, seam included.`,
  'cut-generously': ({ size }) => `Cut ${size()}, with plenty to spare; grain does not matter on paper.`,
  'cut-both-diagonals': ({ count }) =>
    `Cut on both diagonals: ${count('gives')} units. Their edges are on the bias now: starch first, and do `
    + `not pull.`,
  'cut-mirrored-pair': () => `Cut on the line: one unit of each hand. Keep the hands apart.`,
  'cut-pairs-alike': ({ count }) =>
    `Cut on both lines: ${count('gives')} pairs of quarters, all of one hand. Press to the darker.`,
  'clean-angled-end': ({ length, count }) =>
    `Cut the strip ${length('depth')} deep, single layer, right side up. Clean up its end at ` + `${count('angle')}°.`,
  'cut-parallels': ({ length, count }) =>
    `Cut parallels ${length('step')} apart, measured square to the cut: ${count('count')} in all, up to `
    + `${count('gives')} from a strip.`,
  'cut-end-for-end': ({ length, count }) =>
    `Cut at ${count('angle')}° to the strip, turning end for end, ${length('step')} along the strip for `
    + `each: ${count('count')} in all, up to ${count('gives')} from a strip.`,
  'cut-by-turned-template': ({ count, data }) =>
    `No ruler has the step from piece to piece: lay the template on the strip and turn it end for end (its `
    + `slanted sides lie at ${count('angle')}°${data.other === data.angle ? '' : ` and ${count('other')}°`}): `
    + `${count('count')} in all, up to ${count('gives')} from a strip.`,
  'cut-wedges-in-turn': ({ length, count }) =>
    `Cut wedges of ${count('angle')}° turning end for end, each with its blunt tip on one seam and its `
    + `corner's edge, ${length('wide')} wide, on the far edge of the set: ${count('count')} in all, up to `
    + `${count('gives')} from a set. What lies between is over.`,
  'cut-once': ({ length }) =>
    `Cut the ${length('side')} squares once, corner to corner. Bias edges now: handle them gently.`,
  'cut-twice': ({ length }) => `Cut the ${length('side')} squares on both diagonals.`,
  'cut-large-twice-small-once': ({ length }) =>
    `Cut the ${length('large')} squares on both diagonals, the ${length('small')} squares once.`,
  'cut-corner-squares-once': ({ length }) =>
    `Cut the ${length('side')} squares once, corner to corner, for the corners. The center is `
    + `${length('centre')} square.`,
  'cut-nested-alike': ({ length, count, data }) =>
    `Cut the strip ${length('depth')} deep, single layer, right side up. Lay the template on it as deep as the strip, `
    + `its arrow along or across, again and again, each touching the one before: `
    + `${count('count')} in all${ofHand(data.hand)}, up to ${count('gives')} from a strip.`,
  'cut-nested-turned': ({ length, count, data }) =>
    `Cut the strip ${length('depth')} deep, single layer, right side up. Lay the template on it as deep as the strip, `
    + `its arrow along or across, and turn it end for end for every second one, each touching the one before: `
    + `${count('count')} in all${ofHand(data.hand)}, up to ${count('gives')} from a strip.`,
  'cut-template': ({ size, count, data }) =>
    `Cut by the template, ${size()} over all`
    + `${ofHand(data.hand)}.`
    + (count('pairs') === 0 ? ' Single layer, right side up.' : ''),
  'cut-off-the-diagonal': ({ length, size, count, data }) =>
    `Cut the ${size()} rectangles from a mark on the upper edge, ${length('mark')} from the ${data.from} `
    + `corner, to a mark on the lower edge, ${length('mark')} from the ${data.to} corner, long side upright: `
    + (count('pairs') > 0
      ? `two triangles from each layer, those of the upper one turned over.`
      : `two triangles alike, ${data.hand} hand.`),
  'cut-segments': ({ length, count }) =>
    `Square one end, then cut segments ${length('segment')} wide: ${count('count')} in all, up to `
    + `${count('gives')} from a full set.`,
  'cut-on-line': ({ count }) => `Cut on the line: ${count('gives')} units.`,
  'cut-on-line-and-press': () => `Cut on the line and press both halves to the dark.`,
  'cut-in-four-and-across': ({ count }) =>
    `Cut in four through the middle, upright and level, then on the marked lines: ${count('gives')} units. `
    + `Do not move the pieces between cuts.`,
  'cut-and-press-hearts': () => `Cut on the line. Press the small triangles out: two hearts.`,
} as const satisfies StepTable
