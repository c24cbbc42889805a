import { asYouGo } from './asYouGo'
import type { MakingRules } from './makingRules'
import { wholeTop } from './wholeTop'

const MAKINGS = { 'top': wholeTop, 'as-you-go': asYouGo } as const satisfies Record<string, MakingRules>

export type Making = keyof typeof MAKINGS

/** In the order in which they are offered; the first is meant where a file says nothing. */
export const MAKING_KINDS = Object.keys(MAKINGS) as [Making, ...Making[]]
export const PLAIN_MAKING = MAKING_KINDS[0]

/** What a way of making a quilt up asks for and brings. */
export function makingRules(making: Making): MakingRules {
  return MAKINGS[making]
}
