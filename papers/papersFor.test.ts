import { stripDrawings } from '~~/core/paper/markStrips'
import { planOf, quiltOf, SAMPLE } from '~~/core/testing/quiltOf'
import type { QuiltFile } from '~~/core/file/schema'
import { PAGES, type Sheet } from '~~/core/paper/sheet'
import { stripWords } from '~~/words/joining'
import { formatLength } from '~~/words/length'
import { papersFor } from './papersFor'

const speech = { units: 'in', english: 'us' } as const
const ASKED = { block: '', page: 'letter', copies: 1, mirrored: false } as const
const quilt = quiltOf(SAMPLE)
const spool = quiltOf({
  ...SAMPLE,
  blocks: [{ id: 'spool', design: 'spool', size: 9, cloths: { thread: 'soot', spool: 'cream', ground: 'brass' } }],
  setting: { across: 2, down: 2 },
} as QuiltFile)
const words = (sheets: readonly Sheet[]) =>
  sheets.flatMap(sheet => sheet.marks.flatMap(mark => (mark.kind === 'text' ? [mark.text] : [])))

test.each(['a4', 'letter'] as const)('every page is %s, has the test square and says what it is', page => {
  for (const what of ['templates', 'papers'] as const) {
    const sheets = papersFor(quilt, { ...ASKED, block: 'star', what, page, copies: 1 }, speech)!
    expect(sheets.length).toBeGreaterThan(0)
    for (const sheet of sheets) {
      expect(sheet).toMatchObject(PAGES[page])
      expect(words([sheet]).some(text => text.startsWith('This square must measure'))).toBe(true)
    }
  }
})

test('templates say how many the whole quilt takes', () => {
  // 18 stars, eight points each: four of a hand and four turned over
  const texts = words(
    papersFor(quilt, { ...ASKED, block: 'star', what: 'templates', page: 'letter', copies: 1 }, speech)!,
  )
  expect(texts.some(text => /72/.test(text))).toBe(true)
})

test('as many copies of the papers as were asked for', () => {
  const drawn = (copies: number) =>
    papersFor(quilt, { ...ASKED, block: 'star', what: 'papers', page: 'letter', copies }, speech)!.flatMap(sheet =>
      sheet.marks.filter(mark => mark.kind === 'sew'),
    ).length
  expect(drawn(3)).toBe(3 * drawn(1))
})

test('cloths are named by their letters, on the papers', () => {
  const letters = quilt.cloths.map(cloth => cloth.letter)
  expect(
    words(papersFor(quilt, { ...ASKED, block: 'star', what: 'papers', page: 'a4', copies: 1 }, speech)!).some(text =>
      letters.some(letter => text.includes(letter)),
    ),
  ).toBe(true)
})

test('a block that cannot be sewn on papers has templates and no papers; one that is not there has neither', () => {
  expect(papersFor(spool, { ...ASKED, block: 'spool', what: 'papers', page: 'a4', copies: 1 }, speech)).toBeNull()
  expect(
    papersFor(spool, { ...ASKED, block: 'spool', what: 'templates', page: 'a4', copies: 1 }, speech)!.length,
  ).toBeGreaterThan(0)
  expect(papersFor(quilt, { ...ASKED, block: 'nobody', what: 'templates', page: 'a4', copies: 1 }, speech)).toBeNull()
})

test('strips to mark long sashes by: every joint at its place, parts together as long as the sash', () => {
  const { quilt: sashed, plan } = planOf({
    ...SAMPLE,
    setting: { ...SAMPLE.setting, sashing: { width: 1.5, cloth: 'cream' } },
  })
  const texts = words(papersFor(sashed, { ...ASKED, what: 'marks', page: 'letter' }, speech)!)
  const sheets = papersFor(sashed, { ...ASKED, what: 'marks', page: 'a4' }, speech)!
  const [{ above, below }] = plan.marks as [(typeof plan.marks)[0]]
  const joints = [...new Set([...above, ...below])]
  for (const joint of joints) expect(texts).toContain(formatLength(joint, speech))
  // measured on the paper: joints lie as far apart as on the sash, part by part
  const ticks = sheets.flatMap(({ marks }) =>
    marks.flatMap(mark => (mark.kind === 'seam' && mark.points.length === 2 ? [mark.points[0]![1]] : [])),
  )
  expect(ticks.length).toBeGreaterThanOrEqual(joints.length)
  const strip = stripDrawings({ length: 30, above: [3, 8, 12.25], below: [20] }, stripWords(1, [1, 3, 4], speech))
  const onSash = strip.flatMap(({ marks }, part) =>
    marks.flatMap(mark => (mark.kind === 'seam' ? [part * 8 + mark.points[0]![1] - 0.5] : [])),
  )
  expect(strip[0]!.marks).toContainEqual(expect.objectContaining({ text: 'sashes 1, 3–4' }))
  // a mark on the line between two parts stands on both
  expect(onSash.sort((a, b) => a - b)).toEqual([3, 8, 8, 12.25, 20])
  const ends = strip.map(({ height }, i) => height - 0.5 - (i < strip.length - 1 ? 0.4 : 0))
  expect(ends.reduce((sum, length) => sum + length, 0)).toBeCloseTo(30, 9)
  expect(papersFor(spool, { ...ASKED, what: 'marks', page: 'a4' }, speech)).toBeNull()
})

const quilted = quiltOf({
  ...SAMPLE,
  quilting: [
    { kind: 'motif', motif: 'petals', size: 6, where: { block: 'plain' } },
    { kind: 'motif', motif: 'wave', size: 2, where: 'borders' },
    { kind: 'lines', spacing: 1.5, angle: 30 },
  ],
})
const sewn = (sheets: readonly Sheet[]) =>
  sheets.flatMap(({ marks }) => marks.flatMap(mark => (mark.kind === 'sew' ? mark.points : [])))
const across = (sheets: readonly Sheet[]) => {
  const at = sewn(sheets).map(([x]) => x)
  return Math.max(...at) - Math.min(...at)
}

test('motifs are as large as they lie on the quilt, each size once, and mirrored for the back', () => {
  const asked = { ...ASKED, what: 'motifs' } as const
  const sheets = papersFor(quilted, asked, speech)!
  const texts = words(sheets)
  // 17 plain blocks; four borders 3 wide
  expect(texts).toContain('Four petals, 6″ across, 17 times')
  expect(texts.filter(text => text.startsWith('A wave'))).toHaveLength(1)
  const only = quiltOf({
    ...SAMPLE,
    quilting: [{ kind: 'motif', motif: 'spiral', size: 6, where: { block: 'plain' } }],
  })
  const [plain, mirrored] = [false, true].map(isMirrored =>
    papersFor(only, { ...asked, mirrored: isMirrored }, speech)!,
  )
  const [a, b] = [sewn(plain!), sewn(mirrored!)]
  const middle = (a[0]![0] + b[0]![0]) / 2
  a.forEach(([x, y], i) =>
    expect([2 * middle - x, y]).toEqual([expect.closeTo(b[i]![0], 9), expect.closeTo(b[i]![1], 9)]),
  )
  expect(words(mirrored!).some(text => text.includes('mirrored'))).toBe(true)
})

test('a block with its lines: cut off at its edge, as many as are counted in it', () => {
  const lines = quiltOf({ ...SAMPLE, quilting: [{ kind: 'grid', spacing: 1.5, angle: 0 }] })
  const sheets = papersFor(lines, { ...ASKED, what: 'lines' }, speech)!
  expect(words(sheets).filter(text => text.includes('where it first stands'))).toHaveLength(2)
  expect(across(sheets)).toBeLessThan(9 + 1e-6)
  expect(papersFor(quilt, { ...ASKED, what: 'lines' }, speech)).toBeNull()
  expect(papersFor(quilt, { ...ASKED, what: 'motifs' }, speech)).toBeNull()
})

test('the legend of a chart says what the plan says is cut, spares where squares are cut by themselves', () => {
  const squares = ['AAAAAAAAB', 'AAAAAAAAB', 'AAAAAAAAC']
  const file = {
    ...SAMPLE,
    designs: [
      {
        id: 'lamp',
        width: 9,
        height: 3,
        squares,
        chart: { way: 'strip-sets', words: { most: 1, longest: 8 }, spare: 5 },
      },
    ],
    blocks: [{ id: 'lamp', design: 'lamp', width: 18, height: 6, cloths: { A: 'soot', B: 'cream', C: 'brass' } }],
    setting: { across: 1, down: 1 },
  }
  const { quilt: pictured, plan } = planOf(file)
  const texts = words(papersFor(pictured, { ...ASKED, block: 'lamp', what: 'chart' }, speech)!)
  const { counts } = plan.charts![0]!
  // all of A comes from a strip set
  expect(Object.entries(counts).map(([letter, { cut }]) => `${letter} ${cut}`)).toEqual(['A 24', 'B 7', 'C 6'])
  for (const told of ['24 squares, cut 24', '2 squares, cut 7', '1 square, cut 6']) expect(texts).toContain(told)
})
