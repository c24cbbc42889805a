import fc from 'fast-check'
import { dimensionsOf } from './dimensions'
import { quiltOf } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { boxesOf, drawnTop, partAt, tapeSegments } from './parts'
import { samePart } from './region'

test('blocks, sashes and cornerstones fill the setting exactly, and with the borders the whole top', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const { setting, top } = dimensionsOf(quiltOf(file))
      const area = (boxes: readonly { width: number; height: number }[]) =>
        boxes.reduce((sum, box) => sum + box.width * box.height, 0)
      const inside = area(setting.places) + area(setting.sashes) + area(setting.cornerstones)
      expect(inside).toBeCloseTo(setting.width * setting.height, 6)
      const whole = drawnTop({ setting, top })
      expect(area(top.regions)).toBeCloseTo(whole.width * whole.height, 6)
      const borders = top.regions.filter(({ part }) => part.kind === 'border')
      expect(area(borders)).toBeCloseTo(whole.width * whole.height - inside, 6)
      // and no two lie over each other: where one begins, no other is under its corner
      for (const { x, y } of top.regions.slice(0, 40)) {
        const point = [x + 1e-4, y + 1e-4] as const
        const under = top.regions.filter(
          box => box.x < point[0] && point[0] < box.x + box.width && box.y < point[1] && point[1] < box.y + box.height,
        )
        expect(under).toHaveLength(1)
      }
    }),
  )
})

test('wherever the top is pressed there is one part, and the point lies in one of its boxes', () => {
  fc.assert(
    fc.property(
      randomQuilt,
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      (file, u, v) => {
        const quilt = quiltOf(file)
        const dimensions = dimensionsOf(quilt)
        const whole = drawnTop(dimensions)
        const [x, y] = [u * whole.width, v * whole.height]
        const part = partAt(x, y, dimensions, quilt, 1)
        expect(part).not.toBeNull()
        expect(
          boxesOf(part!, dimensions).some(
            box =>
              x >= box.x - 1e-9 && x <= box.x + box.width + 1e-9 && y >= box.y - 1e-9 && y <= box.y + box.height + 1e-9,
          ),
        ).toBe(true)
      },
    ),
    { numRuns: 200 },
  )
})

test('the tape runs from edge to edge without a gap, and names the part that lies under it', () => {
  fc.assert(
    fc.property(randomQuilt, fc.constantFrom('width' as const, 'height' as const), (file, side) => {
      const quilt = quiltOf(file)
      const dimensions = dimensionsOf(quilt)
      const segments = tapeSegments(dimensions, side)
      let at = 0
      for (const segment of segments) {
        expect(segment.start).toBeCloseTo(at, 9)
        at += segment.size
        if (segment.part.kind !== 'block') continue
        const [box] = boxesOf(segment.part, dimensions)
        expect(side === 'width' ? box!.x : box!.y).toBeCloseTo(segment.start, 6)
      }
      expect(at).toBeCloseTo(drawnTop(dimensions)[side], 6)
    }),
    { numRuns: 100 },
  )
})

test('the binding is outside, and only where there is one', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const quilt = quiltOf(file)
      const part = partAt(-0.5, 1, dimensionsOf(quilt), quilt, 1)
      expect(part).toEqual(quilt.binding ? { kind: 'binding' } : null)
    }),
    { numRuns: 50 },
  )
})

test('parts are the same by what they are', () => {
  expect(samePart({ kind: 'block', row: 1, column: 2 }, { kind: 'block', row: 1, column: 2 })).toBe(true)
  expect(samePart({ kind: 'block', row: 1, column: 2 }, { kind: 'block', row: 2, column: 1 })).toBe(false)
  expect(samePart({ kind: 'border', border: 1 }, { kind: 'border', border: 2 })).toBe(false)
  expect(samePart({ kind: 'sash' }, { kind: 'sash' })).toBe(true)
  expect(samePart(null, null)).toBe(true)
})
