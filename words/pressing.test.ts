import { planOf } from '../core/testing/quiltOf'
import { withPlainSpaces } from './length'
import { nestingText } from './pressing'

const us = { units: 'in', english: 'us' } as const

/** Two by two half-squares, turned so that they make a pinwheel, or all alike. */
const textOf = (turns: readonly number[]) => {
  const { plan } = planOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'dark', colour: '#222222' },
      { id: 'light', colour: '#eeeeee' },
    ],
    blocks: [{ id: 'one', design: 'half-square', size: 6, cloths: { dark: 'dark', light: 'light' } }],
    setting: {
      across: 2,
      down: 2,
      cells: [0, 1].map(r => [0, 1].map(c => ({ block: 'one', turn: turns[r * 2 + c] as 0 }))),
    },
  })
  return withPlainSpaces(nestingText(plan.pressing, us))
}

test('seams are said to nest where all do; where a middle does not, its place is named', () => {
  // diagonals round the outside: only the two seams between the blocks meet in the middle
  expect(textOf([0, 90, 270, 180])).toBe('Where two seams cross, they lie opposite ways and nest.')
  // a seam allowance from the edge of the raw top, and one block
  expect(textOf([0, 0, 0, 0])).toBe(
    'At 1 point where more than two seams meet they do not nest, 6 1/4″ from the left and 6 1/4″ from the top: '
      + 'match the points with a pin and press the last seam open.',
  )
})
