import { sumOf, type Sum, type Term } from '../measure/sum'
import type { PieceOrder } from './piece'

/**
 * How many pieces a pile has, and why: units × pieces for each, up to whole batches; what several units share counted
 * once for all of them, by the corner or hand most in need; and spare ones.
 */
export function countOf(pile: readonly PieceOrder[], spare: number): Sum {
  const terms: Term[] = []
  let whole = 0
  for (const { draft, times } of pile) {
    if (draft.pool) continue
    whole += draft.count
    if (draft.counted) terms.push(...draft.counted)
    else terms.push({ what: 'units', count: draft.serves ?? times, each: draft.perUnit ?? 1 })
  }
  for (const { needed, gives } of poolsOf(pile)) {
    whole += Math.ceil(needed / gives)
    terms.push({ what: 'shared-by', count: needed, each: 1 / gives })
  }
  const counted = sumOf(together(terms))
  const sum = sumOf([
    ...counted.terms,
    { what: 'whole-batches', value: whole - counted.total },
    { what: 'spare', value: spare },
  ])
  // thirds and the like leave dust in the last place
  return { ...sum, total: whole + spare }
}

/** What is needed of each lot of pieces that units share, and how many of it one piece gives. */
function poolsOf(pile: readonly PieceOrder[]): { needed: number; gives: number }[] {
  const lots = new Map<string, { gives: number; needed: Map<string, number> }>()
  for (const {
    draft: { pool },
  } of pile) {
    if (!pool) continue
    const gives = pool.corner === undefined ? pool.gives : (pool.perCorner ?? 1)
    const key = `${pool.group ?? ''} ${gives} ${pool.corner === undefined}`
    const lot = lots.get(key) ?? { gives, needed: new Map<string, number>() }
    const corner = pool.corner ?? ''
    lot.needed.set(corner, (lot.needed.get(corner) ?? 0) + pool.needed)
    lots.set(key, lot)
  }
  return [...lots.values()].map(({ gives, needed }) => ({ gives, needed: Math.max(...needed.values()) }))
}

/** Terms of one kind and size as one. */
function together(terms: readonly Term[]): Term[] {
  const merged: Term[] = []
  for (const term of terms) {
    const at = merged.findIndex(
      other => 'count' in other && 'count' in term && other.what === term.what && other.each === term.each,
    )
    const known = merged[at]
    if (known && 'count' in known && 'count' in term) merged[at] = { ...known, count: known.count + term.count }
    else merged.push(term)
  }
  return merged
}
