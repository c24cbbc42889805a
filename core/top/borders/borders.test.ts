import fc from 'fast-check'
import { clothsOfCell } from '../../file/clothsOfCell'
import { blockOf, type Quilt } from '../../file/quilt'
import { contains } from '../../geometry/polygon'
import { blockMake } from '../../make/units/blockMake'
import { pointInTop } from '../../make/units/pointInTop'
import { planOf, quiltOf } from '../../testing/quiltOf'
import { dimensionsOf } from '../dimensions'
import { outlineOf } from '../regions/region'
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

/** What is seen at points all over the top: cloth by cloth, worked out from the outlines of the patches. */
function seenIn(quilt: Quilt): (x: number, y: number) => string {
  const shapes = dimensionsOf(quilt).top.regions.flatMap(region => {
    const { fabric } = region
    if ('cloth' in fabric) return [{ points: outlineOf(region), cloth: fabric.cloth }]
    const block = blockOf(quilt, fabric.cell.block)
    const make = blockMake(quilt, block)
    const cloths = clothsOfCell(quilt, fabric.cell)
    return make.design.patches.map(({ points, role }) => ({
      points: points.map(point => pointInTop(region, make, fabric.cell, point)),
      cloth: cloths[role]!,
    }))
  })
  return (x, y) => shapes.find(({ points }) => contains(points, [x, y]))?.cloth ?? '-'
}

const THREE = [
  { id: 'a', colour: '#222222' },
  { id: 'b', colour: '#eeeecc' },
  { id: 'c', colour: '#a8402c' },
]
const alternate = { design: 'half-square', cloths: { dark: 'c', light: 'b' } }
/** Off the seams, and in no symmetry of its own. */
const SPOTS = Array.from({ length: 61 }, (_, i) => Array.from({ length: 61 }, (__, k) => [i, k] as const)).flat()

test('mirrored in each side a border is its own mirror image, both ways; round, its own quarter turn', () => {
  for (const across of [3, 4])
    for (const more of [{}, { alternate }]) {
      const pieced = (run: 'mirrored' | 'round') =>
        quiltOf(
          file(
            { pieced: { ...half, ...more, run }, corners: half },
            { cloths: THREE, setting: { across, down: across } },
          ),
        )
      const size = 9 * across + 6
      const at = (n: number) => ((n + 0.37) * size) / 61.5
      const mirrored = seenIn(pieced('mirrored'))
      const round = seenIn(pieced('round'))
      const isBorder = (x: number, y: number) => Math.min(x, y, size - x, size - y) < 3
      // in the corners the block lies turned: it is looked at by itself
      const isCorner = (x: number, y: number) => Math.min(x, size - x) < 3 && Math.min(y, size - y) < 3
      let looked = 0
      for (const [i, k] of SPOTS) {
        const [x, y] = [at(i), at(k)]
        if (!isBorder(x, y) || isCorner(x, y)) continue
        looked += 1
        // of an odd number the middle unit cannot be its own mirror image
        const isMiddle = across % 2 === 1 && [x, y].some(n => Math.abs(n - size / 2) < 1.6)
        if (!isMiddle) {
          expect(mirrored(x, y)).toBe(mirrored(size - x, y))
          expect(mirrored(x, y)).toBe(mirrored(x, size - y))
        }
        expect(round(x, y)).toBe(round(size - y, x))
      }
      expect(looked).toBeGreaterThan(500)
    }
})

test('units by turns: two designs along each side, as many of one as of the other, or one more', () => {
  const { plan } = planOf(
    file({ pieced: { ...half, alternate: { design: 'plain', cloths: { cloth: 'a' } } }, corners: { cloth: 'a' } }),
  )
  // 12 and 18 places a side: half of them squares
  const counts = plan.blocks
    .filter(({ id }) => id.startsWith('border-1'))
    .map(({ units }) => units.map(({ count }) => count))
  expect(counts).toContainEqual([30])
  expect(plan.checks.filter(({ severity }) => severity === 'error')).toEqual([])
})

test('the block of a corner is turned as it is asked for; each corner follows the one before it by a quarter', () => {
  const corner = (turn: 0 | 90 | 180 | 270) => {
    const seen = seenIn(quiltOf(file({ corners: { ...half, turn } }, { setting: { across: 2, down: 2 } })))
    // the dark half of the upper left corner: at its upper left, lower left …
    return [seen(0.5, 1.2), seen(2.5, 1.8)].join()
  }
  expect([corner(0), corner(180)].map(text => text.split(',').toSorted().join())).toEqual(['a,b', 'a,b'])
  expect(corner(0)).not.toBe(corner(180))
  expect(corner(90)).not.toBe(corner(270))
})
