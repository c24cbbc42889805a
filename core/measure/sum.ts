import type { Inches } from './ruler'

/** One line of a sum: so many of one size, or a single value. `of` names what the words need (a cloth, a place). */
export type Term =
  | { what: string, count: number, each: number, of?: string }
  | { what: string, value: number, of?: string }

/** A number with the reason for it: the terms add up to the total, unless `rounded` says how it was rounded. */
export interface Sum {
  total: number
  terms: Term[]
  /** How the sum of the terms became the total. */
  rounded?: { how: 'up' | 'nearest', step: Inches } | { how: 'divided', by: number, step: Inches }
}

export function termValue(term: Term): number {
  return 'value' in term ? term.value : term.count * term.each
}

export function addTerms(terms: readonly Term[]): number {
  return terms.reduce((total, term) => total + termValue(term), 0)
}

/** A sum whose total is what its terms add up to. Terms of nothing are left out. */
export function sumOf(terms: readonly Term[]): Sum {
  const kept = terms.filter(term => termValue(term) !== 0)
  return { total: addTerms(kept), terms: kept }
}
