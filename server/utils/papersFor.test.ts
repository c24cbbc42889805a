import { quiltOf, SAMPLE } from '~~/core/testing/quiltOf'
import type { QuiltFile } from '~~/core/file/schema'
import { PAGES, type Sheet } from '~~/core/paper/sheet'
import { papersFor } from './papersFor'

const speech = { units: 'in', english: 'us' } as const
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
    const sheets = papersFor(quilt, 'star', what, page, 1, speech)!
    expect(sheets.length).toBeGreaterThan(0)
    for (const sheet of sheets) {
      expect(sheet).toMatchObject(PAGES[page])
      expect(words([sheet]).some(text => text.startsWith('This square must measure'))).toBe(true)
    }
  }
})

test('templates say how many the whole quilt takes', () => {
  // 18 stars, eight points each: four of a hand and four turned over
  const texts = words(papersFor(quilt, 'star', 'templates', 'letter', 1, speech)!)
  expect(texts.some(text => /72/.test(text))).toBe(true)
})

test('as many copies of the papers as were asked for', () => {
  const drawn = (copies: number) =>
    papersFor(quilt, 'star', 'papers', 'letter', copies, speech)!.flatMap(sheet =>
      sheet.marks.filter(mark => mark.kind === 'sew'),
    ).length
  expect(drawn(3)).toBe(3 * drawn(1))
})

test('cloths are named by their letters, on the papers', () => {
  const letters = quilt.cloths.map(cloth => cloth.letter)
  expect(
    words(papersFor(quilt, 'star', 'papers', 'a4', 1, speech)!).some(text =>
      letters.some(letter => text.includes(letter)),
    ),
  ).toBe(true)
})

test('a block that cannot be sewn on papers has templates and no papers; one that is not there has neither', () => {
  expect(papersFor(spool, 'spool', 'papers', 'a4', 1, speech)).toBeNull()
  expect(papersFor(spool, 'spool', 'templates', 'a4', 1, speech)!.length).toBeGreaterThan(0)
  expect(papersFor(quilt, 'nobody', 'templates', 'a4', 1, speech)).toBeNull()
})
