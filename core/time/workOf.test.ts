import { DEMO_QUILTS } from '../../demo'
import { plannedBatches } from '../batches/plannedBatches'
import { tick, tickBatch } from '../edits/record'
import { planQuilt } from '../checks/planQuilt'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { batchTick } from '../batches/batchProgress'
import { amountsOf, leftOf, plannedTime, sittingsOf } from './plannedTime'
import { sittingSince, sittingWork } from './sittingWork'
import { workOf } from './workOf'

function planned(file: QuiltFile) {
  const read = readQuilt(file)
  if (!read.ok) throw new Error('not a quilt')
  const { plan, work } = planQuilt(read.value)
  return { quilt: read.value, plan, batches: plannedBatches(work, plan.rows) }
}
const fresh = { ...DEMO_QUILTS.find(({ name }) => name === 'Left luggage')!, done: [], diary: [] }
const { quilt, plan, batches } = planned(fresh)
const again = (file: QuiltFile) => {
  const read = readQuilt(file)
  if (!read.ok) throw new Error('not a quilt')
  return read.value
}

test('the work is all of the quilt: each piece cut once, each batch, each long seam as long as it is', () => {
  for (const file of DEMO_QUILTS.filter(({ name }) => name !== 'Signal lamp')) {
    const one = planned({ ...file, done: [] })
    const all = amountsOf(workOf(one.quilt, one.plan, one.batches), leftOf)
    expect(all.cut).toBe(one.plan.pieces.reduce((sum, { count }) => sum + count, 0))
    const pressed = one.batches.filter(({ at }) => at === 'iron').reduce((sum, { count }) => sum + count, 0)
    expect(all.press).toBe(pressed)
  }
})

test('seams between rows and of borders are counted by the inch, worked out from the sizes', () => {
  const { setting, borders } = quilt
  const { rows } = plan
  // by another road: rows of n parts have n - 1 seams as deep as they are, and rows r - 1 seams as wide as they are
  const within = rows.reduce((sum, { parts, width, height }) => sum + (parts.length - 1) * Math.min(width, height), 0)
  const between = (rows.length - 1) * rows[0]!.width
  const round = plan.borders.reduce((sum, { length }) => sum + length, 0)
  expect(setting.kind).toBe('straight')
  expect(borders.length).toBeGreaterThan(0)
  expect(amountsOf(workOf(quilt, plan, batches), leftOf).join).toBeCloseTo(within + between + round, 6)
})

test('what is ticked is not left, whichever way it was ticked', () => {
  const [first] = batches
  const done = tickBatch({ ready: first!.ready, tick: batchTick(first!) }, first!.count, '2026-12-01T10:00:00Z')(fresh)
  const before = amountsOf(workOf(quilt, plan, batches), leftOf)
  const after = amountsOf(workOf(again(done), plan, batches), leftOf)
  expect(before).not.toEqual(after)
  const [pile] = plan.pieces
  const cut = tick('cut', pile!.id, 3, '2026-12-01T10:00:00Z')(fresh)
  expect(amountsOf(workOf(again(cut), plan, batches), leftOf).cut).toBe(before.cut! - 3)
})

test('a sitting is what was ticked since the last that was timed, and not what was ticked before', () => {
  const [pile] = plan.pieces
  const file = [
    tick('cut', pile!.id, 3, '2026-12-01T10:00:00Z'),
    tick('cut', pile!.id, 5, '2026-12-01T12:00:00Z'),
    tick('cut', pile!.id, 1, '2026-12-02T12:00:00Z'),
  ].reduce((known, edit) => edit(known), fresh as QuiltFile)
  const read = again(file)
  const now = '2026-12-01T12:30:00Z'
  const timed = [{ at: '2026-12-01T11:00:00Z', minutes: 20, text: '' }]
  expect(sittingSince(timed, now)).toBe('2026-12-01T11:00:00Z')
  expect(sittingWork(read, plan, batches, { since: sittingSince(timed, now), now })).toEqual({ cut: 5 })
  expect(sittingWork(read, plan, batches, { since: sittingSince([], now), now })).toEqual({ cut: 8 })
  // a note without minutes is no sitting; nor is one from tomorrow, of a clock that went wrong
  const others = [
    { at: '2026-12-01T12:10:00Z', text: 'x' },
    { at: '2026-12-03T12:10:00Z', minutes: 5, text: '' },
  ]
  expect(sittingSince(others, now)).toBe('2026-11-30T18:30:00.000Z')
})

test('time learns from the notes of the file; guesses are called guesses', () => {
  const diary = [{ at: '2026-12-01T11:00:00Z', text: '', minutes: 50, counts: { cut: 100, nonsense: 3 } }]
  const read = again({ ...fresh, diary, plan: { until: '2026-12-05', hours: { sat: 3 } } })
  const { kinds, sessions, late } = plannedTime(read, plan, batches, {
    sittings: sittingsOf(read.diary),
    today: '2026-12-02',
  })
  expect(kinds.map(({ work, from }) => [work, from])).toEqual([
    ['cut', 'timings'],
    ['piece', 'guess'],
    ['join', 'guess'],
    ['bind', 'guess'],
    ['other', 'guess'],
  ])
  expect(sessions.every(({ on }) => new Date(on).getUTCDay() === 6)).toBe(true)
  expect(late).toBe((Date.parse(sessions.at(-1)!.on) - Date.parse('2026-12-05')) / 86_400_000)
  for (const { low, minutes, high } of kinds) expect([low < minutes, minutes < high]).toEqual([true, true])
})
