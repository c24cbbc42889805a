import fc from 'fast-check'
import { changeBetween, changed } from './changes'
import { shared } from './wire'
import { runs } from '~~/core/testing/runs'

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
      const change = structuredClone(shared(changeBetween(before, after)))
      expect(changed(before, change)).toStrictEqual(after)
      expect(before).toEqual(kept)
      expect(changeBetween(after, structuredClone(after))).toBeNull()
    }),
    { numRuns: runs(2000) },
  )
})
