// In: a file whose places all have their blocks. Out: where their sizes do not fit together.
import { cellsOf, columnOf, rowLengths } from './cells'
import { placedSizes } from './placedSize'
import type { Path, Problem } from './problem'
import { rulesOf } from './settings'
import type { StandingBlock } from './settings/settingRules'
import type { ParsedQuilt } from './schema'

/** Enough to see what is wrong. */
const MAX_PROBLEMS = 5

/** Blocks must fill their rows and columns; how depends on the setting. */
export function sizeProblems(file: ParsedQuilt): Problem[] {
  const sizeOf = placedSizes(file)
  const placed = cellsOf(file).map((line, r) =>
    line.map((cell, c): StandingBlock => ({ ...sizeOf(cell), path: pathOf(file, r, c) })),
  )
  return rulesOf(file.setting).sizeProblems(placed, file.setting).slice(0, MAX_PROBLEMS)
}

function pathOf({ setting }: ParsedQuilt, r: number, c: number): Path {
  const { cells, fill } = setting
  if (rulesOf(setting).hasOwnRows) return ['setting', 'rows', r, 'cells', c]
  if (cells) return ['setting', 'cells', r, c]
  if (!fill) return ['setting', 'fill', 0, 0]
  const column = columnOf(setting, rowLengths(setting)[r]!, c)
  return ['setting', 'fill', r % fill.length, column % fill[r % fill.length]!.length]
}
