import type { Polygon } from '../../geometry/polygon'
import { placeOf } from './partNames'
import type { SewnBlock } from './sewnBlock'

/** Where a part is said to lie that fills so much of a block of 12″, told by its corners. */
function said(left: number, top: number, right: number, bottom: number) {
  const polygons: Polygon[] = [
    [
      [left, top],
      [right, top],
      [right, bottom],
      [left, bottom],
    ],
  ]
  const block = { make: { block: { width: 12, height: 12 }, polygons } } as unknown as SewnBlock
  return placeOf({ unit: { patches: [{ patch: 0 }] } } as unknown as Parameters<typeof placeOf>[0], block)
}

test('a part is called by where it lies: up is the top of the block, left its left', () => {
  expect(said(0, 0, 12, 6)).toBe('top half')
  expect(said(0, 6, 12, 12)).toBe('bottom half')
  expect(said(0, 0, 12, 4)).toBe('top row')
  expect(said(0, 8, 12, 12)).toBe('bottom row')
  expect(said(0, 4, 12, 8)).toBe('middle row')
  expect(said(0, 0, 12, 8)).toBe('upper rows')
  expect(said(0, 4, 12, 12)).toBe('lower rows')
  expect(said(0, 0, 6, 12)).toBe('left half')
  expect(said(6, 0, 12, 12)).toBe('right half')
  expect(said(0, 0, 4, 12)).toBe('left column')
  expect(said(8, 0, 12, 12)).toBe('right column')
  expect(said(0, 0, 8, 12)).toBe('left columns')
  expect(said(4, 0, 12, 12)).toBe('right columns')
  expect(said(0, 0, 4, 4)).toBe('top left')
  expect(said(8, 8, 12, 12)).toBe('bottom right')
  expect(said(4, 0, 8, 4)).toBe('top middle')
  expect(said(8, 4, 12, 8)).toBe('middle right')
  expect(said(5, 4, 8, 7)).toBe('middle middle')
  expect(said(0, 0, 12, 12)).toBe('whole')
})
