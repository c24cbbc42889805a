import { SAMPLE } from '../testing/quiltOf'
import { withoutStaleMeasures } from './staleMeasures'

const MADE = [
  { what: 'seam-test', strips: 2, cut: 3, measured: 5.5 },
  { what: 'block', block: 'star', size: [9.5] },
  { what: 'row-1', width: [50] },
  { what: 'setting', width: [50] },
  { what: 'border-1-first', width: [54] },
  { what: 'border-1', height: [70] },
  { what: 'border-2', height: [80] },
]
const kept = (changed: Parameters<typeof withoutStaleMeasures>[1]) =>
  withoutStaleMeasures({ ...SAMPLE, made: MADE }, changed).made!.map(({ what }) => what)

test('a change takes the measures of what changed, and of all that is sewn round it; a seam is a seam', () => {
  expect(kept('blocks')).toEqual(['seam-test'])
  expect(kept('setting')).toEqual(['seam-test', 'block'])
  expect(kept({ border: 0 })).toEqual(['seam-test', 'block', 'row-1', 'setting'])
  expect(kept({ border: 1 })).toEqual(['seam-test', 'block', 'row-1', 'setting', 'border-1-first', 'border-1'])
})
