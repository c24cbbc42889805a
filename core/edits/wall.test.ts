import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { chanceFrom } from '../measure/chance'
import { bestExchange } from '../spread/bestExchange'
import { quiltOf } from '../testing/quiltOf'
import { dealtByChance, squaresQuilt } from '../testing/wallQuilts'
import { dimensionsOf } from '../top/dimensions'
import { alikeSeams } from '../wall/touching'
import { wallOf } from '../wall/wall'
import { setCounts } from './setting'
import {
  addLeftOver,
  arranged,
  exchangeLeftOver,
  keepLayout,
  lockPlaces,
  moveBlocks,
  removeLayout,
  removeLeftOver,
  takeLayout,
  turnPlaces,
} from './wall'

const ROWS = [
  [0, 1, 2, 3],
  [4, 5, 6, 7],
  [8, 9, 10, 11],
]
const FILE = squaresQuilt(ROWS)
/** The number of the cloth in each place. */
const rowsOf = (file: QuiltFile) =>
  quiltOf(file).setting.cells.map(line => line.map(cell => Number((cell.cloths.cloth ?? 'c0').slice(1))))

test('picked blocks change places with those as far on, each with its own; none leaves the quilt', () => {
  const cells = quiltOf(FILE).setting.cells
  const two = moveBlocks(
    cells,
    [
      [0, 0],
      [1, 0],
    ],
    [0, 2],
  )!
  expect(rowsOf(two(FILE))).toEqual([
    [2, 1, 0, 3],
    [6, 5, 4, 7],
    [8, 9, 10, 11],
  ])
  expect(rowsOf(two(two(FILE)))).toEqual(ROWS)
  expect(moveBlocks(cells, [[0, 3]], [0, 1])).toBeNull()
  // one would come to lie where another is picked
  expect(
    moveBlocks(
      cells,
      [
        [0, 0],
        [0, 1],
      ],
      [0, 1],
    ),
  ).toBeNull()
})

test('blocks left over change places with those that hang, and are put away', () => {
  const more = addLeftOver([0, 1])(addLeftOver([1, 2])(FILE))
  expect(quiltOf(more).wall.out.map(({ cell }) => cell.cloths.cloth)).toEqual(['c6', 'c1'])
  const hung = exchangeLeftOver(1, [2, 3])(more)
  expect(rowsOf(hung)[2]).toEqual([8, 9, 10, 1])
  expect(quiltOf(hung).wall.out.map(({ cell }) => cell.cloths.cloth)).toEqual(['c6', 'c11'])
  expect(quiltOf(removeLeftOver(0)(hung)).wall.out.map(({ entry, cell }) => [entry, cell.cloths.cloth])).toEqual([
    [0, 'c11'],
  ])
})

test('a kept layout comes back whatever was moved since; six are kept, the oldest goes', () => {
  const kept = keepLayout('Before supper', '2026-03-01T18:00:00Z')(FILE)
  const turned = turnPlaces([[0, 0]])(moveBlocks(quiltOf(kept).setting.cells, [[0, 0]], [2, 3])!(kept))
  expect(rowsOf(turned)).not.toEqual(ROWS)
  expect(rowsOf(takeLayout(0)(turned))).toEqual(ROWS)
  let many = kept
  for (let i = 1; i <= 6; i++) many = keepLayout(`No. ${i}`, '2026-03-01')(many)
  expect(quiltOf(many).wall.kept.map(({ name }) => name)).toEqual([
    'No. 1',
    'No. 2',
    'No. 3',
    'No. 4',
    'No. 5',
    'No. 6',
  ])
  expect(quiltOf(removeLayout(0)(many)).wall.kept).toHaveLength(5)
})

test('what no longer fits the quilt is passed over, and the file keeps it', () => {
  const wall = lockPlaces(
    [
      [0, 0],
      [2, 3],
    ],
    true,
  )(keepLayout('All', '2026-03-01')(addLeftOver([0, 0])(FILE)))
  const smaller = quiltOf(setCounts(3, 2)(wall))
  expect(smaller.wall.locked).toEqual([[0, 0]])
  expect(smaller.wall.kept).toEqual([{ name: 'All', at: '2026-03-01', cells: null }])
  expect(quiltOf(setCounts(4, 3)(setCounts(3, 2)(wall))).wall.locked).toEqual([
    [0, 0],
    [2, 3],
  ])
  expect(quiltOf({ ...wall, wall: { ...wall.wall, out: [{ block: 'gone' }] } }).wall.out).toEqual([])
  const bad = readQuilt({ ...FILE, wall: { locked: [[0, -1]] } })
  expect(bad.ok ? [] : bad.problems.map(({ path }) => path.join('.'))).toEqual(['wall.locked.0.1'])
})

test('locks are set once, and lifted', () => {
  const locked = lockPlaces([[1, 1]], true)(lockPlaces([[1, 1]], true)(FILE))
  expect(locked.wall!.locked).toEqual([[1, 1]])
  expect(lockPlaces([[1, 1]], false)(locked).wall!.locked).toEqual([])
  // a file by another hand may say it twice
  const twice = { ...FILE, wall: { locked: [[1, 1] as [number, number], [1, 1] as [number, number]] } }
  expect(quiltOf(twice).wall.locked).toEqual([[1, 1]])
})

test('what a search has found hangs block by block where it says, turned as it says', () => {
  const blocks = Int32Array.from([11, 10, 9, 8, 7, 6, 5, 4, 3, 2, 1, 0])
  const turns = new Uint8Array(12)
  turns[0] = 3
  const next = arranged({ blocks, turns })(turnPlaces([[2, 3]])(FILE))
  expect(rowsOf(next)).toEqual([
    [11, 10, 9, 8],
    [7, 6, 5, 4],
    [3, 2, 1, 0],
  ])
  // a quarter by hand, three more by the search
  expect(next.setting.cells![0]![0]!.turn).toBe(0)
})

test('the best exchange parts a block from its like, and moves nothing that is locked', () => {
  const rows = dealtByChance(6, 5, 10, chanceFrom(3))
  rows[0]![0] = rows[0]![1] = 4
  const file = squaresQuilt(rows)
  const quilt = quiltOf(file)
  const wall = wallOf(quilt, dimensionsOf(quilt))
  const before = alikeSeams(wall).length
  const best = bestExchange(wall, [0, 1], new Set([1]))!
  expect(best.blocks[1]).toBe(1)
  expect([...best.blocks].filter((block, place) => block !== place)).toHaveLength(2)
  const after = quiltOf(arranged(best)(file))
  expect(alikeSeams(wallOf(after, dimensionsOf(after))).length).toBeLessThan(before)
})
