import fc from 'fast-check'
import type { QuiltFile } from '../file/schema'
import { area } from '../geometry/polygon'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { brokenRules } from '../testing/contractRules'
import { planOf, quiltOf } from '../testing/quiltOf'
import { runs } from '../testing/runs'
import { batchFaults } from '../testing/sewBatches'
import { dimensionsOf } from '../top/dimensions'
import { outlineOf } from '../top/regions/region'
import { setDesign } from './blocks'
import { SEWN_SETTINGS, sewnSettings } from './sewnSettings'

type Tray = NonNullable<QuiltFile['tray']>
const file = (tray: Tray): QuiltFile => ({
  format: 'wren-quilt',
  version: 1,
  cloths: [{ id: 'soot' }, { id: 'cream' }],
  tray,
  blocks: [{ id: 'plain', design: 'plain', size: 9, cloths: { cloth: 'soot' } }],
  setting: { across: 2, down: 2 },
})
const side = fc.integer({ min: 4 * 16, max: 20 * 16 }).map(n => n / 16)
const someTray = fc
  .array(
    fc.record({ width: side, height: fc.option(side, { nil: undefined }), count: fc.integer({ min: 1, max: 9 }) }),
    {
      minLength: 1,
      maxLength: 5,
    },
  )
  .map(kinds => kinds.map(({ height, ...kind }, i) => ({ id: `k${i}`, ...kind, ...(height ? { height } : {}) })))

test('each way uses every sewn block once, takes no more of it than there is, and fills the top', () => {
  fc.assert(
    fc.property(someTray, tray => {
      const before = file(tray)
      const ways = sewnSettings(before, quiltOf(before))
      // sides are 20″ at most, so that there is always a module
      expect(ways.map(({ kind }) => kind)).toEqual([...SEWN_SETTINGS])
      for (const { kind, quilt, plain, trims, module, framed } of ways) {
        const places = quilt.setting.cells.flat().map(cell => quilt.blocks.find(({ id }) => id === cell.block)!)
        for (const { id, width, height = width, count } of tray) {
          const mine = places.filter(block => block.tray === id)
          expect([kind, mine.length]).toEqual([kind, count])
          for (const block of mine) {
            // what is left of it after trimming, and at most half an inch is trimmed beyond the ruler's step
            for (const [has, takes] of [
              [width, block.width + 0.5],
              [height, block.height + 0.5],
            ] as const) {
              expect(has).toBeGreaterThanOrEqual(takes - 1e-9)
              expect(has - takes).toBeLessThan(0.5 + 0.125 + 1e-9)
            }
            const trim = trims.find(({ name }) => name === block.name)
            expect([trim?.to.width ?? width, trim?.to.height ?? height]).toEqual([
              block.width + 0.5,
              block.height + 0.5,
            ])
          }
        }
        expect(places.filter(({ tray: of }) => of === undefined)).toHaveLength(plain)
        if (module !== null) {
          for (const { outer } of places)
            expect([outer.width, outer.height].map(n => Math.abs(n - module) < 1e-9)).toEqual([true, true])
          expect(places.filter(({ frame }) => frame.length > 0)).toHaveLength(framed)
        }
        const { setting } = dimensionsOf(quilt)
        const covered = setting.regions.reduce((sum, region) => sum + area(outlineOf(region)), 0)
        expect(covered).toBeCloseTo(setting.width * setting.height, 4)
      }
    }),
    { numRuns: runs(90) },
  )
})

test('a heap of 23 blocks by hand: nine of 12½″, eight of 9½″ and six of 6½″ raw', () => {
  const before = file([
    { id: 'large', width: '12 1/2', count: 9 },
    { id: 'middle', width: '9 1/2', count: 8 },
    { id: 'small', width: '6 1/2', count: 6 },
  ])
  const ways = new Map(sewnSettings(before, quiltOf(before)).map(way => [way.kind, way]))
  expect([...ways.keys()]).toEqual([...SEWN_SETTINGS])
  const framed = ways.get('framed')!
  // four by six places of 12″, one of them plain
  expect([framed.module, framed.framed, framed.plain, framed.trims]).toEqual([12, 14, 1, []])
  const { plan } = planOf(framed.edit(before))
  expect([plan.quilt.width, plan.quilt.height]).toEqual([48, 72])
  // trimmed from what is there, one from each; strips of 1½″ and 3″ finished, two of each length a block
  const cut = plan.pieces.map(({ cloth, width, height, count }) => `${count} of ${width} × ${height} from ${cloth}`)
  expect(cut).toEqual(
    expect.arrayContaining([
      '9 of 12.5 × 12.5 from tray:large',
      '8 of 9.5 × 9.5 from tray:middle',
      '6 of 6.5 × 6.5 from tray:small',
      '1 of 12.5 × 12.5 from cream',
      '16 of 9.5 × 2 from cream',
      '16 of 12.5 × 2 from cream',
      '12 of 6.5 × 3.5 from cream',
      '12 of 12.5 × 3.5 from cream',
    ]),
  )
  expect(plan.checks.filter(({ severity }) => severity === 'error')).toEqual([])
  // sashes of 1½″ between and round: (12 + 1½)·4 + 1½
  const sashed = planOf(ways.get('sashed')!.edit(before)).plan
  expect([sashed.quilt.width, sashed.quilt.height]).toEqual([55.5, 82.5])
  // heights 12, 9 and 6: nothing is framed
  const rows = quiltOf(ways.get('rows')!.edit(before))
  for (const line of rows.setting.cells) expect(new Set(line.map(({ block }) => block)).size).toBe(1)
})

test('blocks of nearly one size are trimmed to the smallest of them, others no farther than to the ruler', () => {
  const before = file([
    { id: 'a', width: '12 9/16', count: 2 },
    { id: 'b', width: '12 1/2', count: 2 },
    { id: 'c', width: '9 5/16', height: '10', count: 1 },
  ])
  const [framed] = sewnSettings(before, quiltOf(before))
  expect(framed!.trims).toEqual([
    { name: 'a', count: 2, from: { width: 12.5625, height: 12.5625 }, to: { width: 12.5, height: 12.5 } },
    { name: 'c', count: 1, from: { width: 9.3125, height: 10 }, to: { width: 9.25, height: 10 } },
  ])
})

test('blocks that bring no module under 30″ still come together in rows; five hundred are set', () => {
  const huge = file([
    { id: 'a', width: 31, count: 2 },
    { id: 'b', width: '31 1/4', height: 20, count: 1 },
  ])
  expect(sewnSettings(huge, quiltOf(huge)).map(({ kind }) => kind)).toEqual(['rows'])
  const many = file([{ id: 'a', width: 6.5, count: 500 }])
  const ways = sewnSettings(many, quiltOf(many))
  expect(ways.map(({ kind }) => kind)).toEqual([...SEWN_SETTINGS])
  expect(sewnSettings(file([]), quiltOf(file([])))).toEqual([])
})

test('a place larger than the sewn block: eased by an eighth of an inch, refused beyond; too few are said', () => {
  const placed = (size: number, count: number) => {
    const tray = [{ id: 'old', width: 9.5, count }]
    return planOf({
      ...file(tray),
      blocks: [{ id: 'b', design: 'plain', tray: 'old', size }],
      setting: { across: 2, down: 2 },
    }).plan.checks.map(({ id, path }) => `${id} ${path}`)
  }
  const about = (checks: string[]) => checks.filter(check => check.startsWith('sewn'))
  expect(about(placed(9, 4))).toEqual([])
  expect(about(placed(9.125, 4))).toEqual(['sewn-block-eased tray.0.width'])
  expect(about(placed(9.25, 4))).toEqual(['sewn-block-short tray.0.width'])
  expect(about(placed(9, 3))).toEqual(['sewn-blocks-too-few tray.0.count'])
})

test('plans of sewn blocks keep every rule, and their batches make the top', () => {
  fc.assert(
    fc.property(someTray, tray => {
      const before = file(tray)
      for (const { edit } of sewnSettings(before, quiltOf(before))) {
        const { quilt, plan } = planOf(edit(before))
        expect(brokenRules(quilt, plan)).toEqual([])
        expect(batchFaults(edit(before))).toEqual([])
        // no sewn block is sewn for a trial
        expect(plan.blocks.flatMap(({ test }) => test).filter(({ cloth }) => cloth.startsWith('tray:'))).toEqual([])
      }
    }),
    { numRuns: runs(18) },
  )
}, 120_000)

test('another design in the place of sewn blocks is sewn anew', () => {
  const before = file([{ id: 'old', width: 9.5, count: 4 }])
  const [framed] = sewnSettings(before, quiltOf(before))
  const star = SHIPPED_DESIGNS.find(({ id }) => id === 'sawtooth-star')!
  const next = quiltOf(setDesign('sewn-old', star)(framed!.edit(before)))
  expect(next.blocks[0]).toMatchObject({ design: 'sawtooth-star', width: 9 })
  expect(next.blocks[0]!.tray).toBeUndefined()
})

test('rows narrower than the widest stand in the middle', () => {
  // two of 12″, one of 9″: the rows are 24″ and 9″ wide
  const before = file([
    { id: 'large', width: 12.5, count: 2 },
    { id: 'small', width: 9.5, count: 1 },
  ])
  const rows = sewnSettings(before, quiltOf(before)).find(({ kind }) => kind === 'rows')!
  const { regions, width } = dimensionsOf(rows.quilt).setting
  expect(width).toBe(24)
  expect(regions.filter(({ part }) => part.kind === 'end').map(end => end.width)).toEqual([7.5, 7.5])
})

test('of sewn blocks no spares are wanted, and those that are over are no cloth for the back', () => {
  const { plan } = planOf({
    ...file([{ id: 'old', width: 9.5, count: 9 }]),
    spares: 2,
    blocks: [
      { id: 'b', design: 'plain', tray: 'old', size: 9 },
      { id: 'c', design: 'plain', size: 9, cloths: { cloth: 'cream' } },
    ],
    setting: { across: 2, down: 2, fill: [['b', 'c']] },
    backing: { cloth: 'soot', way: 'leftovers' },
  })
  expect(plan.pieces.map(({ cloth, count }) => `${count} of ${cloth}`)).toEqual(
    expect.arrayContaining(['2 of tray:old', '4 of cream']),
  )
  expect(plan.backing!.pieced!.things.filter(({ cloth }) => cloth?.startsWith('tray:'))).toEqual([])
})
