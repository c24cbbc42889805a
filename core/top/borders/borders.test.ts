import fc from 'fast-check'
import { planOf } from '../../testing/quiltOf'
import type { QuiltFile } from '../../file/schema'
import { readQuilt } from '../../file/readQuilt'
import { mendsFor } from '../../edits/mends'
import { runs } from '../../testing/runs'

const file = (border: object, more: Partial<QuiltFile> = {}): QuiltFile => ({
  format: 'wren-quilt',
  version: 1,
  cloths: [
    { id: 'a', colour: '#222222' },
    { id: 'b', colour: '#eeeecc' },
  ],
  blocks: [{ id: 'p', design: 'plain', size: 9, cloths: { cloth: 'b' } }],
  setting: { across: 4, down: 6 },
  borders: [{ width: 3, cloth: 'a', ...border }],
  ...more,
})
const half = { design: 'half-square', cloths: { dark: 'a', light: 'b' } }

test('a pieced border whose repeat divides both sides is its units end to end, and its corners', () => {
  // the top inside is 36 by 54: 12 and 18 repeats of 3
  const { plan } = planOf(file({ pieced: half, corners: { cloth: 'a' } }))
  expect(plan.checks.filter(({ id }) => id === 'border-repeat')).toEqual([])
  expect(plan.blocks.find(({ id }) => id === 'border-1')!.units).toMatchObject([{ kind: 'half-square', count: 60 }])
  expect(plan.pieces.find(piece => piece.use === 'border 1: corner')).toMatchObject({
    count: 4,
    width: 3.5,
    height: 3.5,
  })
  expect(plan.borders.map(({ length, rough, width }) => [length, rough, width])).toEqual([
    [54.5, 54.5, 3.5],
    [54.5, 54.5, 3.5],
    [36.5, 36.5, 3.5],
    [36.5, 36.5, 3.5],
  ])
  expect([plan.quilt.width, plan.quilt.height, plan.quilt.blocks]).toEqual([42, 60, 24])
})

test('a repeat that does not divide is an error, and each of its mends makes it divide, the narrowest first', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 8, max: 60 }),
      fc.integer({ min: 8, max: 60 }),
      fc.integer({ min: 2, max: 9 }),
      fc.integer({ min: 2, max: 9 }),
      (sides, ends, across, down) => {
        const quilt = file(
          { width: undefined, sides: sides / 8, ends: ends / 8, pieced: half, corners: half },
          { setting: { across, down } },
        )
        const { plan, quilt: read } = planOf(quilt)
        const check = plan.checks.find(({ id }) => id === 'border-repeat')
        const isWhole = (length: number, by: number) => Math.abs(length / by - Math.round(length / by)) < 1e-4
        const fits = isWhole(9 * across, ends / 8) && isWhole(9 * down, sides / 8)
        expect(check === undefined).toBe(fits)
        if (check?.id !== 'border-repeat') return
        expect(check).toMatchObject({ severity: 'error', path: 'borders.0.pieced' })
        const wide = check.data.spacer.map(spacer => spacer.sides + spacer.ends)
        expect(wide).toEqual([...wide].sort((a, b) => a - b))
        expect(wide.length).toBeGreaterThan(0)
        for (const mend of mendsFor(check, read)) {
          const mended = readQuilt(mend.edit(quilt))
          if (!mended.ok) throw new Error(JSON.stringify(mended.problems))
          expect(planOf(mend.edit(quilt)).plan.checks.filter(({ id }) => id === 'border-repeat')).toEqual([])
        }
      },
    ),
    { numRuns: runs(40) },
  )
})
