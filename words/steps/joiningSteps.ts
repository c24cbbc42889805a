import type { StepTable } from './stepWords'

/** Joining parts of a block. */
export const JOINING_STEPS = {
  'join-parts': ({ seam, parts, toDots, closing, thenPress }) =>
    `Join ${parts()}: right sides together, pin the crossings, sew with ${seam()}${toDots()}.${closing()}`
    + thenPress(),
  'join-partial': ({ parts, thenPress }) =>
    `Join ${parts()} by a part of the seam: stop about halfway. The rest stays open until a later join says `
    + `to finish it.${thenPress()}`,
  'join-set-in': ({ seam, parts, closing, thenPress }) =>
    `Set in ${parts()}: sew from the edge to a dot ${seam()} from the end, never into the allowance; pivot, `
    + `and sew on.${closing()}${thenPress()}`,
  'join-log': ({ parts, closing }) =>
    `Join ${parts()}: sew the log on and press it outwards. Trim square to the block if it is long; never `
    + `force it in.${closing()}`,
  'sew-frame-sides': ({ cloth, size }) =>
    `Frame: sew a strip of ${cloth('over')}, cut ${size()}, to the left and the right side. Press outwards.`,
  'sew-frame-ends': ({ cloth, size }) =>
    `Frame: sew a strip of ${cloth('over')}, cut ${size()}, to the top and the bottom. Press outwards.`,
  'block-done': ({ size }) =>
    `The block should measure ${size()}, raw edge to raw edge. Measure the first one before you cut on.`,
} as const satisfies StepTable
