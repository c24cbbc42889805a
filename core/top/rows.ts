// In: the quilt and the sizes of its top. Out: the rows to join, in order, and the marks on long sashes.
import { cellCounts } from '../file/cells'
import { clothsOfCell } from '../file/clothsOfCell'
import type { Dimensions } from './dimensions'
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

/** The rows of a straight set from the top, rows of sashes between rows of blocks. */
export function quiltRows(quilt: Quilt, { setting, top }: Dimensions): Reckonable<QuiltRow>[] {
  const { sashing, cells } = quilt.setting
  const both = 2 * quilt.seam
  const { widths, heights } = sidesOf(quilt, { setting, top })
  const sash = (sashing?.width ?? 0) + both
  const upright = (height: Inches): RowPart => ({ what: 'sash', width: sash, height })
  const wide = setting.width + both
  const rows: Omit<QuiltRow, 'row'>[] = []
  const sashRow = () => {
    const along = widths.map((width): RowPart => ({ what: 'sash', width: width + both, height: sash }))
    const stone: RowPart = { what: 'cornerstone', width: sash, height: sash }
    const parts = sashing?.cornerstones
      ? between(along, stone, sashing.outer)
      : [{ what: 'sash' as const, width: wide, height: sash }]
    rows.push({
      id: `sash-row.${wide.toFixed(3)}.${parts.length}`,
      kind: 'sash',
      parts,
      width: wide,
      height: sash,
      press: 'sashes',
    })
  }
  const names = new Map([...cellCounts(cells).keys()].map(cell => [cell, nameOf(quilt, cell)]))
  cells.forEach((line, r) => {
    if (sashing && (r > 0 || sashing.outer)) sashRow()
    const height = heights[r]! + both
    const blocks = line.map((cell, c): RowPart => ({
      what: 'block',
      block: cell.block,
      turn: cell.turn,
      mirror: cell.mirror,
      cell,
      width: widths[c]! + both,
      height,
    }))
    rows.push({
      id: ['row', ...line.map(cell => names.get(cell)!)].join('.'),
      kind: 'row',
      parts: sashing ? between(blocks, upright(height), sashing.outer) : blocks,
      width: wide,
      height,
      press: sashing ? 'sashes' : r % 2 === 0 ? 'right' : 'left',
    })
  })
  if (sashing?.outer) sashRow()
  const counts = { row: 0, sash: 0 }
  const width = because(plus(sumOf(setting.across), { what: 'seams', count: 2, each: quilt.seam }))
  return rows.map(row => {
    counts[row.kind] += 1
    const links = new Set(linksOf(row))
    return {
      ...row,
      row: counts[row.kind],
      parts: row.parts.map((part, k) => (links.has(k) ? reckonedLink(part, row.kind, quilt.seam) : part)),
      width,
      height: because(rawSum(row.kind === 'sash' ? 'sashing' : 'blocks', row.height - both, quilt.seam)),
    }
  })
}

/** A sash or a cornerstone, with the reason for each side: the sashing's width, or the side of the blocks beside it. */
function reckonedLink(part: RowPart, kind: QuiltRow['kind'], seam: Inches): Reckonable<RowPart> {
  const isThin = {
    width: part.what === 'cornerstone' || kind === 'row',
    height: part.what === 'cornerstone' || kind === 'sash',
  }
  const side = (name: 'width' | 'height') =>
    because(rawSum(isThin[name] ? 'sashing' : 'blocks', part[name] - 2 * seam, seam))
  return { ...part, width: side('width'), height: side('height') }
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
export function sashMarks(quilt: Quilt, dimensions: Dimensions): Reckonable<SashMarks>[] {
  const { sashing, cells } = quilt.setting
  if (!sashing || sashing.cornerstones) return []
  const { widths } = sidesOf(quilt, dimensions)
  const joints = jointsOf(widths, sashing.width, sashing.outer, quilt.seam)
  const sashes = cells.length - 1 + (sashing.outer ? 2 : 0)
  const marks = joints.map(because)
  return Array.from({ length: sashes }, (_, i) => {
    const isFirst = sashing.outer && i === 0
    const isLast = sashing.outer && i === sashes - 1
    return { sash: i + 1, above: isFirst ? [] : marks, below: isLast ? [] : marks }
  })
}

/** Every seam between blocks and sashes of a row, from the raw left end. */
function jointsOf(widths: readonly Inches[], sash: Inches, outer: boolean, seam: Inches): Sum[] {
  const joints: Sum[] = []
  let sashes = outer ? 1 : 0
  const blocks: Inches[] = []
  const add = () =>
    joints.push(
      sumOf([
        { what: 'seams', count: 1, each: seam },
        { what: 'sashing', count: sashes, each: sash },
        ...grouped(blocks),
      ]),
    )
  widths.forEach((width, c) => {
    if (sashes > 0 && (c > 0 || outer)) add()
    blocks.push(width)
    if (c < widths.length - 1 || outer) {
      add()
      sashes += 1
    }
  })
  return joints
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

function sidesOf(quilt: Quilt, { setting }: Dimensions): { widths: Inches[]; heights: Inches[] } {
  const across = quilt.setting.cells[0]!.length
  return {
    widths: setting.places.slice(0, across).map(place => place.width),
    heights: quilt.setting.cells.map((_, r) => setting.places[r * across]!.height),
  }
}

function between<T extends RowPart>(parts: readonly T[], link: RowPart, outer: boolean): RowPart[] {
  const joined = parts.flatMap((part, i): RowPart[] => (i === 0 ? [part] : [link, part]))
  return outer ? [link, ...joined, link] : joined
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
