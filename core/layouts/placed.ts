// In: strips in cells. Out: the same in inches on the cloth, every piece with the pile it is for.
import type { Cut, Strip } from '../cut/cutPiece'
import type { Inches } from '../measure/ruler'
import type { Order } from './order'
import { patternKey, type Pattern, type PatternColumn } from './pattern'

/** Where strips begin, and how wide the cloth is. */
export interface PlacedOn {
  y: Inches
  width: Inches
}

/** One below the other, the deepest first, equal ones together; in a strip the deepest column first. */
export function placedStrips(order: Order, patterns: readonly Pattern[], { y: top, width }: PlacedOn): Strip[] {
  const piles = order.sizes.map(size => size.piles.map(pile => ({ ...pile })))
  const nextPile = (size: number) => {
    while (piles[size]![0]!.count === 0) piles[size]!.shift()
    piles[size]![0]!.count -= 1
    return piles[size]![0]!.id
  }
  const sorted = patterns
    .map(pattern => ({ pattern, key: patternKey(pattern) }))
    .sort((a, b) => b.pattern.depth - a.pattern.depth || (a.key < b.key ? -1 : a.key > b.key ? 1 : 0))
  let y = top
  return sorted.map(({ pattern }) => {
    const cuts: Cut[] = []
    let x = 0
    for (const { parts, wide } of columnsOf(order, pattern)) {
      let down = y
      for (const { size, width: across, height } of parts) {
        cuts.push({ x, y: down, width: across, height, piece: nextPile(size) })
        down += height
      }
      x += wide
    }
    const height = Math.max(...cuts.map(cut => cut.y + cut.height)) - y
    const strip: Strip = { x: 0, y, width, height, run: 'across', sheet: 0, cuts }
    y += height
    return strip
  })
}

function columnsOf(order: Order, { columns }: Pattern) {
  return columns
    .map(column => ({ parts: partsOf(order, column) }))
    .map(({ parts }) => ({
      parts,
      wide: Math.max(...parts.map(part => part.width)),
      deep: parts.reduce((sum, part) => sum + part.height, 0),
    }))
    .sort((a, b) => b.deep - a.deep || b.wide - a.wide || a.parts[0]!.size - b.parts[0]!.size)
}

/** The pieces of a column as they lie, the widest first: each is trimmed only on its own side. */
function partsOf({ lies, sizes }: Order, { parts }: PatternColumn) {
  return parts
    .flatMap(({ lie, times }) => {
      const { size, isTurned } = lies[lie]!
      const { width, height } = sizes[size]!
      const laid = isTurned ? { size, width: height, height: width } : { size, width, height }
      return Array.from({ length: times }, () => laid)
    })
    .sort((a, b) => b.width - a.width || b.height - a.height)
}
