import fc from 'fast-check'
import { readQuilt } from '../file/readQuilt'
import { blockOf, type Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { dimensionsOf } from '../top/dimensions'
import { quiltOf } from '../testing/quiltOf'
import { runs } from '../testing/runs'
import { setColumnWidth, setFramedSize, setPlaceWidth, setRowHeight, sizeScopes } from './ownSizes'
import { setKind } from './setting'

const TURNS = [0, 90, 180, 270] as const
const file = (places: readonly (readonly [block: string, turn: number])[], across: number): QuiltFile => ({
  format: 'wren-quilt',
  version: 1,
  cloths: [{ id: 'soot' }, { id: 'cream' }],
  blocks: [
    { id: 'star', design: 'sawtooth-star', size: 9, cloths: { star: 'soot', ground: 'cream' } },
    { id: 'plain', design: 'plain', size: 9, cloths: { cloth: 'cream' } },
    {
      id: 'framed',
      design: 'nine-patch',
      size: '7 1/2',
      cloths: { dark: 'soot', light: 'cream' },
      frame: [{ cloth: 'soot', width: '3/4' }],
    },
  ],
  setting: {
    across,
    down: places.length / across,
    cells: Array.from({ length: places.length / across }, (_, r) =>
      places
        .slice(r * across, (r + 1) * across)
        .map(([block, turn]) => ({ block, turn: turn as (typeof TURNS)[number] })),
    ),
  },
})
const aQuilt = fc
  .tuple(
    fc.integer({ min: 1, max: 4 }),
    fc.array(fc.tuple(fc.constantFrom('star', 'plain', 'framed'), fc.constantFrom(...TURNS)), {
      minLength: 16,
      maxLength: 16,
    }),
  )
  .map(([across, places]) => file(places.slice(0, across * Math.floor(16 / across)), across))
const aSize = fc.integer({ min: 24, max: 120 }).map(eighths => eighths / 8)

/** What stands where: its design, its cloths, and its size with its frames as it lies. */
function standing(quilt: Quilt) {
  return quilt.setting.cells.map(line =>
    line.map(cell => {
      const { design, cloths, frame, outer } = blockOf(quilt, cell.block)
      const [width, height] = cell.turn % 180 === 0 ? [outer.width, outer.height] : [outer.height, outer.width]
      return { what: JSON.stringify([design, cloths, frame, cell.turn, cell.mirror]), width, height }
    }),
  )
}

test('a row takes its height, a column its width; nothing else changes, and what there was is drawn', () => {
  fc.assert(
    fc.property(aQuilt, fc.nat(99), fc.nat(99), aSize, aSize, (before, a, b, height, width) => {
      const [r, c] = [a % before.setting.down, b % before.setting.across]
      const was = standing(quiltOf(before))
      const quilt = quiltOf(setColumnWidth(c, width)(setRowHeight(r, height)(before)))
      standing(quilt).forEach((line, i) =>
        line.forEach((place, k) => {
          expect(place.what).toBe(was[i]![k]!.what)
          expect(place.height).toBeCloseTo(i === r ? height : 9, 6)
          expect(place.width).toBeCloseTo(k === c ? width : 9, 6)
        }),
      )
      const { setting } = dimensionsOf(quilt)
      expect(setting.width).toBeCloseTo(9 * (before.setting.across - 1) + width, 6)
      expect(setting.height).toBeCloseTo(9 * (before.setting.down - 1) + height, 6)
    }),
    { numRuns: runs(120) },
  )
})

test('one size after the other and back again needs no more blocks than there are sizes', () => {
  const before = file(
    Array.from({ length: 12 }, () => ['star', 0] as const),
    3,
  )
  const once = setRowHeight(1, 6)(before)
  expect(once.blocks.map(({ id, name }) => [id, name])).toContainEqual(['star-2', 'Sawtooth star 2'])
  const twice = setRowHeight(2, 6)(once)
  expect(twice.blocks).toHaveLength(4)
  expect(twice.setting.cells![2]!.map(({ block }) => block)).toEqual(['star-2', 'star-2', 'star-2'])
  const back = setRowHeight(2, 9)(setRowHeight(1, 9)(twice))
  expect(back.setting.cells!.flat().every(({ block }) => block === 'star')).toBe(true)
})

test('one block framed in its place: it is as large as asked for, its place and all others are as they were', () => {
  fc.assert(
    fc.property(aQuilt, fc.nat(99), fc.nat(99), fc.integer({ min: 16, max: 68 }), (before, a, b, eighths) => {
      const [r, c] = [a % before.setting.down, b % before.setting.across]
      const was = standing(quiltOf(before))
      const quilt = quiltOf(setFramedSize(r, c, { width: eighths / 8, height: 6 })(before))
      standing(quilt).forEach((line, i) =>
        line.forEach((place, k) => {
          expect([place.width, place.height]).toEqual([9, 9])
          if (i !== r || k !== c) expect(place.what).toBe(was[i]![k]!.what)
        }),
      )
      const cell = quilt.setting.cells[r]![c]!
      const { width, height } = blockOf(quilt, cell.block)
      expect(cell.turn % 180 === 0 ? [width, height] : [height, width]).toEqual([eighths / 8, 6])
    }),
    { numRuns: runs(60) },
  )
})

test('rows of their own: a row of squares stays square, one place may be wider; the others keep their size', () => {
  const before = setKind('rows')(
    file(
      Array.from({ length: 6 }, () => ['star', 0] as const),
      3,
    ),
  )
  const quilt = quiltOf(setPlaceWidth(1, 0, 4)(setRowHeight(1, 6)(before)))
  expect(standing(quilt).map(line => line.map(({ width, height }) => [width, height]))).toEqual([
    [
      [9, 9],
      [9, 9],
      [9, 9],
    ],
    [
      [4, 6],
      [6, 6],
      [6, 6],
    ],
  ])
})

test.each(['straight', 'on-point', 'offset-rows', 'offset-columns', 'rows'] as const)(
  'in a setting %s every scope that is offered can be used',
  kind => {
    const before = setKind(kind)(
      file(
        Array.from({ length: 12 }, () => ['star', 0] as const),
        3,
      ),
    )
    const edits = {
      all: [],
      row: [setRowHeight(1, 7)],
      column: [setColumnWidth(1, 7)],
      place: kind === 'rows' ? [setPlaceWidth(1, 1, 7)] : [setFramedSize(1, 1, { width: 7, height: 7 })],
    }
    for (const scope of sizeScopes(before.setting))
      for (const edit of edits[scope]) {
        const read = readQuilt(edit(before))
        expect(read.ok ? [] : [scope, read.problems]).toEqual([])
      }
  },
)
