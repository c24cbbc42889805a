// In: a quilt. Out: its blocks turned and mirrored by a pattern with a name.
import { finishedPatches } from '../designs/design'
import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, clothOf, designOf, type Cell, type Quilt } from '../file/quilt'
import { area, cornerMean } from '../geometry/polygon'
import type { Placement } from '../geometry/placement'
import { lightness } from '../measure/lightness'
import type { Edit } from './edit'
import { asCells, withCells } from './setting'

export const TURN_PATTERNS = [
  'alike',
  'quarter-turns',
  'mirrored-pairs',
  'every-second',
  'straight-furrow',
  'barn-raising',
  'light-and-dark',
  'zigzag',
  'random',
] as const
export type TurnPattern = (typeof TURN_PATTERNS)[number]

/** A place, and how many rows and columns there are. */
interface Spot {
  row: number
  column: number
  rows: number
  columns: number
}

type Quarter = 0 | 1 | 2 | 3
type Turned = (spot: Spot) => { quarter: number; mirror?: boolean }

/** Round the middle of four blocks, clockwise from the upper left. */
const ROUND = [
  [0, 1],
  [3, 2],
] as const

/**
 * Quarter turns clockwise. Those from the furrow on are for blocks with a light and a dark half, told as if the dark
 * half lay at the lower right. Source: handbook §4.
 */
const PATTERNS: Readonly<Record<Exclude<TurnPattern, 'random'>, Turned>> = {
  'alike': () => ({ quarter: 0 }),
  'quarter-turns': ({ row, column }) => ({ quarter: ROUND[row % 2]![column % 2]! }),
  'mirrored-pairs': ({ column }) => ({ quarter: 0, mirror: column % 2 === 1 }),
  'every-second': ({ row, column }) => ({ quarter: (row + column) % 2 }),
  'straight-furrow': ({ row, column }) => ({ quarter: ((row + column) % 2) * 2 }),
  'barn-raising': ({ row, column, rows, columns }) => {
    const isLower = row >= rows / 2
    const isRight = column >= columns / 2
    // rings round the middle, dark and light by turns
    const down = isLower ? row - Math.ceil(rows / 2) : Math.ceil(rows / 2) - 1 - row
    const out = isRight ? column - Math.ceil(columns / 2) : Math.ceil(columns / 2) - 1 - column
    return { quarter: ROUND[isLower ? 1 : 0][isRight ? 1 : 0] + ((down + out) % 2) * 2 }
  },
  'light-and-dark': ({ row, column }) => ({ quarter: ROUND[row % 2]![column % 2]! }),
  // a band of dark and a band of light, each as wide as a block is high and whole from side to side
  'zigzag': ({ row, column }) => ({ quarter: (row % 2) * 2 + (column % 2) }),
}

/** Patterns told by where the dark half lies. */
const BY_DARK: ReadonlySet<TurnPattern> = new Set(['straight-furrow', 'barn-raising', 'light-and-dark', 'zigzag'])

/**
 * All blocks turned by a pattern; each keeps its place and its cloths. A block that is not square is turned by halves
 * only. `seed`: of the random one, in which no two neighbours lie alike; the same seed gives the same again.
 */
export function setTurns(quilt: Quilt, pattern: TurnPattern, seed = 1): Edit {
  return file => {
    const places = asCells(file)
    const turns = turnsFor(
      pattern,
      places.map(line => line.length),
      seed,
    )
    const darks = new Map<Cell, Quarter>()
    const darkOf = (cell: Cell): Quarter => {
      const known = darks.get(cell) ?? darkQuarter(quilt, cell)
      darks.set(cell, known)
      return known
    }
    const cells = places.map((line, r) =>
      line.map((cell, c) => {
        const { turn: _t, mirror: _m, ...rest } = cell
        const { quarter, mirror } = turns[r]![c]!
        const { outer } = blockOf(quilt, cell.block)
        const dark = BY_DARK.has(pattern) ? darkOf(quilt.setting.cells[r]![c]!) : 0
        const wanted = (quarter + 4 - dark) % 4
        const isSquare = Math.abs(outer.width - outer.height) < 1e-6
        const turn = ((isSquare ? wanted : wanted - (wanted % 2)) * 90) as Placement['turn']
        return { ...rest, ...(turn === 0 ? {} : { turn }), ...(mirror ? { mirror } : {}) }
      }),
    )
    const { fill: _, ...setting } = file.setting
    return withCells({ ...file, setting }, cells)
  }
}

/** Turns of every place, row by row. */
export function turnsFor(
  pattern: TurnPattern,
  lengths: readonly number[],
  seed = 1,
): { quarter: Quarter; mirror: boolean }[][] {
  const columns = Math.max(...lengths)
  if (pattern === 'random') return randomTurns(lengths, seed)
  return lengths.map((length, row) =>
    Array.from({ length }, (_, column) => {
      const { quarter, mirror = false } = PATTERNS[pattern]({ row, column, rows: lengths.length, columns })
      return { quarter: (quarter % 4) as Quarter, mirror }
    }),
  )
}

function randomTurns(lengths: readonly number[], seed: number): { quarter: Quarter; mirror: boolean }[][] {
  const next = numbersFrom(seed)
  const rows: { quarter: Quarter; mirror: boolean }[][] = []
  for (const length of lengths) {
    const row: { quarter: Quarter; mirror: boolean }[] = []
    for (let c = 0; c < length; c++) {
      const taken = [row[c - 1]?.quarter, rows.at(-1)?.[c]?.quarter]
      const free = ([0, 1, 2, 3] as const).filter(quarter => !taken.includes(quarter))
      row.push({ quarter: free[Math.floor(next() * free.length)]!, mirror: false })
    }
    rows.push(row)
  }
  return rows
}

/** Numbers from 0 to 1, the same for a seed. Source: mulberry32, a well-known small generator. */
function numbersFrom(seed: number): () => number {
  let state = seed | 0
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/**
 * By how many quarters a block, dressed as in this place, must be turned back for its dark half to lie at the lower
 * right.
 */
function darkQuarter(quilt: Quilt, cell: Cell): Quarter {
  const block = blockOf(quilt, cell.block)
  const design = designOf(quilt, block)
  const cloths = clothsOfCell(quilt, cell)
  let [x, y, weight] = [0, 0, 0]
  finishedPatches(design, block.width, block.height).forEach((polygon, i) => {
    const dark = area(polygon) * (100 - lightness(clothOf(quilt, cloths[design.patches[i]!.role]!).colour))
    const [px, py] = cornerMean(polygon)
    x += dark * (px - block.width / 2)
    y += dark * (py - block.height / 2)
    weight += dark
  })
  if (weight === 0) return 0
  const right = x >= -1e-9
  const lower = y >= -1e-9
  return right ? (lower ? 0 : 3) : lower ? 1 : 2
}
