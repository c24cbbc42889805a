import fc from 'fast-check'
import { runs } from '../testing/runs'
import { proportioned } from './fitBorders'

const eighths = (least: number, most: number) => fc.integer({ min: least * 8, max: most * 8 }).map(n => n / 8)
const border = fc.record({ sides: eighths(1, 8), ends: eighths(1, 8), isFixed: fc.boolean() })

test('borders share a width in their proportion, on the ruler; none below the least, fixed ones stay', () => {
  let shared = 0
  fc.assert(
    fc.property(
      fc.array(border, { minLength: 1, maxLength: 4 }),
      eighths(1, 40),
      eighths(0, 3),
      (borders, total, least) => {
        const widths = proportioned(borders, { sides: total, ends: total }, least, 1 / 8)
        if (!widths) return
        shared += 1
        for (const side of ['sides', 'ends'] as const) {
          expect(widths.reduce((sum, width) => sum + width[side], 0)).toBeCloseTo(total, 9)
          widths.forEach((width, i) => {
            expect((width[side] * 8) % 1).toBeCloseTo(0, 6)
            if (borders[i]!.isFixed) expect(width[side]).toBe(borders[i]![side])
            else expect(width[side]).toBeGreaterThanOrEqual(Math.min(borders[i]![side], least) - 1e-9)
          })
          // of two that are free and above the least the quotient stays, but for rounding and what is held at the least
          const free = widths.flatMap((width, i) => (!borders[i]!.isFixed && width[side] > least + 1 ? [i] : []))
          for (const i of free.slice(1)) {
            const [a, b] = [free[0]!, i]
            const scales = [a, b].map(k => widths[k]![side] / borders[k]![side])
            const slack = (borders.length / 8) * (1 / borders[a]![side] + 1 / borders[b]![side])
            expect(Math.abs(scales[0]! - scales[1]!)).toBeLessThanOrEqual(slack)
          }
        }
      },
    ),
    { numRuns: runs(300) },
  )
  expect(shared).toBeGreaterThan(runs(60))
})

test('by hand: 2″ and 4″ that are to be 9″ become 3″ and 6″; to be 3½″ the inner stays at 1½″', () => {
  const two = [
    { sides: 2, ends: 2, isFixed: false },
    { sides: 4, ends: 4, isFixed: false },
  ]
  const to = (width: number) => proportioned(two, { sides: width, ends: width }, 1.5, 1 / 8)?.map(({ sides }) => sides)
  expect(to(9)).toEqual([3, 6])
  expect(to(3.5)).toEqual([1.5, 2])
  expect(to(2.75)).toBeUndefined()
})

test('a border that is off the ruler and narrow already is not rounded down', () => {
  const two = [
    { sides: 1.05, ends: 1.05, isFixed: false },
    { sides: 4, ends: 4, isFixed: false },
  ]
  const [inner, outer] = proportioned(two, { sides: 5.0625, ends: 5.0625 }, 2, 1 / 8)!
  expect(inner!.sides).toBeGreaterThanOrEqual(1.05)
  expect(inner!.sides + outer!.sides).toBeCloseTo(5.0625, 9)
})
