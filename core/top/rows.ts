// In: the quilt and the sizes of its top. Out: the rows to join, in order, and the marks on long sashes.
import { clothsOfCell } from '../file/clothsOfCell'
import type { Dimensions } from './dimensions'
import { placesOf } from './places'
import { joinAllowance } from './regions/rawEdge'
import { ownSize, type Corner, type Edge, type Region } from './regions/region'
import type { Setting, SettingRow } from './settings/setting'
import { halvedBlock } from '../file/halfBlocks'
import type { Cell, HalfSide, Quilt } from '../file/quilt'
import type { TermName } from '../measure/termName'
import { sameLength, type Inches } from '../measure/ruler'
import { explained, type Explainable } from '../measure/explained'
import { rulerLength, rulerReadings } from './rulerReadings'
import { addTerms, plus, sumOf, type Sum, type Term } from '../measure/sum'

/** What stands in a row, from its beginning. Raw sizes; of triangles those of their box. */
export type RowPart = Sized
  & (
    | ({ what: 'block' } & PlacedBlock)
    | ({ what: 'half-block'; half: HalfSide } & PlacedBlock)
    /** Of triangles: on which edge, or in which corner of the quilt. */
    | ({ what: FillerName; at?: Edge | Corner } & Region['fabric'])
  )

interface PlacedBlock {
  block: string
  turn: Cell['turn']
  mirror: boolean
  cell: Cell
  /** How it is pressed, where the block has versions. */
  version?: string
}

interface Sized {
  width: Inches
  height: Inches
}

export type FillerName = 'sash' | 'cornerstone' | 'half-cornerstone' | 'end' | 'side-triangle' | 'corner-triangle'

/** One row, column or diagonal of the quilt in the order of joining, sashes alone, or a corner. */
export interface QuiltRow extends Sized {
  /** For ticks: what stands in it, so that it outlives a change of order. */
  id: string
  /** Counted among its kind, from 1. */
  row: number
  kind: SettingRow['kind']
  parts: RowPart[]
  /** By turns, so that every crossing locks; or all towards the sashes. */
  press: 'left' | 'right' | 'up' | 'down' | 'sashes'
}

/** Where the joints of the rows above and below meet a long sash, from its left end, raw. */
export interface SashMarks {
  sash: number
  above: Inches[]
  below: Inches[]
  /** How they are read off one ruler, where the sash is longer than that. */
  readings: { above: ReadOff[]; below: ReadOff[] }
}

/** The ruler's end at `from` on the sash, from its raw end; marks where the ruler says `at`. */
export interface ReadOff {
  from: Inches
  at: Inches[]
}

/** Whether the allowance between a part of a row and the next lies back towards its beginning, or on. */
export function pressAtJoint({ parts, press }: Pick<QuiltRow, 'parts' | 'press'>, joint: number): 'back' | 'on' {
  if (press === 'sashes') return parts[joint]!.what === 'sash' ? 'back' : 'on'
  return press === 'left' || press === 'up' ? 'back' : 'on'
}

/** The rows of the setting in the order of joining; how each is pressed is decided elsewhere. */
export function quiltRows(
  quilt: Quilt,
  { setting }: Dimensions,
  pressOf: (row: number, isSashed: boolean, kind: QuiltRow['kind']) => QuiltRow['press'],
  versionOf: (region: Region) => string | undefined = () => undefined,
): Explainable<QuiltRow>[] {
  const own = joinAllowance(quilt)
  const both = 2 * own
  const names = new Map([...placesOf(quilt).keys()].map(cell => [cell, nameOf(quilt, cell)]))
  const isSashed = setting.regions.some(({ part }) => part.kind === 'sash')
  const partAt = onePartForEach(both, versionOf)
  const counts = new Map<QuiltRow['kind'], number>()
  return setting.rows.map(({ kind, regions }) => {
    const row = (counts.get(kind) ?? 0) + 1
    counts.set(kind, row)
    const parts = regions.map(partAt)
    const links = new Set(linksOf({ parts }))
    const cells = regions.flatMap(({ fabric }) => ('cell' in fabric ? [fabric.cell] : []))
    const size = rowSize(setting, kind, regions)
    const withReason = (side: 'width' | 'height') =>
      explained(plus(sumOf(size[side]), { what: 'seams', count: 2, each: own }))
    const [width, height] = [withReason('width'), withReason('height')]
    return {
      id:
        cells.length === 0
          ? `${kind}-row.${(addTerms(size.width) + both).toFixed(3)}.${parts.length}`
          : [kind, ...cells.map(cell => names.get(cell)!)].join('.'),
      row,
      kind,
      parts: parts.map((part, k) => (links.has(k) ? explainedLink(part, regions[k]!, kind, own) : part)),
      width,
      height,
      press: pressOf(row, isSashed, kind),
    }
  })
}

/** Parts alike are one object, however many places they have. */
function onePartForEach(both: Inches, versionOf: (region: Region) => string | undefined): (region: Region) => RowPart {
  const known = new Map<unknown, RowPart[]>()
  return region => {
    const { part: stands } = region
    const lie = 'edge' in stands ? stands.edge : 'corner' in stands ? stands.corner : ''
    const key = 'cell' in region.fabric ? region.fabric.cell : `${stands.kind} ${lie}`
    const alike = known.get(key) ?? []
    const { width, height } = ownSize(region)
    const version = versionOf(region)
    const found = alike.find(
      part =>
        part.width === width + both
        && part.height === height + both
        && ('version' in part ? part.version : undefined) === version,
    )
    if (found) return found
    const part = partOf(region, both, version)
    known.set(key, [...alike, part])
    return part
  }
}

function partOf(region: Region, both: Inches, version: string | undefined): RowPart {
  const { part, fabric } = region
  const { width, height } = ownSize(region)
  const size = { width: width + both, height: height + both }
  if ('cloth' in fabric || part.kind === 'sash' || part.kind === 'cornerstone') {
    const at = 'edge' in part ? part.edge : 'corner' in part ? part.corner : undefined
    return { what: part.kind as FillerName, ...fabric, ...(at ? { at } : {}), ...size }
  }
  const { cell } = fabric
  const { block, turn, mirror } = cell
  const placed = { block, turn, mirror, cell, ...(version ? { version } : {}), ...size }
  return part.kind === 'half-block'
    ? { what: 'half-block', half: part.half, ...placed, block: halvedBlock(cell) }
    : { what: 'block', ...placed }
}

/** How long a row is and how deep, and why. Triangles at its ends are left out of its length. */
function rowSize(
  setting: Setting,
  kind: QuiltRow['kind'],
  regions: readonly Region[],
): { width: Term[]; height: Term[] } {
  const first = regions[0]!
  if (first.run === 'long') {
    const isLevel = first.width === setting.width
    const thin: Term[] = [{ what: 'sashing', count: 1, each: isLevel ? first.height : first.width }]
    return isLevel ? { width: setting.across, height: thin } : { width: thin, height: setting.down }
  }
  if (kind === 'corner')
    return { width: [{ what: 'finished', value: first.width }], height: [{ what: 'finished', value: first.height }] }
  const counted = regions.filter(({ part }) => !TRIANGLES.has(part.kind))
  const [along, deep] = kind === 'column' ? (['height', 'width'] as const) : (['width', 'height'] as const)
  const depth = ownSize(counted[0] ?? first)[deep]
  const across: Term[] = [{ what: kind === 'sash' ? 'sashing' : 'blocks', count: 1, each: depth }]
  const length = lengthTerms(counted, along, kind)
  return kind === 'column' ? { width: across, height: length } : { width: length, height: across }
}

const TRIANGLES: ReadonlySet<string> = new Set(['side-triangle', 'corner-triangle', 'half-cornerstone'])

/** Equal sizes of one kind are one term. */
function lengthTerms(regions: readonly Region[], along: 'width' | 'height', kind: QuiltRow['kind']): Term[] {
  const terms: { what: TermName; count: number; each: Inches }[] = []
  for (const region of regions) {
    const what = termOf(region, kind)
    const each = ownSize(region)[along]
    const known = terms.find(term => term.what === what && sameLength(term.each, each))
    if (known) known.count += 1
    else terms.push({ what, count: 1, each })
  }
  return terms
}

/** What a part adds to the length of its row; sashes in a row of sashes are as long as the blocks beside them. */
function termOf({ part, run }: Region, kind: QuiltRow['kind']): TermName {
  if (part.kind === 'half-block') return 'half-blocks'
  if (part.kind === 'end') return 'ends'
  if (part.kind === 'cornerstone') return 'sashing'
  if (part.kind === 'sash') return kind === 'sash' && run === 'level' ? 'blocks' : 'sashing'
  return 'blocks'
}

/** A part that is no block, with the reason for each side: the sashing's width, or the side of the blocks beside it. */
function explainedLink(part: RowPart, region: Region, kind: QuiltRow['kind'], seam: Inches): Explainable<RowPart> {
  const { width, height } = ownSize(region)
  const { run } = region
  const isEnd = region.part.kind === 'end'
  const [across, down]: [TermName, TermName] = isEnd
    ? kind === 'column'
      ? ['blocks', 'ends']
      : ['ends', 'blocks']
    : [run === 'level' ? 'blocks' : 'sashing', run === 'upright' ? 'blocks' : 'sashing']
  return { ...part, width: explained(rawSum(across, width, seam)), height: explained(rawSum(down, height, seam)) }
}

/** Places of the sashes, cornerstones and ends of a row, one for each size: those are told of with the row. */
export function linksOf({ parts }: Pick<QuiltRow, 'parts'>): number[] {
  if (parts.length === 1) return []
  return parts.flatMap((part, k) =>
    LINKS.has(part.what) && parts.findIndex(other => isAlike(other, part)) === k ? [k] : [],
  )
}

const LINKS: ReadonlySet<string> = new Set(['sash', 'cornerstone', 'end'])

/** Whether two parts of rows are of one kind and size. */
export function isAlike(a: RowPart, b: RowPart): boolean {
  return a.what === b.what && sameLength(a.width, b.width) && sameLength(a.height, b.height)
}

function rawSum(what: TermName, finished: Inches, seam: Inches): Sum {
  return sumOf([
    { what, count: 1, each: finished },
    { what: 'seams', count: 2, each: seam },
  ])
}

/** Marks on long sashes: one for every seam of the rows beside them. Without them rows drift. Source: handbook §4. */
export function sashMarks(quilt: Quilt, { setting }: Pick<Dimensions, 'setting'>): Explainable<SashMarks>[] {
  const marks: Explainable<SashMarks>[] = []
  const { rows } = setting
  const ruler = rulerLength(quilt)
  const jointsBeside = (row: SettingRow | undefined) =>
    row === undefined || row.kind === 'sash' ? [] : jointsOf(row, quilt.seam)
  const readOff = (joints: readonly Sum[], length: Inches) =>
    length <= ruler
      ? []
      : rulerReadings(joints, ruler).map(({ from, at }) => ({ from: explained(from), at: at.map(explained) }))
  rows.forEach((row, r) => {
    if (!isLongSash(row)) return
    const { regions } = row
    const [above, below] = [jointsBeside(rows[r - 1]), jointsBeside(rows[r + 1])]
    const length = Math.max(regions[0]!.width, regions[0]!.height) + 2 * quilt.seam
    marks.push({
      sash: marks.length + 1,
      above: above.map(explained),
      below: below.map(explained),
      readings: { above: readOff(above, length), below: readOff(below, length) },
    })
  })
  return marks
}

/** Whether a row is one sash along all the rows beside it. */
export function isLongSash({ regions }: SettingRow): boolean {
  return regions.length === 1 && regions[0]!.run === 'long'
}

/** Every seam of a row, from its raw end: left, or upper in a column. */
function jointsOf({ kind, regions }: SettingRow, seam: Inches): Sum[] {
  const along = kind === 'column' ? 'height' : 'width'
  return regions
    .slice(1)
    .map((_, k) =>
      sumOf([{ what: 'seams', count: 1, each: seam }, ...lengthTerms(regions.slice(0, k + 1), along, kind)]),
    )
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
