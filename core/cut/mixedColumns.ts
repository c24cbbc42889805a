import type { Inches } from '../measure/ruler'
import { columnsOf } from './columns'
import type { Cut, Strip } from './cutPiece'

/** Pieces on top of each other that are not all alike: cut off as a column first, then cut up, then trimmed. */
export interface MixedColumn {
  width: Inches
  /** One after the other down the cloth. */
  cuts: Cut[]
}

/** Columns of a strip across the cloth in which different pieces lie on top of each other. */
export function mixedColumns(strip: Strip): MixedColumn[] {
  if (strip.run === 'along') return []
  return columnsOf(strip)
    .filter(column => new Set(column.map(({ piece, width }) => `${piece} ${width.toFixed(4)}`)).size > 1)
    .map(cuts => ({ width: Math.max(...cuts.map(({ width }) => width)), cuts }))
}
