import { rolesOf, type Design } from '../core/designs/design'
import { SHIPPED_DESIGNS } from '../core/designs/shipped'
import type { PlannedWay } from '../core/plan/plannedBlock'
import { buyByWay, type ToBuy } from '../core/plan/chosenWays'
import type { QuiltFile } from '../core/file/schema'
import sample from '../core/file/sample.wren.json'
import type { JoinedPart } from '../core/make/steps/joinedPart'
import { planOf, waysOf } from '../core/testing/quiltOf'
import { DEMO_QUILTS } from '../demo'
import { blockTroubleText, draftFaultText, sewingText } from './drafting'
import { withPlainSpaces } from './length'
import { pageWords, templateCount } from './paper'
import { stepParts, stepText } from './step'
import { textOf } from './textPart'
import { whyThisWay } from './ways'

const us = { units: 'in', english: 'us' } as const

test('the reason for a way is what the whole quilt would have to buy', () => {
  const way = (method: PlannedWay['method'], work: number): PlannedWay => ({
    method,
    area: 1,
    length: 1,
    waste: 0,
    seams: work,
    cuts: 0,
    biasEdges: 0,
    trim: true,
    over: 0,
    fitsPieces: true,
  })
  const yards = (...all: number[]) => all.map(yd => ({ inches: yd * 36, pieces: 0 }))
  const why = (ways: PlannedWay[], buys: ToBuy[] | undefined, isAsked = false) =>
    withPlainSpaces(whyThisWay({ method: ways[0]!.method, ways, isAsked }, 'least-cloth', buys, us))
  expect(why([way('hst-2', 1)], yards(2))).toBe('There is no other way to make it.')
  expect(why([way('hst-2', 1), way('template', 1)], yards(2, 2.5))).toBe(
    'Chosen for least cloth: no other way buys less cloth for this quilt.',
  )
  expect(why([way('template', 1), way('hst-2', 3)], yards(2.5, 2), true)).toBe(
    'Your choice. Two at a time, 1/2 yd less would have to be bought, with 2 more seams and cuts for each.',
  )
  expect(why([way('hst-2', 2), way('hst-8', 1)], yards(2, 2))).toContain(
    'eight at a time has fewer seams and cuts for the same',
  )
  expect(why([way('hst-2', 1), way('hst-8', 1)], undefined)).toBe('Chosen for least cloth.')
})

test('cloth to buy by each way is what a plan with that way buys', () => {
  for (const file of [sample as unknown as QuiltFile, ...DEMO_QUILTS]) {
    const { quilt, plan, work } = planOf(file)
    const bought = (cloths: typeof plan.cloths) =>
      cloths.reduce((sum, cloth) => sum + (cloth.unit === 'in' ? cloth.buy : 0), 0)
    for (const unit of plan.blocks[0]!.units) {
      const buys = buyByWay(work, unit.key)
      unit.ways.forEach((way, w) => {
        if (way.length === null) return expect(buys[w]).toBeNull()
        if (way.method === unit.method) expect(buys[w]!.inches).toBeCloseTo(bought(plan.cloths), 6)
        expect(whyThisWay(unit, quilt.aim, buys, us)).toMatch(/^[A-Z].*\.$/)
      })
    }
  }
})

test('a step in parts reads like the step in words, and its lengths are those of its data', () => {
  const step = { code: 'layer-two-on-large' as const, data: { large: 5.75, small: 3.125 } }
  const parts = stepParts(step, us)
  expect(textOf(parts)).toBe(stepText(step, us))
  expect(parts.flatMap(part => (typeof part === 'string' ? [] : [part.inches]))).toEqual([3.125, 5.75])
})

test('a join says what it joins: patches by their cloth, units by kind, parts by place or by what they are of', () => {
  const join = (...joins: [JoinedPart, JoinedPart]) =>
    withPlainSpaces(
      stepText({ code: 'join-parts', data: { seam: 0.25, press: 'up' }, joins }, us, new Map([['soot', 'A']])),
    ).split(':')[0]
  const units = [{ unit: 'goose' as const }, { unit: 'rectangle' as const, cloth: 'soot' }]
  const pair = { join: 1, sort: { shape: 'pair' as const, units } }
  const row = { join: 3, sort: { shape: 'row' as const, units: [...units, units[0]!] } }
  expect(join(pair, pair)).toBe('Join two pairs of a flying goose and an A patch')
  expect(join(pair, row)).toBe('Join the pair of a flying goose and an A patch and the row of 3 parts')
  expect(join({ ...pair, place: 'top half' }, { ...row, place: 'bottom right' })).toBe(
    'Join the top half and the bottom right part',
  )
  expect(join({ unit: 'half-square' }, { unit: 'half-square' })).toBe('Join two half-square triangles')
  expect(join({ unit: 'half-square' }, { unit: 'rectangle', cloth: 'soot' })).toBe(
    'Join a half-square triangle and the A patch',
  )
})

test('on papers the first patch is told with the second, and only there', () => {
  const add = (number: number) =>
    withPlainSpaces(stepText({ code: 'foundation-add', data: { seam: 0.25, section: 'B', number } }, us))
  expect(add(2)).toMatch(/^Paper B: lay patch 1 right side up .* Paper B, patch 2: /)
  expect(add(3)).toMatch(/^Paper B, patch 3: /)
})

test('how a block is sewn, what is wrong with a drawing, what a page says', () => {
  expect(sewingText({ setIn: 0, partial: 0, isProven: true, papers: 1 })).toBe(
    'Straight seams sew it. On foundation papers it takes 1 paper.',
  )
  expect(sewingText({ setIn: 8, partial: 0, isProven: true, papers: null })).toContain('8 set-in joints')
  expect(sewingText({ setIn: 0, partial: 2, isProven: false, papers: null })).toContain('fewer might do')
  expect(draftFaultText({ code: 'gap-or-overlap', patch: 0, at: [1.25, 3] })).toContain('near 1.3 across, 3 down')
  expect(blockTroubleText({ code: 'curved', figure: 2, what: 'circle' })).toContain('Figure 2 (circle)')
  expect(
    templateCount({ letter: 'A', roles: [], count: 4, reversed: 2, seamLine: [], cutLine: [], dots: [], grain: 0 }, 3),
  ).toBe('cut 12, and 6 turned over')
  expect(pageWords('T', us).page(1, 2)).toContain('Page 1 of 2')
})

const stepsOf = (design: Design) => {
  const units = waysOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'a' }, { id: 'b' }],
    blocks: [
      {
        id: 'one',
        design: design.id,
        width: (12 * design.width) / design.height,
        height: 12,
        cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 === 0 ? 'a' : 'b'])),
      },
    ],
    setting: { across: 1, down: 1 },
  })
  return units.flatMap(choice => choice.ways.flatMap(way => way.made.steps()))
}

test('every step of every way of every shipped block has its words and its figures', () => {
  const said = new Map<string, string>()
  for (const design of SHIPPED_DESIGNS)
    for (const step of stepsOf(design)) said.set(step.code, withPlainSpaces(stepText(step, us)))
  expect([...said].filter(([, text]) => text === '' || /undefined|NaN|\[object|Infinity/.test(text))).toEqual([])
  expect(said.size).toBeGreaterThan(35)
})

test('a square in a square from triangles says how large its center is cut', () => {
  const design = SHIPPED_DESIGNS.find(({ id }) => id === 'square-in-a-square')!
  const said = stepsOf(design).map(step => withPlainSpaces(stepText(step, us)))
  // 12 ÷ √2 and two seams, to the nearest half step of the ruler
  expect(said.join(' ')).toContain('The center is 9″ square.')
})
