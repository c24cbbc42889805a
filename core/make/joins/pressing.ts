// In: a unit, a block in its cloths, or a row of the setting. Out: the side to which each of its seams is pressed.
import type { UnitTree } from '../units/unitTree'
import type { Point } from '../../geometry/polygon'
import type { Direction, Press } from '../steps/press'
import type { QuiltRow } from '../../top/rows'
import { bothParts, isLater, isUpright, joinsOf, type BothParts, type Join, type SewnBlock } from './sewnBlock'

/** A rule by which the seams of a quilt are pressed: those within its units, its blocks, and its rows. */
interface PressingSchool {
  /** Between the two cloths of a unit; whether the first is darker. */
  unit: (isFirstDarker: boolean) => Press
  block: (block: SewnBlock) => ReadonlyMap<Join, Press>
  /** Counted from 1 among its kind. */
  row: (row: number, isSashed: boolean, kind: QuiltRow['kind']) => QuiltRow['press']
}

/** How the seams of the quilt are pressed: the one place where that is decided. */
export const PRESSING: PressingSchool = {
  unit: isFirstDarker => (isFirstDarker ? 'first' : 'second'),
  block: lockThenDark,
  row: (row, isSashed, kind) => {
    if (isSashed) return 'sashes'
    const isOdd = row % 2 === 1
    return kind === 'column' ? (isOdd ? 'down' : 'up') : isOdd ? 'right' : 'left'
  },
}

/** Which way a seam is pressed as the block is seen. */
export function directionOf(press: Press, { seam: [from, to] }: Join, [first, second]: BothParts): Direction {
  if (press === 'open') return 'open'
  const upright = isUpright(from, to)
  const isToLater = (press === 'second') === isLater(first, second, upright)
  return upright ? (isToLater ? 'right' : 'left') : isToLater ? 'down' : 'up'
}

/**
 * Rows or columns of a block by turns, so that seams which end on the same long seam lie opposite ways and lock; a
 * single patch takes the allowance from a part with seams of its own; else the darker part; of equals the one that
 * follows clockwise round the block's middle, so that equal seams on its two sides lie opposite ways where they meet.
 */
function lockThenDark(block: SewnBlock): ReadonlyMap<Join, Press> {
  const tree = block.make.units
  const rows = partsInLine(tree, 'level')
  // rows set the way for all seams in them; columns only for those that end on the long seams between them
  const columns = rows.length > 0 ? [] : partsInLine(tree, 'upright')
  const pressed = new Map<Join, Press>()
  const inLine = (parts: readonly UnitTree[], counts: (join: Join) => boolean) =>
    parts.forEach((part, at) => {
      for (const { join } of joinsOf(part, '')) if (counts(join)) pressed.set(join, byTurns(join, at, block))
    })
  inLine(rows, () => true)
  inLine(columns, join => liesThat('level', join))
  for (const { join } of joinsOf(tree, '')) if (!pressed.has(join)) pressed.set(join, toDark(join, block))
  return pressed
}

/** Even rows to the right or downwards, odd ones back. */
function byTurns(join: Join, line: number, block: SewnBlock): Press {
  const [first, second] = bothParts(join, block)
  const [from, to] = join.seam
  return (line % 2 === 0) === isLater(first, second, isUpright(from, to)) ? 'second' : 'first'
}

function toDark(join: Join, block: SewnBlock): Press {
  const [first, second] = bothParts(join, block)
  const [from, to] = join.seam
  const upright = isUpright(from, to)
  const [firstIsWhole, secondIsWhole] = join.join.map(child => 'unit' in child && child.unit.patches.length === 1)
  const shade = (part: BothParts[0]) => part.reduce((sum, patch) => sum + block.light(patch.cloth), 0) / part.length
  if (firstIsWhole !== secondIsWhole) return secondIsWhole ? 'second' : 'first'
  if (Math.abs(shade(first) - shade(second)) >= 1e-6) return shade(second) < shade(first) ? 'second' : 'first'
  const [x, y] = middleBetween(from, to)
  const { design } = block.make
  const clockwise = upright ? design.height / 2 - y : x - design.width / 2
  return clockwise >= -1e-6 === isLater(first, second, upright) ? 'second' : 'first'
}

function middleBetween([ax, ay]: Point, [bx, by]: Point): Point {
  return [(ax + bx) / 2, (ay + by) / 2]
}

type Lie = 'level' | 'upright'

function liesThat(lie: Lie, { seam: [from, to] }: Join): boolean {
  const axis = lie === 'level' ? 1 : 0
  return Math.abs(from[axis] - to[axis]) < 1e-6
}

/**
 * Parts of the block between level seams, its rows, or between upright ones, its columns. None for a block of one
 * part.
 */
function partsInLine(tree: UnitTree, lie: Lie): UnitTree[] {
  const flatten = (node: UnitTree): UnitTree[] =>
    'unit' in node || !liesThat(lie, node) ? [node] : node.join.flatMap(flatten)
  const parts = flatten(tree)
  return parts.length > 1 ? parts : []
}
