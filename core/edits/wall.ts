// In: blocks as they hang on the wall. Out: the file with blocks exchanged, turned, locked, set aside, kept.
import { MAX_KEPT_LAYOUTS, MAX_LEFT_OVER } from '../file/entries/wallEntry'
import type { QuiltFile } from '../file/schema'
import type { CellPlace } from '../file/settings/settingRules'
import type { Quilt } from '../file/quilt'
import type { SpreadLayout } from '../spread/layout'
import { dimensionsOf } from '../top/dimensions'
import { wallFindings, type PlannedWall } from '../wall/findings'
import { mirrorCell, turnCell, withoutFill } from './blocks'
import { inTurn, replaced, type Edit } from './edit'
import { editedQuilt } from './editedQuilt'
import { asCells, withCells, type CellEntry } from './setting'

type WallEntry = NonNullable<QuiltFile['wall']>

function wallOf({ wall = {} }: QuiltFile): Required<WallEntry> {
  return { locked: wall.locked ?? [], out: wall.out ?? [], kept: wall.kept ?? [] }
}

function withWall(file: QuiltFile, change: Partial<WallEntry>): QuiltFile {
  return { ...file, wall: { ...wallOf(file), ...change } }
}

function withPlaces(file: QuiltFile, cells: CellEntry[][]): QuiltFile {
  return withCells({ ...file, setting: withoutFill(file.setting) }, cells)
}

/** All of these turned by a quarter where they stand. */
export function turnPlaces(places: readonly CellPlace[]): Edit {
  return inTurn(...places.map(([row, column]) => turnCell(row, column)))
}

/** All of these mirrored where they stand. */
export function mirrorPlaces(places: readonly CellPlace[]): Edit {
  return inTurn(...places.map(([row, column]) => mirrorCell(row, column)))
}

/**
 * Blocks that were picked change places with those as far away, each with its own; null where one of them would leave
 * the quilt or the picked ones lie in each other's way. Of one picked block that is an exchange.
 */
export function moveBlocks(
  cells: readonly (readonly unknown[])[],
  places: readonly CellPlace[],
  [down, right]: CellPlace,
): Edit | null {
  const keys = new Set(places.map(place => place.join()))
  const pairs = places.map(
    ([row, column]) =>
      [
        [row, column],
        [row + down, column + right],
      ] as const,
  )
  const canBe = pairs.every(([, [row, column]]) => cells[row]?.[column] !== undefined && !keys.has(`${row},${column}`))
  if (!canBe || pairs.length === 0) return null
  return file => {
    const next = asCells(file)
    for (const [[r, c], [u, v]] of pairs) [next[r]![c], next[u]![v]] = [next[u]![v]!, next[r]![c]!]
    return withPlaces(file, next)
  }
}

/** Places whose blocks stay where they are, or no longer. */
export function lockPlaces(places: readonly CellPlace[], isLocked: boolean): Edit {
  return file => {
    const keys = new Set(places.map(place => place.join()))
    const others = wallOf(file).locked.filter(place => !keys.has(place.join()))
    return withWall(file, {
      locked: isLocked ? [...others, ...places.map(([r, c]): [number, number] => [r, c])] : others,
    })
  }
}

/** One more block like the one that stands here, left over beside the quilt; no more than there is room for. */
export function addLeftOver([row, column]: CellPlace): Edit {
  return file => {
    const { out } = wallOf(file)
    return out.length >= MAX_LEFT_OVER ? file : withWall(file, { out: [...out, asCells(file)[row]![column]!] })
  }
}

/** A block left over is put away for good. */
export function removeLeftOver(entry: number): Edit {
  return file => withWall(file, { out: replaced(wallOf(file).out, entry, null) })
}

/** A block left over and the one in this place change places. */
export function exchangeLeftOver(entry: number, [row, column]: CellPlace): Edit {
  return file => {
    const { out } = wallOf(file)
    const cells = asCells(file)
    const here = cells[row]![column]!
    cells[row]![column] = out[entry]!
    return withWall(withPlaces(file, cells), { out: replaced(out, entry, here) })
  }
}

/** The layout of now, kept under a name; the oldest goes where there are too many. */
export function keepLayout(name: string, at: string): Edit {
  return file => {
    const kept = [...wallOf(file).kept, { name, at, cells: asCells(file) }]
    return withWall(file, { kept: kept.slice(-MAX_KEPT_LAYOUTS) })
  }
}

/** A kept layout is thrown away. */
export function removeLayout(at: number): Edit {
  return file => withWall(file, { kept: replaced(wallOf(file).kept, at, null) })
}

/** The quilt as it was when a layout was kept. */
export function takeLayout(at: number): Edit {
  return file =>
    withPlaces(
      file,
      wallOf(file).kept[at]!.cells.map(line => [...line]),
    )
}

/** These cells in all places, as they were at some time. */
export function layOutAgain(cells: readonly (readonly CellEntry[])[]): Edit {
  return file =>
    withPlaces(
      file,
      cells.map(line => [...line]),
    )
}

/** What a search has found: for each place, row by row, which block comes there and by how many quarters it turns. */
export function arranged({ blocks, turns }: SpreadLayout): Edit {
  return file => {
    const before = asCells(file)
    const all = before.flat()
    let at = 0
    const cells = before.map(line =>
      line.map((): CellEntry => {
        const [cell, quarters] = [all[blocks[at]!]!, turns[at]!]
        at += 1
        return quarters === 0
          ? cell
          : { ...cell, turn: (((cell.turn ?? 0) + 90 * quarters) % 360) as 0 | 90 | 180 | 270 }
      }),
    )
    return withPlaces(file, cells)
  }
}

/** What would catch the eye before and after blocks are arranged so; null: they cannot be. */
export function spreadOutcome(
  file: QuiltFile,
  quilt: Quilt,
  layout: SpreadLayout,
): { before: PlannedWall; after: PlannedWall } | null {
  const after = editedQuilt(file, arranged(layout))
  return after && { before: wallFindings(quilt, dimensionsOf(quilt)), after: wallFindings(after, dimensionsOf(after)) }
}
