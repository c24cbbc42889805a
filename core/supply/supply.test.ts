import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import { ownBlocks } from '../file/quilt'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { clothTaken } from '../plan/clothTaken'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { runs } from '../testing/runs'
import { howFar, type Reach } from './howFar'
import { mostThatFit } from './mostThatFit'
import { shortageOf } from './shortage'
import { savedOn } from './savedOn'
import { waysToFit, type FoundWay } from './waysToFit'
import { editOf } from './wayToFit'

/** The sample with so much of its dark cloth; what is not said can be bought. */
const withSoot = (have: number, more: Partial<QuiltFile> = {}): QuiltFile => ({
  ...SAMPLE,
  ...more,
  cloths: SAMPLE.cloths.map(cloth => (cloth.id === 'soot' ? { ...cloth, have } : cloth)),
})

/** By the whole plan: what is short of any cloth. */
const shortOf = (file: unknown) => planOf(file).plan.cloths.reduce((sum, { atHand }) => sum + (atHand?.short ?? 0), 0)

const found = <T>(answers: Generator<T | undefined>): T[] => [...answers].filter(answer => answer !== undefined)
const waysOf = (file: QuiltFile): FoundWay[] => found(waysToFit(file, quiltOf(file)))
const reachesOf = (file: QuiltFile): Reach[] => found(howFar(file, quiltOf(file)))

test('what a quilt takes is the same without the rest of its plan', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const { quilt, plan } = planOf(file)
      const { needs, backing } = clothTaken(quilt)
      expect(needs.map(({ need }) => need.total)).toEqual(plan.cloths.map(({ need }) => need))
      expect(backing?.buy.total).toBe(plan.backing?.buy)
    }),
    { numRuns: runs(12) },
  )
})

test('what layouts save on a quilt is that of its cloths together, by the whole plan', () => {
  const priced = { ...SAMPLE, cloths: SAMPLE.cloths.map((cloth, i) => (i < 2 ? { ...cloth, price: 9 } : cloth)) }
  for (const file of [priced, ...DEMO_QUILTS]) {
    const { quilt, plan } = planOf(file)
    const { inches, cost } = savedOn(quilt)
    expect(inches).toBeCloseTo(
      plan.cloths.reduce((sum, { saved }) => sum + saved, 0),
      6,
    )
    const costs = plan.cloths.flatMap(({ savedCost }) => savedCost ?? [])
    if (costs.length === 0) expect(cost).toBeNull()
    else
      expect(cost).toBeCloseTo(
        costs.reduce((sum, each) => sum + each, 0),
        6,
      )
  }
  expect(savedOn(quiltOf(priced)).cost).toBeGreaterThan(0)
})

test('every way to fit, done and planned, leaves short what it says; enough is found in three ways', () => {
  const file = withSoot(42)
  const before = shortOf(file)
  expect(before).toBeGreaterThan(0)
  const ways = waysOf(file)
  for (const { way, short } of ways) {
    const after = shortOf(editOf(way, quiltOf(file))(file))
    expect(short).toBeCloseTo(after, 6)
    expect(short).toBeLessThan(before)
  }
  expect(ways.filter(({ short }) => short === 0).length).toBeGreaterThanOrEqual(3)
  for (const { way } of ways) {
    if (way.do !== 'less') continue
    const { across, down } = quiltOf(editOf(way, quiltOf(file))(file)).setting
    expect([across, down]).toEqual(way.of === 'rows' ? [5, way.left] : [way.left, 7])
  }
  const kinds = new Set(ways.map(({ way }) => way.do))
  for (const kind of ['border', 'cloth', 'less'] as const) expect(kinds).toContain(kind)
  // so much too little that a narrow border is too wide: the quilt without it is short of less
  expect(waysOf(withSoot(26)).map(({ way }) => way)).toContainEqual({ do: 'no-border', border: 1 })
})

test('units made otherwise, and strips joined, are among the ways', () => {
  const along = withSoot(75, { borders: [{ ...SAMPLE.borders![0]!, long: 'along' }] })
  expect(waysOf(along)).toContainEqual({ way: { do: 'joined', border: 1 }, short: 0 })
  // seen from the cream of the points: geese one at a time take more than four at a time
  const flipped: QuiltFile = {
    ...SAMPLE,
    borders: [],
    backing: null,
    setting: { ...SAMPLE.setting, sashing: null },
    blocks: SAMPLE.blocks.map(block => (block.id === 'star' ? { ...block, method: { goose: 'goose-flip' } } : block)),
    aim: 'fewest-steps',
  }
  const { need } = planOf(flipped).plan.cloths.find(({ id }) => id === 'soot')!
  const short = { ...flipped, cloths: withSoot(need).cloths }
  const methods = waysOf(short).filter(({ way }) => way.do === 'method')
  expect(methods.map(({ way }) => way)).toContainEqual({
    do: 'method',
    block: 'star',
    kind: 'goose',
    method: 'goose-4',
  })
})

test('of enough nothing is offered; where nothing is said, nothing is short', () => {
  expect(waysOf(withSoot(400))).toEqual([])
  expect(waysOf(SAMPLE)).toEqual([])
})

test('blocks, rows and border: so many are enough, one more is not', () => {
  const file = withSoot(42)
  const [blocks, rows, border] = reachesOf(file)
  if (blocks?.of !== 'blocks' || rows?.of !== 'rows' || border?.of !== 'border') throw new Error('other answers')
  const alone = (across: number) => ({
    ...file,
    blocks: file.blocks.slice(0, 1),
    setting: { kind: 'straight', across, down: 1, fill: [['star']] },
    borders: [],
    backing: null,
    binding: null,
  })
  expect(blocks.block).toBe('star')
  expect([shortOf(alone(blocks.count)) > 0, shortOf(alone(blocks.count + 1)) > 0]).toEqual([false, true])
  const high = (down: number) => ({ ...file, setting: { ...file.setting, down } })
  expect([shortOf(high(rows.count)) > 0, shortOf(high(rows.count + 1)) > 0]).toEqual([false, true])
  expect(rows.now).toBe(7)
  const wide = (width: number) => ({ ...file, borders: [{ ...file.borders![0]!, width }] })
  expect([shortOf(wide(border.width)) > 0, shortOf(wide(border.width + 1 / 4)) > 0]).toEqual([false, true])
})

test('nothing at hand is enough for nothing', () => {
  expect(reachesOf(withSoot(0))).toMatchObject([
    { of: 'blocks', count: 0 },
    { of: 'rows', count: 0 },
    { of: 'border', width: 0 },
  ])
})

test('whatever the quilt, its answers are those of quilts that can be read', () => {
  fc.assert(
    fc.property(randomQuilt, fc.integer({ min: 0, max: 60 }), (random, have) => {
      const file = { ...random, cloths: random.cloths.map(cloth => ({ ...cloth, have })) } as QuiltFile
      const quilt = quiltOf(file)
      for (const { way, short } of waysOf(file)) {
        expect(short).toBeGreaterThanOrEqual(0)
        expect(readQuilt(editOf(way, quilt)(file)).ok).toBe(true)
      }
    }),
    { numRuns: runs(6) },
  )
})

test('the most that fit, for every limit', () => {
  const most = (limit: number) => {
    const steps = mostThatFit(1, 9, count => count <= limit)
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
    }
  }
  expect([0, 1, 5, 8, 9, 20].map(most)).toEqual([null, 1, 5, 8, 9, 9])
})

test('cloth in pieces is short by those that are not there', () => {
  const pieces = (count: number): QuiltFile => ({
    ...SAMPLE,
    backing: null,
    cloths: SAMPLE.cloths.map(cloth =>
      cloth.id === 'brass' ? { ...cloth, form: 'piece' as const, width: 21, length: 5, count } : cloth,
    ),
  })
  const { need } = planOf(pieces(1)).plan.cloths.find(({ id }) => id === 'brass')!
  expect(need).toBeGreaterThan(1)
  expect([...shortageOf(quiltOf(pieces(need)))]).toEqual([])
  expect([...shortageOf(quiltOf(pieces(need - 1)))]).toEqual([['brass', 5]])
})

test('every block of every demo quilt is asked for by itself', () => {
  for (const demo of DEMO_QUILTS) {
    const file = { ...demo, cloths: demo.cloths.map(cloth => ({ ...cloth, have: 0 })) } as QuiltFile
    const asked = ownBlocks(quiltOf(file)).filter(({ tray }) => tray === undefined)
    const found = reachesOf(file).flatMap(reach => (reach.of === 'blocks' ? [reach.block] : []))
    expect([demo.name, found]).toEqual([demo.name, asked.slice(0, 6).map(({ id }) => id)])
  }
})
