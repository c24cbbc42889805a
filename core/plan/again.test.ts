import fc from 'fast-check'
import { cutAgain } from '../cut/cutAgain'
import { ticksSince } from '../cut/progress'
import { whatIsLeft } from '../cut/whatIsLeft'
import { tick } from '../edits/record'
import { asPlanned, goOnWith, type RemainingCloth } from '../edits/remains'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { addTerms } from '../measure/sum'
import { runs } from '../testing/runs'
import { sheetsOfCloth } from './sheetsOfCloth'

const at = '2026-11-30T10:00:00Z'
const { plan: PLAN } = planOf(SAMPLE)
const SOOT = PLAN.cloths.findIndex(({ id }) => id === 'soot')
const OWN = PLAN.pieces.filter(({ cloth }) => cloth === 'soot')

/** The sample with these strips of soot cut. */
function withCut(...strips: number[]): QuiltFile {
  const cuts = strips.flatMap(i => PLAN.cloths[SOOT]!.strips[i]!.cuts)
  return cuts.reduce<QuiltFile>((file, { piece }) => tick('cut', piece, 1, at)(file), SAMPLE)
}
const againOf = (file: QuiltFile) => planOf(file).plan.cloths[SOOT]!.again!

const size = fc.integer({ min: 4, max: 200 }).map(n => n / 8)
const pile = fc.record({ width: size, height: size, count: fc.nat(12), turn: fc.boolean(), cut: fc.nat(6) })
const kind = fc.record({ width: size, height: size, count: fc.integer({ min: 1, max: 3 }) })

test('what is left of the cloth holds what is laid on it, and every piece is cut, laid or missing', () => {
  fc.assert(
    fc.property(fc.array(pile, { minLength: 1, maxLength: 5 }), fc.array(kind, { maxLength: 4 }), (piles, kinds) => {
      const pieces = piles.map((each, i) => ({ ...each, id: String(i) }))
      const cut = new Map(pieces.map(({ id, cut: done }) => [id, done]))
      const { strips, opened, missing } = cutAgain(pieces, cut, kinds)
      // no more sheets of a kind than there are
      for (const { width, height } of kinds) {
        const isSame = (one: { width: number; height: number }) => one.width === width && one.height === height
        const there = kinds.filter(isSame).reduce((sum, { count }) => sum + count, 0)
        expect(opened.filter(isSame).length).toBeLessThanOrEqual(there)
      }
      const laid = strips.flatMap(strip => strip.cuts.map(each => ({ ...each, sheet: strip.sheet })))
      laid.forEach((one, i) => {
        const { width, height, turn } = pieces[Number(one.piece)]!
        const lies = turn ? [`${width} ${height}`, `${height} ${width}`] : [`${width} ${height}`]
        expect(lies).toContain(`${one.width} ${one.height}`)
        expect(one.x + one.width).toBeLessThanOrEqual(opened[one.sheet]!.width + 1e-6)
        expect(one.y + one.height).toBeLessThanOrEqual(opened[one.sheet]!.height + 1e-6)
        for (const other of laid.slice(i + 1)) {
          const isApart =
            one.sheet !== other.sheet
            || one.x + one.width <= other.x + 1e-6
            || other.x + other.width <= one.x + 1e-6
            || one.y + one.height <= other.y + 1e-6
            || other.y + other.height <= one.y + 1e-6
          expect(isApart).toBe(true)
        }
      })
      for (const { id, count, cut: done } of pieces) {
        const lost = missing.find(({ piece }) => piece === id)?.count ?? 0
        expect(laid.filter(({ piece }) => piece === id).length + lost).toBe(Math.max(0, count - done))
      }
    }),
    { numRuns: runs(200) },
  )
})

test('after a mistake the plan of the cloth stays, and the rest lies on what was left', () => {
  const left: RemainingCloth[] = [{ width: 41, length: 60, count: 1 }]
  const file = goOnWith('soot', left)(withCut(0, 1))
  const { plan } = planOf(file)
  expect({ ...plan.cloths[SOOT]!, again: null }).toEqual({ ...PLAN.cloths[SOOT]! })
  expect(plan.cloths.filter(({ again }) => again).map(({ id }) => id)).toEqual(['soot'])
  const again = plan.cloths[SOOT]!.again!
  expect(again.missing).toEqual([])
  expect(again.buy).toBe(0)
  const laid = (id: string) => again.strips.flatMap(({ cuts }) => cuts).filter(({ piece }) => piece === id).length
  for (const { id, count } of OWN) expect(laid(id) + (again.cut[id] ?? 0)).toBe(count)
  expect(Object.values(again.cut).reduce((a, b) => a + b, 0)).toBe(
    [0, 1].reduce((sum, i) => sum + PLAN.cloths[SOOT]!.strips[i]!.cuts.length, 0),
  )
  expect(plan.checks.map(({ id }) => id)).not.toContain('remains-short')
})

test('of a tick taken back the piece is to be cut again; more ticks leave the layout as it is', () => {
  const file = goOnWith('soot', [{ width: 41, length: 60, count: 1 }])(withCut(0))
  const [piece] = Object.keys(againOf(file).cut)
  const back = againOf(tick('cut', piece!, -1, at)(file))
  expect(back.cut[piece!] ?? 0).toBe(againOf(file).cut[piece!]! - 1)
  const count = (again: ReturnType<typeof againOf>) => again.strips.reduce((sum, { cuts }) => sum + cuts.length, 0)
  expect(count(back)).toBe(count(againOf(file)) + 1)
  expect(againOf(tick('cut', OWN[0]!.id, 3, at)(file)).strips).toEqual(againOf(file).strips)
})

test('too little left: so many pieces are missing, bought by the rule, and told; none left: all of them', () => {
  const few = goOnWith('soot', [{ width: 20, length: 10, count: 1 }])(withCut(0))
  const { plan } = planOf(few)
  const { missing, strips, cut, buy } = plan.cloths[SOOT]!.again!
  const all = OWN.reduce((sum, { count }) => sum + count, 0)
  const cutBefore = Object.values(cut).reduce((a, b) => a + b, 0)
  const lost = missing.reduce((sum, { count }) => sum + count, 0)
  expect(lost + cutBefore + strips.reduce((sum, { cuts }) => sum + cuts.length, 0)).toBe(all)
  expect(plan.checks.find(({ id }) => id === 'remains-short')!.data).toEqual({
    cloth: 'Soot',
    pieces: lost,
    buy,
    isInPieces: false,
  })
  const area = missing.reduce((sum, { piece, count }) => {
    const { width, height } = OWN.find(({ id }) => id === piece)!
    return sum + width * height * count
  }, 0)
  expect(buy).toBeGreaterThan((area / 41) * 1.1 + 1)
  const none = againOf(goOnWith('soot', [])(SAMPLE))
  expect([none.strips, none.opened]).toEqual([[], []])
  // as if nothing had been bought
  expect(none.buy).toBe(PLAN.cloths[SOOT]!.buy)
  const again = asPlanned('soot')(few)
  expect(planOf(again).plan.cloths[SOOT]!.again).toBeNull()
})

test('what should be left: all of it, less the strips that are cut, and what those leave over', () => {
  const { strips } = PLAN.cloths[SOOT]!
  const sheets = [{ width: 41, height: 90 }]
  expect(whatIsLeft(sheets, strips, () => false)).toMatchObject([{ width: 41, length: 90, count: 1 }])
  const isCut = (i: number) => i < 2
  const cutHeight = strips.filter((_, i) => isCut(i)).reduce((sum, { height }) => sum + height, 0)
  const [most, ...ends] = whatIsLeft(sheets, strips, isCut)
  expect(most).toMatchObject({ width: 41, length: 90 - cutHeight, count: 1 })
  for (const { why, width, length } of [most!, ...ends])
    expect([addTerms(why.width.terms), addTerms(why.length.terms)]).toEqual([width, length])
  const area = [most!, ...ends].reduce((sum, { width, length, count }) => sum + width * length * count, 0)
  const taken = strips
    .filter((_, i) => isCut(i))
    .flatMap(({ cuts }) => cuts)
    .reduce((sum, { width, height }) => sum + width * height, 0)
  expect(area).toBeLessThanOrEqual(41 * 90 - taken + 1e-6)
  const done = whatIsLeft(sheets, strips, () => true)
  expect(done[0]!.length).toBeCloseTo(90 - PLAN.cloths[SOOT]!.need, 6)
})

test('long strips along the cloth are cut as one band, with what lies beside them', () => {
  const { plan } = planOf({ ...SAMPLE, borders: [{ ...SAMPLE.borders![0]!, long: 'along' }] })
  const { strips, need } = plan.cloths[SOOT]!
  expect(strips.some(({ run }) => run === 'along')).toBe(true)
  const [rest] = whatIsLeft([{ width: 41, height: need + 20 }], strips, () => true)
  expect(rest).toMatchObject({ width: 41, length: expect.closeTo(20, 6) as number })
})

test('what a cloth is cut from: what is at hand or bought, its pieces, or what was left, opened ones first', () => {
  const sheets = (file: QuiltFile) => {
    const { quilt, plan } = planOf(file)
    return sheetsOfCloth(quilt, quilt.cloths[SOOT]!, plan.cloths[SOOT]!)
  }
  const soot = (change: object): QuiltFile => ({
    ...SAMPLE,
    cloths: SAMPLE.cloths.map(cloth => (cloth.id === 'soot' ? { ...cloth, ...change } : cloth)),
  })
  expect(sheets(SAMPLE)).toEqual([{ width: 41, height: PLAN.cloths[SOOT]!.buy - 1 }])
  expect(sheets(soot({ have: 100, shrink: 0.1 }))).toEqual([{ width: 42 * 0.9 - 1, height: 89 }])
  expect(sheets(soot({ form: 'piece', width: 43, selvage: 0, length: 60, count: 3 }))).toEqual(
    Array<object>(3).fill({ width: 43, height: 60 }),
  )
  const left = [
    { width: 3, length: 3, count: 2 },
    { width: 41, length: 80, count: 2 },
  ]
  const [first, ...others] = sheets(goOnWith('soot', left)(SAMPLE))
  // all of it goes on one of the large ones
  expect(first).toEqual({ width: 41, height: 80 })
  expect(others.map(({ width }) => width).sort((a, b) => a - b)).toEqual([3, 3, 41])
})

test('only what is ticked since the mistake counts on the new layout', () => {
  const ticked = new Map([
    ['a', 5],
    ['b', 2],
    ['c', 1],
  ])
  expect([...ticksSince(ticked, { a: 3, b: 4 })]).toEqual([
    ['a', 2],
    ['b', 0],
    ['c', 1],
  ])
})
