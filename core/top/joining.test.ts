import fc from 'fast-check'
import { sumOf } from '../measure/sum'
import { joiningOrder } from './joiningOrder'
import { rulerReadings } from './rulerReadings'
import { runs } from '../testing/runs'

/** The least that can be in hand, all joins together, by trying every order in which neighbours can be joined. */
function leastInHand(sizes: readonly number[]): number {
  if (sizes.length === 1) return 0
  const costs = sizes.slice(1).map((next, i) => {
    const both = sizes[i]! + next
    return both + leastInHand([...sizes.slice(0, i), both, ...sizes.slice(i + 2)])
  })
  return Math.min(...costs)
}

test('rows are joined neighbour to neighbour, each seam once, with as little in hand as any order leaves', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 2, maxLength: 7 }), sizes => {
      const joins = joiningOrder(sizes)
      const sections = sizes.map((size, i) => ({ from: i + 1, to: i + 1, size }))
      let inHand = 0
      for (const { from, middle, to } of joins) {
        const at = sections.findIndex(section => section.from === from && section.to === middle)
        expect(sections[at + 1]).toMatchObject({ from: middle + 1, to })
        const size = sections[at]!.size + sections[at + 1]!.size
        inHand += size
        sections.splice(at, 2, { from, to, size })
      }
      expect(sections).toHaveLength(1)
      expect(inHand).toBe(leastInHand(sizes))
    }),
    { numRuns: runs(200) },
  )
})

test('rows alike are joined two and two, then fours', () => {
  const joins = joiningOrder([9, 9, 9, 9, 9, 9, 9, 9]).map(({ from, middle, to }) => `${from}-${middle}-${to}`)
  expect(joins).toEqual(['1-1-2', '3-3-4', '5-5-6', '7-7-8', '1-2-4', '5-6-8', '1-4-8'])
  expect(joiningOrder([5])).toEqual([])
})

test('marks read off a ruler come to stand where they belong, in as few placings as its length allows', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 320 }), { minLength: 1, maxLength: 12 }),
      fc.integer({ min: 6, max: 24 }),
      (gaps, ruler) => {
        let at = 0
        const marks = gaps.map(gap => (at += gap / 8))
        const readings = rulerReadings(
          marks.map(mark => sumOf([{ what: 'blocks', value: mark }])),
          ruler,
        )
        const read = readings.flatMap(({ from, at }) => at.map(one => from.total + one.total))
        for (const { at } of readings) for (const { total } of at) expect(total).toBeLessThanOrEqual(ruler + 1e-9)
        // each placing begins at the end of the strip, or at what was marked last
        readings.forEach(({ from }, i) => {
          const last = readings.slice(0, i).flatMap(({ from, at }) => at.map(one => from.total + one.total))
          expect(from.total).toBeCloseTo(last.at(-1) ?? 0, 9)
        })
        expect(read.map(mark => mark.toFixed(6))).toEqual(expect.arrayContaining(marks.map(mark => mark.toFixed(6))))
        // one more mark would not have fitted
        readings.slice(1).forEach(({ at }, i) => {
          expect(readings[i]!.at.at(-1)!.total + at[0]!.total).toBeGreaterThan(ruler - 1e-9)
        })
      },
    ),
  )
})
