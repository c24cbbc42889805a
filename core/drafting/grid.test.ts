import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { gridDraft } from '../designs/gridDraft'
import { tilingFaults } from '../geometry/tiling'
import { GRID_KINDS, gridFor, gridPoints, gridSize, MIN_UNITS, MAX_UNITS } from './grid'

const units = fc.integer({ min: MIN_UNITS, max: MAX_UNITS })

test('grid points lie in the block, its corners among them, and neighbours of a row a unit apart at most', () => {
  fc.assert(
    fc.property(fc.constantFrom(...GRID_KINDS), units, units, (kind, across, down) => {
      const { width, height } = gridSize({ kind, across, down })
      const rows = gridPoints({ kind, across, down })
      expect(rows).toHaveLength(down + 1)
      for (const row of rows) {
        expect(row[0]![0]).toBe(0)
        expect(row.at(-1)![0]).toBe(across)
        row.forEach(([x, y], i) => {
          expect(y).toBeLessThanOrEqual(height + 1e-9)
          if (i > 0) expect(x - row[i - 1]![0]).toBeLessThanOrEqual(1)
        })
      }
      expect([rows[0]![0], rows.at(-1)!.at(-1)]).toEqual([
        [0, 0],
        [width, expect.closeTo(height, 9)],
      ])
    }),
  )
})

test('on the 60° grid the nearest point of the next row is one unit away', () => {
  const [first, second] = gridPoints({ kind: 'sixty', across: 4, down: 4 })
  expect(Math.hypot(second![1]![0] - first![0]![0], second![1]![1] - first![0]![1])).toBeCloseTo(1, 12)
})

test('a design opened for drafting gets a grid within bounds, and one drawn on 60° gets that', () => {
  for (const design of SHIPPED_DESIGNS) {
    const { across, down } = gridFor(design)
    for (const count of [across, down]) expect(count >= MIN_UNITS && count <= MAX_UNITS).toBe(true)
  }
  fc.assert(
    fc.property(units, units, (across, down) => {
      expect(gridFor(gridSize({ kind: 'sixty', across, down }))).toEqual({ kind: 'sixty', across, down })
    }),
  )
})

describe('a block written as rows of cells', () => {
  const roles = { a: 'first', b: 'second', c: 'third', d: 'fourth' }
  const cell = fc.constantFrom('a', 'b', 'a/b', 'c\\d', '+abcd', 'a/bc', 'ab/c', 'a\\bc', 'bc\\d')
  test('tiles, whatever the cells', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 4 }),
        fc.infiniteStream(cell),
        (across, down, cells) => {
          const rows = Array.from({ length: down }, () =>
            Array.from({ length: across }, () => cells.next().value as string).join(' '),
          )
          expect(
            tilingFaults(
              gridDraft(rows, roles).map(patch => patch.points),
              across,
              down,
            ),
          ).toEqual([])
        },
      ),
    )
  })
  test('a patch goes on to the right and downwards; a letter without a role is a slip', () => {
    expect(gridDraft(['a > b', 'c d v'], roles)).toHaveLength(4)
    expect(
      tilingFaults(
        gridDraft(['a > b', 'c d v'], roles).map(patch => patch.points),
        3,
        2,
      ),
    ).toEqual([])
    expect(() => gridDraft(['x'], roles)).toThrow('no role for "x"')
  })
})
