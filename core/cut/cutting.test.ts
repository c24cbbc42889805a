import { bestStrip } from './stripPattern'
import fc from 'fast-check'
import { splitReasons } from '../measure/explained'
import type { Leftover } from './leftovers'
import { lowerBound } from './bound'
import type { CutPiece } from './cutPiece'
import { layOut } from './layout'
import { layoutFaults } from './layoutCheck'
import { layOutOnMixed } from './mixedSheets'
import { lengthOf, ownStrips } from './ownStrips'
import { layOutOnSheets } from './sheets'
import { runs } from '../testing/runs'

const eighths = (most: number) => fc.integer({ min: 6, max: most * 8 }).map(n => n / 8)
const pieces = fc
  .array(
    fc.record({ width: eighths(18), height: eighths(18), count: fc.integer({ min: 1, max: 60 }), turn: fc.boolean() }),
    { minLength: 1, maxLength: 7 },
  )
  .map(list => list.map((piece, i): CutPiece => ({ ...piece, id: `p${i}` })))
const along = fc
  .array(
    fc.record({ width: eighths(6), height: fc.integer({ min: 45, max: 90 }), count: fc.integer({ min: 1, max: 3 }) }),
    { maxLength: 2 },
  )
  .map(list => list.map((piece, i): CutPiece => ({ ...piece, id: `long${i}`, turn: false, along: true })))

test('a layout can be cut, is no shorter than the bound and no longer than each size in its own strips', () => {
  fc.assert(
    fc.property(
      pieces,
      along,
      eighths(44).filter(w => w >= 18),
      (list, long, usable) => {
        const all = [...list, ...long]
        const layout = layOut(all, usable)
        expect(layoutFaults(all, layout.strips, usable, layout.length)).toEqual([])
        expect(layout.length).toBeGreaterThanOrEqual(layout.bound - 1e-9)
        expect(layout.length).toBeLessThanOrEqual(lengthOf(ownStrips(all, usable)) + 1e-9)
      },
    ),
    { numRuns: runs(60) },
  )
})

test('the order of the contract: three strips 6½ deep and one 3½ deep', () => {
  const layout = layOut([{ id: 'a', width: 3.5, height: 6.5, count: 40, turn: true }], 42)
  expect(layout.length).toBeCloseTo(23, 9)
  expect(layout.bound).toBeCloseTo(910 / 42, 9)
})

test('the width beside long strips is used', () => {
  const list: CutPiece[] = [
    { id: 'border', width: 3.5, height: 80, count: 4, turn: false, along: true },
    { id: 'square', width: 5, height: 5, count: 60, turn: true },
  ]
  // beside 14″ of borders 26″ are left: five squares to a strip, twelve strips
  expect(layOut(list, 40).length).toBeCloseTo(80, 9)
})

test('a piece wider than the cloth is not placed, and said', () => {
  const layout = layOut(
    [
      { id: 'big', width: 50, height: 45, count: 1, turn: true },
      { id: 'small', width: 5, height: 5, count: 3, turn: true },
    ],
    40,
  )
  expect(layout.unplaced.map(piece => piece.id)).toEqual(['big'])
  expect(layout.length).toBe(5)
})

test('more usable width never raises the bound', () => {
  fc.assert(
    fc.property(pieces, list => {
      expect(lowerBound(list, 44)).toBeLessThanOrEqual(lowerBound(list, 40) + 1e-9)
    }),
  )
})

test('pieces of cloth: each strip within its piece, at least as many pieces as the bound', () => {
  fc.assert(
    fc.property(pieces, list => {
      const layout = layOutOnSheets(list, 21, 18)
      expect(layoutFaults(list, layout.strips, 21, 18, 18)).toEqual([])
      expect(layout.length).toBeGreaterThanOrEqual(layout.bound)
      expect(new Set(layout.strips.map(strip => strip.sheet)).size).toBe(layout.length)
    }),
    { numRuns: runs(60) },
  )
})

test('cloth in pieces of several sizes: each strip within its own, all cut once, no more opened than there are', () => {
  const kinds = fc.array(
    fc.record({ width: eighths(30), height: eighths(24), count: fc.integer({ min: 1, max: 5 }) }),
    { minLength: 1, maxLength: 4 },
  )
  fc.assert(
    fc.property(pieces, kinds, (list, sheets) => {
      const { opened, bound, strips, unplaced } = layOutOnMixed(list, sheets)
      if (unplaced.length === 0) expect(opened.length).toBeGreaterThanOrEqual(bound)
      const cuts = strips.flatMap(strip => strip.cuts.map(({ piece }) => piece))
      for (const { id, count } of list) {
        const missing = unplaced.find(piece => piece.id === id)?.count ?? 0
        expect(cuts.filter(piece => piece === id)).toHaveLength(count - missing)
      }
      opened.forEach((kind, sheet) => {
        const own = strips.filter(strip => strip.sheet === sheet)
        const wanted = list.map(piece => ({
          ...piece,
          count: own.flatMap(strip => strip.cuts).filter(cut => cut.piece === piece.id).length,
        }))
        expect(layoutFaults(wanted, own, sheets[kind]!.width, sheets[kind]!.height, sheets[kind]!.height)).toEqual([])
      })
      sheets.forEach(({ count }, kind) => expect(opened.filter(k => k === kind).length).toBeLessThanOrEqual(count))
    }),
    { numRuns: runs(40) },
  )
  // one large piece of cloth, not two small ones; of as few the smaller
  const square: CutPiece = { id: 'square', width: 5, height: 5, count: 8, turn: true }
  const small = { width: 10, height: 10, count: 9 }
  expect(layOutOnMixed([square], [small, { width: 20, height: 10, count: 1 }]).opened).toEqual([1])
  expect(layOutOnMixed([{ ...square, count: 4 }], [{ width: 20, height: 10, count: 1 }, small]).opened).toEqual([1])
})

test('what is left of a strip is all of it that no piece covers, but for slivers', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          width: fc.integer({ min: 8, max: 120 }),
          height: fc.integer({ min: 8, max: 80 }),
          count: fc.integer({ min: 1, max: 20 }),
        }),
        { minLength: 1, maxLength: 6 },
      ),
      sizes => {
        const pieces = sizes.map(({ width, height, count }, i) => ({
          id: String(i),
          width: width / 8,
          height: height / 8,
          count,
          turn: false,
        }))
        const { strips, left: kept } = layOut(pieces, 41)
        const left = splitReasons<Leftover[]>(kept).plain
        for (const strip of strips) {
          const inside = left.filter(
            rest =>
              rest.x >= strip.x - 1e-6
              && rest.y >= strip.y - 1e-6
              && rest.x + rest.width <= strip.x + strip.width + 1e-6
              && rest.y + rest.height <= strip.y + strip.height + 1e-6,
          )
          // what is not cut and not kept lies in slivers under half an inch: beside or above what is cut
          const covered = [...strip.cuts, ...inside].reduce((sum, box) => sum + box.width * box.height, 0)
          const slivers = strip.height * 0.5 + strip.cuts.reduce((sum, cut) => sum + cut.width * 0.5, 0)
          expect(covered).toBeLessThanOrEqual(strip.width * strip.height + 1e-6)
          expect(covered).toBeGreaterThanOrEqual(strip.width * strip.height - slivers - 1e-6)
        }
      },
    ),
    { numRuns: runs(60) },
  )
})

/** The best filling of one strip by trying every number of columns of every piece: worth for each inch of depth. */
function bestByTrying(pieces: readonly CutPiece[], usable: number): number {
  const depths = [...new Set(pieces.map(piece => piece.height))]
  return Math.max(
    ...depths.map(depth => {
      const fill = (at: number, room: number, isDeep: boolean): number => {
        const piece = pieces[at]
        if (!piece) return isDeep ? 0 : -Infinity
        let best = fill(at + 1, room, isDeep)
        const stack = Math.floor(depth / piece.height)
        if (stack === 0) return best
        for (let columns = 1; columns * piece.width <= room && (columns - 1) * stack < piece.count; columns++) {
          const worth = Math.min(columns * stack, piece.count) * piece.width * piece.height
          const rest = fill(at + 1, room - columns * piece.width, isDeep || piece.height === depth)
          best = Math.max(best, worth + rest)
        }
        return best
      }
      return fill(0, usable, false) / depth
    }),
  )
}

test('no strip is worth more for its depth than the one that is found, tried by every filling', () => {
  // twelve of each: however they stack, no column is half empty
  const kind = fc.record({
    width: fc.integer({ min: 12, max: 60 }).map(n => n / 8),
    height: fc.integer({ min: 1, max: 4 }),
    count: fc.constant(12),
  })
  fc.assert(
    fc.property(fc.array(kind, { minLength: 1, maxLength: 3 }), fc.integer({ min: 64, max: 160 }), (kinds, eighths) => {
      const usable = eighths / 8
      const pieces = kinds.map((piece, i) => ({ ...piece, id: String(i), turn: false }))
      const left = new Map(pieces.map(piece => [piece.id, piece.count]))
      const best = bestStrip(pieces, left, usable, Infinity, () => 1)!
      expect(best.value / best.height).toBeCloseTo(bestByTrying(pieces, usable), 9)
    }),
    { numRuns: runs(300) },
  )
})
