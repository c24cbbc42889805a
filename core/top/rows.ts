// In: the quilt and the sizes of its top. Out: the rows to join, in order, and the marks on long sashes.
import { clothsOfCell } from '../file/clothsOfCell'
import type { Dimensions } from './dimensions'
import { placesOf } from './places'
import type { Region } from './region'
import type { SettingRow } from './setting'
import type { Cell, Quilt } from '../file/quilt'
import { sameLength, type Inches } from '../measure/ruler'
import { because, type Reckonable } from '../measure/reckoned'
import { plus, sumOf, type Sum, type Term } from '../measure/sum'

/** What stands in a row, from left to right. Raw sizes. */
export type RowPart =
  | { what: 'block'; block: string; turn: Cell['turn']; mirror: boolean; cell: Cell; width: Inches; height: Inches }
  | { what: 'sash' | 'cornerstone'; width: Inches; height: Inches }

/** One row of the quilt in the order of joining: of blocks with the sashes between them, or of sashes. */
export interface QuiltRow {
  /** For ticks: what stands in it, so that it outlives a change of order. */
  id: string
  /** Counted among its kind, from 1. */
  row: number
  kind: 'row' | 'sash'
  parts: RowPart[]
  /** Raw edge to raw edge. */
  width: Inches
  height: Inches
  /** Odd rows one way and even rows the other, or all towards the sashes: every crossing locks. */
  press: 'left' | 'right' | 'sashes'
}

/** Where the joints of the rows above and below meet a long sash, from its left end, raw. */
export interface SashMarks {
  sash: number
  above: Inches[]
  below: Inches[]
}

/** The rows of the setting in the order of joining; how each is pressed is decided elsewhere. */
export function quiltRows(
  quilt: Quilt,
  { setting }: Dimensions,
  pressOf: (row: number, isSashed: boolean) => QuiltRow['press'],
): Reckonable<QuiltRow>[] {
  const both = 2 * quilt.seam
  const names = new Map([...placesOf(quilt).keys()].map(cell => [cell, nameOf(quilt, cell)]))
  const isSashed = setting.regions.some(({ part }) => part.kind === 'sash')
  const partAt = onePartForEach(both)
  const counts = { row: 0, sash: 0 }
  const width = because(plus(sumOf(setting.across), { what: 'seams', count: 2, each: quilt.seam }))
  return setting.rows.map(({ kind, regions }) => {
    counts[kind] += 1
    const parts = regions.map(partAt)
    const links = new Set(linksOf({ parts }))
    const wide = regions.reduce((sum, region) => sum + region.width, both)
    const cells = regions.flatMap(({ wears }) => ('cell' in wears ? [wears.cell] : []))
    return {
      id:
        kind === 'sash'
          ? `sash-row.${wide.toFixed(3)}.${parts.length}`
          : ['row', ...cells.map(cell => names.get(cell)!)].join('.'),
      row: counts[kind],
      kind,
      parts: parts.map((part, k) => (links.has(k) ? reckonedLink(part, regions[k]!, quilt.seam) : part)),
      width,
      height: because(rawSum(kind === 'sash' ? 'sashing' : 'blocks', regions[0]!.height, quilt.seam)),
      press: pressOf(counts.row, isSashed),
    }
  })
}

/** Parts alike are one object, however many places they have. */
function onePartForEach(both: Inches): (region: Region) => RowPart {
  const known = new Map<unknown, RowPart[]>()
  return region => {
    const key = 'cell' in region.wears ? region.wears.cell : region.part.kind
    const alike = known.get(key) ?? []
    const found = alike.find(part => part.width === region.width + both && part.height === region.height + both)
    if (found) return found
    const part = partOf(region, both)
    known.set(key, [...alike, part])
    return part
  }
}

function partOf({ part, wears, width, height }: Region, both: Inches): RowPart {
  const size = { width: width + both, height: height + both }
  if ('cell' in wears) {
    const { cell } = wears
    return { what: 'block', block: cell.block, turn: cell.turn, mirror: cell.mirror, cell, ...size }
  }
  return { what: part.kind === 'cornerstone' ? 'cornerstone' : 'sash', ...size }
}

/** A sash or a cornerstone, with the reason for each side: the sashing's width, or the side of the blocks beside it. */
function reckonedLink(part: RowPart, { run, width, height }: Region, seam: Inches): Reckonable<RowPart> {
  return {
    ...part,
    width: because(rawSum(run === 'level' ? 'blocks' : 'sashing', width, seam)),
    height: because(rawSum(run === 'upright' ? 'blocks' : 'sashing', height, seam)),
  }
}

/** Places of the sashes and cornerstones of a row, one place for each size: those are told of with the row. */
export function linksOf({ parts }: Pick<QuiltRow, 'parts'>): number[] {
  if (parts.length === 1) return []
  return parts.flatMap((part, k) =>
    part.what !== 'block' && parts.findIndex(other => isAlike(other, part)) === k ? [k] : [],
  )
}

export function isAlike(a: RowPart, b: RowPart): boolean {
  return a.what === b.what && sameLength(a.width, b.width) && sameLength(a.height, b.height)
}

function rawSum(what: 'blocks' | 'sashing', finished: Inches, seam: Inches): Sum {
  return sumOf([
    { what, count: 1, each: finished },
    { what: 'seams', count: 2, each: seam },
  ])
}

/** Marks on long sashes: one for every seam of the rows beside them. Without them rows drift. Source: handbook §4. */
export function sashMarks(quilt: Quilt, { setting }: Dimensions): Reckonable<SashMarks>[] {
  const marks: Reckonable<SashMarks>[] = []
  const { rows } = setting
  const jointsBeside = (row: SettingRow | undefined) =>
    row === undefined || row.kind === 'sash' ? [] : jointsOf(row.regions, quilt.seam).map(because)
  rows.forEach(({ regions }, r) => {
    if (regions.length > 1 || regions[0]!.run !== 'long') return
    marks.push({ sash: marks.length + 1, above: jointsBeside(rows[r - 1]), below: jointsBeside(rows[r + 1]) })
  })
  return marks
}

/** Every seam of a row, from its raw left end. */
function jointsOf(regions: readonly Region[], seam: Inches): Sum[] {
  return regions.slice(1).map((_, k) => {
    const left = regions.slice(0, k + 1)
    const sashes = left.filter(({ part }) => part.kind === 'sash')
    const blocks = left.filter(({ part }) => part.kind === 'block').map(({ width }) => width)
    return sumOf([
      { what: 'seams', count: 1, each: seam },
      { what: 'sashing', count: sashes.length, each: sashes[0]?.width ?? 0 },
      ...grouped(blocks),
    ])
  })
}

function grouped(sizes: readonly Inches[]): Term[] {
  const terms: { what: 'blocks'; count: number; each: Inches }[] = []
  for (const size of sizes) {
    const known = terms.find(term => sameLength(term.each, size))
    if (known) known.count += 1
    else terms.push({ what: 'blocks', count: 1, each: size })
  }
  return terms
}

function nameOf(quilt: Quilt, cell: Cell): string {
  const parts = [
    cell.block,
    cell.turn === 0 ? '' : cell.turn,
    cell.mirror ? 'm' : '',
    ...Object.values(clothsOfCell(quilt, cell)),
  ]
  return parts.filter(part => part !== '').join('-')
}
