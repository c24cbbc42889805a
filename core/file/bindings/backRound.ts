import type { BindingRules } from './bindingRules'

/** The back brought round to the front and folded twice: nothing is sewn on. */
export const backRound = {
  of: 'back',
  usualStrip: 'bindingStrip',
  hasFlange: false,
  sewnTo: 'front',
  leastStrip: null,
  turned: () => [],
  sewnWidth: () => 0,
} satisfies BindingRules
