// In: places of the setting and a size. Out: the file with blocks of that size standing there, all others as they were.
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { rulesOf } from '../file/settings'
import type { CellPlace, PlacedSide, SizeScope } from '../file/settings/settingRules'
import { sameLength, type Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { frameEntry, withoutFill } from './blocks'
import { framedSize, frameOf, withSize, type BlockEntry, type FinishedSize } from './blockSize'
import type { Edit } from './edit'
import { asCells, freeId, withCells } from './setting'
import { withoutStaleMeasures } from './staleMeasures'

/** Beside all blocks of the quilt: where a size can be given to some of them alone, in this way of setting. */
export function sizeScopes({ kind }: QuiltFile['setting']): readonly SizeScope[] {
  return ['all', ...rulesOf({ kind }).ownSizes]
}

/**
 * The blocks of one row take this height, frames included. Where rows are of their own blocks those that are square
 * stay so; else their widths are those of their columns.
 */
export function setRowHeight(row: number, height: Inches): Edit {
  return file => {
    const isFree = rulesOf(file.setting).hasOwnRows
    const places = asCells(file)[row]!.map((_, column): CellPlace => [row, column])
    return resized(file, places, now => ({
      width: isFree && sameLength(now.width, now.height) ? height : now.width,
      height,
    }))
  }
}

/** The blocks of one column take this width, frames included; their heights are those of their rows. */
export function setColumnWidth(column: number, width: Inches): Edit {
  return file => {
    const { columnOf } = rulesOf(file.setting)
    const places = asCells(file).flatMap((line, r) =>
      line.flatMap((_, c): CellPlace[] => (columnOf(file.setting, line.length, c) === column ? [[r, c]] : [])),
    )
    return resized(file, places, ({ height }) => ({ width, height }))
  }
}

/** One block of a row of its own takes this width, frames included; the others move along. */
export function setPlaceWidth(row: number, column: number, width: Inches): Edit {
  return file => resized(file, [[row, column]], ({ height }) => ({ width, height }))
}

/** One block is itself as large as this, as it lies, within a frame that fills its place. */
export function setFramedSize(row: number, column: number, inner: FinishedSize): Edit {
  return file =>
    changed(file, [[row, column]], (block, isTurned) => {
      const size = lyingSizes(inner, isTurned)
      const outer = framedSize(file, block)
      const cloth = block.frame?.[0]?.cloth ?? file.cloths.at(-1)!.id
      const strip = (side: PlacedSide) => (outer[side] - size[side]) / 2
      const [sides, ends] = [strip('width'), strip('height')]
      const { frame: _, ...rest } = withSize(file, block, size)
      if (sameLength(sides, 0) && sameLength(ends, 0)) return rest
      return { ...rest, frame: [frameEntry(file, { cloth, sides, ends })] }
    })
}

/** New sizes, frames included, as the blocks stand in their places. */
function resized(file: QuiltFile, places: readonly CellPlace[], size: (now: FinishedSize) => FinishedSize): QuiltFile {
  return changed(file, places, (block, isTurned) => {
    const next = lyingSizes(size(lyingSizes(framedSize(file, block), isTurned)), isTurned)
    return withSize(file, block, {
      width: next.width - frameOf(file, block, 'width'),
      height: next.height - frameOf(file, block, 'height'),
    })
  })
}

/** A quarter turn exchanges the sides. */
function lyingSizes({ width, height }: FinishedSize, isTurned: boolean): FinishedSize {
  return isTurned ? { width: height, height: width } : { width, height }
}

/**
 * Changes the blocks that stand in these places. One that stands elsewhere too stays there as it was: here stands
 * another like it, or one that is there already and is just so.
 */
function changed(
  old: QuiltFile,
  places: readonly CellPlace[],
  change: (block: BlockEntry, isTurned: boolean) => BlockEntry,
): QuiltFile {
  const file = withoutStaleMeasures(old, 'blocks')
  const cells = asCells(file)
  const isTurned = (turn = 0) => turn % 180 !== 0
  const nameOf = ([r, c]: CellPlace) => `${cells[r]![c]!.block} ${isTurned(cells[r]![c]!.turn)}`
  const here = new Set(places.map(place => place.join()))
  const elsewhere = new Set(
    cells.flatMap((line, r) => line.flatMap((cell, c) => (here.has([r, c].join()) ? [] : [cell.block]))),
  )
  let blocks = file.blocks
  const standing = new Map<string, string>()
  for (const place of places) {
    const [r, c] = place
    const { block: id, turn } = cells[r]![c]!
    const known = standing.get(nameOf(place))
    if (known === undefined) {
      const block = file.blocks.find(other => other.id === id)!
      const next = change(block, isTurned(turn))
      const like = blocks.find(other => isAlike(file, other, next))
      const isTaken = elsewhere.has(id) || [...standing.values()].includes(id)
      if (like) standing.set(nameOf(place), like.id)
      else if (!isTaken) {
        blocks = blocks.map(other => (other.id === id ? next : other))
        standing.set(nameOf(place), id)
      } else {
        const another = { ...next, id: freeId(id, idsOf(blocks)), name: freeName(file, block, blocks) }
        blocks = [...blocks, another]
        standing.set(nameOf(place), another.id)
      }
    }
    cells[r]![c] = { ...cells[r]![c]!, block: standing.get(nameOf(place))! }
  }
  return withCells({ ...file, blocks, setting: withoutFill(file.setting) }, cells)
}

function idsOf(blocks: readonly BlockEntry[]): string[] {
  return blocks.map(({ id }) => id)
}

/** The same but for what they are called. */
function isAlike(file: QuiltFile, a: BlockEntry, b: BlockEntry): boolean {
  const bare = ({ id: _i, name: _n, size: _s, width: _w, height: _h, ...rest }: BlockEntry) => rest
  const [one, other] = [framedSize(file, a), framedSize(file, b)]
  return (
    sameLength(one.width, other.width)
    && sameLength(one.height, other.height)
    && JSON.stringify(bare(a)) === JSON.stringify(bare(b))
  )
}

/** `Sawtooth star 2`: the name of a block, with the first number that is free. */
function freeName(file: QuiltFile, block: BlockEntry, blocks: readonly BlockEntry[]): string {
  const nameOf = ({ name, design }: BlockEntry) =>
    name ?? [...(file.designs ?? []), ...SHIPPED_DESIGNS].find(({ id }) => id === design)?.name ?? design
  const taken = new Set(blocks.map(nameOf))
  const base = nameOf(block).replace(/ \d+$/, '')
  let n = 2
  while (taken.has(`${base} ${n}`)) n += 1
  return `${base} ${n}`
}
