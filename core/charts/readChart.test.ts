import { colourDistance, lightness } from '../measure/lightness'
import { CHART_LETTERS, CODING_COLOURS, codingColour } from './codingColours'
import { letterContacts } from './contacts'
import { readChart, textEncoding } from './readChart'

const rowsOf = (text: string) => {
  const read = readChart(text)
  return read.ok ? read.chart.rows : read.trouble
}

test.each([
  ['tabs', 'A\tA\tB\nB\tA\tA'],
  ['semicolons', 'A;A;B\r\nB;A;A\r\n'],
  ['commas and quotes', '"A","A","B"\n"B","A","A"'],
  ['bars', 'A|A|B|\nB|A|A|'],
  ['spaces', 'A A B\nB A A'],
  ['nothing between', 'AAB\nBAA'],
  ['the mark of another program', '\uFEFFsep=;\nA;A;B\nB;A;A'],
  ['blank lines and blanks at the end', '\nA,A,B,,\nB,A,A,,\n\n'],
])('a chart with %s', (_, text) => {
  expect(rowsOf(text)).toEqual(['AAB', 'BAA'])
})

test('numbers as they stand get letters, and what they stood for is kept', () => {
  const read = readChart('310,310,5\n5,310,310')
  expect(read).toMatchObject({ ok: true, chart: { rows: ['AAB', 'BAA'], marks: { A: '310', B: '5' } } })
})

test('a counted-thread chart typed in: a mark a square', () => {
  expect(readChart('.xx.\nx..x')).toMatchObject({ chart: { rows: ['ABBA', 'BAAB'], marks: { A: '.', B: 'x' } } })
})

test('rows and columns that only count are left out; short rows are filled, and that is said', () => {
  expect(readChart(',1,2,3\n1,#,#,-\n2,-,#,#\n3,#,-,#')).toMatchObject({
    chart: { rows: ['AAB', 'BAA', 'ABA'], numbered: { row: true, column: true } },
  })
  expect(readChart('A,B,A\nA\nA,B,A')).toMatchObject({ chart: { rows: ['ABA', 'AAA', 'ABA'], ragged: 1 } })
})

test('what is no chart is refused in its place', () => {
  expect(rowsOf('')).toEqual({ code: 'empty' })
  expect(rowsOf(' \n\n')).toEqual({ code: 'empty' })
  expect(rowsOf(Array(10_000).fill('A').join(','))).toEqual({ code: 'too-wide', most: 200 })
  expect(rowsOf(Array(10_000).fill('A,B').join('\n'))).toEqual({ code: 'too-long', most: 200 })
  expect(rowsOf('A,B\nA,=SUM(A1)')).toEqual({ code: 'formula', row: 2, column: 2 })
  const many = Array.from({ length: 30 }, (_, i) => `k${i}`).join(',')
  expect(rowsOf(many)).toEqual({ code: 'too-many-kinds', got: 30, most: 24 })
})

test('how text is written in bytes is seen by its mark, or by its empty bytes', () => {
  expect(textEncoding(Uint8Array.from([0xff, 0xfe, 65, 0]))).toBe('utf-16le')
  expect(textEncoding(Uint8Array.from([0xfe, 0xff, 0, 65]))).toBe('utf-16be')
  expect(textEncoding(Uint8Array.from([65, 0, 44, 0, 66, 0]))).toBe('utf-16le')
  expect(textEncoding(Uint8Array.from([0, 65, 0, 44, 0, 66]))).toBe('utf-16be')
  expect(textEncoding(Uint8Array.from([65, 44, 66]))).toBe('utf-8')
})

test('coding colours: no two alike, each so light that black letters stand out on it', () => {
  expect(CODING_COLOURS).toHaveLength(CHART_LETTERS.length)
  const least = (count: number) => {
    let value = Infinity
    for (let a = 0; a < count; a++)
      for (let b = 0; b < a; b++) value = Math.min(value, colourDistance(CODING_COLOURS[a]!, CODING_COLOURS[b]!))
    return value
  }
  expect(least(8)).toBeGreaterThan(20)
  expect(least(14)).toBeGreaterThan(12)
  expect(least(24)).toBeGreaterThan(8)
  // contrast 4.5 to 1 with black: relative luminance of 0.175, L* 49
  for (const colour of CODING_COLOURS) expect(lightness(colour)).toBeGreaterThan(49)
  expect(codingColour('B')).toBe(CODING_COLOURS[1])
  expect(codingColour('B', { B: '#ffffff' })).toBe('#ffffff')
})

test('letters touch along edges, not at corners', () => {
  // AB
  // CA
  expect(letterContacts({ columns: 2, rows: 2 }, Uint8Array.from([0, 1, 2, 0]))).toEqual([
    { one: 0, other: 1, edges: 2 },
    { one: 0, other: 2, edges: 2 },
  ])
})
