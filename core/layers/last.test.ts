import fc from 'fast-check'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { runs } from '../testing/runs'

const near = (value: number): unknown => expect.closeTo(value, 6)

test('a sleeve, unfolded: the rod slides in the tube, and its ends lie inside the quilt', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 9 }),
      fc.integer({ min: 4, max: 60 }).map(n => n / 4),
      fc.constantFrom(0.25, 0.375),
      (across, girth, seam) => {
        const { plan } = planOf({
          ...SAMPLE,
          seam,
          setting: { ...SAMPLE.setting, across },
          hanging: { cloth: 'cream', girth },
        })
        const { hanging, pieces, quilt } = plan
        if (hanging?.way !== 'sleeve') throw new Error('no sleeve')
        // sewn to a tube with ½″ from both edges it is so much round; flat, half of it
        const round = hanging.width - 1
        expect(round / 2).toEqual(near(hanging.depth))
        expect(round).toBeGreaterThanOrEqual(girth + 1 - 1e-6)
        expect(round).toBeLessThan(girth + 1.51)
        // each end turned twice by ½″; all of it lies an inch inside, or less than a quarter more
        const long = hanging.sections * (hanging.length - 2) + (hanging.sections - 1) * 2
        const free = (quilt.edged.width - long) / 2
        expect(free).toBeGreaterThanOrEqual(1 - 1e-6)
        expect(free).toBeLessThan(1.26)
        expect(hanging.sections).toBe(quilt.edged.width > 60 ? 2 : 1)
        // the rod stands out of the sleeve and not out of the quilt
        expect(hanging.stick).toBeGreaterThan(long)
        expect(hanging.stick).toBeLessThan(quilt.edged.width)
        // its strips are on the cutting sheet, joined long enough
        const strips = pieces.filter(({ part }) => part === 'sleeve')
        const cut = strips.reduce((sum, { width, height, count }) => sum + Math.max(width, height) * count, 0)
        const joins = strips.reduce((sum, { count }) => sum + count, 0) - hanging.sections
        expect(cut - joins * 2 * seam).toBeGreaterThanOrEqual(hanging.sections * hanging.length - 1e-6)
      },
    ),
    { numRuns: runs(60) },
  )
})

test('folded corners: two squares, and a stick as long as lies between the folds of the binding', () => {
  const { plan } = planOf({ ...SAMPLE, hanging: { way: 'corners', cloth: 'cream', square: 6 } })
  expect(plan.hanging).toEqual({ way: 'corners', square: 6, stick: near(plan.quilt.edged.width - 2 * 0.25 - 0.5) })
  expect(plan.pieces.find(({ part }) => part === 'hanging-corners')).toMatchObject({ count: 2, width: 6, height: 6 })
})

test('a label is cut half an inch larger on every side, and takes its cloth; without either nothing is added', () => {
  const { plan } = planOf({ ...SAMPLE, label: { cloth: 'cream', width: 4, height: 3 } })
  expect(plan.label).toEqual({ width: 5, height: 4 })
  expect(plan.pieces.find(({ part }) => part === 'label')).toMatchObject({ count: 1, width: 5, height: 4 })
  const plain = planOf(SAMPLE).plan
  expect([plain.hanging, plain.label]).toEqual([null, null])
  expect(plain.pieces.length).toBe(plan.pieces.length - 1)
})

test('of a quilt no wider than what is kept in something is left to sew', () => {
  const tiny = {
    ...SAMPLE,
    borders: [],
    blocks: [{ id: 'plain', design: 'plain', size: 0.5, cloths: { cloth: 'cream' } }],
    setting: { across: 1, down: 1, fill: [['plain']] },
    hanging: { cloth: 'cream' },
  }
  const { hanging } = planOf(tiny).plan
  expect(hanging).toMatchObject({ way: 'sleeve', finished: 0.25, length: 2.25 })
})
