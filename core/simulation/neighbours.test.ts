import { SHIPPED_DESIGNS } from '../designs/shipped'
import { rolesOf } from '../designs/design'
import { chanceFrom } from '../measure/chance'
import { planOf } from '../testing/quiltOf'
import { simulateBlock } from './block'
import { USUAL_HAND } from './hand'
import { meetingPairs, missedBetween } from './neighbours'
import { simulator } from './quilt'

const HAND = { ...USUAL_HAND, cutScatter: 0.03 }
const TIMES = 40_000

function quiltOf(design: string, setting: object, times = TIMES) {
  const shipped = SHIPPED_DESIGNS.find(({ id }) => id === design)!
  const { work } = planOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222' },
      { id: 'b', colour: '#eeeeee' },
    ],
    blocks: [
      {
        id: 'one',
        design,
        size: 6,
        cloths: Object.fromEntries(rolesOf(shipped).map((role, i) => [role, 'ab'[i % 2]!])),
      },
    ],
    setting,
  })
  const make = work.makes.get('one')!
  const chance = chanceFrom(4)
  const { part } = simulateBlock(
    { make, seam: 0.25, hand: HAND, units: 'as-cut', isTrimmed: () => false },
    times,
    chance,
  )
  const parts = new Map([['one', part]])
  return { work, parts, chance, pairs: meetingPairs(work.dimensions.setting.regions, parts) }
}
const countOf = (pairs: { count: number }[]) => pairs.reduce((sum, { count }) => sum + count, 0)

test('seams meet between neighbours as often as lines are counted in the drawing', () => {
  // nine patches: two seams on each side; 3 × 4 blocks have 2 × 4 seams between columns and 3 × 3 between rows
  expect(countOf(quiltOf('nine-patch', { across: 3, down: 4 }, 9).pairs)).toBe(2 * (2 * 4 + 3 * 3))
  const turned = [0, 90, 180, 270].flatMap(turn => [false, true].map(mirror => ({ block: 'one', turn, mirror })))
  const cells = [turned.slice(0, 4), turned.slice(4)]
  expect(countOf(quiltOf('nine-patch', { across: 4, down: 2, cells }, 9).pairs)).toBe(2 * (3 * 2 + 4))
  // across sashes, and from corner to corner, nothing meets
  expect(quiltOf('nine-patch', { across: 3, down: 4, sashing: { width: 1, cloth: 'a' } }, 9).pairs).toEqual([])
  expect(quiltOf('nine-patch', { kind: 'on-point', across: 2, down: 2, settingCloth: 'a' }, 9).pairs).toEqual([])
})

/** Φ by a series of its own: Abramowitz and Stegun 26.2.17. */
function beyond(z: number): number {
  const t = 1 / (1 + 0.2316419 * z)
  const series = 0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429)))
  return (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * t * series
}

test('two rails of strips beside each other miss as often as the closed form says, however they lie', () => {
  // a seam half way: half the difference of two cut strips in each block, so of four cuts in all
  const spread = HAND.cutScatter
  for (const cells of [[[{ block: 'one' }, { block: 'one' }]], [[{ block: 'one' }, { block: 'one', turn: 180 }]]]) {
    const { pairs, parts, chance } = quiltOf('four-patch', { across: 2, down: 1, cells })
    expect(countOf(pairs)).toBe(1)
    const share = missedBetween(pairs, parts, TIMES, chance) / TIMES
    expect(share / (2 * beyond(1 / 16 / spread))).toBeCloseTo(1, 1)
    expect(share).toBeGreaterThan(0.02)
  }
})

test('blocks that always stray the same way still meet, and meet not where one of them is turned round', () => {
  const { pairs, parts, chance } = quiltOf('four-patch', {
    across: 2,
    down: 1,
    cells: [[{ block: 'one' }, { block: 'one', turn: 180 }]],
  })
  const straight = quiltOf('four-patch', { across: 2, down: 1 })
  const strayed = new Map([...parts].map(([id, part]) => [id, structuredClone(part)]))
  for (const edge of ['left', 'right', 'top', 'bottom'] as const)
    for (const mark of strayed.get('one')!.marks[edge]) mark.at.fill(mark.planned + 0.25 + 0.05)
  for (const part of strayed.values()) {
    part.width.fill(6.5)
    part.height.fill(6.5)
  }
  expect(missedBetween(straight.pairs, strayed, TIMES, chance)).toBe(0)
  expect(missedBetween(pairs, strayed, TIMES, chance)).toBe(TIMES)
})

test('the quilt counts them beside those within its blocks', () => {
  const { work } = quiltOf('nine-patch', { across: 3, down: 4 })
  const { between, crossings } = simulator(work, { units: 'planned', seed: 3 })(2000)
  expect(between.all).toBe(34)
  expect(between.missed).toBeGreaterThan(0)
  expect(between.missed).toBeLessThan(between.all)
  expect(crossings.all).toBe(12 * 4)
})
