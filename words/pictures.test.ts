import { readChart } from '../core/charts/readChart'
import { readImageHeader } from '../core/pictures/imageHeader'
import {
  chartReadText,
  chartRowText,
  imageTroubleText,
  marksText,
  nearText,
  panelSteps,
  runText,
  wordText,
  workText,
} from './pictures'

test('a row is said run by run, with its squares counted', () => {
  const runs = [
    { letter: 'A', count: 3 },
    { letter: 'C', count: 2 },
    { letter: 'A', count: 11 },
    { letter: 'B', count: 8 },
  ]
  expect(chartRowText({ row: 7, runs }).replaceAll('\u00a0', ' ')).toBe('Row 7: 3 A, 2 C, 11 A, 8 B, 24 squares')
})

test('what was read of a chart, and what was done to it', () => {
  expect(chartReadText(readChart('1,#,#,-\n2,-\n3,#,-,#'))).toBe(
    '3 rows of 3 squares, 2 kinds. Only numbers, left out: the first column. '
      + '1 row shorter than the others, filled up at the end.',
  )
  const read = readChart('310,5\n5,310')
  expect(read.ok && marksText(read.chart)).toBe('A is 310, B is 5')
  expect(chartReadText(readChart('A,=B1'))).toBe('Row 1, cell 2 is a formula. Save its values instead.')
})

test('a picture that is too large is told how large it is', () => {
  const bytes = Uint8Array.from([0xff, 0xd8, 0xff, 0xc0, 0, 17, 8, 0x75, 0x30, 0x75, 0x30, 3, 0, 0, 0, 0])
  const header = readImageHeader(bytes)
  expect(header.ok || imageTroubleText(header)).toBe(
    'This picture has 900 megapixels; up to 80 can be read. Make a smaller copy of it first.',
  )
})

test('what a way of sewing saves, and what it costs more', () => {
  const rows = { cuts: 2128, seams: 1999 }
  const said = (way: 'rows' | 'panels' | 'strip-sets', chosen: typeof rows) => workText({ way, work: { rows, chosen } })
  expect(said('rows', rows)).toBe('Row by row: 2128 cuts and 1999 seams.')
  expect(said('panels', { cuts: 2128, seams: 379 })).toBe('2128 cuts and 379 seams: 1620 seams fewer than row by row.')
  expect(said('strip-sets', { cuts: 2130, seams: 1990 })).toBe(
    '2130 cuts and 1990 seams: 2 cuts more and 9 seams fewer than row by row.',
  )
})

test('two letters too near in value, and whether color holds the line between them', () => {
  const near = { letters: ['A', 'C'] as const, edges: 40, difference: 4.4 }
  expect(nearText({ ...near, isHeld: true })).toBe(
    'A and C, 40 edges: 4 apart in lightness; from afar only color holds the line.',
  )
  expect(nearText({ ...near, edges: 1, isHeld: false })).toBe(
    'A and C, 1 edge: 4 apart in lightness; from afar the line is lost.',
  )
})

test('a panel is laid, folded and sewn: its sizes, its lines both ways, what it measures then', () => {
  const panel = { x: 0, y: 0, across: 10, down: 8, before: 25, after: 20.5, beforeDown: 20, afterDown: 16.5 }
  const steps = panelSteps(panel, { units: 'in', english: 'us' }).map(step => step.replaceAll('\u00a0', ' '))
  expect(steps[0]).toBe(
    'Cut the grid 25 × 20″. Lay 10 × 8 squares on it, edge to edge, row by row as the chart says, and fuse them.',
  )
  expect(steps[1]).toContain('7 lines, from the top down')
  expect(steps[3]).toContain('9 lines, from the left')
  expect(steps[4]).toBe('The panel now measures 20 1/2 × 16 1/2″.')
  // one row has no line between rows
  expect(panelSteps({ ...panel, down: 1 }, { units: 'in', english: 'us' })).toHaveLength(3)
})

test('a run at the machine: how many, of which cloth, and what comes then', () => {
  const row = {
    row: 7,
    runs: [
      { letter: 'A', count: 3 },
      { letter: 'C', count: 2 },
    ],
  }
  expect(runText(row, 0, ['Soot'])).toBe('Row 7: 3 A, Soot. Then 2 C.')
  expect(runText(row, 1, ['Soot', 'Steam'])).toBe('Row 7: 2 C, Soot and Steam by turns. The row ends with them.')
  expect(wordText({ word: 'ABBA', sets: 2, segments: 31, spare: 1 })).toBe('2 sets of A, B, B, A: 31 segments')
})
