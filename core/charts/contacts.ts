import type { GridSize } from './drawing'

/** Two letters of a picture, by their places in its list, and along how many edges of squares they touch. */
export interface LetterContact {
  one: number
  other: number
  edges: number
}

/** Which letters of a picture touch, the longest contact first. */
export function letterContacts({ columns, rows }: GridSize, squares: ArrayLike<number>): LetterContact[] {
  let letters = 1
  for (let at = 0; at < squares.length; at++) letters = Math.max(letters, squares[at]! + 1)
  const counts = new Uint32Array(letters * letters)
  const touch = (a: number, b: number) => {
    if (a !== b) counts[Math.min(a, b) * letters + Math.max(a, b)]! += 1
  }
  for (let at = 0; at < squares.length; at++) {
    if ((at + 1) % columns !== 0) touch(squares[at]!, squares[at + 1]!)
    if (at < columns * (rows - 1)) touch(squares[at]!, squares[at + columns]!)
  }
  return [...counts.keys()]
    .filter(i => counts[i]! > 0)
    .map(i => ({ one: Math.floor(i / letters), other: i % letters, edges: counts[i]! }))
    .sort((a, b) => b.edges - a.edges)
}
