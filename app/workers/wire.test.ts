import { serialize } from 'node:v8'
import { DEMO_QUILTS } from '~~/demo'
import { quiltOf, SAMPLE } from '~~/core/testing/quiltOf'
import { changeBetween, changed } from './changes'
import { makeWorkbook } from './makeWorkbook'
import { fromWire, shared, toWire } from './wire'

/** As far as a screen can show it. */
const rounded = (value: unknown): unknown =>
  JSON.parse(JSON.stringify(value, (_, part: unknown) => (typeof part === 'number' ? +part.toFixed(9) : part)))

test('every demo quilt arrives as it was sent', () => {
  for (const file of DEMO_QUILTS) {
    const { workbook } = makeWorkbook(quiltOf(file))
    expect(rounded(fromWire(structuredClone(toWire(workbook))))).toEqual(rounded(workbook))
  }
})

test('of a workbook only what a wider border changes is told, and the rest stays the same objects', () => {
  const bookOf = (width: number) => makeWorkbook(quiltOf({ ...SAMPLE, borders: [{ width, cloth: 'soot' }] })).workbook
  const [before, after] = [toWire(bookOf(3)), toWire(bookOf(4))]
  const change = structuredClone(shared(changeBetween(before, after)))
  const wire = changed(before, change) as typeof after
  expect(wire).toEqual(after)
  const [old, shown] = [fromWire(before), fromWire(wire)]
  expect(shown.recipes).toBe(old.recipes)
  expect(shown.plan.rows).toBe(old.plan.rows)
  // only the border's own cloth is laid out anew
  const isNew = shown.plan.cloths.map((cloth, i) => cloth.strips !== old.plan.cloths[i]!.strips)
  expect(isNew).toEqual(shown.plan.cloths.map(({ id }) => id === 'soot'))
  expect(serialize(change).length).toBeLessThan(serialize(after).length / 5)
})

test('like things are one object, and unlike ones never', () => {
  const told = shared({ a: [{ of: 1 }, { of: '1' }, { of: 1 }, [], {}, null, { of: -0 }, { of: 0 }] })
  const [first, second, third, list, record, nothing, below, zero] = told.a
  expect(first).toBe(third)
  expect(told).toStrictEqual({ a: [{ of: 1 }, { of: '1' }, { of: 1 }, [], {}, null, { of: -0 }, { of: 0 }] })
  expect(new Set([first, second, list, record, nothing, below, zero]).size).toBe(7)
})
