import { boxSquares, filledSquares, lineSquares, mirroredSquares } from './drawing'

const SIZE = { columns: 6, rows: 4 }
const drawn = (squares: readonly number[]) =>
  Array.from({ length: SIZE.rows }, (_, y) =>
    Array.from({ length: SIZE.columns }, (_, x) => (squares.includes(y * SIZE.columns + x) ? '#' : '.')).join(''),
  )

test('lines, boxes and their mirror images, square by square', () => {
  expect(drawn(lineSquares(SIZE, { x: 0, y: 0 }, { x: 5, y: 2 }))).toEqual(['##....', '..##..', '....##', '......'])
  // back along the same line
  expect(lineSquares(SIZE, { x: 3, y: 3 }, { x: 3, y: 1 })).toEqual([21, 15, 9])
  expect(drawn(boxSquares(SIZE, { x: 3, y: 2 }, { x: 1, y: 1 }))).toEqual(['......', '.###..', '.###..', '......'])
  const corner = [0, 1, 6]
  expect(drawn(mirroredSquares(SIZE, corner, { across: true, down: false }))).toEqual([
    '##..##',
    '#....#',
    '......',
    '......',
  ])
  expect(drawn(mirroredSquares(SIZE, corner, { across: true, down: true }))).toEqual([
    '##..##',
    '#....#',
    '#....#',
    '##..##',
  ])
})

test('a fill stops where other squares are, and does not slip through corners or round the edge', () => {
  const squares = [0, 0, 1, 0, 0, 0, 1, 1, 0, 1, 1, 1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0]
  expect(drawn(filledSquares(SIZE, squares, { x: 0, y: 0 }))).toEqual(['##....', '......', '......', '......'])
  expect(drawn(filledSquares(SIZE, squares, { x: 5, y: 3 }))).toEqual(['......', '..#...', '######', '######'])
  expect(drawn(filledSquares(SIZE, squares, { x: 3, y: 0 }))).toEqual(['...###', '......', '......', '......'])
  const ends = [1, 1, 1, 1, 1, 0, 0, 1, 1, 1, 1, 1]
  expect(filledSquares({ columns: 6, rows: 2 }, ends, { x: 5, y: 0 })).toEqual([5])
  expect(filledSquares({ columns: 6, rows: 2 }, ends, { x: 0, y: 1 })).toEqual([6])
})
