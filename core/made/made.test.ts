import fc from 'fast-check'
import type { Strip } from '../cut/cutPiece'
import type { QuiltFile } from '../file/schema'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { expectedSeamTest, measuredBlock, measuredStage, seamError, sewnSeam } from './measures'
import { cutProgress, doneCounts, piecesIn, stripProgress } from '../cut/progress'
import { seamTest } from './seamTest'

test('a seam test sewn with some seam measures what that seam gives, and says so', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 8 }),
      fc.double({ min: 1, max: 6, noNaN: true }),
      fc.double({ min: 0.05, max: 0.45, noNaN: true }),
      (strips, cut, seam) => {
        expect(sewnSeam(strips, cut, expectedSeamTest(strips, cut, seam))).toBeCloseTo(seam, 9)
      },
    ),
  )
})

test('two 3″ strips should give 5½; 5 7⁄16 means a seam 1⁄32 too wide', () => {
  const test = seamTest(quiltOf({ ...SAMPLE, made: [{ what: 'seam-test', strips: 2, cut: 3, measured: 5.4375 }] }))
  expect([test.expected.total, test.sewn!.total, test.off!.total]).toEqual([5.5, 0.28125, 0.03125])
  expect(seamTest(quiltOf(SAMPLE))).toMatchObject({ strips: 2, cut: 3, expected: { total: 5.5 }, sewn: null })
  // another choice of strips is another test, not measured yet
  expect(seamTest(quiltOf({ ...SAMPLE, made: [{ what: 'seam-test', strips: 4, cut: 2 }] }))).toMatchObject({
    expected: { total: 6.5 },
    measured: null,
  })
})

test('a block with k seams, each off by e on both sides, is off by 2·k·e', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20 }), fc.double({ min: -0.05, max: 0.05, noNaN: true }), (k, e) => {
      expect(seamError(12.5, 12.5 - 2 * k * e, k)).toBeCloseTo(e, 9)
    }),
  )
  expect(seamError(12.5, 12, 0)).toBe(0)
})

test('stages go by the mean of the last measures, blocks by the smallest of all of their size', () => {
  const quilt = quiltOf({
    ...SAMPLE,
    made: [
      { what: 'setting', width: [50, 50] },
      { what: 'setting', width: [54.25, 54.5, 54.75] },
      { what: 'block', block: 'star', size: [9.5, 9.4375] },
      { what: 'block', block: 'plain', size: [9.46875] },
    ],
  })
  expect(measuredStage(quilt, 'setting', 'width')).toMatchObject({ mean: 54.5, finished: 54, spread: 0.5 })
  expect(measuredStage(quilt, 'setting', 'height')).toBeNull()
  expect(measuredBlock(quilt, quilt.blocks[1]!)).toEqual({ width: 8.9375, height: 8.9375 })
  expect(measuredBlock(quilt, { outer: { width: 6, height: 6 } })).toBeNull()
})

const strip = (cuts: readonly string[]): Strip => ({
  x: 0,
  y: 0,
  width: 40,
  height: 3,
  run: 'across',
  sheet: 0,
  cuts: cuts.map((piece, i) => ({ x: i, y: 0, width: 1, height: 3, piece })),
})
const strips = fc.array(fc.array(fc.constantFrom('a', 'b', 'c'), { minLength: 1, maxLength: 6 }).map(strip), {
  minLength: 1,
  maxLength: 6,
})

test('ticking whole strips, in any order, marks as many pieces as were cut and never more', () => {
  fc.assert(
    fc.property(strips, fc.array(fc.nat(5)), (all, chosen) => {
      const ticked = new Map<string, number>()
      for (const i of new Set(chosen.filter(n => n < all.length)))
        for (const [id, count] of piecesIn(all[i]!)) ticked.set(id, (ticked.get(id) ?? 0) + count)
      const progress = stripProgress(all, ticked)
      const cut = progress.reduce((sum, { cut }) => sum + cut, 0)
      expect(cut).toBe([...ticked.values()].reduce((a, b) => a + b, 0))
      progress.forEach(({ done, cut: own }, i) =>
        expect(done ? own : Math.min(own, all[i]!.cuts.length)).toBe(done ? all[i]!.cuts.length : own),
      )
    }),
  )
})

test('when every piece is ticked every strip is cut; when none is, none is', () => {
  fc.assert(
    fc.property(strips, all => {
      const ticked = new Map<string, number>()
      for (const one of all) for (const [id, count] of piecesIn(one)) ticked.set(id, (ticked.get(id) ?? 0) + count)
      expect(stripProgress(all, ticked).every(({ done }) => done)).toBe(true)
      expect(stripProgress(all, new Map()).some(({ done }) => done)).toBe(false)
    }),
  )
})

test('pieces cut count no higher than pieces wanted', () => {
  const { plan } = planOf(SAMPLE)
  const [first] = plan.pieces
  const all = plan.pieces.reduce((sum, piece) => sum + piece.count, 0)
  expect(cutProgress(plan.pieces, new Map([[first!.id, 100_000]]))).toEqual({ cut: first!.count, all })
  expect(
    doneCounts(
      [
        { what: 'cut', id: 'x', count: 3, at: undefined },
        { what: 'cut', id: 'x', count: 2, at: undefined },
        { what: 'unit', id: 'x', count: 9, at: undefined },
      ],
      'cut',
    ),
  ).toEqual(new Map([['x', 5]]))
})

test('ticks are kept by what a piece is: a quilt with more blocks still has them', () => {
  const before = planOf(SAMPLE).plan.pieces.find(piece => piece.part === 'points')!
  const after = planOf({ ...SAMPLE, setting: { ...SAMPLE.setting, across: 7 } }).plan.pieces.find(
    piece => piece.part === 'points',
  )!
  expect(after.id).toBe(before.id)
  expect(after.count).toBeGreaterThan(before.count)
})

test('rows measured before they are joined decide the borders, until the whole is measured', () => {
  const of = (made: QuiltFile['made']) => planOf({ ...SAMPLE, made }).plan
  const planned = of([])
  const [setting] = planned.stages
  // one row a quarter long, one an eighth short: 1/16 longer in the mean
  const raw = setting!.width + 0.5
  const rows = [
    { what: 'row-1', width: [raw + 1 / 4] },
    { what: 'row-2', width: [raw - 1 / 4, raw] },
  ]
  const measured = of(rows)
  expect(measured.stages[0]!.width).toBeCloseTo(setting!.width + 1 / 16)
  expect(measured.stages[0]!.height).toBe(setting!.height)
  expect(measured.sums['stages.0.width']!.terms[0]).toMatchObject({ what: 'measured-mean', of: 'rows' })
  // raw edge to raw edge the whole should be what its rows are
  expect(measured.stages[0]!.measures.width.expected).toBeCloseTo(raw + 1 / 16)
  // what a row measures across says nothing of the top, nor a diagonal anything of its width
  expect(of([{ what: 'row-1', height: [9.75] }]).stages).toEqual(planned.stages)
  const onPoint = { kind: 'on-point' as const, across: 3, down: 3, settingCloth: 'cream' }
  const turned = (made: QuiltFile['made']) => planOf({ ...SAMPLE, setting: onPoint, made }).plan.stages[0]!.width
  expect(turned([{ what: 'row-1', width: [9.5] }])).toBe(turned([]))
  const end = (plan: typeof planned) => plan.borders.find(({ side }) => side === 'top')!.length
  expect(end(measured) - end(planned)).toBeCloseTo(1 / 16)
  expect(of([...rows, { what: 'setting', width: [raw + 1] }]).stages[0]!.width).toBeCloseTo(setting!.width + 1)
  expect(measured.checks.map(({ id }) => id)).not.toContain('border-spread')
  const apart = of([rows[0]!, { what: 'row-2', width: [raw - 1 / 2] }])
  expect(apart.checks.find(({ id }) => id === 'border-spread')?.data).toMatchObject({ what: 'rows', spread: 0.75 })
})
