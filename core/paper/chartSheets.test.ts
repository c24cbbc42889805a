import { PLAIN_CHART, type Chart } from '../designs/chart'
import { chartSheets, MIN_CHART_SQUARE, type ChartPageWords } from './chartSheets'
import type { Mark, Sheet } from './sheet'

const LETTERS = 'ABCDEFGH'
const rows = Array.from({ length: 90 }, (_, y) =>
  Array.from({ length: 70 }, (_, x) => LETTERS[(x * 7 + y * 3 + ((x * y) % 5)) % 8]!).join(''),
)
const words: ChartPageWords = {
  title: 'Chart',
  legend: ({ letter, cut }) => `${letter} cut ${cut}`,
  snip: 'snip',
  reading: 'read so',
  page: (number, of, columns, lines) => `page ${number}/${of} columns ${columns.join('-')} rows ${lines.join('-')}`,
}
const legend = [...LETTERS].map(letter => ({ letter, cloths: [`cloth ${letter}`], squares: 5, cut: 9 }))
const sheetsOf = (chart: Partial<Chart>, square = 0.2, page: 'a4' | 'letter' = 'a4') =>
  chartSheets({ rows, chart: { ...PLAIN_CHART, ...chart } }, legend, { page, square }, words)
const textsOf = ({ marks }: Sheet) => marks.flatMap(mark => (mark.kind === 'text' ? [mark] : []))
const headOf = (sheet: Sheet) =>
  /columns (\d+)-(\d+) rows (\d+)-(\d+)/.exec(textsOf(sheet)[1]!.text)!.slice(1).map(Number)

test.each([
  ['top', 'left'],
  ['bottom', 'left'],
  ['top', 'right'],
  ['bottom', 'right'],
] as const)('read from the %s and the %s every square stands on its page, under its numbers', (from, side) => {
  for (const page of ['a4', 'letter'] as const) {
    const [, ...pages] = sheetsOf({ from, side }, 0.2, page)
    const seen = rows.map(row => [...row].map(() => 0))
    let wrong = 0
    for (const sheet of pages) {
      const [left, right, first, last] = headOf(sheet) as [number, number, number, number]
      const letters = textsOf(sheet).filter(({ text }) => /^[A-H]$/.test(text))
      expect(letters).toHaveLength((right - left + 1) * (last - first + 1))
      const xs = [...new Set(letters.map(({ at }) => at[0].toFixed(4)))].map(Number).sort((a, b) => a - b)
      const ys = [...new Set(letters.map(({ at }) => at[1].toFixed(4)))].map(Number).sort((a, b) => a - b)
      // from its numbers alone, as one reads it who holds the sheet
      for (const { at, text } of letters) {
        const across = xs.indexOf(Number(at[0].toFixed(4)))
        const down = ys.indexOf(Number(at[1].toFixed(4)))
        const column = side === 'left' ? left + across - 1 : 70 - (right - across)
        const row = from === 'top' ? first + down - 1 : 90 - (last - down)
        if (rows[row]![column] !== text) wrong += 1
        seen[row]![column]! += 1
      }
    }
    expect(wrong).toBe(0)
    expect(seen.flat().every(times => times >= 1)).toBe(true)
  }
})

test('pages have two squares in common, are as few as that allows, and nothing lies off the paper', () => {
  const sheets = sheetsOf({})
  const spans = sheets.slice(1).map(headOf)
  const columns = [...new Set(spans.map(([from, to]) => `${from} ${to}`))].map(span => span.split(' ').map(Number))
  columns.slice(1).forEach(([from], i) => expect(columns[i]![1]! - from! + 1).toBe(2))
  const room = columns[0]![1]!
  expect(columns).toHaveLength(Math.ceil((70 - 2) / (room - 2)))
  const isOff =
    ({ width, height }: Sheet) =>
    ([x, y]: readonly [number, number]) =>
      x < 0.2 || y < 0.2 || x > width - 0.2 || y > height - 0.2
  expect(sheets.flatMap(sheet => sheet.marks.flatMap(pointsOf).filter(isOff(sheet)))).toEqual([])
})

function pointsOf(mark: Mark): readonly (readonly [number, number])[] {
  if (mark.kind === 'fill')
    return [
      [mark.x, mark.y],
      [mark.x + mark.width, mark.y + mark.height],
    ]
  return mark.kind === 'text' || mark.kind === 'dot' ? [mark.at] : mark.points
}

test('on a printer without colours every letter stands out from its square, 4.5 to 1', () => {
  const darkest = Object.fromEntries([...'ABCDEFGH'].map(letter => [letter, '#000000']))
  for (const colour of [{}, darkest])
    for (const sheet of sheetsOf({ colour }, 0.2))
      for (const mark of sheet.marks) {
        if (mark.kind !== 'fill') continue
        const [red, green, blue] = [1, 3, 5].map(at => Number.parseInt(mark.colour.slice(at, at + 2), 16) / 255)
        // as printers weigh them, then to light
        const grey = 0.299 * red! + 0.587 * green! + 0.114 * blue!
        const light = ((grey + 0.055) / 1.055) ** 2.4
        expect((light + 0.05) / 0.05).toBeGreaterThan(4.5)
      }
})

test('squares are never smaller than a letter can be read, and wear the colours of their letters', () => {
  const [first, page] = sheetsOf({ colour: { B: '#123456' } }, 0.01) as [Sheet, Sheet]
  const fills = page.marks.flatMap(mark => (mark.kind === 'fill' ? [mark] : []))
  expect(Math.min(...fills.map(({ height }) => height))).toBeCloseTo(MIN_CHART_SQUARE, 9)
  // half of what was chosen, #123456, on white
  expect(fills.some(({ colour }) => colour === '#899aab')).toBe(true)
  expect(new Set(fills.map(({ colour }) => colour)).size).toBe(8)
  // a place for a snip of each cloth, and what is cut
  expect(textsOf(first).filter(({ text }) => text === 'snip')).toHaveLength(8)
  expect(textsOf(first).map(({ text }) => text)).toEqual(expect.arrayContaining(['H cut 9', 'cloth H', 'read so']))
})
