import type { Polygon } from '../../geometry/polygon'
import { findSewingOrder } from './findSewingOrder'
import { gridOrder } from './gridOrder'

const squares = (columns: number, rows: number): Polygon[] =>
  Array.from({ length: rows * columns }, (_, i): Polygon => {
    const [x, y] = [i % columns, Math.floor(i / columns)]
    return [
      [x, y],
      [x + 1, y],
      [x + 1, y + 1],
      [x, y + 1],
    ]
  })

test('a grid of squares is sewn as straight cuts would have it, and nothing else is taken for one', () => {
  for (const [columns, rows] of [
    [1, 1],
    [5, 1],
    [1, 6],
    [2, 2],
    [3, 7],
    [8, 5],
    [9, 10],
  ] as const) {
    const patches = squares(columns, rows)
    expect(gridOrder(patches)).toEqual(findSewingOrder(patches).tree)
  }
  const [first, ...others] = squares(4, 4)
  expect(gridOrder([...others, first!])).toBeNull()
  expect(gridOrder(others)).toBeNull()
  expect(gridOrder(squares(4, 4).map(patch => patch.map(([x, y]) => [x * 2, y] as const)))).toBeNull()
})
