import fc from 'fast-check'
import { backSteps } from './back'
import { markingTools } from './quilting'
import { parseLength } from '../core/measure/length'
import { planQuilt } from '../core/checks/planQuilt'
import { readQuilt } from '../core/file/readQuilt'
import sample from '../core/file/sample.wren.json'
import { recipesFor } from '../core/recipes/recipe'
import { planOf, SAMPLE } from '../core/testing/quiltOf'
import { randomQuilt } from '../core/testing/randomQuilt'
import { mendsFor } from '../core/edits/mends'
import { checkText } from './check'
import { subcuts, stripParts } from './cutting'
import {
  formatBought,
  formatExactLength,
  formatExact,
  formatMark,
  formatFigure,
  formatLength,
  formatRough,
  formatSmall,
  withPlainSpaces,
} from './length'
import { moveOfNeedle } from './measured'
import { mendText } from './mend'
import { unitName, useName } from './names'
import { stepText } from './step'
import { sumLines, sumTotal } from './sum'
import { inEnglish } from './speech'
import { textOf } from './textPart'
import { runs } from '../core/testing/runs'

const us = { units: 'in', english: 'us' } as const
const uk = { units: 'cm', english: 'uk' } as const

test.each([
  [2.875, '2 7/8'],
  [0.5, '1/2'],
  [12, '12'],
  [0.0625, '1/16'],
  [5.7071, '5 11/16'],
  [11.26, '11 1/4'],
  [0.44, '7/16'],
  [-0.25, '−1/4'],
  [0, '0'],
])('%d inches are written %s', (inches, text) => expect(withPlainSpaces(formatFigure(inches, us))).toBe(text))

test('a third that was typed stays a third in its field; a tape, which has no mark for it, says the nearest', () => {
  for (const [inches, text] of [
    [10 + 1 / 3, '10 1/3'],
    [5 / 6, '5/6'],
    [7 / 12, '7/12'],
    [Math.SQRT2, '1.41'],
    [9 / 32, '9/32'],
  ] as const)
    expect(withPlainSpaces(formatExact(inches, us))).toBe(text)
  expect(withPlainSpaces(formatMark(10 + 1 / 3, us))).toBe('10 5/16')
})

test('centimetres, cloth and small moves', () => {
  expect(withPlainSpaces(formatLength(31.5 / 2.54, uk))).toBe('31.5 cm')
  expect([formatRough(4, us), formatRough(4, uk)].map(withPlainSpaces)).toEqual(['4″', '10 cm'])
  expect(withPlainSpaces(formatBought(103.5, us))).toBe('2 7/8 yd')
  expect(withPlainSpaces(formatBought(50.5, us))).toBe('1 1/2 yd')
  expect(withPlainSpaces(formatBought(100 / 2.54, uk))).toBe('1 m')
  expect(formatSmall(1 / 32, us)).toBe('1/32″')
})

test('a seam that takes too much: the needle nearer to the edge; one that takes too little: the other way', () => {
  const say = (measured: number) => {
    const { plan } = planOf({ ...SAMPLE, made: [{ what: 'seam-test', strips: 2, cut: 3, measured }] })
    return checkText(
      plan.checks.find(({ id }) => id === 'seam-off')!,
      us,
    )
  }
  // short strips: the seams ate too much, and the needle stands too far from the edge
  expect(say(5.375)).toMatch(/1\/16″ too wide.* 1\/16″ towards the edge of the cloth/)
  expect(say(5.625)).toMatch(/1\/16″ too narrow.* 1\/16″ away from the edge of the cloth/)
  expect([moveOfNeedle(0.1), moveOfNeedle(-0.1)]).toEqual([
    'towards the edge of the cloth',
    'away from the edge of the cloth',
  ])
})

test('a seam test that cannot be is asked back, with what was probably meant', () => {
  const { plan } = planOf({ ...SAMPLE, made: [{ what: 'seam-test', strips: 2, cut: 3, measured: 55 }] })
  const { checks } = plan
  expect(checks.map(({ id }) => id)).not.toContain('seam-off')
  const says = checkText(
    checks.find(({ id }) => id === 'seam-test-unlikely')!,
    us,
  )
  expect(withPlainSpaces(says)).toContain('between 4 1/2″ and 6″. Did you mean 5 1/2″?')
  expect(formatSmall(24.75, us).replace(/\s/, ' ')).toBe('24 3/4″')
})

test('a number of allowances is not said in inches', () => {
  const { plan } = planOf({ ...SAMPLE, made: [{ what: 'block', block: 'star', size: [9.4, 9.41] }] })
  const { from } = sumLines(plan.sums['blocks.0.measured.error']!, 'length', us)
  const { seams } = plan.blocks[0]!.measured!
  expect(seams).toBeGreaterThan(0)
  expect(from.map(({ value }) => withPlainSpaces(value))).toEqual(['9 1/2″', '9.41″', String(2 * seams)])
})

test('what is written can be read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 6400 }), n => {
      expect(parseLength(formatExactLength(n / 32, us), 'in')).toBeCloseTo(n / 32, 9)
      expect(formatMark(n / 32, us)).toBe(formatExactLength(n / 32, us).replace('″', ''))
      expect(Math.abs(parseLength(formatLength(n / 32, us), 'in')! - n / 32)).toBeLessThanOrEqual(1 / 32)
      expect(parseLength(formatLength(n / 25.4, uk), 'in')).toBeCloseTo(n / 25.4, 9)
    }),
  )
})

test('there are words for every check, mend, step, strip and sum of every quilt, in both Englishes', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const quilt = readQuilt(file)
      if (!quilt.ok) return
      const { plan, work } = planQuilt(quilt.value)
      const allSaid: string[] = []
      for (const speech of [us, uk]) {
        const said: string[] = []
        for (const check of plan.checks) {
          said.push(checkText(check, speech))
          for (const mend of mendsFor(check, quilt.value)) said.push(mendText(mend.words, speech))
        }
        for (const block of plan.blocks) {
          for (const recipe of recipesFor(work, plan, block.id)) {
            for (const unit of recipe.units)
              said.push(unitName(unit), ...unit.steps.map(step => stepText(step, speech)))
            said.push(...recipe.joins.map(join => stepText(join.step, speech)))
          }
        }
        const pieces = new Map(plan.pieces.map(piece => [piece.id, piece]))
        for (const piece of plan.pieces) said.push(inEnglish(useName(piece), speech))
        for (const cloth of plan.cloths)
          for (const strip of cloth.strips)
            said.push(
              textOf(stripParts(strip, 2, speech)),
              ...subcuts(strip, pieces, speech).map(cut => textOf(cut.parts)),
            )
        for (const sum of Object.values(plan.sums))
          said.push(
            sumTotal(sum, 'length', speech),
            ...sumLines(sum, 'count', speech).terms.map(line => `${line.label}${line.value}`),
          )
        // each English keeps to its own words
        const foreign =
          speech === us ? /\b(centre|colour|grey|wadding|selvedge)/i : /\b(center|color|gray|batting|selvage)/i
        expect(said.filter(text => foreign.test(text))).toEqual([])
        allSaid.push(...said)
      }
      expect(allSaid.filter(text => text === '' || /undefined|NaN|\[object|Infinity/.test(text))).toEqual([])
    }),
    { numRuns: runs(60) },
  )
}, 60_000)

test("the craft's words turn, other words stay", () => {
  expect(inEnglish('Trim the selvages; the batting is larger.', uk)).toBe('Trim the selvedges; the wadding is larger.')
  expect(inEnglish('Trim the selvages.', us)).toBe('Trim the selvages.')
})

test('a seam is told of as the quilter gave it, to the half millimetre', () => {
  const step = { code: 'sew-row' as const, data: { pieces: 3, seam: 0.75 / 2.54 } }
  expect(withPlainSpaces(stepText(step, { units: 'cm', english: 'us' }))).toBe(
    'Sew the 3 pieces side by side with 0.75 cm.',
  )
})

test('marks: white ones on dark cloth, dark ones on light, and none that fades before the work is done', () => {
  const told = (lightnesses: number[], days: 'a day or two' | 'longer') =>
    markingTools(lightnesses, days, false)
      .map(({ tool }) => tool)
      .join('; ')
  expect(told([20], 'a day or two')).toContain('chalk')
  expect(told([20], 'a day or two')).not.toContain('light cloth')
  expect(told([90], 'a day or two')).toContain('fading')
  expect(told([90], 'longer')).not.toContain('fading')
  expect(told([20, 90], 'longer')).toMatch(/ceramic.*water-soluble/)
})

test('a panel of single pieces is told by their names, one of rows by how many there are', () => {
  const piece = (thing: number) => ({ thing, width: 5, height: 5, x: 0, y: 0 })
  const unit = (id: string, ...things: number[]) => ({ id, width: 5, height: 5, pieces: things.map(piece) })
  const panel = (...units: ReturnType<typeof unit>[]) => ({ id: 'p', width: 5, height: 9.5, units })
  const things = [0, 1, 2].map(() => ({ from: 'cutting' as const, cloth: null, name: '', width: 5, height: 5 }))
  const told = (own: ReturnType<typeof panel>) =>
    backSteps(
      { panelsLie: 'beside', panels: [own], things, unused: 0, bought: [], missing: 0 },
      { units: 'in', english: 'us' },
    ).map(({ parts }) => textOf(parts))
  expect(told(panel(unit('a', 0), unit('b', 1), unit('c', 2)))[0]).toMatch(/^Join 1, 2 and 3 one below the other/)
  expect(told(panel(unit('a', 0, 1), unit('b', 2)))).toEqual([
    expect.stringMatching(/^Join 1 and 2 side by side/),
    expect.stringMatching(/^Join its 2 rows one below the other/),
  ])
})

test('batting that is joined is told by what is joined: packets, or lengths', () => {
  const said = (batting: object) => {
    const quilt = readQuilt({ ...sample, batting })
    if (!quilt.ok) throw new Error('the sample is good')
    const check = planQuilt(quilt.value).plan.checks.find(({ id }) => id === 'batting-joined')!
    return checkText(check, { units: 'in', english: 'us' })
  }
  // 66½ × 87½ is wanted
  expect(said({ overhang: 3, width: 60, length: 60 })).toContain('4 packets are joined')
  expect(said({ overhang: 3, width: 50 })).toContain('2 lengths are joined')
})
