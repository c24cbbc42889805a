import { clothsOfCell } from '../block/clothsOfCell'
import type { Cell, Quilt } from '../quilt/quilt'

/** One row of the quilt, as it is laid out and joined. */
export interface QuiltRow {
  /** For ticks: what stands in it, so that it outlives a change of order. */
  id: string
  row: number
  cells: Cell[]
  /** Odd rows one way and even rows the other, or all towards the sashes: every crossing locks. */
  press: 'left' | 'right' | 'towards-sashes'
}

export function quiltRows(quilt: Quilt): QuiltRow[] {
  return quilt.setting.cells.map((cells, row) => ({
    id: ['row', ...cells.map(cell => [cell.block, cell.turn === 0 ? '' : cell.turn, cell.mirror ? 'm' : '', ...Object.values(clothsOfCell(quilt, cell))].filter(part => part !== '').join('-'))].join('.'),
    row, cells, press: quilt.setting.sashing ? 'towards-sashes' : row % 2 === 0 ? 'right' : 'left',
  }))
}
