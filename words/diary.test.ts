import { makingRules, MAKING_KINDS } from '../core/file/makings'
import { measureLine, nextText, type WorkDone } from './diary'
import { withPlainSpaces } from './length'

const US = { units: 'in', english: 'us' } as const
const UK = { units: 'cm', english: 'uk' } as const
const lineOf = (entry: Parameters<typeof measureLine>[0], speech: Parameters<typeof measureLine>[2] = US) =>
  withPlainSpaces(measureLine(entry, block => `«${block}»`, speech))

test('each kind of measure is one line that says what was measured, and all of it', () => {
  expect(lineOf({ what: 'block', block: 'star', size: [9.5, 9.4375] })).toBe('«star»: 9 1/2″, 9 7/16″')
  expect(lineOf({ what: 'setting', width: [54, 54.25], height: [70] })).toBe(
    'The center: across 54″, 54 1/4″; down 70″',
  )
  expect(lineOf({ what: 'border-2-first', height: [60] }, UK)).toBe(
    'The top with the first pair of border 2 on: down 152.4 cm',
  )
  const test = { what: 'seam-test', strips: 3, cut: 2, measured: 4.5 }
  expect(lineOf(test)).toBe('Seam test: 3 strips of 2″ measured 4 1/2″')
  expect(lineOf({ ...test, measured: undefined, machine: 'the old one', needle: 2 })).toBe(
    'Seam test: 3 strips of 2″, not measured yet (the old one, needle at 2)',
  )
})

test.each(MAKING_KINDS)('%s: what comes next is the first thing that is not done, in the order of the work', making => {
  const finishSteps = makingRules(making).steps.map(({ step }) => step)
  const all: WorkDone = {
    cut: { cut: 9, all: 10 },
    sewn: { units: 2, allUnits: 4, blocks: 0, allBlocks: 2, rows: 1, allRows: 2 },
    steps: new Map(),
    finishSteps,
  }
  expect(nextText(all)).toBe('1 piece is still to be cut.')
  const cut = { ...all, cut: { cut: 10, all: 10 } }
  expect(nextText(cut)).toBe('2 units are still to be sewn.')
  const sewn = { ...cut, sewn: { ...cut.sewn, units: 4 } }
  expect(nextText(sewn)).toBe('2 blocks are still to be sewn.')
  const blocks = { ...sewn, sewn: { ...sewn.sewn, blocks: 2 } }
  expect(nextText(blocks)).toBe('1 row is still to be joined.')
  const rows = { ...blocks, sewn: { ...blocks.sewn, rows: 2 } }
  expect(nextText(rows)).toMatch(/^Next: /)
  expect(nextText({ ...rows, steps: new Map(finishSteps.map(step => [step, 1])) })).toBe('It is finished.')
})
