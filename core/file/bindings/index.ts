import { backRound } from './backRound'
import type { BindingRules } from './bindingRules'
import { double } from './double'
import { flanged } from './flanged'
import { single } from './single'
import { tape } from './tape'

const BINDINGS = { double, single, flanged, self: backRound, tape } as const satisfies Record<string, BindingRules>

export type BindingStyle = keyof typeof BINDINGS
/** Those of strips or tape; the others are the back brought round. */
export type SewnStyle = { [S in BindingStyle]: (typeof BINDINGS)[S]['of'] extends 'back' ? never : S }[BindingStyle]
export type BackStyle = Exclude<BindingStyle, SewnStyle>

/** In the order in which they are offered; the first is meant where a file says nothing. */
export const BINDING_STYLES = Object.keys(BINDINGS) as [BindingStyle, ...BindingStyle[]]
export const PLAIN_BINDING = BINDING_STYLES[0]
/** As it is made of the backs of blocks quilted one by one. */
export const BACK_ROUND: BackStyle = 'self'

/** What a style of binding is made of, and how it folds. */
export function bindingRules(style: BindingStyle = PLAIN_BINDING): BindingRules {
  return BINDINGS[style]
}

/** Whether strips or tape are sewn on; else the back is brought round. */
export function isSewnOn<B extends { style: BindingStyle }>(binding: B): binding is B & { style: SewnStyle } {
  return bindingRules(binding.style).of !== 'back'
}
