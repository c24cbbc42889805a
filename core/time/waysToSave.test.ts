import { DEMO_QUILTS } from '../../demo'
import { readQuilt } from '../file/readQuilt'
import { drawsOf, spanOf } from './span'
import { guessedPace } from './pace'
import { saveBy, waysToSave, workLeft } from './waysToSave'

const file = {
  ...DEMO_QUILTS.find(({ name }) => name === 'Left luggage')!,
  done: [],
  quilting: [{ kind: 'grid' as const, spacing: 2 }],
  stitching: { by: 'hand' as const },
}

test('each way leaves less to do than the quilt as it is, and what it says when it is taken', () => {
  const read = readQuilt(file)
  if (!read.ok) throw new Error('not a quilt')
  const draws = drawsOf(guessedPace())
  const before = spanOf(draws, workLeft(read.value)).minutes
  const ways = [...waysToSave(file, read.value)]
  expect(ways.map(({ way }) => way.do)).toEqual(['no-border', 'by-machine', 'wider-lines', 'fewer-rows'])
  for (const { way, left } of ways) {
    expect(spanOf(draws, left).minutes).toBeLessThan(before)
    const after = readQuilt(saveBy(way, read.value)(file))
    expect(after.ok && workLeft(after.value)).toEqual(left)
  }
  const wider = ways.find(({ way }) => way.do === 'wider-lines')!
  // twice as far apart: about half as long
  const [some, less] = [workLeft(read.value)['hand-quilt']!, wider.left['hand-quilt']!]
  expect(less / some).toBeGreaterThan(0.4)
  expect(less / some).toBeLessThan(0.6)
})
