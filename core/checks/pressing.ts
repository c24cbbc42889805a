import type { Check, Checker } from './check'

/** Crossings at which both allowances lie the same way, whatever is done: said, with how many there are in all. */
export const seamsDoNotNest: Checker = ({ plan }) => {
  const { nest, open, clash } = plan.pressing.crossings
  if (clash.length === 0) return []
  const data = { clashes: clash.length, crossings: nest + open + clash.length }
  return [{ id: 'seams-do-not-nest', severity: 'note', path: 'press', data }] satisfies Check[]
}
