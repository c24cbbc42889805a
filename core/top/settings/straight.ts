// In: the quilt, with what was measured of its blocks. Out: the setting, its regions and sizes.
import type { Box } from '../../geometry/polygon'
import { measuredBlock } from '../../made/measures'
import { sameLength, type Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'
import type { Cell, Quilt } from '../../file/quilt'
import type { Region } from '../region'

/** One place for a block. Finished, from the top left of the setting. */
export interface Place extends Box {
  row: number
  column: number
  cell: Cell
}
/** A sash; `upright` between the blocks of a row, `level` below or above a block, `long` across the whole setting. */
export interface Sash extends Box {
  run: 'upright' | 'level' | 'long'
}

/** Blocks and sashing, without borders. Finished sizes, from its own top left. */
export interface SettingLayout {
  width: Inches
  height: Inches
  /** What width and height are made of. */
  across: Term[]
  down: Term[]
  places: Place[]
  sashes: Sash[]
  cornerstones: Box[]
  /** All of these as pieces of the top. */
  regions: Region[]
}

/**
 * Straight set: blocks in rows and columns, with or without sashing. Widths follow the first row, heights the first
 * column (`readQuilt` has seen to it that the others agree); where blocks were measured, the smallest in a row or
 * column counts. Source: handbook §4, width = a·b + (a ± 1)·w.
 */
export function straightSetting(quilt: Quilt): SettingLayout {
  const { cells, sashing } = quilt.setting
  const sizes = placedSizes(quilt)
  const widths = cells[0]!.map((_, c) =>
    cellsSize(
      cells.map(line => line[c]!),
      sizes,
      'width',
    ),
  )
  const heights = cells.map(line => cellsSize(line, sizes, 'height'))
  const w = sashing?.width ?? 0
  const outer = sashing?.outer ? 1 : 0
  const xs = starts(widths, w, outer)
  const ys = starts(heights, w, outer)
  const width = widths.reduce((a, b) => a + b, 0) + (widths.length - 1 + 2 * outer) * w
  const height = heights.reduce((a, b) => a + b, 0) + (heights.length - 1 + 2 * outer) * w

  const places = cells.flatMap((line, row) =>
    line.map((cell, column): Place => ({
      row,
      column,
      cell,
      x: xs[column]!,
      y: ys[row]!,
      width: widths[column]!,
      height: heights[row]!,
    })),
  )
  const sashes: Sash[] = []
  const cornerstones: Box[] = []
  if (sashing) {
    const gapsAcross = gaps(xs, widths, w, outer)
    const gapsDown = gaps(ys, heights, w, outer)
    for (const [row, y] of ys.entries())
      for (const x of gapsAcross) sashes.push({ run: 'upright', x, y, width: w, height: heights[row]! })
    for (const y of gapsDown) {
      if (!sashing.cornerstones) {
        sashes.push({ run: 'long', x: 0, y, width, height: w })
        continue
      }
      for (const [column, x] of xs.entries()) sashes.push({ run: 'level', x, y, width: widths[column]!, height: w })
      for (const x of gapsAcross) cornerstones.push({ x, y, width: w, height: w })
    }
  }
  return {
    width,
    height,
    across: terms(widths, w, outer),
    down: terms(heights, w, outer),
    places,
    sashes,
    cornerstones,
    regions: regionsOf(quilt, places, sashes, cornerstones),
  }
}

function regionsOf(
  quilt: Quilt,
  places: readonly Place[],
  sashes: readonly Box[],
  cornerstones: readonly Box[],
): Region[] {
  const { sashing } = quilt.setting
  const strips = (part: Region['part'], boxes: readonly Box[], cloth: string | undefined): Region[] =>
    cloth === undefined ? [] : boxes.map(({ x, y, width, height }) => ({ x, y, width, height, part, wears: { cloth } }))
  return [
    ...strips({ kind: 'sash' }, sashes, sashing?.cloth),
    ...strips({ kind: 'cornerstone' }, cornerstones, sashing?.cornerstones?.cloth),
    ...places.map(({ x, y, width, height, row, column, cell }): Region => ({
      x,
      y,
      width,
      height,
      part: { kind: 'block', row, column },
      wears: { cell },
    })),
  ]
}

/** A block's size as planned, and as measured where it was. */
interface PlacedSize {
  planned: Record<'width' | 'height', Inches>
  measured: Record<'width' | 'height', Inches> | null
}

function placedSizes(quilt: Quilt): ReadonlyMap<string, PlacedSize> {
  return new Map(quilt.blocks.map(block => [block.id, { planned: block, measured: measuredBlock(quilt, block) }]))
}

/**
 * The width of a column or the height of a row: as planned, or the smallest measured that stands in it, for all are
 * trimmed to that.
 */
function cellsSize(cells: readonly Cell[], sizes: ReadonlyMap<string, PlacedSize>, side: 'width' | 'height'): Inches {
  const other = side === 'width' ? 'height' : 'width'
  const measured: Inches[] = []
  for (const cell of cells) {
    const size = sizes.get(cell.block)!.measured
    if (size) measured.push(size[cell.turn % 180 === 0 ? side : other])
  }
  const first = cells[0]!
  const { planned } = sizes.get(first.block)!
  return measured.length > 0 ? Math.min(...measured) : planned[first.turn % 180 === 0 ? side : other]
}

function starts(sizes: readonly Inches[], sash: Inches, outer: number): Inches[] {
  let at = outer * sash
  return sizes.map(size => {
    const start = at
    at += size + sash
    return start
  })
}

/** Where sashes lie: between blocks, and outside the first and last where the sashing goes round. */
function gaps(starts: readonly Inches[], sizes: readonly Inches[], sash: Inches, outer: number): Inches[] {
  const ends = starts.map((start, i) => start + sizes[i]!)
  return outer ? [starts[0]! - sash, ...ends] : ends.slice(0, -1)
}

/** `5 blocks of 9, 6 sashes of 1½`: equal sizes in one term. */
function terms(sizes: readonly Inches[], sash: Inches, outer: number): Term[] {
  const groups: { each: Inches; count: number }[] = []
  for (const size of sizes) {
    const group = groups.find(candidate => sameLength(candidate.each, size))
    if (group) group.count += 1
    else groups.push({ each: size, count: 1 })
  }
  const sashes = sizes.length - 1 + 2 * outer
  return [
    ...groups.map(({ each, count }): Term => ({ what: 'blocks', count, each })),
    ...(sash > 0 && sashes > 0 ? [{ what: 'sashing' as const, count: sashes, each: sash }] : []),
  ]
}
