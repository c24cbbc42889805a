import { fitsIn, liesOf, type CutPiece, type LooseStrip } from './cutPiece'
import type { Inches } from '../measure/ruler'

/**
 * The layout a quilter makes with a pencil: every size in full-width strips of its own, lying the way that needs less
 * cloth, equal sizes together. The measure that no layout of Wren's may be worse than.
 */
export function ownStrips(pieces: readonly CutPiece[], usable: Inches): LooseStrip[] {
  return together(pieces).flatMap(group => {
    const [first] = group
    const count = group.reduce((sum, piece) => sum + piece.count, 0)
    const best = liesOf(first!, usable)
      .map(lie => ({ ...lie, perStrip: fitsIn(usable, lie.width) }))
      .map(lie => ({ ...lie, length: Math.ceil(count / lie.perStrip) * lie.height }))
      .sort((a, b) => a.length - b.length)[0]
    if (!best) return []
    const queue = group.map(piece => ({ id: piece.id, left: piece.count }))
    const strips: LooseStrip[] = []
    for (let done = 0; done < count; done += best.perStrip) {
      const strip: LooseStrip = { height: best.height, columns: [] }
      for (let i = 0; i < Math.min(best.perStrip, count - done); i++) {
        while (queue[0]!.left === 0) queue.shift()
        queue[0]!.left -= 1
        strip.columns.push({ piece: queue[0]!.id, width: best.width, height: best.height, stack: 1 })
      }
      strips.push(strip)
    }
    return strips
  })
}

/** Inches of cloth that strips take, one below the other. */
export function lengthOf(strips: readonly { height: Inches }[]): Inches {
  return strips.reduce((sum, strip) => sum + strip.height, 0)
}

function together(pieces: readonly CutPiece[]): CutPiece[][] {
  const groups = new Map<string, CutPiece[]>()
  for (const piece of pieces) {
    if (piece.count === 0) continue
    const size = piece.turn
      ? [Math.min(piece.width, piece.height), Math.max(piece.width, piece.height)]
      : [piece.width, piece.height]
    const key = `${size.map(v => v.toFixed(6)).join()} ${piece.turn}`
    groups.set(key, [...(groups.get(key) ?? []), piece])
  }
  return [...groups.values()]
}
