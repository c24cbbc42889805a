// In: the quilt, with what was measured of its blocks. Out: the setting, its regions and sizes.
import type { Box } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'
import type { Quilt } from '../../file/quilt'
import type { Region } from '../regions/region'
import type { Setting, SettingRow } from './setting'
import { derivedCell } from '../regions/derivedCell'
import { standingSizes } from '../regions/standingSize'
import { cornerstoneFabric } from '../regions/cornerstoneFabric'
import { grouped, lineSetting, type Line } from './lines'

/**
 * Straight set: blocks in rows and columns, with or without sashing. Widths follow the first row, heights the first
 * column (`readQuilt` has seen to it that the others agree); where blocks were measured, the smallest in a row or
 * column counts. Source: handbook §4, width = a·b + (a ± 1)·w.
 */
export function straightSetting(quilt: Quilt): Setting {
  const { cells, sashing } = quilt.setting
  const sizeOf = standingSizes(quilt)
  const widths = cells[0]!.map((_, c) =>
    sizeOf(
      cells.map(line => line[c]!),
      'width',
    ),
  )
  const heights = cells.map(line => sizeOf(line, 'height'))
  if (sashing?.between === 'rows') return strips(quilt, 'row', widths, heights)
  if (sashing?.between === 'columns') return strips(quilt, 'column', widths, heights)
  const w = sashing?.width ?? 0
  const outer = sashing?.outer ? 1 : 0
  const xs = starts(widths, w, outer)
  const ys = starts(heights, w, outer)
  const width = widths.reduce((a, b) => a + b, 0) + (widths.length - 1 + 2 * outer) * w
  const height = heights.reduce((a, b) => a + b, 0) + (heights.length - 1 + 2 * outer) * w
  const rows = cells.map((line, r): SettingRow => ({
    kind: 'row',
    regions: line.map((cell, c): Region => ({
      x: xs[c]!,
      y: ys[r]!,
      width: widths[c]!,
      height: heights[r]!,
      part: { kind: 'block', row: r, column: c },
      fabric: { cell },
    })),
  }))
  const joined = sashing ? withSashes(quilt, rows, width) : rows
  return {
    width,
    height,
    across: terms(widths, w, outer),
    down: terms(heights, w, outer),
    regions: joined.flatMap(row => row.regions),
    rows: joined,
  }
}

/** Sashes between the blocks of each row and between the rows; round all of them where the sashing is outer. */
function withSashes(quilt: Quilt, rows: readonly SettingRow[], across: Inches): SettingRow[] {
  const { width, cornerstones, outer } = quilt.setting.sashing!
  const sash = (run: SashRun, box: Box): Region => ({
    ...box,
    part: { kind: 'sash' },
    run,
    fabric: sashFabric(quilt, run, run === 'upright' ? box.height : box.width),
  })
  const beside = ({ x, y, height }: Box) => sash('upright', { x: x - width, y, width, height })
  const sashed = rows.map(({ regions }): SettingRow => ({
    kind: 'row',
    regions: between(
      regions,
      beside,
      ({ x, y, width: block, height }) => sash('upright', { x: x + block, y, width, height }),
      outer,
    ),
  }))
  const level = (blocks: readonly Region[], y: Inches): Region[] => {
    if (!cornerstones) return [sash('long', { x: 0, y, width: across, height: width })]
    const stone = (x: Inches): Region => ({
      x,
      y,
      width,
      height: width,
      part: { kind: 'cornerstone' },
      fabric: cornerstoneFabric(quilt),
    })
    return between(
      blocks.map(block => sash('level', { x: block.x, y, width: block.width, height: width })),
      ({ x }) => stone(x - width),
      ({ x, width: block }) => stone(x + block),
      outer,
    )
  }
  const above = (row: SettingRow): SettingRow => ({
    kind: 'sash',
    regions: level(row.regions, row.regions[0]!.y - width),
  })
  const last = rows.at(-1)!.regions
  const below: SettingRow = { kind: 'sash', regions: level(last, last[0]!.y + last[0]!.height) }
  return [...sashed.flatMap((row, r) => (r > 0 || outer ? [above(rows[r]!), row] : [row])), ...(outer ? [below] : [])]
}

type SashRun = NonNullable<Region['run']>

/** Short sashes may be pieced: by the block that is nearest in length, its height along the sash. */
function sashFabric(quilt: Quilt, run: SashRun, length: Inches): Region['fabric'] {
  const { sashBlocks, sashing } = quilt.setting
  if (run === 'long' || sashBlocks.length === 0) return { cloth: sashing!.cloth }
  const off = (known: { length: Inches }) => Math.abs(known.length - length)
  const { block } = sashBlocks.reduce((a, b) => (off(b) < off(a) ? b : a))
  return { cell: derivedCell(quilt, block, run === 'upright' ? 0 : 90) }
}

/** With what lies before each part but the first; outer, before the first and after the last too. */
function between<T>(parts: readonly T[], before: (part: T) => T, after: (part: T) => T, outer: boolean): T[] {
  const joined = parts.flatMap((part, i) => (i > 0 || outer ? [before(part), part] : [part]))
  return outer ? [...joined, after(parts.at(-1)!)] : joined
}

function starts(sizes: readonly Inches[], sash: Inches, outer: number): Inches[] {
  let at = outer * sash
  return sizes.map(size => {
    const start = at
    at += size + sash
    return start
  })
}

/** `5 blocks of 9, 6 sashes of 1½`: equal sizes in one term. */
function terms(sizes: readonly Inches[], sash: Inches, outer: number): Term[] {
  const sashes = sizes.length - 1 + 2 * outer
  return [
    ...grouped(sizes),
    ...(sash > 0 && sashes > 0 ? [{ what: 'sashing' as const, count: sashes, each: sash }] : []),
  ]
}

/** Strips of blocks, rows or columns, with long sashes between them and none within. */
function strips(quilt: Quilt, kind: 'row' | 'column', widths: readonly Inches[], heights: readonly Inches[]): Setting {
  const { cells, sashing } = quilt.setting
  const placed = cells.map((line, row) => line.map((cell, column) => ({ cell, row, column })))
  const lines =
    kind === 'row'
      ? placed.map((line, r): Line => ({
          depth: heights[r]!,
          blocks: line.map((block, c) => ({ ...block, length: widths[c]! })),
        }))
      : widths.map((depth, c): Line => ({
          depth,
          blocks: placed.map((line, r) => ({ ...line[c]!, length: heights[r]! })),
        }))
  return lineSetting(lines, { ...sashing!, within: false, between: true }, kind)
}
