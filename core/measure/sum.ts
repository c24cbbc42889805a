import type { Inches } from './ruler'
import type { TermName } from './termName'

/**
 * One line of a sum: so many of one size, or a single value. `of` names what the words need (a cloth, a place).
 * Rounding says from what to what.
 */
export type Term =
  | { what: 'rounding'; value: number; from: number; to: number; of?: undefined }
  | { what: TermName; count: number; each: number; of?: string | undefined }
  | { what: TermName; value: number; of?: string | undefined }

/** A number with the reason for it, as data: the terms add up to the total, rounding being a term like any other. */
export interface Sum {
  total: number
  terms: Term[]
  /** Figures that the terms were made from, where the terms alone do not say (a division, a mean). */
  from?: Term[]
}

export function termValue(term: Term): number {
  return 'value' in term ? term.value : term.count * term.each
}

export function addTerms(terms: readonly Term[]): number {
  return terms.reduce((total, term) => total + termValue(term), 0)
}

/** A sum whose total is what its terms add up to. Terms of nothing are left out. */
export function sumOf(terms: readonly Term[], from?: readonly Term[]): Sum {
  const kept = terms.filter(term => Math.abs(termValue(term)) > 1e-9)
  return { total: addTerms(kept), terms: kept, ...(from ? { from: [...from] } : {}) }
}

/** A sum rounded to `total`; what rounding added or took away is its last term. */
export function roundedSum(terms: readonly Term[], total: Inches, from?: readonly Term[]): Sum {
  const sum = sumOf(terms, from)
  const value = total - sum.total
  if (Math.abs(value) <= 1e-9) return { ...sum, total }
  return { ...sum, total, terms: [...sum.terms, { what: 'rounding', value, from: sum.total, to: total }] }
}

/** A sum taken further: its terms and figures, and more terms. */
export function plus(sum: Sum, ...terms: readonly Term[]): Sum {
  return sumOf([...sum.terms, ...terms], sum.from)
}
