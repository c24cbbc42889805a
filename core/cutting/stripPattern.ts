import { fitsIn, liesOf, type Column, type CutPiece } from './cutPiece'
import type { Inches } from '../measure/ruler'

/** A full strip and how well it is filled. */
export interface StripPattern { height: Inches, columns: Column[], value: number }

/** Widths are counted in these when a strip is filled; rounded up, so what fits here fits on the cloth. */
const GRID = 1 / 16

interface Choice { piece: string, width: Inches, height: Inches, stack: number, most: number, cells: number, value: number }

/**
 * The best filling of one strip of each possible depth, by the worth of the pieces in it; `worth` weighs a piece's area.
 * A column holds one kind of piece, as often on top of itself as the strip is deep. At least one column is as deep as the
 * strip. A bounded knapsack over the width, columns in binary bundles: exact but for the rounding of widths to `GRID`.
 */
export function stripPatterns(pieces: readonly CutPiece[], left: ReadonlyMap<string, number>, usable: Inches, deepest: Inches, worth: (piece: CutPiece) => number): StripPattern[] {
  const wanted = pieces.filter(piece => left.get(piece.id)! > 0)
  const lies = wanted.flatMap(piece => liesOf(piece, usable, deepest).map(lie => ({ piece, ...lie })))
  const heights = [...new Set(lies.map(lie => Math.round(lie.height * 1e6)))].sort((a, b) => b - a).slice(0, 14).map(h => h / 1e6)
  return heights.flatMap((height) => {
    const choices = lies.filter(lie => lie.height <= height + 1e-6).map(({ piece, width, height: h }): Choice => {
      const stack = fitsIn(height, h)
      return { piece: piece.id, width, height: h, stack, most: Math.ceil(left.get(piece.id)! / stack), cells: Math.ceil(width / GRID - 1e-6), value: stack * width * h * worth(piece) }
    })
    const deep = choices.filter(choice => Math.abs(choice.height - height) <= 2e-6)
    const filled = deep.map((first): StripPattern => {
      const rest = fill(choices.map(choice => choice === first ? { ...choice, most: choice.most - 1 } : choice), usable - first.width, left, first)
      const columns = [{ piece: first.piece, width: first.width, height: first.height, stack: first.stack }, ...rest]
      return capped({ height, columns, value: 0 }, wanted, left, worth)
    })
    filled.sort((a, b) => b.value - a.value)
    return filled.slice(0, 1)
  })
}

function fill(choices: readonly Choice[], room: Inches, left: ReadonlyMap<string, number>, first: Choice): Column[] {
  const cells = Math.floor(room / GRID + 1e-6)
  const value = new Float64Array(cells + 1)
  const bundles: { choice: Choice, times: number, used: Uint8Array }[] = []
  for (const choice of choices) {
    // a column beyond what is still wanted is worth nothing
    const spare = choice.piece === first.piece ? first.stack : 0
    const most = Math.min(choice.most, Math.ceil((left.get(choice.piece)! - spare) / choice.stack), choice.cells > 0 ? Math.floor(cells / choice.cells) : 0)
    for (let times = 1, open = most; open > 0; open -= times, times = Math.min(times * 2, open)) {
      const used = new Uint8Array(cells + 1)
      const wide = choice.cells * times, gain = choice.value * times
      for (let c = cells; c >= wide; c--) {
        const candidate = value[c - wide]! + gain
        if (candidate > value[c]! + 1e-9) {
          value[c] = candidate
          used[c] = 1
        }
      }
      bundles.push({ choice, times, used })
    }
  }
  const columns: Column[] = []
  let c = cells
  for (let i = bundles.length - 1; i >= 0; i--) {
    const { choice, times, used } = bundles[i]!
    if (used[c] === 0) continue
    for (let t = 0; t < times; t++) columns.push({ piece: choice.piece, width: choice.width, height: choice.height, stack: choice.stack })
    c -= choice.cells * times
  }
  return columns
}

/** Takes out what is more than wanted (a piece may stand in a strip both ways), and values what stays. */
function capped(pattern: StripPattern, pieces: readonly CutPiece[], left: ReadonlyMap<string, number>, worth: (piece: CutPiece) => number): StripPattern {
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
