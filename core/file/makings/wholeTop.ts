import type { MakingRules } from './makingRules'

/** A top that is layered, quilted and bound. */
export const wholeTop = {
  hasTop: true,
  needsPlainRows: false,
  needsBack: false,
  seamBeyond: ({ seam }) => seam,
  joinAllowance: ({ seam }) => seam,
  steps: [
    { step: 'rows-joined' },
    { step: 'borders' },
    { step: 'layered' },
    { step: 'quilted' },
    { step: 'trimmed' },
    { step: 'bound' },
    { step: 'labelled' },
  ],
} satisfies MakingRules
