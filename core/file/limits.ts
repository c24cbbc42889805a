import { MAX_INCHES } from './fields'
import { cellsOf } from './cells'
import type { Problem } from './problem'
import { designsById } from './ownDesigns'
import type { ParsedQuilt } from './schema'

/** Corners of all designs that a file brings along; a block has some dozens. */
export const MAX_CORNERS = 8_000
/** Patches of one drawn block; what is sewn by hand has a hundred. */
export const MAX_IN_A_BLOCK = 500
/** Patches of all blocks: three hundred quilts of stars. */
export const MAX_PATCHES = 100_000

/** Patches of blocks that differ, each kind of block counted once: 2,500 stars, each in cloths of its own. */
export const MAX_DIFFERENT = 45_000
/** Squares of all pictures: one of two hundred by two hundred. */
export const MAX_SQUARES = 40_000
/** Measures of all blocks, rows and borders. */
export const MAX_MEASURES = 10_000

/** A file small in bytes can ask for more work than any quilt: refused by the whole of it, with the figure. */
export function workProblems(file: ParsedQuilt): Problem[] {
  const corners = file.designs.reduce(
    (sum, design) => sum + (design.picture ? 0 : design.patches.reduce((all, patch) => all + patch.points.length, 0)),
    0,
  )
  const problems: Problem[] =
    corners > MAX_CORNERS
      ? [{ code: 'too-much', path: ['designs'], what: 'corners', got: corners, most: MAX_CORNERS }]
      : []
  return [...problems, ...blockProblems(file), ...pictureProblems(file), ...measureProblems(file)]
}

function blockProblems({ designs }: ParsedQuilt): Problem[] {
  return designs.flatMap(({ picture, patches }, i): Problem[] =>
    !picture && patches.length > MAX_IN_A_BLOCK
      ? [
          {
            code: 'too-much',
            path: ['designs', i, 'patches'],
            what: 'block',
            got: patches.length,
            most: MAX_IN_A_BLOCK,
          },
        ]
      : [],
  )
}

function pictureProblems({ designs }: ParsedQuilt): Problem[] {
  const got = designs.reduce((sum, design) => sum + (design.picture ? design.patches.length : 0), 0)
  const at = designs.findIndex(design => design.picture)
  return got > MAX_SQUARES
    ? [{ code: 'too-much', path: ['designs', at, 'squares'], what: 'squares', got, most: MAX_SQUARES }]
    : []
}

function measureProblems({ made }: ParsedQuilt): Problem[] {
  const got = made.reduce(
    (sum, { size, width, height }) =>
      sum + Math.max(1, (size?.length ?? 0) + (width?.length ?? 0) + (height?.length ?? 0)),
    0,
  )
  return got > MAX_MEASURES ? [{ code: 'too-much', path: ['made'], what: 'measures', got, most: MAX_MEASURES }] : []
}

/** For a file that is otherwise right: how many patches it has in all, and how large the quilt would be. */
export function wholeProblems(file: ParsedQuilt): Problem[] {
  const designs = designsById(file)
  const patchesOf = new Map(file.blocks.map(block => [block.id, designs.get(block.design)!.patches.length]))
  const cells = cellsOf(file)
  const patches = cells.reduce((sum, line) => sum + line.reduce((all, cell) => all + patchesOf.get(cell.block)!, 0), 0)
  const problems: Problem[] = []
  if (patches > MAX_PATCHES)
    problems.push({ code: 'too-much', path: ['setting'], what: 'patches', got: patches, most: MAX_PATCHES })
  // turned or mirrored a block is planned with the others like it
  const different = new Map(
    [...new Set(cells.flat())].map(({ block, cloths }) => [JSON.stringify([block, cloths]), block]),
  )
  const apart = [...different.values()].reduce((sum, block) => sum + patchesOf.get(block)!, 0)
  if (apart > MAX_DIFFERENT)
    problems.push({ code: 'too-much', path: ['setting'], what: 'different', got: apart, most: MAX_DIFFERENT })
  const largest = Math.max(
    ...file.blocks.map(block => Math.max(block.width ?? block.size ?? 0, block.height ?? block.size ?? 0)),
  )
  const sash = file.setting.sashing?.width ?? 0
  const setting = Math.max(cells.length, cells[0]!.length) * (largest + sash) + sash
  const borders = file.borders.reduce(
    (sum, border) => sum + 2 * Math.max(border.width ?? 0, border.sides ?? 0, border.ends ?? 0),
    0,
  )
  if (setting + borders > MAX_INCHES) {
    problems.push({
      code: 'too-much',
      path: borders > setting ? ['borders'] : ['setting'],
      what: 'inches',
      got: setting + borders,
      most: MAX_INCHES,
    })
  }
  return problems
}
