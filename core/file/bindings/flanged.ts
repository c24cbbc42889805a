import { COVER, overTheEdge, TURN, type BindingRules } from './bindingRules'

/** Two strips joined and folded, sewn to the back: turned to the front, the second stands out along the fold. */
export const flanged = {
  of: 'strips',
  // folded together, two strips of the usual width would hide much of the border
  usualStrip: 'flangedStrip',
  hasFlange: true,
  sewnTo: 'back',
  leastStrip: ({ seam, flangeSeam }) => 2 * seam + flangeSeam + TURN + COVER,
  turned: ({ strip, seam, flangeSeam }) =>
    overTheEdge(
      { what: 'strip-width', value: strip },
      { what: 'seam-of-the-flange', value: -flangeSeam },
      { what: 'binding-seam', count: -2, each: seam },
    ),
  sewnWidth: ({ strip, flange, flangeSeam }) => (strip + flange) / 2 - flangeSeam,
} satisfies BindingRules
