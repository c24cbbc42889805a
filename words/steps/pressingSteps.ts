import type { StepTable } from './stepWords'

/** Pressing, and trimming to size. */
export const PRESSING_STEPS = {
  'trim-corner-later': ({ size }) =>
    `The corners come out too deep, with slanted ends: leave them. When the block is together, square it `
    + `from its center; until then a wedge with its corner takes up ${size()}.`,
  'fold-check-then-trim': ({ seam }) =>
    `Fold it over and press. Check that it covers the corner; only then cut the two layers behind it, `
    + `${seam()} from the seam.`,
  'same-on-other-corner': () => `The same on the other corner.`,
  'press-as-behind': () => `Set the seams shut, then press each the way the back view of its block shows.`,
  'press-open': () => `Set the seam shut, then press it open.`,
  'press-outwards': () => `Set the seams shut, then press every corner outwards, away from the middle.`,
  'press-to-dark': () => `Set the seam shut, then press to the darker side, down and up without sliding.`,
  'trim-half-square': ({ size }) =>
    `Trim to ${size()}: 45° line of the ruler on the seam, two sides; turn, the other two.`,
  'trim-closed-half-square': ({ length }) =>
    `Leave it closed. Lay a square ruler on it with its ${length('side')} marks, on both of its edges, on the `
    + `line of stitches; cut the two sides that stand out, then both ears, square to the stitches.`,
  'trim-quarter-square': ({ size }) =>
    `Trim to ${size()}: the center of the ruler on the crossing, the 45° line on one seam.`,
  'trim-goose': ({ seam, size }) =>
    `Trim to ${size()}: keep ${seam()} above the tip, and let the 45° lines of the ruler run on the seams.`,
  'trim-square-in-square': ({ seam, size }) => `Trim to ${size()}: keep ${seam()} beyond each point of the center.`,
} as const satisfies StepTable
