import fc from 'fast-check'
import { planOf } from '../testing/quiltOf'
import { batchFaults } from '../testing/sewBatches'
import { runs } from '../testing/runs'
import type { PlannedChart } from './plannedCharts'

const LETTERS = 'ABCD'
type Chart = Record<string, unknown>

function quiltWith(squares: readonly string[], chart: Chart, more: object = {}) {
  const [width, height] = [squares[0]!.length, squares.length]
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: [...LETTERS, 'E'].map(letter => ({ id: letter.toLowerCase(), name: `Cloth ${letter}` })),
    designs: [{ id: 'lamp', width, height, squares, chart }],
    blocks: [
      {
        id: 'lamp',
        design: 'lamp',
        width: 2 * width,
        height: 2 * height,
        cloths: Object.fromEntries([...LETTERS].map(letter => [letter, letter.toLowerCase()])),
      },
    ],
    setting: { kind: 'straight', across: 1, down: 1 },
    ...more,
  }
}

/** The picture as somebody sews it who knows nothing but the row list. */
function replayed({ rows }: PlannedChart, { from = 'top', side = 'left' }: Chart): string[] {
  const sewn = rows.map(({ runs: list }) => list.map(({ letter, count }) => letter.repeat(count)).join(''))
  const seen = side === 'left' ? sewn : sewn.map(reversed)
  return from === 'top' ? seen : seen.reverse()
}

const reversed = (text: string) => [...text].reverse().join('')

/** Pictures with runs and repeats, as pictures have. */
const pictures = fc
  .record({
    width: fc.integer({ min: 1, max: 14 }),
    height: fc.integer({ min: 1, max: 12 }),
    seed: fc.array(fc.nat(3), { minLength: 6, maxLength: 6 }),
    every: fc.integer({ min: 1, max: 4 }),
  })
  .map(({ width, height, seed, every }) =>
    Array.from({ length: height }, (_, y) =>
      Array.from({ length: width }, (_, x) => LETTERS[seed[Math.floor((x + (y % 3) * every) / every) % 6]!]!).join(''),
    ),
  )
const charts = fc.record({
  from: fc.constantFrom('top', 'bottom'),
  side: fc.constantFrom('left', 'right'),
  way: fc.constantFrom('rows', 'strip-sets', 'panels'),
  spare: fc.nat(3),
  panel: fc.record({ across: fc.integer({ min: 1, max: 5 }), down: fc.integer({ min: 1, max: 5 }) }),
})

test('rows replayed square by square give the picture back, from either end, and like neighbours are one run', () => {
  fc.assert(
    fc.property(pictures, charts, (squares, chart) => {
      const [planned] = planOf(quiltWith(squares, chart)).plan.charts as [PlannedChart]
      expect(replayed(planned, chart)).toEqual(squares)
      expect(planned.rows.map(({ row }) => row)).toEqual(squares.map((_, i) => i + 1))
      for (const { runs: list, press, row } of planned.rows) {
        expect(list.every((run, i) => run.letter !== list[i + 1]?.letter)).toBe(true)
        expect(press).toBe(row % 2 === 1 ? 'right' : 'left')
      }
    }),
    { numRuns: 100 },
  )
})

test('segments of strip sets replayed give their squares, their seams pressed as the row is; sets are enough', () => {
  fc.assert(
    fc.property(pictures, charts, (squares, chart) => {
      const all = { ...chart, way: 'strip-sets' }
      const { plan } = planOf(quiltWith(squares, all))
      const planned = plan.charts[0]!
      expect(planned.words.length).toBeLessThanOrEqual(8)
      const used = new Map<string, number>()
      planned.rows.forEach(row => {
        const text = row.runs.map(({ letter, count }) => letter.repeat(count)).join('')
        let last = 0
        for (const { at, word, turned } of row.segments!) {
          expect(at).toBeGreaterThanOrEqual(last)
          last = at + word.length
          // a set is sewn with its seams pressed to the right; turned half round they lie to the left
          expect(turned).toBe(row.press === 'left')
          const lying = turned ? reversed(word) : word
          const seen = chart.side === 'left' ? text : reversed(text)
          const from = chart.side === 'left' ? at : text.length - last
          expect(seen.slice(from, from + word.length)).toBe(lying)
          used.set(word, (used.get(word) ?? 0) + 1)
        }
      })
      // 44″ of cloth less selvages, segments of 2½″
      const perSet = Math.floor((44 - 2) / 2.5)
      for (const { word, sets, segments, spare } of planned.words) {
        expect(segments).toBe(used.get(word))
        expect(sets).toBe(Math.ceil(segments / perSet))
        expect(spare).toBe(sets * perSet - segments)
      }
      expect(planned.words).toHaveLength(used.size)
      // never more work than square by square
      const { rows, chosen } = planned.work
      expect(chosen.cuts + chosen.seams).toBeLessThanOrEqual(rows.cuts + rows.seams)
    }),
    { numRuns: runs(60) },
  )
})

test('panels lie side by side without gaps, none larger than asked for, level within a square', () => {
  fc.assert(
    fc.property(pictures, charts, (squares, chart) => {
      const planned = planOf(quiltWith(squares, { ...chart, way: 'panels' })).plan.charts[0]!
      const covered = squares.map(row => [...row].map(() => 0))
      for (const { x, y, across, down, before, after, beforeDown, afterDown } of planned.panels) {
        for (let v = y; v < y + down; v++) for (let u = x; u < x + across; u++) covered[v]![u]! += 1
        expect([before, after]).toEqual([across * 2.5, across * 2 + 0.5])
        expect([beforeDown, afterDown]).toEqual([down * 2.5, down * 2 + 0.5])
      }
      expect(covered.flat().every(times => times === 1)).toBe(true)
      for (const [side, most] of [
        ['across', chart.panel.across],
        ['down', chart.panel.down],
      ] as const) {
        const sizes = planned.panels.map(panel => panel[side])
        expect(Math.max(...sizes)).toBeLessThanOrEqual(most)
        expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1)
      }
    }),
    { numRuns: runs(40) },
  )
})

test('however it is sewn every crossing nests, every square is cut once, and spares are what was asked for', () => {
  fc.assert(
    fc.property(pictures, charts, (squares, chart) => {
      const { plan } = planOf(quiltWith(squares, chart))
      const { crossings } = plan.pressing
      const [width, height] = [squares[0]!.length, squares.length]
      expect([crossings.nest, crossings.open, crossings.clash.length]).toEqual([(width - 1) * (height - 1), 0, 0])
      const patches = plan.pieces.reduce((sum, piece) => sum + piece.patches, 0)
      expect(patches).toBe(width * height)
      for (const [letter, { squares: count, cut }] of Object.entries(plan.charts[0]!.counts)) {
        expect(count).toBe(squares.join('').split(letter).length - 1)
        const alone = plan.pieces.filter(({ cloth, shape }) => cloth === letter.toLowerCase() && shape !== 'strip')
        const inSets = plan.charts[0]!.words.reduce(
          (sum, { word, segments }) => sum + segments * (word.split(letter).length - 1),
          0,
        )
        expect(alone.reduce((sum, piece) => sum + piece.count, 0)).toBe(cut - inSets)
        expect(cut - count).toBe(alone.length > 0 ? chart.spare : 0)
      }
      if (chart.way === 'rows') expect(plan.charts[0]!.work.chosen).toEqual(plan.charts[0]!.work.rows)
    }),
    { numRuns: runs(60) },
  )
})

test('sewn in batches from its piles every square of a picture is in the top once', () => {
  fc.assert(
    fc.property(pictures, charts, fc.boolean(), (squares, chart, mirror) => {
      const cells = [[{ block: 'lamp' }, { block: 'lamp', mirror }]]
      expect(batchFaults(quiltWith(squares, chart, { setting: { across: 2, down: 1, cells } }))).toEqual([])
    }),
    { numRuns: runs(40) },
  )
})

test('strip sets on the sheet are those that are cut: by the narrowest cloth of each set, not of the picture', () => {
  const squares = Array.from({ length: 40 }, () => 'ABBACCCC'.repeat(3))
  const file = quiltWith(squares, { way: 'strip-sets' })
  const cloths = file.cloths.map(cloth =>
    cloth.id === 'c' ? { ...cloth, width: 20, selvage: 0 } : { ...cloth, width: 42, selvage: 0 },
  )
  const { plan } = planOf({ ...file, cloths })
  const { words } = plan.charts[0]!
  expect(words.length).toBeGreaterThan(1)
  for (const letter of 'ABC') {
    const strips = plan.pieces.filter(({ cloth, shape }) => cloth === letter.toLowerCase() && shape === 'strip')
    const inSets = words.reduce((sum, { word, sets }) => sum + sets * (word.split(letter).length - 1), 0)
    expect(strips.reduce((sum, { count }) => sum + count, 0)).toBe(inSets)
  }
  // eight segments of 2½″ from twenty inches, sixteen from forty-two
  for (const { word, sets, segments, spare } of words)
    expect(sets * (word.includes('C') ? 8 : 16)).toBe(segments + spare)
})

test('ticks of a row stay when its chart is read from another corner', () => {
  const squares = ['AAB', 'ABA', 'AAB']
  const ids = (chart: Chart) => planOf(quiltWith(squares, chart)).plan.charts[0]!.rows.map(({ id }) => id)
  const [first, ...others] = [{}, { from: 'bottom' }, { side: 'right' }, { way: 'panels' }].map(ids)
  expect(new Set(first).size).toBe(3)
  for (const other of others) expect([...other].sort()).toEqual([...first!].sort())
})

test('figures of known pictures: forty by fifty in panels of ten has 379 seams for 1,999', () => {
  const squares = Array.from({ length: 50 }, (_, y) => (y % 2 ? 'AB' : 'BA').repeat(20))
  const panels = planOf(quiltWith(squares, { way: 'panels' })).plan.charts[0]!
  expect(panels.work.rows.seams).toBe(1999)
  expect(panels.work.chosen.seams).toBe(379)
  // a board of two cloths comes from strip sets of the two, few seams and cuts of the many
  const { work } = planOf(quiltWith(squares, { way: 'strip-sets' })).plan.charts[0]!
  expect(work.chosen.seams).toBeLessThan(420)
  expect(work.chosen.cuts).toBeLessThan(440)
})

test('several scraps under one letter are used by turns in the order of reading', () => {
  const squares = ['AAB', 'ABA']
  const scraps = { A: ['a', 'c', 'd'] }
  const dressed = (chart: Chart, more: object = {}) => {
    const { quilt, plan } = planOf(quiltWith(squares, { cloths: scraps, ...chart }, more))
    const { design, cloths } = quilt.blocks[0]!
    const wearing = quilt.designs.get(design)!.patches.map(({ role }) => cloths[role]!)
    return { wearing: [wearing.slice(0, 3).join(''), wearing.slice(3).join('')], plan }
  }
  expect(dressed({}).wearing).toEqual(['acb', 'dba'])
  expect(dressed({ from: 'bottom' }).wearing).toEqual(['dab', 'abc'])
  expect(dressed({ side: 'right' }).wearing).toEqual(['cab', 'ab' + 'd'])
  // three spare squares of the letter, one of each scrap
  const { plan } = dressed({ spare: 4 })
  const counts = Object.fromEntries(plan.pieces.map(({ cloth, count }) => [cloth, count]))
  expect(counts).toEqual({ a: 4, c: 2, d: 2, b: 6 })
  expect(plan.charts[0]!.counts).toEqual({ A: { squares: 4, cut: 8 }, B: { squares: 2, cut: 6 } })
})

test('made in the mirror a picture is read in the mirror, its rows pressed the other way', () => {
  const squares = ['AABC', 'ABBD']
  const setting = { kind: 'straight', across: 1, down: 1, cells: [[{ block: 'lamp', mirror: true }]] }
  const [planned] = planOf(quiltWith(squares, {}, { setting })).plan.charts as [PlannedChart]
  expect(planned.mirror).toBe(true)
  expect(replayed(planned, {})).toEqual(squares.map(reversed))
  expect(planned.rows.map(({ press }) => press)).toEqual(['left', 'right'])
})

test('a chart is refused at its field', () => {
  const squares = ['AB', 'BA']
  const refused = (chart: Chart) => {
    try {
      planOf(quiltWith(squares, chart))
      return []
    } catch (fault) {
      return (JSON.parse((fault as Error).message) as { path: string[] }[]).map(({ path }) => path.join('.'))
    }
  }
  expect(refused({ from: 'middle' })).toEqual(['designs.0.chart.from'])
  expect(refused({ panel: { across: 0, down: 5 } })).toEqual(['designs.0.chart.panel.across'])
  expect(refused({ cloths: { A: ['nowhere'] } })).toEqual(['designs.0.chart.cloths.A.0'])
  expect(refused({ cloths: { AB: ['a'] } })).toEqual(['designs.0.chart.cloths.AB'])
  expect(refused({ colour: { A: 'red' } })).toEqual(['designs.0.chart.colour.A'])
  expect(refused({ way: 'quickly' })).toEqual(['designs.0.chart.way'])
})
