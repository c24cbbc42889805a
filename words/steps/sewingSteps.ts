import { plural } from '../speech'
import type { StepTable } from './stepWords'

/** Seams within a unit. */
export const SEWING_STEPS = {
  'sew-round-the-edge': ({ seam }) => `Sew all round, ${seam()} from the edge.`,
  'sew-half-lines': ({ seam }) =>
    `From each corner sew to the middle only, ${seam()} to the left of the line; turn the squares and do the `
    + `next corner.`,
  'sew-half-to-quarters': ({ seam }) =>
    `Sew a large triangle to the long side of each pair, right sides together, with ${seam()}.`,
  'sew-corner-to-wedge': ({ seam }) =>
    `Sew a corner to the base of each wedge, middles matched, with ${seam()}. Both edges are on the bias: do `
    + `not pull.`,
  'foundation-add': ({ seam, count, data }) => {
    // the first patch of a paper is laid on with the second
    const first =
      count('number') === 2
        ? `Paper ${data.section}: lay patch 1 right side up under its number, on the unprinted side; held to `
          + `the light it must reach ${seam()} past its lines all round. `
        : ''
    return (
      first
      + `Paper ${data.section}, patch ${count('number')}: lay it right sides together on what is there, turn `
      + `the paper over and sew on the line, short stitches. Fold the paper back, trim to ${seam()}, flip and `
      + `press.`
    )
  },
  'sew-both-sides': ({ seam }) => `Sew ${seam()} away from the line, on both sides of it. Chain them.`,
  'sew-long-sides': ({ seam }) =>
    `Sew two triangles along their long sides, right sides together, with ${seam()}. Do not pull.`,
  'sew-pairs-then-halves': () =>
    `Sew the triangles in pairs along a short side, press, then join the two halves, centers matched.`,
  'sew-skies': () =>
    `Sew one small triangle to each slanted side of the goose, the left one first. Press each away from the `
    + `goose.`,
  'sew-opposite-corners': () =>
    `Sew corner triangles to two opposite sides of the center, middles matched. Press outwards.`,
  'sew-other-corners': () => `Sew the other two. Let the tips stick out equally at both ends.`,
  'sew-row': ({ seam, count }) => `Sew the ${count('pieces')} pieces side by side with ${seam()}.`,
  'sew-patches': () => `Sew the patches together in this arrangement.`,
  'sew-strips-along': ({ count }) =>
    `Sew ${count('strips')} strips side by side along their length, ${plural(count('sets'), 'set')}. Turn `
    + `the set after each seam so that it does not bow.`,
  'sew-corner-square': () =>
    `Lay a square right sides together in the corner and sew on the line, or a thread outside it.`,
} as const satisfies StepTable
