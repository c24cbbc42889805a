import { chanceFrom } from '../measure/chance'
import { planOf } from '../testing/quiltOf'

/** So many four-patches each way, each turned by chance. */
function fourPatches(side: number, seed: number) {
  const chance = chanceFrom(seed)
  const turned = () => ({ block: 'four', turn: ([0, 90, 180, 270] as const)[Math.floor(chance.even() * 4)] })
  return planOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222' },
      { id: 'b', colour: '#eeeeee' },
    ],
    blocks: [{ id: 'four', design: 'four-patch', size: 6, cloths: { dark: 'a', light: 'b' } }],
    setting: {
      across: side,
      down: side,
      cells: Array.from({ length: side }, () => Array.from({ length: side }, turned)),
    },
  }).plan.pressing
}

// the long seam ends on two opposite edges and lies alike on both; the short ones end on the other two and lie opposite
// ways: each row and each column can be settled from its first block on, so that with four ways nothing need clash
test.each([
  [4, 1],
  [7, 2],
  [10, 3],
])('four-patches turned at random, %i by %i, nest everywhere with at most four ways of pressing', (side, seed) => {
  const { crossings, versions } = fourPatches(side, seed)
  // one in each block, one on every side that two blocks share, one where four of them meet
  expect(crossings).toEqual({ nest: (2 * side - 1) ** 2, open: 0, clash: [] })
  expect(versions.length).toBeLessThanOrEqual(4)
})
