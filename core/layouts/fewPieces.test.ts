import fc from 'fast-check'
import { layoutFaults } from '../cut/layoutCheck'
import type { CutPiece } from '../cut/cutPiece'
import { runs } from '../testing/runs'
import { betterLayouts, type BetterLayout } from './betterLayouts'
import { shortestStrips } from './fewPieces'
import { orderOf } from './order'

type Lie = readonly [width: number, height: number]

const liesOf = ({ width, height, turn }: CutPiece): Lie[] => [
  [width, height],
  ...(turn ? [[height, width] as Lie] : []),
]
const each = (pieces: readonly CutPiece[]) =>
  pieces.flatMap(piece => Array.from({ length: piece.count }, () => liesOf(piece)))

/** All ways to put things into heaps. */
function* heaps<T>(things: readonly T[]): Generator<T[][]> {
  const [first, ...rest] = things
  if (first === undefined) return yield []
  for (const parted of heaps(rest)) {
    yield [[first], ...parted]
    for (let i = 0; i < parted.length; i++) yield parted.map((heap, k) => (k === i ? [first, ...heap] : heap))
  }
}

/** All ways for things to lie. */
function waysToLie(lies: readonly Lie[][]): Lie[][] {
  return lies.reduce<Lie[][]>((ways, one) => ways.flatMap(way => one.map(lie => [...way, lie])), [[]])
}

/** The least depth of one strip: every way to lie, every way to stand in columns. */
function depthOfStrip(pieces: readonly Lie[][], room: number): number {
  let least = Infinity
  for (const lies of waysToLie(pieces))
    for (const columns of heaps(lies)) {
      const width = columns.reduce((sum, column) => sum + Math.max(...column.map(([w]) => w)), 0)
      if (width > room + 1e-9) continue
      least = Math.min(least, Math.max(...columns.map(column => column.reduce((sum, [, h]) => sum + h, 0))))
    }
  return least
}

function shortestByHand(pieces: readonly CutPiece[], room: number): number {
  let least = Infinity
  for (const strips of heaps(each(pieces)))
    least = Math.min(
      least,
      strips.reduce((sum, strip) => sum + depthOfStrip(strip, room), 0),
    )
  return least
}

function last(pieces: readonly CutPiece[], usable: number): BetterLayout {
  let found: BetterLayout | undefined
  let steps = 0
  for (const layout of betterLayouts(pieces, usable)) {
    found = layout
    if ((steps += 1) > 2000) break
  }
  return found!
}

const inches = fc.integer({ min: 2, max: 16 })
const few = fc
  .array(fc.record({ width: inches, height: inches, count: fc.integer({ min: 1, max: 2 }), turn: fc.boolean() }), {
    minLength: 2,
    maxLength: 4,
  })
  .map(list => list.map((piece, i): CutPiece => ({ ...piece, id: `p${i}` })))
  .filter(list => each(list).length <= 5)

test('of few pieces the layout is the shortest of all, tried by hand in every way', () => {
  fc.assert(
    fc.property(few, pieces => {
      const { length, bound, triedTo, strips } = last(pieces, 20)
      expect(length).toBeCloseTo(shortestByHand(pieces, 20), 6)
      expect(triedTo !== null || length <= bound + 1e-6).toBe(true)
      expect(layoutFaults(pieces, strips(), 20, length)).toEqual([])
    }),
    { numRuns: runs(60) },
  )
})

test('equal pieces are parted where that is shorter', () => {
  const piece = (id: string, width: number, count = 1): CutPiece => ({ id, width, height: 5, count, turn: false })
  // 9 + 11 and 9 + 5 + 5 across; both of 9 in one strip leave 5 over
  const pieces = [piece('a', 9, 2), piece('b', 11), piece('c', 5, 2)]
  expect(shortestByHand(pieces, 20)).toBe(10)
  const order = orderOf(pieces, 20)
  const tried = shortestStrips(order, { deepest: 100, most: 100 })
  let step = tried.next()
  while (!step.done) step = tried.next()
  expect(step.value!.depth * order.cell.down).toBeCloseTo(10, 9)
})

const more = fc
  .array(fc.record({ width: inches, height: inches, turn: fc.boolean() }), { minLength: 9, maxLength: 12 })
  .map(list => list.map((piece, i): CutPiece => ({ ...piece, id: `p${i}`, count: 1 })))

test('a dozen pieces are laid out as short as that, whatever they are called and in whatever order', () => {
  fc.assert(
    fc.property(more, pieces => {
      const one = last(pieces, 41)
      expect(layoutFaults(pieces, one.strips(), 41, one.length)).toEqual([])
      expect(one.length).toBeGreaterThanOrEqual(one.bound - 1e-6)
      const renamed = pieces.toReversed().map((piece, i) => ({ ...piece, id: `q${i}` }))
      expect(last(renamed, 41).length).toBeCloseTo(one.length, 9)
      // two of one pile are the same as two piles of one
      const [first, ...rest] = pieces
      const twice = [first!, { ...first!, id: 'again' }, ...rest.slice(0, -1)]
      const pile = [{ ...first!, count: 2 }, ...rest.slice(0, -1)]
      expect(last(twice, 41).length).toBeCloseTo(last(pile, 41).length, 9)
    }),
    { numRuns: runs(6) },
  )
})
