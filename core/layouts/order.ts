// In: pieces of one cloth. Out: the same in whole cells, equal sizes as one, for the search of layouts.
import { liesOf, type CutPiece } from '../cut/cutPiece'
import { TOLERANCE, type Inches } from '../measure/ruler'

/** A size wanted, whichever piles it is for. */
export interface OrderSize {
  width: Inches
  height: Inches
  count: number
  /** The piles it is for, and how many go to each. */
  piles: readonly { id: string; count: number }[]
}

/** A way a size may lie, in cells. */
export interface OrderLie {
  size: number
  width: number
  height: number
  isTurned: boolean
}

export interface Order {
  sizes: OrderSize[]
  /** Narrow ones first. */
  lies: OrderLie[]
  /** Cells across the cloth. */
  room: number
  /** Of a cell across and down. */
  cell: { across: Inches; down: Inches }
  /** Every size is of whole cells: a layout is then a whole number of them long. */
  isExact: boolean
}

/** Steps that sizes are cut in: of rulers in inches and in centimetres. */
const FINE: readonly Inches[] = [1 / 16, 0.05 / 2.54]

/** The step of a ruler of which all these lengths are multiples, if there is one. */
export function stepOf(lengths: readonly Inches[]): Inches | undefined {
  return FINE.find(step => lengths.every(length => isWhole(length / step)))
}

/** In: pieces that all fit across `usable`. */
export function orderOf(pieces: readonly CutPiece[], usable: Inches): Order {
  const sizes = merged(pieces)
  const lies = sizes.flatMap((size, i) =>
    liesOf(size.piece, usable).map(lie => ({ size: i, ...lie, isTurned: lie.width !== size.piece.width })),
  )
  const lengths = lies.flatMap(({ width, height }) => [width, height])
  const fine = stepOf(lengths)
  const cellOf = (list: readonly Inches[]) => {
    if (!fine) return FINE[0]!
    return fine * list.map(length => Math.round(length / fine)).reduce(gcd)
  }
  const cell = { across: cellOf(lies.map(lie => lie.width)), down: cellOf(lies.map(lie => lie.height)) }
  return {
    sizes: sizes.map(({ piece, piles }) => ({
      width: piece.width,
      height: piece.height,
      count: piles.reduce((sum, { count }) => sum + count, 0),
      piles,
    })),
    lies: lies
      .map(lie => ({ ...lie, width: cells(lie.width, cell.across), height: cells(lie.height, cell.down) }))
      .sort((a, b) => a.width - b.width || a.height - b.height || a.size - b.size),
    room: Math.floor((usable + TOLERANCE) / cell.across + 1e-9),
    cell,
    isExact: fine !== undefined,
  }
}

const isWhole = (value: number) => Math.abs(value - Math.round(value)) < 1e-4
/** Rounded up: what fits here fits on the cloth. */
const cells = (length: Inches, cell: Inches) => Math.ceil(length / cell - 1e-4)

function gcd(one: number, other: number): number {
  let [a, b] = [one, other]
  while (b > 0) [a, b] = [b, a % b]
  return a
}

/** Sizes in an order that no list and no name decides. */
function merged(pieces: readonly CutPiece[]): { piece: CutPiece; piles: { id: string; count: number }[] }[] {
  const groups = new Map<string, { piece: CutPiece; piles: { id: string; count: number }[] }>()
  for (const piece of pieces) {
    if (piece.count === 0) continue
    const { width, height, turn } = piece
    const [across, down] = turn ? [Math.max(width, height), Math.min(width, height)] : [width, height]
    const key = `${across.toFixed(5)} ${down.toFixed(5)} ${turn}`
    const group = groups.get(key) ?? { piece: { ...piece, width: across, height: down }, piles: [] }
    groups.set(key, group)
    group.piles.push({ id: piece.id, count: piece.count })
  }
  return [...groups.values()].sort(
    ({ piece: a }, { piece: b }) =>
      b.width * b.height - a.width * a.height || b.height - a.height || Number(b.turn) - Number(a.turn),
  )
}
