// In: the quilt. Out: how often each block stands in its top.
import type { Cell, Quilt } from '../file/quilt'
import { addBorders } from './borders/index'
import { settingOf } from './settings/index'

const counted = new WeakMap<Quilt, ReadonlyMap<Cell, number>>()

/** Distinct cells in the order in which they first stand in the quilt, and in how many places each does. */
export function placesOf(quilt: Quilt): ReadonlyMap<Cell, number> {
  const known = counted.get(quilt)
  if (known) return known
  const places = new Map<Cell, number>()
  const setting = settingOf(quilt)
  const isPieced = quilt.borders.some(({ pieced, cornerWears }) => pieced || (cornerWears && 'block' in cornerWears))
  const borders = isPieced ? addBorders(quilt, setting).drawnStrips.flat() : []
  for (const { fabric } of [...setting.regions, ...borders])
    if ('cell' in fabric) places.set(fabric.cell, (places.get(fabric.cell) ?? 0) + 1)
  counted.set(quilt, places)
  return places
}

/** In how many places a block stands, however it is dressed and turned; 0 for one that is not in the quilt. */
export function timesPlaced(quilt: Quilt, block: string): number {
  let times = 0
  for (const [cell, places] of placesOf(quilt)) if (cell.block === block) times += places
  return times
}

/** The first place of the block with this number; null where it stands in none, as a half or a border's. */
export function firstPlace({ blocks, setting }: Quilt, block: number): { row: number; column: number } | null {
  const id = blocks[block]?.id
  for (const [row, line] of setting.cells.entries()) {
    const column = line.findIndex(cell => cell.block === id)
    if (column >= 0) return { row, column }
  }
  return null
}
