import type { MakingRules } from './makingRules'

/**
 * Block by block through all layers: batting meets batting, and the backs are joined along it, so that sashes and
 * binding come from them.
 */
export const asYouGo = {
  hasTop: false,
  needsPlainRows: true,
  needsBack: true,
  seamBeyond: () => 0,
  joinAllowance: ({ asYouGo: { allowance } }) => allowance,
  steps: [
    { step: 'as-you-go.blocks' },
    { step: 'as-you-go.long', ofRows: true },
    { step: 'as-you-go.edges' },
    { step: 'labelled' },
  ],
} satisfies MakingRules
