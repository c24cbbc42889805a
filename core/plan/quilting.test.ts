import fc from 'fast-check'
import { QUILTING_KINDS } from '../file/entries/quiltingEntry'
import type { QuiltFile } from '../file/schema'
import { contains, type Point } from '../geometry/polygon'
import { echoLines } from '../quilting/echo'
import { motifPath } from '../quilting/motifPath'
import { MOTIFS } from '../quilting/motifs'
import { quiltedTop } from '../quilting/quiltedTop'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { runs } from '../testing/runs'

const quilted = (file: QuiltFile, ...quilting: object[]) => planOf({ ...file, quilting }).plan
const far = ([ax, ay]: Point, [bx, by]: Point, x: number, y: number) => {
  const [dx, dy] = [bx - ax, by - ay]
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square))
  return Math.hypot(x - ax - t * dx, y - ay - t * dy)
}

test('random quilts, quilted in every way: lines lie inside, ends are as said, no line crosses the gap', () => {
  const entry = fc.record({
    kind: fc.constantFrom(...QUILTING_KINDS),
    where: fc.constantFrom('all', 'blocks'),
    spacing: fc.constantFrom(2, 3.5),
    angle: fc.constantFrom(0, 30, 45, 117),
    count: fc.constantFrom(5, 25),
    size: fc.constantFrom(2, 5),
  })
  fc.assert(
    fc.property(randomQuilt, fc.array(entry, { minLength: 1, maxLength: 2 }), (file, quilting) => {
      const planned = planOf({ ...file, quilting: quilting as QuiltFile['quilting'] })
      const { quilting: plan, quilt } = planned.plan
      const { width, height, lines, gap, stops, ends, length } = plan!
      expect(width).toBeCloseTo(quilt.width + 2 * (planned.quilt.seam + (planned.quilt.borders.at(-1)?.beyond ?? 0)), 6)
      const isOn = ([x, y]: Point) => x < 0.01 || y < 0.01 || width - x < 0.01 || height - y < 0.01
      const liesIn = ([x, y]: Point) => x > -1e-6 && y > -1e-6 && x < width + 1e-6 && y < height + 1e-6
      let [inside, outside, sewn] = [0, 0, 0]
      for (const { points, from, to } of lines) {
        expect(points.every(liesIn)).toBe(true)
        if (points.length === 1) continue
        for (const [end, said] of [
          [points[0]!, from],
          [points.at(-1)!, to],
        ] as const) {
          expect(said).toBe(isOn(end) ? 'edge' : 'inside')
          if (said === 'edge') outside += 1
          else inside += 1
        }
        sewn += points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0)
      }
      expect([stops, ends, length]).toEqual([inside, outside, expect.closeTo(sewn, 4)])
      const free = Math.min(
        gap.x,
        gap.y,
        width - gap.x,
        height - gap.y,
        ...lines.flatMap(({ points }) =>
          points.length === 1
            ? [far(points[0]!, points[0]!, gap.x, gap.y)]
            : points.slice(1).map((to, i) => far(points[i]!, to, gap.x, gap.y)),
        ),
      )
      expect(gap.size / 2).toBeLessThanOrEqual(free + 1e-3)
      expect(gap.size / 2).toBeGreaterThan(free - 1e-3)
    }),
    { numRuns: runs(60) },
  )
}, 60_000)

test('a mirrored quilt has the same lines in the mirror: as long, with the same gap', () => {
  const cells = (mirror: boolean) =>
    [0, 1].map(r => [0, 1, 2].map(c => ({ block: 'star', mirror: ((c + r) % 2 === 1) !== mirror })))
  const file = (mirror: boolean): QuiltFile => ({
    ...SAMPLE,
    setting: {
      ...SAMPLE.setting,
      across: 3,
      down: 2,
      fill: undefined,
      cells: mirror ? cells(true).map(row => [...row].reverse()) : cells(false),
    } as QuiltFile['setting'],
  })
  for (const kind of ['ditch', 'echo', 'diagonal'] as const) {
    const [one, other] = [false, true].map(mirror => quilted(file(mirror), { kind }).quilting!)
    expect(other!.length).toBeCloseTo(one!.length, 4)
    expect(other!.gap.size).toBeCloseTo(one!.gap.size, 2)
    expect(other!.stops).toBe(one!.stops)
  }
})

test('an echo keeps its distance from every seam of its patch, and lies inside it', () => {
  const { quilt, work } = planOf(SAMPLE)
  const top = quiltedTop(quilt, work.makes, work.dimensions)
  const lines = echoLines(top, { distance: 0.375, where: 'blocks' })
  expect(lines.length).toBeGreaterThan(30)
  for (const { points } of lines) {
    const patch = top.patches.find(({ polygon }) => contains(polygon, points[0]!))!
    for (const [x, y] of points) {
      const distances = patch.polygon.map((from, i) => far(from, patch.polygon[(i + 1) % patch.polygon.length]!, x, y))
      expect(Math.min(...distances)).toBeCloseTo(0.375, 6)
    }
  }
})

test('thread: at 3 mm through medium loft a little over three times the line, and tails; bobbins hold half', () => {
  const plan = quilted(SAMPLE, { kind: 'grid', spacing: 4 }).quilting!
  // 2 · (1 + 1.75 ÷ 3) = 3.17 of the line
  expect(plan.thread).toBeCloseTo(plan.length * 2 * (1 + 1.75 / 3) + 8 * plan.stops + 4 * plan.ends, 6)
  expect(plan.bobbins).toBe(Math.ceil((plan.thread * 0.0254) / 2 / (0.95 * 50)))
})

test('a place wider than the batting allows is said with where it is, and is gone when lines run through it', () => {
  const batting = { overhang: 3, maxGap: 4 }
  const ids = (...quilting: object[]) => quilted({ ...SAMPLE, batting }, ...quilting).checks.map(({ id }) => id)
  expect(ids({ kind: 'ditch' })).toContain('gap-too-wide')
  expect(ids({ kind: 'ditch' }, { kind: 'grid', spacing: 3 })).not.toContain('gap-too-wide')
  expect(ids()).not.toContain('gap-too-wide')
  // nothing is drawn: no distance between lines to be closer by
  const { checks } = quilted({ ...SAMPLE, batting }, { kind: 'motif', motif: 'nonsense' })
  expect(checks.find(({ id }) => id === 'gap-too-wide')!.data).toMatchObject({ hasLines: false })
  const baby = quilted({ ...SAMPLE, for: { baby: true } }, { kind: 'ties', spacing: 5 }).checks
  expect(baby.find(({ id }) => id === 'baby-safety')).toMatchObject({ severity: 'warn' })
})

test('more lines than can be sewn are refused with a check, at once', () => {
  const zigzag = `M0 0${Array.from({ length: 3900 }, (_, i) => `L${i} ${i % 2}`).join('')}`
  for (const entry of [
    { kind: 'ties', spacing: 0.25 },
    { kind: 'motif', motif: zigzag, where: 'blocks' },
  ]) {
    const many = entry.kind === 'motif' ? { ...SAMPLE, setting: { across: 20, down: 20, fill: [['star']] } } : SAMPLE
    const huge = entry.kind === 'ties' ? { ...SAMPLE, setting: { across: 30, down: 30, fill: [['star']] } } : many
    const { quilting, checks } = quilted(huge as QuiltFile, entry)
    expect(quilting).toBeNull()
    expect(checks.find(({ id }) => id === 'quilting-too-dense')).toMatchObject({ severity: 'error' })
  }
})

test('motifs: those that ship are read; scripts, arcs and endless paths are refused, never thrown', () => {
  for (const path of Object.values(MOTIFS)) expect('lines' in motifPath(path)).toBe(true)
  const [square] = ('lines' in motifPath('M0 0H20V10h-20z')
    && (motifPath('M0 0H20V10h-20z') as { lines: Point[][] }).lines) as Point[][]
  expect(square).toEqual([
    [-0.5, -0.25],
    [0.5, -0.25],
    [0.5, 0.25],
    [-0.5, 0.25],
    [-0.5, -0.25],
  ])
  for (const bad of [
    '',
    'hello',
    '<script>alert(1)</script>',
    'M0 0A5 5 0 0 1 10 10',
    'M0 0L5',
    'M0 0 L1e999 1',
    'L1 1',
  ])
    expect(motifPath(bad)).toHaveProperty('fault')
  expect(motifPath(`M0 0${'L1 1L0 0'.repeat(50_000)}`)).toEqual({ fault: 'too-many-points' })
  expect(motifPath('M3 3')).toEqual({ fault: 'nothing-drawn' })
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom(...'MmLlCcSsQqTtZzHhVv0123.- ,e') }), text => {
      const found = motifPath(`M${text}`)
      if ('lines' in found)
        for (const [x, y] of found.lines.flat())
          expect(Math.max(Math.abs(x), Math.abs(y))).toBeLessThanOrEqual(0.5 + 1e-9)
    }),
  )
  const { checks } = quilted(SAMPLE, { kind: 'motif', motif: 'onload=alert(1)' })
  expect(checks.find(({ id }) => id === 'motif-not-drawn')).toMatchObject({ path: 'quilting.0.motif' })
})

test('thread by hand: over and under by turns, so half of what a machine takes, and what needlefuls lose', () => {
  const machine = planOf({ ...SAMPLE, quilting: [{ kind: 'ditch' }] }).plan.quilting!
  const hand = planOf({ ...SAMPLE, quilting: [{ kind: 'ditch' }], stitching: { by: 'hand', stitch: '0.25cm' } }).plan
    .quilting!
  // one stitch on top, one below, each through layers of 1.75 mm
  const run = machine.length * (1 + 1.75 / 2.5)
  expect(hand.thread).toBeCloseTo(run + 6 * Math.ceil(run / 12), 6)
  expect([hand.bobbins, hand.length]).toEqual([0, machine.length])
  // long stitches take less of it than short ones
  const big = planOf({ ...SAMPLE, quilting: [{ kind: 'ditch' }], stitching: { by: 'big-stitch' } }).plan.quilting!
  expect(big.thread).toBeLessThan(hand.thread)
})
