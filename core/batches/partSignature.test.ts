import fc from 'fast-check'
import { boundingBox, type Point } from '../geometry/polygon'
import { partSignature, type Member } from './partSignature'

const corner = fc.record({
  what: fc.constantFrom('dark', 'light'),
  at: fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 4 })),
})
const members = fc.array(corner, { minLength: 3, maxLength: 7 })

/** Moved by any function of the plane. */
const moved = (list: readonly Member[], move: (point: Point) => Point): Member[] =>
  list.map(member => ({ ...member, at: move(member.at) }))
const signature = (list: readonly Member[]) => partSignature('part', list, boundingBox(list.map(({ at }) => at)))
const text = (list: readonly Member[]) => list.map(({ what, at }) => `${what} ${at.map(v => v.toFixed(3)).join()}`)

test('turned by quarters a part is the same, turned so much more', () => {
  fc.assert(
    fc.property(members, fc.integer({ min: 0, max: 3 }), (list, quarters) => {
      let other: Member[] = list
      for (let i = 0; i < quarters; i++) other = moved(other, ([x, y]) => [3 - y, 8 + x])
      const [one, turned] = [signature(list), signature(other)]
      expect(turned.key).toBe(one.key)
      expect(turned.period).toBe(one.period)
      expect(turned.turn).toBe((one.turn + quarters) % one.period)
    }),
  )
})

test('two parts with one look are the same after some quarter turns, and never mirror images alone', () => {
  fc.assert(
    fc.property(members, list => {
      const mirrored = moved(list, ([x, y]) => [-x, y])
      const box = boundingBox(list.map(({ at }) => at))
      const centre: Point = [box.x + box.width / 2, box.y + box.height / 2]
      // in the mirror about its own middle, then by hand through all its turns
      const inPlace = moved(list, ([x, y]) => [2 * centre[0] - x, y])
      const turns = [0, 1, 2, 3].map(quarters => {
        let other = inPlace
        for (let i = 0; i < quarters; i++)
          other = moved(other, ([x, y]) => [centre[0] - (y - centre[1]), centre[1] + (x - centre[0])])
        return text(other).sort().join(' ')
      })
      const isItsOwnImage = turns.includes(text(list).sort().join(' '))
      expect(signature(mirrored).key === signature(list).key).toBe(isItsOwnImage)
    }),
  )
})
