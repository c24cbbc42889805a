import type { Draft } from './draft'
import { draftFaults, type DraftFault } from './draftFaults'

/** Why a drawing could not be read as a block; `figure` counts the figures of the drawing from 1. */
export type BlockTrouble =
  | { code: 'not-a-drawing' }
  | { code: 'nothing-drawn' }
  | { code: 'too-many-points'; most: number }
  | { code: 'curved' | 'only-a-line' | 'moved-figure' | 'not-closed'; figure: number; what: string }
  | { code: 'cannot-be-sewn'; fault: DraftFault }

export type BlockReading = { ok: true; draft: Draft } | { ok: false; troubles: BlockTrouble[] }

/** The drawing as a block if its patches tile it; else each place where they do not. */
export function blockFaultsOf(draft: Draft): BlockReading {
  const faults = draftFaults(draft).filter(fault => fault.code !== 'sliver')
  return faults.length > 0
    ? { ok: false, troubles: faults.slice(0, 20).map(fault => ({ code: 'cannot-be-sewn', fault })) }
    : { ok: true, draft }
}
