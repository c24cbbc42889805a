import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import type { QuiltFile } from '../file/schema'
import { planOf } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { scrappyBinding } from './scrappyBinding'
import { runs } from '../testing/runs'

/** Of each cloth, what is bought. */
const bought = (file: QuiltFile) => new Map(planOf(file).plan.cloths.map(({ id, buy }) => [id, buy]))

/** Dealt as it was found it goes round, and no cloth is bought for it but the one that makes up what is missing. */
function judge(file: QuiltFile): number | null {
  const { quilt, work } = planOf(file)
  const found = scrappyBinding(work)
  if (!found) return null
  const dealt = { ...file, binding: { ...file.binding, cloth: found.cloths } } as QuiltFile
  expect((planOf(dealt).plan.binding as { strips: number }).strips).toBe(found.cloths.length)
  const [before, after] = [bought({ ...file, binding: null }), bought(dealt)]
  const last = found.cloths.at(-1)
  for (const { id, form, count } of quilt.cloths) {
    if ((found.missing > 0 && id === last) || id === quilt.binding!.flange?.cloth) continue
    expect(after.get(id)).toBeLessThanOrEqual(Math.max(before.get(id)!, form === 'piece' ? (count ?? 0) : 0) + 1e-6)
  }
  return found.cloths.length - found.missing
}

test('a scrappy binding of the demo quilts takes cloth that is bought anyway, and says what is missing', () => {
  const given = DEMO_QUILTS.map(file => judge(file as unknown as QuiltFile))
  expect(given.filter(strips => strips !== null && strips > 0).length).toBeGreaterThan(4)
})

test('in quilts at random too', () => {
  fc.assert(
    fc.property(randomQuilt, random => {
      const file = { ...random, made: [], done: [] } as QuiltFile
      const { binding } = file
      // a wider seam makes the border wider, and what else is bought for the flange is not known by itself
      const plain = binding?.cloth && { cloth: binding.cloth, strip: 2.25, join: binding.join }
      const found = plain && scrappyBinding(planOf({ ...file, binding: plain }).work)
      if (!found || found.missing > 0) return
      const yardage = (binding: object | null) =>
        planOf({ ...file, binding }).plan.cloths.reduce((sum, { unit, buy }) => sum + (unit === 'in' ? buy : 0), 0)
      expect(yardage({ ...plain, cloth: found.cloths })).toBeLessThanOrEqual(yardage(null) + 1e-6)
    }),
    { numRuns: runs(60) },
  )
})

test('of cloth that lies there in pieces all may be cut; what does not reach is missing', () => {
  const file = {
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222', form: 'piece', width: 21, length: 18, count: 2 },
      { id: 'b', colour: '#dddddd', form: 'piece', width: 21, length: 18, count: 1 },
    ],
    blocks: [{ id: 'one', design: 'plain', size: 6, cloths: { cloth: 'a' } }],
    setting: { across: 2, down: 3 },
    binding: { strip: 2, cloth: 'b', join: 'straight' },
  }
  const stripsOf = (length: number) => {
    const [a, b] = file.cloths
    const { cloths, missing } = scrappyBinding(
      planOf({
        ...file,
        cloths: [
          { ...a, count: 1 },
          { ...b, length },
        ],
      }).work,
    )!
    return [cloths.join(''), missing]
  }
  // 74″ of four strips of 21″: beside its squares one piece of a holds two more, one of b nine, or one
  expect(stripsOf(18)).toEqual(['baba', 0])
  expect(stripsOf(3)).toEqual(['abab', 1])
})
