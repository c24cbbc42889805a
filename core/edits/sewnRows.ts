import { sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import { LONGER, type SewnKind } from './sewnKinds'

/** Blocks of one height side by side, and how far they stand from the edge. */
export interface SewnRow {
  blocks: SewnKind[]
  shift: Inches
}

/** What cloth at the ends of rows weighs against a shape that is off. */
const FILLED = 2

/**
 * Rows of like heights, the tallest below; as wide as leaves the least cloth at their ends in a quilt a little longer
 * than wide; narrower rows stand in the middle.
 */
export function rowsOfLikeHeight(kinds: readonly SewnKind[], ruler: Inches): SewnRow[] {
  const all = kinds.flatMap(kind => Array.from({ length: kind.count }, () => kind))
  const widest = Math.max(...all.map(({ rowSize }) => rowSize.width))
  const total = all.reduce((sum, { rowSize }) => sum + rowSize.width, 0)
  const area = all.reduce((sum, { rowSize }) => sum + rowSize.width * rowSize.height, 0)
  const limits = Array.from({ length: 40 }, (_, i) => widest + ((total - widest) * i * i) / (39 * 39))
  const cost = (rows: SewnKind[][]) => {
    const width = Math.max(...rows.map(widthOf))
    const height = rows.reduce((sum, row) => sum + row[0]!.rowSize.height, 0)
    return FILLED * (1 - area / (width * height)) + Math.abs(Math.log(height / width / LONGER))
  }
  const rows = limits.map(limit => filledTo(all, limit)).reduce((a, b) => (cost(b) < cost(a) - 1e-9 ? b : a))
  const width = Math.max(...rows.map(widthOf))
  return rows.map(blocks => {
    const lack = width - widthOf(blocks)
    const half = ruler > 0 ? Math.floor(lack / 2 / ruler + TOLERANCE) * ruler : lack / 2
    // strips at both ends, unless they would be too narrow to sew
    return { blocks, shift: half >= 1 / 2 ? half : 0 }
  })
}

function widthOf(row: readonly SewnKind[]): Inches {
  return row.reduce((sum, { rowSize }) => sum + rowSize.width, 0)
}

/** Blocks of each height in as few rows as the limit allows, shared out among them evenly. */
function filledTo(all: readonly SewnKind[], limit: Inches): SewnKind[][] {
  const heights = all
    .map(({ rowSize }) => rowSize.height)
    .sort((a, b) => a - b)
    .filter((height, i, sorted) => i === 0 || !sameLength(height, sorted[i - 1]!))
  return heights.flatMap(height => {
    const here = all.filter(({ rowSize }) => sameLength(rowSize.height, height))
    const least = Math.max(1, Math.ceil(widthOf(here) / limit - TOLERANCE))
    const rows: SewnKind[][] = Array.from({ length: Math.min(here.length, least) }, () => [])
    // the widest first, each into the row that is narrowest
    for (const block of [...here].sort((a, b) => b.rowSize.width - a.rowSize.width))
      rows.reduce((a, b) => (widthOf(b) < widthOf(a) - TOLERANCE ? b : a)).push(block)
    return rows
  })
}
