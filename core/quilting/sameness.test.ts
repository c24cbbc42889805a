import fc from 'fast-check'
import { asCells } from '../edits/setting'
import type { QuiltFile } from '../file/schema'
import { blockMake } from '../make/units/blockMake'
import { plannedQuilting, type PlannedQuilting } from '../plan/plannedQuilting'
import { splitReasons } from '../measure/explained'
import type { Point } from '../geometry/polygon'
import { quiltedTop } from './quiltedTop'
import { quiltingLines } from './quiltingLines'
import { trailsOf } from './trails'
import { dimensionsOf } from '../top/dimensions'
import { quiltOf } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { runs } from '../testing/runs'

type Entry = NonNullable<QuiltFile['quilting']>[number]

const entry = fc.oneof(
  fc.constant<Entry>({ kind: 'ditch' }),
  fc.constant<Entry>({ kind: 'echo', distance: 0.25 }),
  fc.constant<Entry>({ kind: 'echo', distance: 0.25, where: 'blocks' }),
  fc.constant<Entry>({ kind: 'diagonal' }),
  fc.constantFrom(30, 45, 60, 90).map((angle): Entry => ({ kind: 'grid', spacing: 3, angle })),
  fc.constantFrom(0, 20, 45, 90).map((angle): Entry => ({ kind: 'lines', spacing: 2.5, angle })),
  fc.constant<Entry>({ kind: 'ties', spacing: 4 }),
)

/** What is sewn, told without the order and the places. */
function told(file: QuiltFile) {
  const quilt = quiltOf(file)
  const makes = new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)]))
  const found = plannedQuilting(quilt, makes, dimensionsOf(quilt))
  if (!found) return null
  const { length, gap, stops, ends, lines, corners } = splitReasons<PlannedQuilting>(found).plain
  const top = quiltedTop(quilt, makes, dimensionsOf(quilt))
  const fewest = trailsOf(quiltingLines(top, quilt.quilting)!, top, Infinity)
  // where a trail turns, which of two takes a ring in, and where it is broken, may be another: they come to as few
  const isStraight = corners === 0
  return {
    length,
    gap: gap.size,
    stops: isStraight ? stops : 0,
    ends,
    ties: lines.filter(({ points }) => points.length === 1).length,
    lines: isStraight ? lines.length : 0,
    fewest: fewest.length,
    fewestStops: fewest.flatMap(({ from, to }) => [from, to]).filter(end => end === 'inside').length,
  }
}

/** The widest place is found to a sixteenth; where a ring is taken into a trail they touch to a hundredth. */
function expectAlike(one: ReturnType<typeof told>, other: ReturnType<typeof told>) {
  expect({ ...one, gap: 0, length: 0 }).toEqual({ ...other, gap: 0, length: 0 })
  if (!one || !other) return
  expect(Math.abs(one.gap - other.gap)).toBeLessThan(1 / 16)
  expect(Math.abs(one.length - other.length)).toBeLessThan(0.02 * (1 + one.lines + other.lines))
}

const quilted = fc
  .tuple(randomQuilt, fc.array(entry, { minLength: 1, maxLength: 2 }))
  .map(([file, quilting]): QuiltFile => ({ ...file, made: [], done: [], quilting }))

test('cloths and blocks by other names and in another order are quilted alike', () => {
  fc.assert(
    fc.property(quilted, file => {
      const other = JSON.parse(
        JSON.stringify(file)
          .replaceAll('"own"', '"zz"')
          .replaceAll('"shipped"', '"aa"')
          .replaceAll(/"cloth(\d)/g, '"x$1'),
      ) as QuiltFile
      const turned = { ...other, cloths: other.cloths.toReversed(), blocks: other.blocks.toReversed() }
      expectAlike(told(turned), told(file))
    }),
    { numRuns: runs(20) },
  )
})

test('in whatever order its lines are asked for, a quilt has the same', () => {
  fc.assert(
    fc.property(quilted, file => {
      const other = told({ ...file, quilting: file.quilting!.toReversed() })
      const own = told(file)
      // which of two trails takes a ring in may be another
      const any = { stops: 0, ends: 0, lines: 0, fewest: 0, fewestStops: 0 }
      expectAlike(other && { ...other, ...any }, own && { ...own, ...any })
    }),
    { numRuns: runs(20) },
  )
})

/** A quilt of straight rows as it is seen in the mirror, or turned upside down. */
function seen(file: QuiltFile, how: 'mirror' | 'turn'): QuiltFile {
  const cells = asCells(file)
  const lines = how === 'turn' ? cells.toReversed() : cells
  return {
    ...file,
    setting: {
      ...file.setting,
      cells: lines.map(line =>
        line.toReversed().map(cell => {
          const { turn = 0, mirror = false } = cell
          const other = how === 'turn' ? (turn + 180) % 360 : (360 - turn) % 360
          return { ...cell, turn: other as typeof turn, mirror: how === 'turn' ? mirror : !mirror }
        }),
      ),
    },
    quilting: file.quilting!.map(each =>
      how === 'mirror' && each.angle !== undefined ? { ...each, angle: (180 - each.angle) % 180 } : each,
    ),
  }
}

test('in the mirror and upside down a quilt has as much of everything', () => {
  fc.assert(
    fc.property(quilted, fc.constantFrom('mirror' as const, 'turn' as const), (file, how) => {
      fc.pre((file.setting.kind ?? 'straight') === 'straight')
      // what is pieced beside the blocks stays as it is
      fc.pre(!/"pieced":\{|"cornerstones":\{"design"|"corners":\{"design"/.test(JSON.stringify(file)))
      const one = { ...file, setting: { ...file.setting, cells: asCells(file) } }
      expectAlike(told(seen(file, how)), told(one))
    }),
    { numRuns: runs(25) },
  )
})

const distance = ([x, y]: Point, [[ax, ay], [bx, by]]: readonly [Point, Point]) => {
  const [dx, dy] = [bx - ax, by - ay]
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square))
  return Math.hypot(x - ax - t * dx, y - ay - t * dy)
}
const stretches = (lines: readonly { points: readonly Point[] }[]) =>
  lines.flatMap(({ points }) => points.slice(1).map((to, i): [Point, Point] => [points[i]!, to]))

test('trails run on the lines that were asked for, nowhere beside them, and over all of them', () => {
  fc.assert(
    fc.property(quilted, file => {
      const quilt = quiltOf(file)
      const makes = new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)]))
      const top = quiltedTop(quilt, makes, dimensionsOf(quilt))
      const lines = quiltingLines(top, quilt.quilting)!
      const [asked, sewn] = [stretches(lines), stretches(trailsOf(lines, top))]
      fc.pre(asked.length * sewn.length < 400_000)
      const farthest = (those: readonly [Point, Point][], from: readonly [Point, Point][]) =>
        Math.max(
          0,
          ...those.flatMap(([[ax, ay], [bx, by]]) =>
            [0, 1 / 3, 1].map(t => {
              const at: Point = [ax + (bx - ax) * t, ay + (by - ay) * t]
              return Math.min(...from.map(stretch => distance(at, stretch)))
            }),
          ),
        )
      expect(farthest(sewn, asked)).toBeLessThan(0.025)
      expect(farthest(asked, sewn)).toBeLessThan(0.025)
    }),
    { numRuns: runs(25) },
  )
})
