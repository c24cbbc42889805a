import fc from 'fast-check'
import { boundingBox, type Polygon } from '../../geometry/polygon'
import { tilingFaults } from '../../geometry/tiling'
import { anyBlock, cutBlock } from '../../testing/randomBlocks'
import { finishedPatches } from '../../designs/design'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { findFoundation, type Foundation } from './foundation'
import { foundationOf, foundationTree } from './howSewn'
import { countSeams, patchesOf } from './sewingTree'
import { findSewingOrder } from './findSewingOrder'
import { straightCuts } from './straightCuts'
import { runs } from '../../testing/runs'

/** Each patch in turn must lie beyond a straight line from all that its paper holds already. */
function checkPapers(patches: readonly Polygon[], { sections }: Foundation) {
  expect(sections.flatMap(section => section.order).sort((a, b) => a - b)).toEqual(patches.map((_, i) => i))
  for (const { order } of sections) {
    for (let i = 1; i < order.length; i++) {
      const there = order.slice(0, i + 1)
      expect(
        [...straightCuts(patches, there)].some(({ before, after }) =>
          [before, after].some(side => side.length === 1 && side[0] === order[i]),
        ),
      ).toBe(true)
    }
  }
}

/** Fewest papers by trying every set of patches as one paper and every straight cut of the rest. */
function fewestByTrying(patches: readonly Polygon[], members: readonly number[]): number {
  const isOne = (left: readonly number[]): boolean =>
    left.length === 1
    || [...straightCuts(patches, left)].some(
      ({ before, after }) => (before.length === 1 && isOne(after)) || (after.length === 1 && isOne(before)),
    )
  if (isOne(members)) return 1
  return Math.min(
    Infinity,
    ...[...straightCuts(patches, members)].map(
      ({ before, after }) => fewestByTrying(patches, before) + fewestByTrying(patches, after),
    ),
  )
}

test.each(SHIPPED_DESIGNS.map(design => [design.id, design] as const))(
  '%s: papers hold their patches in an order that can be sewn, or there are none',
  (_, design) => {
    const patches = design.patches.map(patch => patch.points)
    const { setIn, partial } = findSewingOrder(patches)
    const foundation = foundationOf(design)
    expect(foundation === null).toBe(setIn + partial > 0)
    if (!foundation) return
    checkPapers(patches, foundation)
    const tree = foundationTree(design, foundation)
    expect(countSeams(tree)).toEqual({ 'straight': patches.length - 1, 'partial': 0, 'set-in': 0 })
    expect(patchesOf(tree)).toHaveLength(patches.length)
  },
)

test('papers can be found just where straight seams can sew the block', () => {
  fc.assert(
    fc.property(anyBlock(9), ({ patches, width, height }) => {
      fc.pre(tilingFaults(patches, width, height).length === 0)
      const { setIn, partial } = findSewingOrder(patches)
      const foundation = findFoundation(patches)
      expect(foundation === null).toBe(setIn + partial > 0)
      if (foundation) checkPapers(patches, foundation)
    }),
    { numRuns: runs(200) },
  )
})

test('no fewer papers would do', () => {
  fc.assert(
    fc.property(cutBlock(8), ({ patches, width, height }) => {
      fc.pre(tilingFaults(patches, width, height).length === 0)
      const foundation = findFoundation(patches)!
      expect(foundation.isFewest).toBe(true)
      expect(foundation.sections).toHaveLength(
        fewestByTrying(
          patches,
          patches.map((_, i) => i),
        ),
      )
    }),
    { numRuns: runs(100) },
  )
}, 60_000)

test('a log cabin goes on one paper; a sawtooth star on three', () => {
  const papers = (id: string) => foundationOf(SHIPPED_DESIGNS.find(design => design.id === id)!)?.sections.length
  expect(papers('log-cabin')).toBe(1)
  expect(papers('half-square')).toBe(1)
  expect(papers('bright-hopes')).toBeUndefined()
})

test('of papers as few, square ones joined by level seams are taken: two geese on each of four', () => {
  const puzzle = SHIPPED_DESIGNS.find(({ id }) => id === 'dutchmans-puzzle')!
  const patches = finishedPatches(puzzle, 12, 12)
  const { sections } = findFoundation(patches)!
  expect(sections.map(({ order }) => order.length)).toEqual([6, 6, 6, 6])
  for (const { order } of sections) {
    const { width, height } = boundingBox(order.flatMap(patch => patches[patch]!))
    expect([width, height]).toEqual([6, 6])
  }
})
