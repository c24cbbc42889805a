// In: squares of a picture, by their numbers row by row. Out: which of them a line, a box or a fill takes.

/** How many squares a picture has across and down. */
export interface GridSize {
  columns: number
  rows: number
}
/** A square by its column and row. */
export interface Square {
  x: number
  y: number
}

/** The squares of a straight line, corner to corner where it slants. Source: Bresenham 1965. */
export function lineSquares({ columns }: GridSize, from: Square, to: Square): number[] {
  const [dx, dy] = [Math.abs(to.x - from.x), Math.abs(to.y - from.y)]
  const [sx, sy] = [Math.sign(to.x - from.x), Math.sign(to.y - from.y)]
  const found: number[] = []
  let [x, y, off] = [from.x, from.y, dx - dy]
  for (;;) {
    found.push(y * columns + x)
    if (x === to.x && y === to.y) return found
    const twice = 2 * off
    if (twice > -dy) {
      off -= dy
      x += sx
    }
    if (twice < dx) {
      off += dx
      y += sy
    }
  }
}

/** All squares of a box between two corners. */
export function boxSquares({ columns }: GridSize, from: Square, to: Square): number[] {
  const [left, right] = [Math.min(from.x, to.x), Math.max(from.x, to.x)]
  const [top, bottom] = [Math.min(from.y, to.y), Math.max(from.y, to.y)]
  const found: number[] = []
  for (let y = top; y <= bottom; y++) for (let x = left; x <= right; x++) found.push(y * columns + x)
  return found
}

/** The squares that hang together with one along their sides and wear the same. */
export function filledSquares({ columns, rows }: GridSize, squares: ArrayLike<number>, { x, y }: Square): number[] {
  const start = y * columns + x
  const worn = squares[start]
  const seen = new Set([start])
  const queue = [start]
  for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
    const column = at % columns
    const beside = [
      ...(column > 0 ? [at - 1] : []),
      ...(column < columns - 1 ? [at + 1] : []),
      ...(at >= columns ? [at - columns] : []),
      ...(at < columns * (rows - 1) ? [at + columns] : []),
    ]
    for (const other of beside) {
      if (seen.has(other) || squares[other] !== worn) continue
      seen.add(other)
      queue.push(other)
    }
  }
  return [...seen]
}

/** The same with what mirrors show: left to right, top to bottom, both. */
export function mirroredSquares(
  { columns, rows }: GridSize,
  squares: readonly number[],
  mirrors: { across: boolean; down: boolean },
): number[] {
  const images = squares.flatMap(at => {
    const [x, y] = [at % columns, Math.floor(at / columns)]
    const xs = mirrors.across ? [x, columns - 1 - x] : [x]
    const ys = mirrors.down ? [y, rows - 1 - y] : [y]
    return ys.flatMap(v => xs.map(u => v * columns + u))
  })
  return [...new Set(images)]
}
