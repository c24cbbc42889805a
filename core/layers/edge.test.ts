import fc from 'fast-check'
import { sumOf } from '../measure/sum'
import { area } from '../geometry/polygon'
import { outlineOf } from '../top/regions/region'
import { dimensionsOf } from '../top/dimensions'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { planBinding, type Binding } from './binding/binding'
import { joinedLengths, stripsToReach } from '../cut/joinedStrips'
import { runs } from '../testing/runs'

const eighths = (least: number, most: number) => fc.integer({ min: least * 8, max: most * 8 }).map(n => n / 8)

test('strips joined end to end reach the length, and one fewer would not', () => {
  fc.assert(
    fc.property(eighths(1, 900), eighths(10, 60), eighths(0, 5), (total, strip, loss) => {
      const count = stripsToReach(total, strip, loss)
      const reach = (n: number) => n * strip - (n - 1) * loss
      expect(reach(count)).toBeGreaterThanOrEqual(total - 1e-6)
      if (count > 1) expect(reach(count - 1)).toBeLessThan(total)
    }),
  )
})

test('lengths cut for a joined strip give it, and none is longer than the cloth', () => {
  fc.assert(
    fc.property(eighths(1, 400), eighths(30, 44), eighths(0, 3), (total, usable, loss) => {
      const lengths = joinedLengths([sumOf([{ what: 'finished', value: total }])], usable, loss, 1 / 8)
      const count = lengths.reduce((sum, { count }) => sum + count, 0)
      expect(
        lengths.reduce((sum, { length, count }) => sum + length.total * count, 0) - (count - 1) * loss,
      ).toBeGreaterThanOrEqual(total - 1e-6)
      for (const { length } of lengths) expect(length.total).toBeLessThanOrEqual(usable + 1e-9)
    }),
  )
})

test('border strips are as long as the raw side they are sewn to; second, or mitred, they span what they meet', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const quilt = quiltOf({ ...file, made: [] })
      const { top, setting } = dimensionsOf(quilt)
      let { width, height } = setting
      quilt.borders.forEach((border, i) => {
        const length = (side: string) =>
          top.strips.find(strip => strip.border === i + 1 && strip.side === side)!.length.total
        const spans = (first: string) =>
          border.corners === 'mitred' || (border.corners === 'butted' && border.first === first)
        expect(length('left')).toBeCloseTo(
          height + (spans('ends') ? 2 * (border.ends + border.beyond) : 0) + 2 * quilt.seam,
          9,
        )
        expect(length('top')).toBeCloseTo(
          width + (spans('sides') ? 2 * (border.sides + border.beyond) : 0) + 2 * quilt.seam,
          9,
        )
        expect([length('right'), length('bottom')]).toEqual([length('left'), length('top')])
        width += 2 * border.sides
        height += 2 * border.ends
      })
      expect([top.stages.at(-1)!.width.total, top.stages.at(-1)!.height.total]).toEqual([
        expect.closeTo(width, 9),
        expect.closeTo(height, 9),
      ])
      // drawn, the strips fill exactly what lies between the setting and the edge
      const drawn = top.regions
        .filter(({ part }) => part.kind === 'border')
        .reduce((sum, strip) => sum + area(outlineOf(strip)), 0)
      expect(drawn).toBeCloseTo(width * height - setting.width * setting.height, 6)
    }),
  )
})

test('what a stage should measure follows from what was measured inside it', () => {
  const { top } = dimensionsOf(
    quiltOf({ ...SAMPLE, made: [{ what: 'setting', width: [54, 54.25, 54.5], height: [75.5, 75.5, 75.5] }] }),
  )
  const [centre, border] = top.stages
  expect(centre!.expected.width.total).toBe(54.5)
  expect(border!.first).toMatchObject({ side: 'width', expected: { total: 60.25 } })
  expect([border!.expected.width.total, border!.expected.height.total]).toEqual([60.25, 81.5])
})

test('binding goes once round the raw top with a foot to spare, for every join', () => {
  fc.assert(
    fc.property(
      eighths(5, 120),
      eighths(5, 120),
      fc.constantFrom('diagonal' as const, 'straight' as const),
      eighths(1, 4),
      (width, height, join, strip) => {
        const quilt = quiltOf({ ...SAMPLE, binding: { cloth: 'soot', join, strip } })
        const binding = planBinding(quilt, { width, height }) as Binding
        expect(binding.length.total).toBeCloseTo(2 * (width + 0.5) + 2 * (height + 0.5) + 12, 9)
        const loss = join === 'diagonal' ? strip : 0.5
        const reach = (n: number) => n * 41 - (n - 1) * loss
        expect(reach(binding.strips.total)).toBeGreaterThanOrEqual(binding.length.total - 1e-6)
        expect(reach(binding.strips.total - 1)).toBeLessThan(binding.length.total)
        expect(binding.overlap.total).toBeCloseTo(loss, 9)
      },
    ),
  )
})

test("the handbook's binding: a top of 60 × 81 takes 8 strips of 2 1/4″", () => {
  // perimeter of 60½ × 81½ is 284, and 12 to spare: 296; (296 − 2¼) ÷ (41 − 2¼) = 7.58
  expect(planBinding(quiltOf(SAMPLE), { width: 60, height: 81 })).toMatchObject({
    length: { total: 296 },
    strips: { total: 8 },
  })
})

test('what quilting drew in, measured when it was trimmed, changes the edge and nothing inside it', () => {
  const styles = [
    { style: 'double', strip: 2.25, cloth: 'red' },
    { style: 'self' },
    { style: 'flanged', strip: 1.5, cloth: 'red', flange: { strip: 1.75, cloth: 'brass' } },
  ]
  fc.assert(
    fc.property(fc.constantFrom(...styles), eighths(40, 62), eighths(60, 84), (binding, width, height) => {
      const file = { ...SAMPLE, binding, hanging: { cloth: 'cream' }, batting: { shrink: 0.05 } }
      const before = planOf(file).plan
      const { plan } = planOf({
        ...file,
        made: [{ what: 'trimmed', width: [width - 0.25, width + 0.25], height: [height] }],
      })
      // folded round the raw edge, whatever its style
      expect(plan.quilt.edged.width).toBeCloseTo(width, 9)
      expect(plan.quilt.edged.height).toBeCloseTo(height, 9)
      expect(plan.trim.width).toBeCloseTo(width, 9)
      expect(plan.trim.measures.width).toMatchObject({ expected: 60.5, spread: 0.5 })
      expect(plan.trim.diagonal).toBeCloseTo(Math.hypot(width, height), 9)
      if (plan.binding!.style !== 'self')
        expect((plan.binding as { length: number }).length).toBeCloseTo(2 * (width + height) + 12, 9)
      expect(plan.sums['batting.washed.height']!.terms[0]!.what).toBe('trimmed-height')
      expect(plan.batting!.washed!.height).toBeCloseTo(0.95 * plan.quilt.edged.height, 9)
      for (const same of ['quilt.width', 'batting.width', 'batting.height', 'backing.panelLength'] as const)
        expect(plan.sums[same]).toEqual(before.sums[same])
      expect([plan.holding, plan.borders, plan.stages]).toEqual([before.holding, before.borders, before.stages])
    }),
    { numRuns: runs(60) },
  )
})
