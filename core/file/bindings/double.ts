import { COVER, overTheEdge, TURN, type BindingRules } from './bindingRules'

/** A strip folded in half along its length, so that two layers lie over the edge. */
export const double = {
  of: 'strips',
  usualStrip: 'bindingStrip',
  hasFlange: false,
  sewnTo: null,
  leastStrip: ({ seam }) => 2 * (3 * seam + TURN + COVER),
  turned: ({ strip, seam }) =>
    overTheEdge({ what: 'half-of-the-strip', value: strip / 2 }, { what: 'binding-seam', count: -2, each: seam }),
  sewnWidth: ({ strip }) => strip / 2,
} satisfies BindingRules
