import fc from 'fast-check'
import { ownStrips, lengthOf } from '../cut/ownStrips'
import { layOut } from '../cut/layout'
import { layoutFaults } from '../cut/layoutCheck'
import type { CutPiece, Strip } from '../cut/cutPiece'
import { leftovers, type Leftover } from '../cut/leftovers'
import { splitReasons } from '../measure/explained'
import { openOrder, perfectOrder } from '../testing/cutOrders'
import { runs } from '../testing/runs'
import { betterLayouts, provedBound, type BetterLayout } from './betterLayouts'

/** The search as far as so many steps. */
function afterSteps(pieces: readonly CutPiece[], usable: number, steps: number): BetterLayout[] {
  const found: BetterLayout[] = []
  for (const layout of betterLayouts(pieces, usable)) {
    found.push(layout)
    if (found.length >= steps) break
  }
  return found
}

const size = fc.oneof(
  fc.integer({ min: 4, max: 80 }).map(quarters => quarters / 4),
  fc.integer({ min: 16, max: 300 }).map(sixteenths => sixteenths / 16),
  fc.integer({ min: 20, max: 400 }).map(millimetres => millimetres / 25.4),
  fc.double({ min: 0.5, max: 20, noNaN: true }),
)
const order = fc
  .array(fc.record({ width: size, height: size, count: fc.integer({ min: 1, max: 30 }), turn: fc.boolean() }), {
    minLength: 1,
    maxLength: 9,
  })
  .map(list => list.map((piece, i): CutPiece => ({ ...piece, id: `p${i}` })))
const usable = fc.constantFrom(21, 40, 41.5, 42.25)

/** Pieces and what is left over of a strip lie beside each other, and leave slivers alone. */
function expectAllTold(strip: Strip) {
  const left = leftovers(strip).map(rest => splitReasons<Leftover>(rest).plain)
  const told = [...strip.cuts, ...left]
  told.forEach((one, i) => {
    for (const other of told.slice(i + 1)) {
      const across = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x)
      const down = Math.min(one.y + one.height, other.y + other.height) - Math.max(one.y, other.y)
      expect(Math.min(across, down)).toBeLessThan(1e-5)
    }
  })
  const area = told.reduce((sum, { width, height }) => sum + width * height, 0)
  // half an inch beside or above each piece, and at the end, is told of nowhere
  const slivers = strip.cuts.reduce((sum, { width, height }) => sum + 0.5 * (width + height), 0.5 * strip.height)
  expect(strip.width * strip.height - area).toBeLessThan(slivers + 0.5 * strip.width)
}

test('every layout can be cut, none is longer than the one before, none is shorter than the bound', () => {
  fc.assert(
    fc.property(order, usable, (pieces, width) => {
      const fits = pieces.filter(piece => piece.width <= width)
      const found = afterSteps(fits, width, 40)
      const quick = layOut(fits, width)
      expect(found[0]!.length).toBeCloseTo(quick.length, 9)
      expect(quick.length).toBeLessThanOrEqual(lengthOf(ownStrips(fits, width)) + 1e-6)
      found.slice(1).forEach((layout, i) => expect(layout.length).toBeLessThanOrEqual(found[i]!.length + 1e-9))
      for (const { length, bound, strips } of [...new Set(found)]) {
        expect(length).toBeGreaterThanOrEqual(bound - 1e-6)
        expect(layoutFaults(fits, strips(), width, length)).toEqual([])
        expect(strips().reduce((down, strip) => Math.max(down, strip.y + strip.height), 0)).toBeCloseTo(length, 6)
        for (const strip of strips()) expectAllTold(strip)
      }
    }),
    { numRuns: runs(150) },
  )
})

test('long pieces along the cloth keep their place, and what lies below them is searched', () => {
  const long: CutPiece = { id: 'border', width: 3.5, height: 80, count: 4, turn: false, along: true }
  const rest = openOrder(3, { pieces: 120, sizes: 14 }).pieces
  const found = afterSteps([long, ...rest], 41, 300)
  const [first, last] = [found[0]!, found.at(-1)!]
  expect(last.length).toBeLessThan(first.length)
  const strips = last.strips()
  expect(strips.filter(({ run }) => run === 'along')).toEqual(first.strips().filter(({ run }) => run === 'along'))
  expect(layoutFaults([long, ...rest], strips, 41, last.length)).toEqual([])
})

test('an order cut without waste is found again, or nearly', () => {
  const share = (seed: number, how: Parameters<typeof perfectOrder>[1], steps: number) => {
    const { pieces, usable: width, least } = perfectOrder(seed, how)
    const found = afterSteps(pieces, width, steps).at(-1)!
    expect(found.bound).toBeLessThanOrEqual(least! + 1e-6)
    return found.length / least!
  }
  const mean = (list: number[]) => list.reduce((sum, value) => sum + value, 0) / list.length
  const seeds = [1, 2, 3, 4]
  expect(mean(seeds.map(seed => share(seed, { strips: 2, times: 1, turn: true }, 400)))).toBeLessThan(1.01)
  expect(mean(seeds.map(seed => share(seed, { strips: 8, times: 10, turn: false }, 120)))).toBeLessThan(1.01)
})

test('named otherwise, listed otherwise: the same lengths, step for step', () => {
  const { pieces, usable: width } = openOrder(7, { pieces: 90, sizes: 12 })
  const lengths = (list: readonly CutPiece[]) =>
    afterSteps(list, width, 60).map(({ length }) => Math.round(length * 1e6))
  const plain = lengths(pieces)
  expect(lengths(pieces.map((piece, i) => ({ ...piece, id: `${99 - i}` })))).toEqual(plain)
  expect(lengths([...pieces].reverse())).toEqual(plain)
})

/** Whether pieces can lie on so many rows of cells, tried in every way: the first free cell is filled or left. */
function fitsSomehow(pieces: readonly CutPiece[], width: number, rows: number): boolean {
  const cloth = new Uint8Array(width * rows)
  const left = pieces.map(({ count }) => count)
  const area = pieces.reduce((sum, piece) => sum + piece.width * piece.height * piece.count, 0)
  const set = (x: number, y: number, w: number, h: number, value: number) => {
    for (let j = y; j < y + h; j++) cloth.fill(value, j * width + x, j * width + x + w)
  }
  const isFree = (x: number, y: number, w: number, h: number) => {
    if (x + w > width || y + h > rows) return false
    for (let j = y; j < y + h; j++) for (let i = x; i < x + w; i++) if (cloth[j * width + i]) return false
    return true
  }
  const search = (from: number, waste: number): boolean => {
    if (left.every(count => count === 0)) return true
    let at = from
    while (at < cloth.length && cloth[at]) at += 1
    if (at === cloth.length) return false
    const [x, y] = [at % width, Math.floor(at / width)]
    for (const [i, piece] of pieces.entries()) {
      if (left[i] === 0) continue
      for (const [w, h] of piece.turn && piece.width !== piece.height
        ? ([
            [piece.width, piece.height],
            [piece.height, piece.width],
          ] as const)
        : ([[piece.width, piece.height]] as const)) {
        if (!isFree(x, y, w, h)) continue
        set(x, y, w, h, 1)
        left[i]! -= 1
        const isDone = search(at + 1, waste)
        set(x, y, w, h, 0)
        left[i]! += 1
        if (isDone) return true
      }
    }
    if (waste === 0) return false
    cloth[at] = 1
    const isDone = search(at + 1, waste - 1)
    cloth[at] = 0
    return isDone
  }
  return search(0, width * rows - area)
}

test('the bound is no more than the least that any layout takes, strips or not: tiny orders tried in every way', () => {
  const tiny = fc
    .array(
      fc.record({
        width: fc.integer({ min: 1, max: 5 }),
        height: fc.integer({ min: 1, max: 4 }),
        count: fc.integer({ min: 1, max: 2 }),
        turn: fc.boolean(),
      }),
      { minLength: 1, maxLength: 3 },
    )
    .map(list => list.map((piece, i): CutPiece => ({ ...piece, id: `p${i}` })))
  fc.assert(
    fc.property(tiny, fc.integer({ min: 5, max: 7 }), (pieces, width) => {
      let rows = 1
      while (!fitsSomehow(pieces, width, rows)) rows += 1
      expect(provedBound(pieces, width)).toBeLessThanOrEqual(rows + 1e-6)
      const found = afterSteps(pieces, width, 30).at(-1)!
      expect(found.length).toBeGreaterThanOrEqual(rows - 1e-6)
    }),
    { numRuns: runs(500) },
  )
})
