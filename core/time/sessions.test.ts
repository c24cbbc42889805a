import * as fc from 'fast-check'
import { runs } from '../testing/runs'
import { daysLate, sessionsOf, type WorkStretch } from './sessions'

const stretches = fc
  .array(fc.double({ min: 0.1, max: 400, noNaN: true }), { maxLength: 60 })
  .map(all => all.map((minutes, i): WorkStretch => ({ id: `s${i}`, minutes })))
const hours = fc.record(
  { mon: fc.double({ min: 0, max: 4, noNaN: true }), wed: fc.constant(1.5), sat: fc.constant(3), sun: fc.constant(0) },
  { requiredKeys: ['wed'] },
)

test('the order of the work is never broken, nothing is left out, and no day holds more than is free', () => {
  fc.assert(
    fc.property(stretches, hours, (all, free) => {
      const sessions = sessionsOf(all, '2026-12-02', free)!
      const order = sessions.flatMap(({ batches }) => batches).filter((id, i, ids) => id !== ids[i - 1])
      expect(order).toEqual(all.map(({ id }) => id))
      const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0)
      expect(sum(sessions.map(({ minutes }) => minutes))).toBeCloseTo(sum(all.map(({ minutes }) => minutes)), 4)
      const days = new Set<string>()
      for (const { on, minutes, batches, isBroken } of sessions) {
        const day = (['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'] as const)[new Date(`${on}T00:00Z`).getUTCDay()]!
        expect(minutes).toBeLessThanOrEqual(60 * ((free as Record<string, number>)[day] ?? 0) + 1e-3)
        expect(on >= '2026-12-02').toBe(true)
        // a day is one sitting
        expect(days.has(on)).toBe(false)
        days.add(on)
        if (isBroken) expect(batches).toHaveLength(1)
      }
      expect([...days]).toEqual([...days].sort())
    }),
    { numRuns: runs(200) },
  )
})

test('what fits no day stands alone on days that follow; what fits is never broken', () => {
  const sessions = sessionsOf(
    [
      { id: 'a', minutes: 30 },
      { id: 'long', minutes: 200 },
      { id: 'b', minutes: 60 },
    ],
    '2026-12-02',
    { wed: 1.5 },
  )!
  expect(sessions.map(({ on, minutes, batches }) => [on, minutes, ...batches])).toEqual([
    ['2026-12-02', 30, 'a'],
    ['2026-12-09', 90, 'long'],
    ['2026-12-16', 90, 'long'],
    ['2026-12-23', 20, 'long'],
    ['2026-12-30', 60, 'b'],
  ])
})

test('no free hour, and nothing to do', () => {
  expect(sessionsOf([{ id: 'a', minutes: 5 }], '2026-12-02', {})).toBeNull()
  expect(sessionsOf([{ id: 'a', minutes: 5 }], '2026-12-02', { mon: 0 })).toBeNull()
  expect(sessionsOf([{ id: 'a', minutes: 1e6 }], '2026-12-02', { mon: 1 })).toBeNull()
  expect(sessionsOf([], '2026-12-02', {})).toEqual([])
})

test('how late it is, over the end of a month and summer time', () => {
  const on = (day: string) => [{ on: day, minutes: 10, batches: ['a'] }]
  expect(daysLate(on('2027-04-02'), '2027-03-25')).toBe(8)
  expect(daysLate(on('2027-03-20'), '2027-03-25')).toBe(0)
  expect(daysLate(on('2027-03-20'), undefined)).toBe(0)
})
