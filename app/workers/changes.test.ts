import fc from 'fast-check'
import { SAMPLE } from '~~/core/testing/quiltOf'
import { readQuilt } from '~~/core/file/readQuilt'
import { changeBetween, changed } from './changes'
import { makeWorkbook } from './makeWorkbook'

const value = fc.letrec(tie => ({
  value: fc.oneof(
    { depthSize: 'small' },
    fc.constantFrom<unknown>(null, undefined, 0, 1, 'a', NaN, false),
    fc.array(tie('value'), { maxLength: 4 }),
    fc.dictionary(fc.constantFrom('a', 'b', 'length', '0'), tie('value'), { noNullPrototype: true }),
  ),
})).value

test('a change makes the one value the other, whatever they are, and survives the way between threads', () => {
  fc.assert(
    fc.property(value, value, (before, after) => {
      const kept = structuredClone(before)
      const change = structuredClone(changeBetween(before, after))
      expect(changed(before, change)).toStrictEqual(after)
      expect(before).toEqual(kept)
      expect(changeBetween(after, structuredClone(after))).toBeNull()
    }),
    { numRuns: 2000 },
  )
})

test('of a workbook only what a wider border changes is told, and the rest stays the same objects', () => {
  const bookOf = (width: number) => {
    const quilt = readQuilt({ ...SAMPLE, borders: [{ width, cloth: 'soot' }] })
    if (!quilt.ok) throw new Error('the sample cannot be read')
    return makeWorkbook(quilt.value).workbook
  }
  const [before, after] = [bookOf(3), bookOf(4)]
  const change = changeBetween(before, after)
  const shown = changed(before, change) as typeof after
  expect(shown).toEqual(after)
  expect(shown.recipes).toBe(before.recipes)
  expect(shown.plan.rows).toBe(before.plan.rows)
  expect(JSON.stringify(change).length).toBeLessThan(JSON.stringify(after).length / 5)
})
