import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { doneCounts, stripProgress } from '../cut/progress'
import { dimensionsOf } from '../top/dimensions'
import { planQuilt } from '../checks/planQuilt'
import type { Problem } from '../file/problem'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { quiltOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import * as blocks from './blocks'
import * as cloths from './cloths'
import { QUILTING_KINDS } from '../file/entries/quiltingEntry'
import { UNIT_DEFAULTS } from '../measure/units'
import { setBinding } from './binding'
import { tryOutsOf } from './tryOuts'
import * as edge from './edge'
import { setBacking, setBatting } from './layers'
import { addQuilting, removeQuilting, setQuilting, setStitching } from './quilting'
import type { Edit } from './edit'
import { mendsFor } from './mends'
import { newQuilt } from './newQuilt'
import { waysToReach } from './reach'
import * as record from './record'
import * as setting from './setting'
import { runs } from '../testing/runs'

const read = (file: QuiltFile) => {
  const quilt = readQuilt(file)
  if (!quilt.ok) throw new Error(JSON.stringify(quilt.problems))
  return quilt.value
}
const star = SHIPPED_DESIGNS.find(design => design.id === 'sawtooth-star')!

const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
  fc.integer({ min: 8, max: 160 }).map(n => blocks.setBlocksSize(n / 8)),
  fc.integer({ min: 8, max: 160 }).map(n => blocks.setBlocksWidth(n / 8)),
  fc.integer({ min: 8, max: 160 }).map(n => blocks.setBlocksHeight(n / 8)),
  fc.constant(blocks.turnCell(0, 0)),
  fc.constant(blocks.mirrorCell(0, 0)),
  fc.constant(blocks.exchangeCells({ row: 0, column: 0 }, { row: 0, column: 0 })),
  fc.constant(blocks.addBlock(star, { row: 0, column: 0 })),
  fc.constantFrom(...SHIPPED_DESIGNS).map(design => blocks.setDesign('shipped', design)),
  fc.constant(blocks.setMethod('shipped', 'goose', 'goose-flip')),
  fc.constant(blocks.setCellCloth(0, 0, 'dark', 'cloth0')),
  fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 })).map(([a, d]) => setting.setCounts(a, d)),
  fc.constant(setting.setSashing({ width: 2 })),
  fc.constant(setting.setSashing(null)),
  fc.constant(setting.withoutCornerstones()),
  fc.constant(setting.setFill([['own']])),
  fc
    .constantFrom('straight' as const, 'on-point' as const, 'offset-rows' as const, 'offset-columns' as const)
    .map(setting.setKind),
  fc.constantFrom('rows' as const, 'columns' as const, 'both' as const).map(between => setting.setSashing({ between })),
  fc.constant(setting.setFloat(1.5)),
  fc.constantFrom(null, [0, 2, 4], [3]).map(setting.setShifts),
  fc.constantFrom('half-blocks' as const, { cloth: 'cloth0' }).map(setting.setEnds),
  fc.constant(edge.addBorder(3, 'cloth0')),
  fc.constant(edge.removeBorder(0)),
  fc.constant(edge.setBorder(0, { sides: 2, ends: 4 })),
  fc
    .constantFrom('double', 'single', 'flanged', 'tape')
    .map(style => setBinding({ style: style as 'double', strip: 2.5 })),
  fc.boolean().map(bias => setBinding({ bias, flange: { strip: 3 } })),
  fc.constant(setBinding(null)),
  fc.constant(setBacking({ overhang: 5, offCentre: true })),
  fc.constant(setBatting({ overhang: 2, maxGap: 4, shrink: 0.03, colour: 'black' })),
  fc.constantFrom(...QUILTING_KINDS).map(kind => addQuilting(kind)),
  fc.nat(2).map(i => setQuilting(i, { spacing: 3, where: 'blocks' })),
  fc.nat(2).map(removeQuilting),
  fc.constant(setStitching({ bobbin: 60, school: 'from-the-edge' })),
  fc.constant(cloths.changeCloth('cloth0', { width: 44, colour: '#123456', repeat: { across: 6, down: 8 } })),
  fc.constant(cloths.removeCloth('cloth1', 'cloth0')),
  fc.constant(record.setMeasures({ what: 'setting', width: [50, 50.25] })),
  fc.constant(record.removeMeasures('setting')),
  fc.constant(record.tick('step', 'bound', 1, '2026-03-01T10:00:00Z')),
  fc.constant(record.addNote('2026-03-01T10:00:00Z', 'a note', 5)),
)

/** A block turned, resized or put beside others may not fit them any more; that is said, and nothing is broken. */
function isOfSizes(problem: Problem): boolean {
  return (
    problem.code === 'sizes-differ'
    // a framed block must be larger than its frames
    || (problem.code === 'expected' && /^blocks\.\d+\.(size|width|height)$/.test(problem.path.join('.')))
    || (problem.code === 'not-together' && /^(on-corner-not-square|shift-with-half-blocks)$/.test(problem.what))
  )
}

test('every edit of every quilt gives a quilt that can be read, and leaves the old one as it was', () => {
  fc.assert(
    fc.property(randomQuilt, fc.array(anyEdit, { minLength: 1, maxLength: 4 }), (file, edits) => {
      let now: QuiltFile = file
      for (const edit of edits) {
        const before = JSON.stringify(now)
        const next = edit(now)
        expect(JSON.stringify(now)).toBe(before)
        // turning a block that is not square can spoil its row; that is refused, not broken
        const quilt = readQuilt(next)
        if (!quilt.ok) expect(quilt.problems.filter(problem => !isOfSizes(problem))).toEqual([])
        else now = next
      }
    }),
    { numRuns: runs(150) },
  )
})

test('the part that takes up a change makes the top as large as it says', () => {
  fc.assert(
    fc.property(
      randomQuilt,
      fc.integer({ min: 20, max: 120 }),
      fc.constantFrom('width' as const, 'height' as const),
      (file, target, side) => {
        const quilt = read({ ...file, made: [] })
        for (const way of waysToReach(quilt, side, target)) {
          const changed = readQuilt(way.edit({ ...file, made: [] }))
          if (!changed.ok) continue
          expect(dimensionsOf(changed.value).top.stages.at(-1)![side].total).toBeCloseTo(way.total, 5)
        }
      },
    ),
    { numRuns: runs(60) },
  )
})

test('mirrored twice or turned four times, a block lies as before', () => {
  const file = newQuilt({
    name: 'x',
    units: 'in',
    design: star,
    size: 9,
    across: 2,
    down: 2,
    cloths: [
      { name: 'a', colour: '#000000' },
      { name: 'b', colour: '#ffffff' },
    ],
  })
  const cell = (f: QuiltFile) => read(f).setting.cells[0]![0]
  const turn = blocks.turnCell(0, 0)
  const mirror = blocks.mirrorCell(0, 0)
  expect(cell(turn(turn(turn(turn(file)))))).toEqual(cell(file))
  expect(cell(mirror(mirror(turn(file))))).toEqual(cell(turn(file)))
})

test('a change of size takes back what was measured of the part and of all round it, and nothing else', () => {
  const plain = newQuilt({
    name: 'x',
    units: 'in',
    design: star,
    size: 9,
    across: 2,
    down: 2,
    cloths: [
      { name: 'a', colour: '#000000' },
      { name: 'b', colour: '#ffffff' },
    ],
  })
  const file: QuiltFile = {
    ...plain,
    borders: [
      { width: 2, cloth: 'a' },
      { width: 3, cloth: 'a' },
    ],
    made: [
      { what: 'seam-test', strips: 2, cut: 3, measured: 5.5 },
      { what: 'block', block: star.id, size: [9.5] },
      { what: 'setting', width: [18] },
      { what: 'border-1', width: [22] },
      { what: 'border-2-first', width: [28] },
    ],
  }
  const left = (edit: Edit) => edit(file).made!.map(entry => entry.what)
  expect(left(blocks.setBlocksSize(12))).toEqual(['seam-test'])
  expect(left(setting.setSashing({ width: 1 }))).toEqual(['seam-test', 'block'])
  expect(left(edge.setBorder(1, { sides: 4, ends: 4 }))).toEqual(['seam-test', 'block', 'setting', 'border-1'])
  expect(left(edge.setBorder(0, { cloth: 'b' }))).toHaveLength(5)
})

test('ticks taken back leave the older ones', () => {
  const at = '2026-03-01T10:00:00Z'
  const file = newQuilt({
    name: 'x',
    units: 'cm',
    design: star,
    size: 9,
    across: 1,
    down: 1,
    cloths: [
      { name: 'a', colour: '#000000' },
      { name: 'b', colour: '#ffffff' },
    ],
  })
  const ticked = record.tick('cut', 'p', -5, at)(record.tick('cut', 'p', 4, at)(record.tick('cut', 'p', 3, at)(file)))
  expect(doneCounts(read(ticked).done, 'cut').get('p')).toBe(2)
})

test('strips are told apart by what is in them, not by their order', () => {
  const strip = (...ids: string[]) => ({
    x: 0,
    y: 0,
    width: 40,
    height: 3,
    run: 'across' as const,
    sheet: 0,
    cuts: ids.map((piece, i) => ({ x: i * 3, y: 0, width: 3, height: 3, piece })),
  })
  const strips = [strip('a', 'a', 'a'), strip('a', 'b'), strip('a', 'a', 'a')]
  const done = (counts: [string, number][]) => stripProgress(strips, new Map(counts)).map(p => p.done)
  expect(
    done([
      ['a', 1],
      ['b', 1],
    ]),
  ).toEqual([false, true, false])
  expect(
    done([
      ['a', 4],
      ['b', 1],
    ]),
  ).toEqual([true, true, false])
  expect(stripProgress(strips, new Map([['a', 2]])).map(p => p.cut)).toEqual([2, 0, 0])
})

test('mends put right what they are offered for', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const quilt = read(file)
      for (const check of planQuilt(quilt).plan.checks) {
        for (const mend of mendsFor(check, quilt)) {
          const mended = readQuilt(mend.edit(file))
          expect(mended.ok).toBe(true)
        }
      }
    }),
    { numRuns: runs(60) },
  )
})

test('the only block of a quilt takes the proportions of its new design, and gives them back', () => {
  const diamond = SHIPPED_DESIGNS.find(design => design.id === 'diamond-in-rectangle')!
  const square = newQuilt({
    name: 'One',
    units: 'in',
    design: star,
    size: 9,
    across: 2,
    down: 2,
    cloths: [
      { name: 'A', colour: '#222222' },
      { name: 'B', colour: '#eeeeee' },
    ],
  })
  const upright = blocks.setDesign('sawtooth-star', diamond)(square)
  expect(read(upright).blocks[0]).toMatchObject({ width: expect.closeTo(9 * Math.tan(Math.PI / 6), 9), height: 9 })
  expect(read(blocks.setDesign('sawtooth-star', star)(upright)).blocks[0]).toMatchObject({ width: 9, height: 9 })
  // a diamond is known by its height, half of the block's long side: its short side is its own side. Source: handbook
  // §3
  const byDiamond = read(blocks.setBlocksHeight(5 / (diamond.diamond! / diamond.height))(upright)).blocks[0]!
  expect(byDiamond).toMatchObject({ width: expect.closeTo(5 / Math.sin(Math.PI / 3), 3), height: 10 })
})

test('styles of binding that are tried leave the strip as it was: each has its own width until one is typed', () => {
  const styles = ['double', 'single', 'flanged', 'tape'] as const
  for (const units of ['in', 'cm'] as const)
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...styles), { maxLength: 6 }), tried => {
        const start = { ...SAMPLE, units, binding: { style: 'double' as const, cloth: 'soot' } }
        const begun = setBinding({ style: 'double', strip: quiltOf(start).binding!.strip })(start)
        const usual = quiltOf(begun).binding!.strip
        const after = [...tried, 'double' as const].reduce((file, style) => setBinding({ style })(file), begun)
        expect(quiltOf(after).binding!.strip).toBeCloseTo(usual, 9)
        // folded together with its flange a strip of the usual width would hide much of the border
        const flanged = quiltOf(setBinding({ style: 'flanged' })(after)).binding!.strip
        expect(flanged).toBeCloseTo(units === 'in' ? 1.5 : 4 / 2.54, 9)
      }),
    )
})

test('what Wren proposes in a quilt in centimetres is in whole millimetres', () => {
  const file: QuiltFile = { ...SAMPLE, units: 'cm', setting: { across: 3, down: 3 }, borders: [] }
  const sashed = quiltOf(setting.setSashing({})(file))
  const tried = tryOutsOf(file, quiltOf(file)).map(({ quilt }) => quilt)
  const widths = [sashed, ...tried].flatMap(({ setting: { sashing } }) => (sashing ? [sashing.width] : []))
  expect(widths.length).toBeGreaterThan(4)
  for (const width of [...widths, ...Object.values(UNIT_DEFAULTS.cm)])
    expect((width * 25.4) % 0.5 < 1e-6 || (width * 25.4) % 0.5 > 0.5 - 1e-6).toBe(true)
})

test('what a file in centimetres leaves out is in whole millimetres too', () => {
  const { cloth } = SAMPLE.binding as { cloth: string }
  const quilt = quiltOf({
    ...SAMPLE,
    units: 'cm',
    blocks: SAMPLE.blocks.map(({ id, design, cloths }) => ({ id, design, cloths, size: 24 })),
    setting: { across: 3, down: 3 },
    borders: [],
    seam: undefined,
    ruler: undefined,
    cloths: SAMPLE.cloths.map(({ id, name, colour }) => ({ id, name, colour })),
    backing: { cloth },
    batting: {},
    binding: { cloth },
    quilting: [{ kind: 'echo' }, { kind: 'motif' }, { kind: 'lines' }],
    hanging: { cloth },
    label: { cloth },
    for: { bed: { width: 160, length: 200 } },
  })
  const { backing, batting, quilting, hanging, label, binding, seam, ruler } = quilt
  const bed = quilt.for!.bed!
  const lengths = [backing, batting, hanging, label, binding, bed, { seam, ruler }, ...quilting].flatMap(part =>
    Object.entries(part!).flatMap(([name, value]) =>
      typeof value === 'number' && !['angle', 'count', 'seed', 'shrink'].includes(name) ? [[name, value] as const] : [],
    ),
  )
  expect(lengths.length).toBeGreaterThan(18)
  const broken = lengths.filter(([, inches]) => {
    const halves = inches * 50.8
    return Math.abs(halves - Math.round(halves)) > 1e-6
  })
  expect(broken).toEqual([])
})
