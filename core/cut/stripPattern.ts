import { fitsIn, liesOf, type Column, type CutPiece } from './cutPiece'
import { isOnRuler, type Inches } from '../measure/ruler'

/** A full strip and how well it is filled. */
export interface StripPattern {
  height: Inches
  columns: Column[]
  value: number
}

/**
 * Widths are counted in cells when a strip is filled, rounded up, so that what fits here fits on the cloth. Eighths
 * where all widths are eighths: half the cells, and nothing lost.
 */
function cellFor(lies: readonly { width: Inches }[]): Inches {
  return lies.every(({ width }) => isOnRuler(width, 1 / 8)) ? 1 / 8 : 1 / 16
}

/** Kinds of columns that a strip is filled from: of more, those that fill most of its depth. */
const MAX_CHOICES = 60

/** Depths that are tried: the deepest first, since shallow pieces find room anywhere. */
const MAX_HEIGHTS = 14
/** So many ways for pieces to lie are more than any quilt sewn by hand has: then fewer depths are tried. */
const MANY_LIES = 240
const FEW_HEIGHTS = 3

interface PatternChoice {
  piece: string
  width: Inches
  height: Inches
  stack: number
  most: number
  cells: number
  value: number
}

/**
 * The filling of one strip, of any depth up to `deepest`, that is worth most for the cloth it takes; `worth` weighs a
 * piece's area. Of equals the deeper strip: large pieces are hard to place later. A column holds one kind of piece, as
 * often on top of itself as the strip is deep; at least one column is as deep as the strip. A bounded knapsack over the
 * width for each depth, columns in binary bundles: exact but for the rounding of widths to cells, and for a last column
 * that the pieces do not fill, which is taken for full. Depths that cannot do better, however well they were filled,
 * are passed over. Null when nothing fits.
 */
export function bestStrip(
  pieces: readonly CutPiece[],
  left: ReadonlyMap<string, number>,
  usable: Inches,
  deepest: Inches,
  worth: (piece: CutPiece) => number,
): StripPattern | null {
  const wanted = pieces.filter(piece => left.get(piece.id)! > 0)
  const lies = wanted.flatMap(piece => liesOf(piece, usable, deepest).map(lie => ({ piece, ...lie })))
  const cell = cellFor(lies)
  const rate = (pattern: StripPattern) => pattern.value / pattern.height
  const depths = heightsOf(lies)
    .map(height => {
      const choices = choicesFor(lies, height, cell, left, worth)
      return { height, choices, bound: mostWorth(choices, usable / cell) / height }
    })
    .sort((a, b) => b.bound - a.bound)
  let best: StripPattern | null = null
  for (const { height, choices, bound } of depths) {
    if (best && bound < rate(best) - EQUAL) break
    for (const first of choices.filter(choice => height - choice.height <= 1e-5)) {
      const others = choices.map(choice => (choice === first ? { ...choice, most: choice.most - 1 } : choice))
      const columns = [
        { piece: first.piece, width: first.width, height: first.height, stack: first.stack },
        ...fill(others, Math.floor((usable - first.width) / cell + 1e-6), left, first),
      ]
      const pattern = capped({ height, columns, value: 0 }, wanted, left, worth)
      if (!best || isBetter(pattern, best)) best = pattern
    }
  }
  return best

  function isBetter(one: StripPattern, other: StripPattern): boolean {
    if (one.height === other.height) return one.value > other.value
    const more = rate(one) - rate(other)
    return more > EQUAL || (more >= -EQUAL && one.height > other.height)
  }
}

/** Worth for cloth that differs by less is equal. */
const EQUAL = 1e-9

type PatternLie = { piece: CutPiece; width: Inches; height: Inches }

function choicesFor(
  lies: readonly PatternLie[],
  height: Inches,
  cell: Inches,
  left: ReadonlyMap<string, number>,
  worth: (piece: CutPiece) => number,
): PatternChoice[] {
  const choices = lies
    .filter(lie => lie.height <= height)
    .map(({ piece, width, height: h }) => {
      const stack = fitsIn(height, h)
      return {
        piece: piece.id,
        width,
        height: h,
        stack,
        most: Math.ceil(left.get(piece.id)! / stack),
        cells: Math.ceil(width / cell - 1e-6),
        value: stack * width * h * worth(piece),
      }
    })
  if (choices.length <= MAX_CHOICES) return choices
  return choices.sort((a, b) => b.stack * b.height - a.stack * a.height).slice(0, MAX_CHOICES)
}

/**
 * Depths to try, the deepest first. Those that differ by less than any ruler shows are one, and that one is the larger:
 * a strip must hold its pieces.
 */
function heightsOf(lies: readonly { height: Inches }[]): Inches[] {
  const byHeight = new Map<number, number>()
  for (const { height } of lies) {
    const key = Math.round(height * 1e5)
    byHeight.set(key, Math.max(height, byHeight.get(key) ?? 0))
  }
  return [...byHeight.values()].sort((a, b) => b - a).slice(0, lies.length > MANY_LIES ? FEW_HEIGHTS : MAX_HEIGHTS)
}

/** No filling of so many cells is worth more: columns may be split here, the worthiest for their width first. */
function mostWorth(choices: readonly PatternChoice[], cells: number): number {
  const byDensity = [...choices].sort((a, b) => b.value / b.cells - a.value / a.cells)
  let room = cells + 1
  let worth = 0
  for (const { value, cells: wide, most } of byDensity) {
    const times = Math.min(most, room / wide)
    worth += times * value
    room -= times * wide
    if (room <= 0) break
  }
  return worth
}

function fill(
  choices: readonly PatternChoice[],
  cells: number,
  left: ReadonlyMap<string, number>,
  first: PatternChoice,
): Column[] {
  const bundles: { choice: PatternChoice; times: number }[] = []
  for (const choice of choices) {
    // a column beyond what is still wanted is worth nothing
    const spare = choice.piece === first.piece ? first.stack : 0
    const most = Math.min(
      choice.most,
      Math.ceil((left.get(choice.piece)! - spare) / choice.stack),
      Math.floor(cells / choice.cells),
    )
    for (let times = 1, open = most; open > 0; open -= times, times = Math.min(times * 2, open))
      bundles.push({ choice, times })
  }
  // Only fillings that can become the whole are worked out: up to the width of all bundles so far (beyond it, all of
  // them are taken), down to what the later ones could still fill.
  const widths = bundles.map(({ choice, times }) => choice.cells * times)
  let later = widths.reduce((sum, wide) => sum + wide, 0)
  let reach = 0
  const row = cells + 1
  const value = new Float64Array(row)
  /** For each bundle and filling, whether the bundle is in the best filling: bundles × row. */
  const used = new Uint8Array(bundles.length * row)
  const reaches = new Int32Array(bundles.length)
  for (let b = 0; b < bundles.length; b++) {
    const wide = widths[b]!
    const gain = bundles[b]!.choice.value * bundles[b]!.times
    const at = b * row
    const most = Math.min(cells, reach + wide)
    later -= wide
    if (most > reach) value.fill(value[reach]!, reach + 1, most + 1)
    reach = most
    reaches[b] = reach
    const least = Math.max(wide, Math.min(reach, cells - later))
    for (let c = reach; c >= least; c--) {
      const candidate = value[c - wide]! + gain
      if (candidate > value[c]! + 1e-9) {
        value[c] = candidate
        used[at + c] = 1
      }
    }
  }
  const columns: Column[] = []
  let c = cells
  for (let b = bundles.length - 1; b >= 0; b--) {
    c = Math.min(c, reaches[b]!)
    if (used[b * row + c] === 0) continue
    const { choice, times } = bundles[b]!
    for (let t = 0; t < times; t++)
      columns.push({ piece: choice.piece, width: choice.width, height: choice.height, stack: choice.stack })
    c -= widths[b]!
  }
  return columns
}

/** Takes out what is more than wanted (a piece may stand in a strip both ways), and values what stays. */
function capped(
  pattern: StripPattern,
  pieces: readonly CutPiece[],
  left: ReadonlyMap<string, number>,
  worth: (piece: CutPiece) => number,
): StripPattern {
  const used = new Map<string, number>()
  const byId = new Map(pieces.map(piece => [piece.id, piece]))
  let value = 0
  const columns = pattern.columns.flatMap((column): Column[] => {
    const before = used.get(column.piece) ?? 0
    const stack = Math.min(column.stack, left.get(column.piece)! - before)
    if (stack <= 0) return []
    used.set(column.piece, before + stack)
    value += stack * column.width * column.height * worth(byId.get(column.piece)!)
    return [{ ...column, stack }]
  })
  return { height: pattern.height, columns, value }
}
