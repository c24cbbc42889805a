import { SAMPLE } from '../testing/quiltOf'
import { MAX_DIFFERENT, MAX_IN_A_BLOCK, MAX_MEASURES, MAX_SQUARES } from './limits'
import { readQuilt } from './readQuilt'

const faults = (file: object) => {
  const read = readQuilt({ ...SAMPLE, ...file })
  return read.ok ? [] : read.problems.map(({ path, ...rest }) => ({ ...rest, path: path.join('.') }))
}
const rails = (count: number) =>
  Array.from({ length: count }, (_, i) => ({
    role: i % 2 ? 'a' : 'b',
    points: [
      [i, 0],
      [i + 1, 0],
      [i + 1, 1],
      [i, 1],
    ],
  }))

test('what would be planned for minutes is refused at its field, with how much is allowed; that much is taken', () => {
  const picture = (rows: number) => ({
    designs: [{ id: 'p', width: 200, height: rows, squares: Array.from({ length: rows }, () => 'AB'.repeat(100)) }],
  })
  const two = { designs: [...picture(200).designs, { ...picture(1).designs[0]!, id: 'q' }] }
  expect(faults(two)).toEqual([
    { code: 'too-much', what: 'squares', path: 'designs.0.squares', got: 40_200, most: MAX_SQUARES },
  ])
  expect(faults(picture(200))).toEqual([])
  const block = (count: number) => ({ designs: [{ id: 'r', width: count, height: 1, patches: rails(count) }] })
  expect(faults(block(MAX_IN_A_BLOCK + 1))).toMatchObject([{ what: 'block', path: 'designs.0.patches' }])
  expect(faults(block(MAX_IN_A_BLOCK))).toEqual([])
  const measures = (count: number) => ({
    made: [{ what: 'block', block: 'star', size: Array.from({ length: 40 }, () => 9.5) }].concat(
      Array.from({ length: (count - 40) / 2 }, () => ({ what: 'block', block: 'star', size: [9.5, 9.4] })),
    ),
  })
  expect(faults(measures(MAX_MEASURES + 2))).toMatchObject([{ what: 'measures', path: 'made' }])
  expect(faults(measures(MAX_MEASURES))).toEqual([])
})

test('of blocks that differ each counts once, however they are turned', () => {
  const more = Array.from({ length: 120 }, (_, i) => ({ id: `c${i}`, name: `c${i}`, colour: '#888888' }))
  const quilt = (across: number, down: number, different: number) => ({
    cloths: [...SAMPLE.cloths, ...more],
    designs: [{ id: 'r', width: 450, height: 1, patches: rails(450) }],
    blocks: [{ id: 'star', design: 'r', width: 60, height: 30, cloths: { a: 'c0', b: 'c1' } }],
    borders: [],
    setting: {
      kind: 'straight',
      across,
      down,
      cells: Array.from({ length: down }, (_, r) =>
        Array.from({ length: across }, (_, c) => {
          const at = (r * across + c) % different
          return { block: 'star', turn: (c % 2) * 180, cloths: { a: `c${at}` } }
        }),
      ),
    },
  })
  const most = MAX_DIFFERENT / 450
  expect(faults(quilt(10, 11, most))).toEqual([])
  expect(faults(quilt(10, 11, most + 1))).toMatchObject([
    { code: 'too-much', what: 'different', path: 'setting', got: MAX_DIFFERENT + 450, most: MAX_DIFFERENT },
  ])
})
