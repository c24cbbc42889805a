import fc from 'fast-check'
import { runs } from '../testing/runs'
import { betweenMotifs, lengthForMotifs, motifsOn, type PrintRepeat } from './motifs'

const eighths = (least: number, most: number) => fc.integer({ min: least * 8, max: most * 8 }).map(n => n / 8)
const print = fc.record({ across: eighths(1, 12), down: eighths(1, 12) })
const piece = fc.record({ width: eighths(1, 9), height: eighths(1, 9) })

/** One by one from the edge: each as soon as a motif has room and the piece before is passed. */
function byHand(room: number, size: number, repeat: number, begin: number): number {
  let [count, end] = [0, 0]
  for (let middle = begin; middle + size / 2 <= room + 1e-9; middle += repeat)
    if (middle - size / 2 >= end - 1e-9) {
      count++
      end = middle + size / 2
    }
  return count
}

/** For every place at which the print may begin, in 64ths. */
function everyBegin(room: number, size: number, repeat: number): number[] {
  return Array.from({ length: Math.round(repeat * 64) }, (_, k) => byHand(room, size, repeat, k / 64))
}

test('as many motifs as there are at the worst and the best place of the print, counted one by one', () => {
  fc.assert(
    fc.property(eighths(5, 60), eighths(20, 44), print, piece, (length, width, repeat, size) => {
      const { across, rows, least, most } = motifsOn(length, width, repeat, size)
      const [byWidth, byLength] = [
        everyBegin(width, size.width, repeat.across),
        everyBegin(length, size.height, repeat.down),
      ]
      expect([across.least, across.most]).toEqual([Math.min(...byWidth), Math.max(...byWidth)])
      expect([rows.least, rows.most]).toEqual([Math.min(...byLength), Math.max(...byLength)])
      expect([least, most]).toEqual([across.least * rows.least, across.most * rows.most])
    }),
    { numRuns: runs(150) },
  )
})

test('where the first motif is known, the count across is one number', () => {
  fc.assert(
    fc.property(eighths(20, 44), print, piece, eighths(0, 12), (width, repeat, size, first) => {
      const { across } = motifsOn(36, width, { ...repeat, first }, size)
      expect(across.least).toBe(across.most)
      expect(across.most).toBe(byHand(width, size.width, repeat.across, first))
    }),
    { numRuns: runs(300) },
  )
})

test('the length for a number of motifs gives them wherever the print begins, and an eighth less does not', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), eighths(20, 44), print, piece, (count, width, repeat, size) => {
      const length = lengthForMotifs(count, width, repeat, size)
      if (length === null) return expect(Math.min(...everyBegin(width, size.width, repeat.across))).toBe(0)
      expect(motifsOn(length, width, repeat, size).least).toBeGreaterThanOrEqual(count)
      // the worst beginning is only neared: a whole eighth must be missing
      expect(motifsOn(length - 1 / 8, width, repeat, size).least).toBeLessThan(count)
    }),
    { numRuns: runs(300) },
  )
})

test('what lies between fills the cloth from one piece to the next', () => {
  const repeat: PrintRepeat = { across: 6, down: 8 }
  expect(betweenMotifs(repeat, { width: 4.5, height: 4.5 })).toEqual({ rows: 3.5, pieces: 1.5 })
  // a piece larger than the repeat takes two of them
  expect(betweenMotifs(repeat, { width: 6.5, height: 8 })).toEqual({ rows: 0, pieces: 5.5 })
})
