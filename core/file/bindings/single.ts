import { COVER, overTheEdge, TURN, type BindingRules } from './bindingRules'

/** One layer; its other edge is turned under by a seam. */
export const single = {
  of: 'strips',
  usualStrip: 'bindingStrip',
  hasFlange: false,
  sewnTo: null,
  leastStrip: ({ seam }) => 4 * seam + TURN + COVER,
  turned: ({ strip, seam }) =>
    overTheEdge({ what: 'strip-width', value: strip }, { what: 'binding-seam', count: -3, each: seam }),
  sewnWidth: ({ strip }) => strip,
} satisfies BindingRules
