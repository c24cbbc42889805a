import type { Inches } from '../measure/ruler'
import type { Cut, Strip } from './cutPiece'

/** Pieces on top of each other that are not all alike: cut off as a column first, then cut up, then trimmed. */
export interface MixedColumn {
  width: Inches
  /** One after the other down the cloth. */
  cuts: Cut[]
}

/** Columns of a strip across the cloth in which different pieces lie on top of each other. */
export function mixedColumns({ run, cuts }: Strip): MixedColumn[] {
  if (run === 'along') return []
  const columns = new Map<Inches, Cut[]>()
  for (const cut of cuts) columns.set(cut.x, [...(columns.get(cut.x) ?? []), cut])
  return [...columns.values()]
    .filter(column => new Set(column.map(({ piece, width }) => `${piece} ${width.toFixed(4)}`)).size > 1)
    .map(column => ({ width: Math.max(...column.map(({ width }) => width)), cuts: column }))
}
