// In: lines of blocks, each with what fills its ends. Out: the setting they make, as rows or as columns.
import type { Box } from '../../geometry/polygon'
import type { Cell } from '../../file/quilt'
import { sameLength, type Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'
import type { TopPart, Region } from '../regions/region'
import type { Setting, SettingRow } from './setting'

/** A row or a column: `length` runs along it, `depth` across. Finished. */
export interface Line {
  depth: Inches
  blocks: readonly { cell: Cell; row: number; column: number; length: Inches }[]
  /** What fills it before its first block and after its last. */
  before?: Filler
  after?: Filler
}

export interface Filler {
  length: Inches
  part: TopPart
  fabric: Region['fabric']
}

/** Sashes of one width: between the blocks of a line, between the lines, and outside of both where they are outer. */
export interface Sashes {
  width: Inches
  cloth: string
  outer: boolean
  within: boolean
  between: boolean
}

/** Lines below each other as rows, or beside each other as columns, joined first each by itself. */
export function lineSetting(lines: readonly Line[], sashes: Sashes | null, kind: 'row' | 'column'): Setting {
  const within = sashes?.within ? sashes : null
  const between = sashes?.between ? sashes : null
  const lie = lieOf(kind)
  const length = lengthOf(lines[0]!, within)
  const rows: SettingRow[] = []
  let at = 0
  const long = () => {
    const box = lie({ along: 0, across: at, length, depth: between!.width })
    rows.push({
      kind: 'sash',
      regions: [{ ...box, part: { kind: 'sash' }, run: 'long', fabric: { cloth: between!.cloth } }],
    })
    at += between!.width
  }
  lines.forEach((line, i) => {
    if (between && (i > 0 || between.outer)) long()
    rows.push({ kind, regions: regionsOf(line, at, within, kind) })
    at += line.depth
  })
  if (between?.outer) long()
  const along = lengthTerms(lines[0]!, within)
  const count = between ? lines.length - 1 + (between.outer ? 2 : 0) : 0
  const deep = [
    ...grouped(lines.map(({ depth }) => depth)),
    ...(between && count > 0 ? [{ what: 'sashing' as const, count, each: between.width }] : []),
  ]
  const [across, down] = kind === 'row' ? [along, deep] : [deep, along]
  const [width, height] = kind === 'row' ? [length, at] : [at, length]
  return { width, height, across, down, regions: rows.flatMap(row => row.regions), rows }
}

function regionsOf(line: Line, across: Inches, within: Sashes | null, kind: 'row' | 'column'): Region[] {
  const lie = lieOf(kind)
  const regions: Region[] = []
  let along = 0
  const put = (length: Inches, part: TopPart, fabric: Region['fabric'], run?: Region['run']) => {
    regions.push({ ...lie({ along, across, length, depth: line.depth }), part, fabric, ...(run ? { run } : {}) })
    along += length
  }
  const fill = (filler: Filler | undefined) => {
    if (filler && filler.length > NOTHING) put(filler.length, filler.part, filler.fabric)
  }
  const sash = () =>
    put(within!.width, { kind: 'sash' }, { cloth: within!.cloth }, kind === 'row' ? 'upright' : 'level')
  fill(line.before)
  line.blocks.forEach(({ cell, row, column, length }, i) => {
    if (within && (i > 0 || within.outer)) sash()
    put(length, { kind: 'block', row, column }, { cell })
  })
  if (within?.outer) sash()
  fill(line.after)
  return regions
}

/** Pieces of no width are left out. */
const NOTHING: Inches = 1e-6

interface LineLie {
  along: Inches
  across: Inches
  length: Inches
  depth: Inches
}

function lieOf(kind: 'row' | 'column'): (lie: LineLie) => Box {
  return ({ along, across, length, depth }) =>
    kind === 'row'
      ? { x: along, y: across, width: length, height: depth }
      : { x: across, y: along, width: depth, height: length }
}

function lengthOf(line: Line, within: Sashes | null): Inches {
  return lengthTerms(line, within).reduce(
    (sum, term) => sum + ('value' in term ? term.value : term.count * term.each),
    0,
  )
}

/** What a line's length is made of: blocks of one size in one term, its sashes, its ends. */
function lengthTerms({ blocks, before, after }: Line, within: Sashes | null): Term[] {
  const sashes = within ? blocks.length - 1 + (within.outer ? 2 : 0) : 0
  const ends = [before, after].flatMap(filler => (filler && filler.length > NOTHING ? [filler] : []))
  return [
    ...grouped(blocks.map(({ length }) => length)),
    ...(within && sashes > 0 ? [{ what: 'sashing' as const, count: sashes, each: within.width }] : []),
    ...ends.map(({ length, part }): Term => ({
      what: part.kind === 'half-block' ? 'half-blocks' : 'ends',
      value: length,
    })),
  ]
}

/** `5 blocks of 9, 2 of 6`: equal sizes in one term. */
export function grouped(sizes: readonly Inches[]): Term[] {
  const groups: { each: Inches; count: number }[] = []
  for (const size of sizes) {
    const group = groups.find(candidate => sameLength(candidate.each, size))
    if (group) group.count += 1
    else groups.push({ each: size, count: 1 })
  }
  return groups.map(({ each, count }): Term => ({ what: 'blocks', count, each }))
}
