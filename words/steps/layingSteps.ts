import { plural } from '../speech'
import type { StepTable } from './stepWords'

/** What is laid on what, and marked. */
export const LAYING_STEPS = {
  'mark-panel': ({ length, size }) =>
    `In its middle mark the cut edge, ${size()}, and the field for the work, ${length('wide')} × `
    + `${length('depth')}, with a pen you tried on a scrap. Embroider or appliqué inside the field.`,
  'layer-squares': ({ length, cloth }) =>
    `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together, edges `
    + `level, ${cloth('over')} on top.`,
  'square-on-half-square': ({ length, seam, cloth }) =>
    `Lay a ${length('side')} square of ${cloth('over')} right sides together on each half-square. Mark the `
    + `diagonal that crosses the seam and sew ${seam()} away on both sides.`,
  'layer-rectangles': ({ count }) =>
    `Lay the rectangles two by two, right sides together, and cut both at once: triangles of each hand. `
    + `${plural(count('pairs'), 'triangle')} of each in all.`,
  'layer-both-hands': ({ count, data }) =>
    `Lay two layers right sides together and cut through both: one piece of each hand. `
    + `${plural(count('pairs'), 'pair')} in all`
    + (count('alone') > 0
      ? `; ${count('alone')} more of the ${data.hand} hand from a single layer, right side up.`
      : '.'),
  'layer-and-mark': ({ length, cloth }) =>
    `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together, edges `
    + `level, ${cloth('over')} on top. Mark one diagonal on it.`,
  'layer-and-mark-both': ({ length, cloth }) =>
    `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together, edges `
    + `level, ${cloth('over')} on top. Mark both diagonals on it.`,
  'layer-for-half-lines': ({ length, cloth }) =>
    `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together. `
    + `${cloth('over')} must lie on top: that decides the hand. Mark both diagonals on it.`,
  'layer-two-on-large': ({ length }) =>
    `Lay two ${length('small')} squares right sides down on opposite corners of the ${length('large')} `
    + `square; they overlap a little in the middle. Mark the diagonal through both.`,
  'lock-and-mark-across': ({ seam }) =>
    `Lay two of them right sides together, unlike cloths facing, seams locked. Mark the other diagonal and `
    + `sew ${seam()} away on both sides.`,
  'square-on-each-heart': ({ length, seam }) =>
    `Lay a ${length('small')} square on the corner of each heart, right sides together. Mark from the corner `
    + `to between the ears and sew ${seam()} away on both sides.`,
  'mark-corner-squares': ({ length }) => `Mark one diagonal on the wrong side of each ${length('side')} square.`,
} as const satisfies StepTable
