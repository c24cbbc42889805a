import { cellsOf } from './cells'
import type { Path, Problem } from './problem'
import type { ParsedQuilt } from './schema'

/** In a straight setting all blocks of a column are as wide as each other, and all of a row as high. */
export function sizeProblems(file: ParsedQuilt): Problem[] {
  const cells = cellsOf(file)
  const sizes = new Map(
    file.blocks.map(block => [block.id, [block.width ?? block.size!, block.height ?? block.size!] as const]),
  )
  const size = (id: string) => sizes.get(id)!
  const problems: Problem[] = []
  const path = (r: number, c: number): Path =>
    file.setting.cells
      ? ['setting', 'cells', r, c]
      : [
          'setting',
          'fill',
          r % (file.setting.fill?.length ?? 1),
          c % (file.setting.fill?.[r % file.setting.fill.length]?.length ?? 1),
        ]
  const differ = (a: number, b: number) => Math.abs(a - b) > 1e-6
  const [firstRow] = cells
  for (const [r, line] of cells.entries()) {
    for (const [c, cell] of line.entries()) {
      const [width, height] = placedSize(size(cell.block), cell.turn)
      const [columnWidth] = placedSize(size(firstRow![c]!.block), firstRow![c]!.turn)
      const [, rowHeight] = placedSize(size(line[0]!.block), line[0]!.turn)
      if (differ(width, columnWidth))
        problems.push({ code: 'sizes-differ', path: path(r, c), place: 'column', at: c, sizes: [columnWidth, width] })
      else if (differ(height, rowHeight))
        problems.push({ code: 'sizes-differ', path: path(r, c), place: 'row', at: r, sizes: [rowHeight, height] })
      if (problems.length >= 5) return problems
    }
  }
  return problems
}

function placedSize([width, height]: readonly [number, number], turn: number): readonly [number, number] {
  return turn % 180 === 0 ? [width, height] : [height, width]
}
