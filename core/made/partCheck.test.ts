import fc from 'fast-check'
import { planOf, SAMPLE } from '../testing/quiltOf'
import type { QuiltFile } from '../file/schema'
import { recipesFor } from '../recipes/recipe'
import { partCheck } from './partCheck'

test('strips sewn with an allowance that is off are told to be off by just that', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 12 }), fc.integer({ min: -8, max: 8 }), (strips, off) => {
      const [finished, seam, error] = [2, 1 / 4, off / 128]
      const measured = strips * (finished + 2 * seam) - 2 * (strips - 1) * (seam + error)
      const { error: found, says } = partCheck(strips * finished + 2 * seam, measured, strips - 1)
      expect(found!.total).toBeCloseTo(error, 9)
      expect(says).toBe(Math.abs(off) <= 2 ? 'right' : off > 0 ? 'too-much' : 'too-little')
    }),
  )
})

test('where no seam runs across, it was cut wrong or it is right', () => {
  expect(partCheck(3.5, 3.5, 0)).toEqual({ error: null, says: 'right' })
  expect(partCheck(3.5, 3.25, 0)).toEqual({ error: null, says: 'cut-is-off' })
})

test('each log is measured against the side it lies along, over the seams that were sewn before it', () => {
  const { plan, work } = planOf({
    ...SAMPLE,
    made: [],
    blocks: [{ id: 'cabin', design: 'log-cabin', size: 9, cloths: { centre: 'red', light: 'cream', dark: 'soot' } }],
    setting: { across: 2, down: 2 },
  } as QuiltFile)
  const [first, ...logs] = recipesFor(work, plan, 'cabin')[0]!.joins
  expect(logs).toHaveLength(11)
  // the middle and a square beside it: one seam, across its longer side
  let before = first!.step.expect!
  const across = before.width > before.height ? { width: 1, height: 0 } : { width: 0, height: 1 }
  for (const { log, step } of logs) {
    const now = step.expect!
    // the side along the log stays as it was; the other has a seam more
    const along = Math.abs(now.width - before.width) < 1e-9 ? 'width' : 'height'
    expect(log!.length).toBeCloseTo(before[along], 9)
    expect(log!.across).toBe(across[along])
    across[along === 'width' ? 'height' : 'width'] += 1
    before = now
  }
})
