// In: what a file says of its wall. Out: of it what fits the quilt as it is now.
import type { Cell, QuiltWall } from './quilt'
import type { ParsedQuilt } from './schema'

/** What of it is of use. `cells`: the places of the quilt. */
export function wallOfFile(file: ParsedQuilt, cells: readonly (readonly Cell[])[]): QuiltWall {
  const blocks = new Set(file.blocks.map(({ id }) => id))
  const cloths = new Set(file.cloths.map(({ id }) => id))
  const isThere = (cell: Cell) => blocks.has(cell.block) && Object.values(cell.cloths).every(id => cloths.has(id))
  const fits = (layout: Cell[][]) =>
    layout.length === cells.length && layout.every((line, r) => line.length === cells[r]!.length && line.every(isThere))
  const seen = new Set<string>()
  return {
    locked: file.wall.locked.filter(place => {
      const [row, column] = place
      const isNew = !seen.has(place.join())
      seen.add(place.join())
      return isNew && cells[row]?.[column] !== undefined
    }),
    out: file.wall.out.flatMap((cell, entry) => (isThere(cell) ? [{ entry, cell }] : [])),
    kept: file.wall.kept.map(({ name, at, cells: layout }) => ({
      name,
      ...(at === undefined ? {} : { at }),
      cells: fits(layout) ? layout : null,
    })),
  }
}
