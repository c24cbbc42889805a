import fc from 'fast-check'
import type { QuiltFile } from '../file/schema'
import { dimensionsOf } from '../top/dimensions'
import { quiltOf } from '../testing/quiltOf'
import { runs } from '../testing/runs'
import { moveRow, removeRow, repeatRow, rowWidths } from './ownRows'

const SIZES = { small: 4, middle: 6, large: 9 } as const
const file = (rows: readonly (readonly [keyof typeof SIZES, count: number, shift: number])[]): QuiltFile => ({
  format: 'wren-quilt',
  version: 1,
  cloths: [{ id: 'soot' }],
  blocks: Object.entries(SIZES).map(([id, size]) => ({ id, design: 'plain', size, cloths: { cloth: 'soot' } })),
  setting: {
    kind: 'rows',
    across: 1,
    down: 1,
    ends: { cloth: 'soot' },
    rows: rows.map(([block, count, shift]) => ({ cells: Array.from({ length: count }, () => ({ block })), shift })),
  },
})
const someRows = fc.array(
  fc.tuple(
    fc.constantFrom('small' as const, 'middle' as const, 'large' as const),
    fc.integer({ min: 1, max: 6 }),
    fc.integer({ min: 0, max: 3 }),
  ),
  { minLength: 1, maxLength: 6 },
)

test('what each row lacks in width is what cloth fills at its right end', () => {
  fc.assert(
    fc.property(someRows, rows => {
      const quilt = quiltOf(file(rows))
      const { width, rows: drawn } = dimensionsOf(quilt).setting
      const said = rowWidths(quilt)
      expect(said).toHaveLength(rows.length)
      drawn.forEach(({ regions }, r) => {
        const [block, count, shift] = rows[r]!
        expect(said[r]!.width).toBeCloseTo(shift + count * SIZES[block], 9)
        const right = regions.find(({ part, x }) => part.kind === 'end' && x > 1e-9)
        expect(said[r]!.missing).toBeCloseTo(right?.width ?? 0, 9)
        expect(said[r]!.width + said[r]!.missing).toBeCloseTo(width, 9)
      })
    }),
    { numRuns: runs(90) },
  )
})

test('rows are moved, repeated and taken out; the others stay in their order, and the last stays', () => {
  fc.assert(
    fc.property(someRows, fc.nat(99), fc.nat(99), (rows, a, b) => {
      const [from, to] = [a % rows.length, b % rows.length]
      const before = file(rows)
      const idsOf = (quilt: QuiltFile) => quiltOf(quilt).setting.cells.map(line => `${line[0]!.block} ${line.length}`)
      const was = idsOf(before)
      const moved = was.toSpliced(from, 1).toSpliced(to, 0, was[from]!)
      expect(idsOf(moveRow(from, to)(before))).toEqual(moved)
      expect(idsOf(moveRow(to, from)(moveRow(from, to)(before)))).toEqual(was)
      expect(idsOf(repeatRow(from)(before))).toEqual(was.toSpliced(from, 0, was[from]!))
      expect(idsOf(removeRow(from)(before))).toEqual(rows.length === 1 ? was : was.toSpliced(from, 1))
    }),
    { numRuns: runs(90) },
  )
})
