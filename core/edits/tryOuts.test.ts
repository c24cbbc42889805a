import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { readQuilt } from '../file/readQuilt'
import { tryOutsOf } from './tryOuts'
import { setTurns, TURN_PATTERNS, turnsFor } from './turnPatterns'

test('at least twelve try-outs of a quilt of one block, all planned from its own blocks and cloths', () => {
  const one = {
    ...SAMPLE,
    blocks: [SAMPLE.blocks[0]!],
    setting: { across: 4, down: 5 },
  }
  for (const file of [SAMPLE, one]) {
    const ways = tryOutsOf(quiltOf(file))
    expect(ways.length).toBeGreaterThanOrEqual(12)
    expect(new Set(ways.map(({ name }) => JSON.stringify(name))).size).toBe(ways.length)
    for (const { name, edit } of ways) {
      const read = readQuilt(edit(file))
      if (!read.ok) throw new Error(`${JSON.stringify(name)}: ${JSON.stringify(read.problems)}`)
      expect(read.value.cloths.map(({ id }) => id)).toEqual(file.cloths.map(({ id }) => id))
    }
  }
})

test('turns make no difference to size, nor to what is cut for a block without prints that have an up', () => {
  const before = planOf(SAMPLE).plan
  for (const pattern of TURN_PATTERNS) {
    const { plan } = planOf(setTurns(quiltOf(SAMPLE), pattern)(SAMPLE))
    expect([plan.quilt.width, plan.quilt.height, plan.quilt.pieces]).toEqual([
      before.quilt.width,
      before.quilt.height,
      before.quilt.pieces,
    ])
  }
})

test('a random arrangement has no neighbours alike, and is the same again from the same seed', () => {
  const turns = turnsFor('random', [9, 9, 9, 9, 9], 7).map(row => row.map(({ quarter }) => quarter))
  turns.forEach((row, r) =>
    row.forEach((quarter, c) => {
      expect(row[c + 1]).not.toBe(quarter)
      expect(turns[r + 1]?.[c]).not.toBe(quarter)
    }),
  )
  expect(turnsFor('random', [9, 9, 9, 9, 9], 7).map(row => row.map(({ quarter }) => quarter))).toEqual(turns)
  expect(turnsFor('random', [9, 9, 9, 9, 9], 8).map(row => row.map(({ quarter }) => quarter))).not.toEqual(turns)
})

test('where halves are dark they meet: in furrows side by side, light and dark round a middle, barns in rings', () => {
  // a half-square whose dark patch lies at the upper left as it is drawn
  const file = {
    ...SAMPLE,
    designs: [
      {
        id: 'half',
        width: 2,
        height: 2,
        patches: [
          {
            role: 'dark',
            points: [
              [0, 0],
              [2, 0],
              [0, 2],
            ] as [number, number][],
          },
          {
            role: 'light',
            points: [
              [2, 0],
              [2, 2],
              [0, 2],
            ] as [number, number][],
          },
        ],
      },
    ],
    blocks: [{ id: 'h', design: 'half', size: 4, cloths: { dark: 'soot', light: 'cream' } }],
    setting: { across: 4, down: 4 },
    made: [],
    done: [],
  }
  /** For each place the corner at which its dark half lies, worked out from the turn: it is drawn at the upper left. */
  const darks = (pattern: (typeof TURN_PATTERNS)[number]) =>
    quiltOf(setTurns(quiltOf(file), pattern)(file)).setting.cells.map(line =>
      line.map(({ turn }) => ['nw', 'ne', 'se', 'sw'][turn / 90]).join(' '),
    )
  expect(darks('light-and-dark')).toEqual(['se sw se sw', 'ne nw ne nw', 'se sw se sw', 'ne nw ne nw'])
  expect(darks('straight-furrow')).toEqual(['se nw se nw', 'nw se nw se', 'se nw se nw', 'nw se nw se'])
  expect(darks('barn-raising')).toEqual(['se nw ne sw', 'nw se sw ne', 'sw ne nw se', 'ne sw se nw'])
  expect(darks('zigzag')).toEqual(['se sw se sw', 'se sw se sw', 'se sw se sw', 'se sw se sw'])
})
