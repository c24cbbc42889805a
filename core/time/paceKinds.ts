import type { KindOfWork } from '../file/entries/recordEntries'

/** Work that goes at a pace of its own. */
export interface PaceKind {
  work: KindOfWork
  /** What it is counted in. */
  per: 'piece' | 'part' | 'seam' | 'unit' | 'inch' | 'square-foot' | 'tie'
  /** Minutes for one, as they are guessed before anything was timed: see docs/methods.md, "Time". */
  guess: number
}

export const PACES = {
  'cut': { work: 'cut', per: 'piece', guess: 0.3 },
  // marked, laid on each other, cut apart
  'ready': { work: 'piece', per: 'part', guess: 0.3 },
  'sew': { work: 'piece', per: 'seam', guess: 0.6 },
  'press': { work: 'piece', per: 'seam', guess: 0.4 },
  'trim': { work: 'piece', per: 'unit', guess: 0.7 },
  // rows and borders, pinned and sewn
  'join': { work: 'join', per: 'inch', guess: 0.12 },
  'layer': { work: 'other', per: 'square-foot', guess: 2.5 },
  'quilt': { work: 'quilt', per: 'inch', guess: 0.05 },
  'hand-quilt': { work: 'quilt', per: 'inch', guess: 0.7 },
  'tie': { work: 'quilt', per: 'tie', guess: 1.5 },
  'bind': { work: 'bind', per: 'inch', guess: 0.8 },
} as const satisfies Record<string, PaceKind>

export type PaceName = keyof typeof PACES
export const PACE_NAMES = Object.keys(PACES) as [PaceName, ...PaceName[]]

/** How much of each kind of work. */
export type Amounts = Readonly<Partial<Record<PaceName, number>>>

/** The sum of two. */
export function addAmounts(a: Amounts, b: Amounts): Amounts {
  const sum: Partial<Record<PaceName, number>> = { ...a }
  for (const name of PACE_NAMES) if (b[name]) sum[name] = (sum[name] ?? 0) + b[name]
  return sum
}
