import type { Problem } from '../problem'
import { differ, fullRows, type StandingBlock, type SettingRules } from './settingRules'

const OFFSET = {
  standing: 'on-side',
  ends: ['half-blocks', 'cloth'],
  hasTriangles: false,
  canFloat: false,
  hasOwnRows: false,
  plainRows: false,
  // corners of shifted blocks do not meet
  sashing: { between: ['both'], stones: 'none', canBePieced: false, isOuter: false },
} as const satisfies Partial<SettingRules>

/**
 * Rows that stand further in or out by turns. Between half blocks a shifted row has one whole block fewer.
 */
export const offsetRows: SettingRules = {
  ...OFFSET,
  joined: 'row',
  ownSizes: ['row', 'place'],
  shifted: 'width',
  lengths: counts =>
    counts.ends === 'half-blocks' ? fullRows(counts).map((across, r) => across - (r % 2)) : fullRows(counts),
  columnOf: (_, __, place) => place,
  sizeProblems: (placed, { ends }) => lineProblems(placed, 'row', ends === 'half-blocks'),
}

/** Columns alike. Between half blocks the last row has a place only in the columns that are not shifted. */
export const offsetColumns: SettingRules = {
  ...OFFSET,
  joined: 'column',
  ownSizes: ['column', 'place'],
  shifted: 'height',
  lengths: counts =>
    counts.ends === 'half-blocks'
      ? fullRows(counts).map((across, r, rows) => (r < rows.length - 1 ? across : Math.ceil(across / 2)))
      : fullRows(counts),
  columnOf: ({ across }, length, place) => (length < across ? 2 * place : place),
  sizeProblems: (placed, { ends }) => lineProblems(columnsOf(placed), 'column', ends === 'half-blocks'),
}

function columnsOf(rows: readonly (readonly StandingBlock[])[]): StandingBlock[][] {
  const across = rows[0]!.length
  return rows[0]!.map((_, c) =>
    rows.flatMap(row => (row.length === across ? [row[c]!] : c % 2 === 0 ? [row[c / 2]!] : [])),
  )
}

/** All blocks of a line are as deep as each other, and all lines as long. */
function lineProblems(
  lines: readonly (readonly StandingBlock[])[],
  place: 'row' | 'column',
  hasHalves: boolean,
): Problem[] {
  const [along, deep] = place === 'row' ? (['width', 'height'] as const) : (['height', 'width'] as const)
  const lengthOf = (line: readonly StandingBlock[]) => line.reduce((sum, block) => sum + block[along], 0)
  const length = lengthOf(lines[0]!)
  // with half blocks a shifted line has one whole block fewer, and all blocks are of one length
  const first = lines[0]![0]![along]
  return lines.flatMap((line, at): Problem[] => {
    const depth = line[0]!
    const odd = line.find(block => differ(block[deep], depth[deep]))
    if (odd) return [{ code: 'sizes-differ', path: odd.path, place, at, sizes: [depth[deep], odd[deep]] }]
    const uneven = hasHalves ? line.find(block => differ(block[along], first)) : undefined
    if (uneven) return [{ code: 'sizes-differ', path: uneven.path, place: 'all', at, sizes: [first, uneven[along]] }]
    const sizes = [length, lengthOf(line)] as const
    return !hasHalves && differ(...sizes)
      ? [{ code: 'sizes-differ', path: depth.path, place: `${place}-length`, at, sizes }]
      : []
  })
}
