// In: a file whose places all have their blocks. Out: where their sizes do not fit together.
import { cellsOf, columnOf, rowLengths } from './cells'
import { placedSizes, type PlacedSide } from './placedSize'
import type { Path, Problem } from './problem'
import type { Cell } from './quilt'
import type { ParsedQuilt } from './schema'
import type { Inches } from '../measure/ruler'

/** Enough to see what is wrong. */
const MOST_PROBLEMS = 5

/** Blocks must fill their rows and columns; how depends on the setting. */
export function sizeProblems(file: ParsedQuilt): Problem[] {
  switch (file.setting.kind) {
    case 'straight':
      return straightProblems(file)
    case 'on-point':
      return onPointProblems(file)
    case 'offset-rows':
      return offsetProblems(file, 'row')
    case 'offset-columns':
      return offsetProblems(file, 'column')
    case 'rows':
      return rowProblems(file)
  }
}

/** In a straight setting all blocks of a column are as wide as each other, and all of a row as high. */
function straightProblems(file: ParsedQuilt): Problem[] {
  const cells = cellsOf(file)
  const sizeOf = placedSizes(file)
  const problems: Problem[] = []
  const firsts = cells[0]!.map(cell => sizeOf(cell).width)
  for (const [r, line] of cells.entries()) {
    const rowHeight = sizeOf(line[0]!).height
    for (const [c, cell] of line.entries()) {
      const { width, height } = sizeOf(cell)
      if (differ(width, firsts[c]!))
        problems.push({
          code: 'sizes-differ',
          path: pathOf(file, r, c),
          place: 'column',
          at: c,
          sizes: [firsts[c]!, width],
        })
      else if (differ(height, rowHeight))
        problems.push({
          code: 'sizes-differ',
          path: pathOf(file, r, c),
          place: 'row',
          at: r,
          sizes: [rowHeight, height],
        })
      if (problems.length >= MOST_PROBLEMS) return problems
    }
  }
  return problems
}

/** In a row of its own all blocks are as high as each other. */
function rowProblems(file: ParsedQuilt): Problem[] {
  const sizeOf = placedSizes(file)
  return cellsOf(file)
    .flatMap((line, r) =>
      line.flatMap((cell, c): Problem[] => {
        const sizes: [Inches, Inches] = [sizeOf(line[0]!).height, sizeOf(cell).height]
        const path: Path = ['setting', 'rows', r, 'cells', c]
        return differ(...sizes) ? [{ code: 'sizes-differ', path, place: 'row', at: r, sizes }] : []
      }),
    )
    .slice(0, MOST_PROBLEMS)
}

/** On point all blocks are square and of one size. */
function onPointProblems(file: ParsedQuilt): Problem[] {
  const cells = cellsOf(file)
  const sizeOf = placedSizes(file)
  const side = sizeOf(cells[0]![0]!).width
  const problems: Problem[] = []
  for (const [r, line] of cells.entries()) {
    for (const [c, cell] of line.entries()) {
      const { width, height } = sizeOf(cell)
      const path = pathOf(file, r, c)
      if (differ(width, height)) problems.push({ code: 'not-together', path, what: 'on-point-not-square' })
      else if (differ(width, side))
        problems.push({ code: 'sizes-differ', path, place: 'all', at: r, sizes: [side, width] })
      if (problems.length >= MOST_PROBLEMS) return problems
    }
  }
  return problems
}

/** In offset rows all blocks of a row are as high as each other, and all rows as long; columns alike. */
function offsetProblems(file: ParsedQuilt, place: 'row' | 'column'): Problem[] {
  const sizeOf = placedSizes(file)
  const [along, across]: [PlacedSide, PlacedSide] = place === 'row' ? ['width', 'height'] : ['height', 'width']
  const lines = linesOf(file, place)
  const halves = file.setting.ends === 'half-blocks'
  const lengthOf = (line: readonly PlacedBlock[]) => line.reduce((sum, { cell }) => sum + sizeOf(cell)[along], 0)
  const problems: Problem[] = []
  const length = lengthOf(lines[0]!)
  for (const [at, line] of lines.entries()) {
    const depth = sizeOf(line[0]!.cell)[across]
    const odd = line.find(({ cell }) => differ(sizeOf(cell)[across], depth))
    // with half blocks a shifted line has one whole block fewer, and all blocks are of one length
    const first = sizeOf(lines[0]![0]!.cell)[along]
    const uneven = halves ? line.find(({ cell }) => differ(sizeOf(cell)[along], first)) : undefined
    if (odd)
      problems.push({ code: 'sizes-differ', path: odd.path, place, at, sizes: [depth, sizeOf(odd.cell)[across]] })
    else if (uneven)
      problems.push({
        code: 'sizes-differ',
        path: uneven.path,
        place: 'all',
        at,
        sizes: [first, sizeOf(uneven.cell)[along]],
      })
    else if (!halves && differ(lengthOf(line), length))
      problems.push({
        code: 'sizes-differ',
        path: line[0]!.path,
        place: `${place}-length`,
        at,
        sizes: [length, lengthOf(line)],
      })
    if (problems.length >= MOST_PROBLEMS) return problems
  }
  return problems
}

interface PlacedBlock {
  cell: Cell
  path: Path
}

/** The places row by row, or column by column. */
function linesOf(file: ParsedQuilt, place: 'row' | 'column'): PlacedBlock[][] {
  const rows = cellsOf(file).map((line, r) => line.map((cell, c): PlacedBlock => ({ cell, path: pathOf(file, r, c) })))
  if (place === 'row') return rows
  const isShort = (r: number) => rows[r]!.length < rows[0]!.length
  return rows[0]!.map((_, c) => rows.flatMap((row, r) => (isShort(r) ? (c % 2 === 0 ? [row[c / 2]!] : []) : [row[c]!])))
}

function pathOf({ setting }: ParsedQuilt, r: number, c: number): Path {
  const { cells, fill } = setting
  if (cells) return ['setting', 'cells', r, c]
  if (!fill) return ['setting', 'fill', 0, 0]
  const column = columnOf(setting, rowLengths(setting)[r]!, c)
  return ['setting', 'fill', r % fill.length, column % fill[r % fill.length]!.length]
}

function differ(a: Inches, b: Inches): boolean {
  return Math.abs(a - b) > 1e-6
}
