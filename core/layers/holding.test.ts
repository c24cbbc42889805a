import fc from 'fast-check'
import { HELD_APART, diagonalOf, heldAt, leanOf, planHolding } from './holding'

const side = fc.integer({ min: 80, max: 960 }).map(n => n / 8)

test('pins stand on a grid from the middle: counted one by one, none over the edge', () => {
  fc.assert(
    fc.property(side, side, (width, height) => {
      let pins = 0
      for (let x = -60; x <= 60; x++)
        for (let y = -60; y <= 60; y++) if (Math.abs(x * 4) <= width / 2 && Math.abs(y * 4) <= height / 2) pins += 1
      const { pins: told, thread } = planHolding(width, height)
      expect(told.total).toBe(pins)
      const [across, down] = [2 * Math.floor(width / 8) + 1, 2 * Math.floor(height / 8) + 1]
      expect(thread.total).toBeCloseTo(across * height + down * width, 6)
    }),
  )
})

test('a leaning quilt: its diagonals, laid out as points, give back how far it leans', () => {
  fc.assert(
    fc.property(
      side,
      side,
      fc.integer({ min: 0, max: 24 }).map(n => n / 8),
      (width, height, lean) => {
        const one = Math.hypot(width + lean, height)
        const other = Math.hypot(width - lean, height)
        expect(leanOf(one, other, width)).toBeCloseTo(lean, 6)
        expect(diagonalOf(width, height).total).toBeCloseTo(Math.sqrt(width ** 2 + height ** 2), 9)
      },
    ),
  )
})

test('pins stand as many as are counted, from the middle outwards, none outside', () => {
  fc.assert(
    fc.property(fc.integer({ min: 8, max: 480 }), fc.integer({ min: 8, max: 480 }), (w, h) => {
      const [width, height] = [w / 4, h / 4]
      const [across, down] = [heldAt(width), heldAt(height)]
      expect(across.length * down.length).toBe(planHolding(width, height).pins.total)
      for (const [side, at] of [
        [width, across],
        [height, down],
      ] as const) {
        expect(at[0]).toBe(side / 2)
        const sorted = at.toSorted((a, b) => a - b)
        expect(Math.min(sorted[0]!, side - sorted.at(-1)!)).toBeGreaterThanOrEqual(0)
        sorted.slice(1).forEach((value, i) => expect(value - sorted[i]!).toBeCloseTo(HELD_APART, 9))
        // the next would lie outside
        expect(sorted[0]!).toBeLessThan(HELD_APART)
      }
    }),
  )
})
