import type { QuiltFile } from '../core/file/schema'
import { planOf, SAMPLE } from '../core/testing/quiltOf'
import { useName } from './names'

const namesIn = (block: QuiltFile['blocks'][number]) => {
  const { plan } = planOf({ ...SAMPLE, blocks: [block], borders: [], setting: { across: 2, down: 2 } })
  return plan.pieces
    .filter(({ places }) => places.some(place => 'block' in place))
    .map(piece => ({ name: useName(piece), isSquare: Math.abs(piece.width - piece.height) < 1e-9 }))
}

test('pieces with four sides alike are called squares, whichever unit they are sewn into; others are not', () => {
  const nine = namesIn({ id: 'b', design: 'nine-patch', size: 7.5, cloths: { dark: 'soot', light: 'cream' } })
  expect(nine.length).toBeGreaterThan(0)
  expect(nine.every(({ name, isSquare }) => isSquare && name === 'b: squares')).toBe(true)
  // of a block that is wider than high the same patches are no squares
  const wide = namesIn({
    id: 'b',
    design: 'nine-patch',
    width: 9,
    height: 6,
    cloths: { dark: 'soot', light: 'cream' },
  })
  expect(wide.some(({ name, isSquare }) => !isSquare && name.endsWith('rectangles'))).toBe(true)
  expect(wide.some(({ name }) => name.endsWith('squares'))).toBe(false)
})
