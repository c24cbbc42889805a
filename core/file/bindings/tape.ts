import type { BindingRules } from './bindingRules'

/** Bought ready-made, folded as it is sold: both sides show the same. */
export const tape = {
  of: 'tape',
  usualStrip: 'bindingStrip',
  hasFlange: false,
  sewnTo: null,
  leastStrip: null,
  turned: ({ seam }) => [{ what: 'binding-seam', value: seam }],
  sewnWidth: ({ strip }) => strip,
} satisfies BindingRules
