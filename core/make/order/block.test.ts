import { RING } from '../../testing/ring'
import { area } from '../../geometry/polygon'
import { tilingFaults } from '../../geometry/tiling'
import { finishedPatches } from '../../designs/design'
import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { DESIGN_FAMILIES } from '../../designs/shipped/parametric'
import { countSeams, patchesOf } from './sewingTree'
import { findSewingOrder } from './findSewingOrder'
import { unitTree, unitsOf } from '../units/unitTree'
import { runs } from '../../testing/runs'

const kindsOf = (id: string, width = 12, height = 12) => {
  const design = SHIPPED_DESIGNS.find(d => d.id === id)!
  const polygons = finishedPatches(design, width, height)
  return unitsOf(unitTree(findSewingOrder(design.patches.map(p => p.points)).tree, polygons)).reduce<
    Record<string, number>
  >((count, unit) => ({ ...count, [unit.kind]: (count[unit.kind] ?? 0) + 1 }), {})
}

/** Designs that straight seams alone cannot sew: set-in joints, partial seams. */
const NOT_STRAIGHT: Record<string, [number, number]> = {
  'lemoyne-star': [8, 0],
  'lone-star': [8, 0],
  'tumbling-block': [1, 0],
  'spool': [4, 0],
  'attic-window': [1, 0],
  'bright-hopes': [0, 1],
  'wound-square': [0, 2],
}

test('there are ninety designs at least, each with a name and an id of its own', () => {
  expect(SHIPPED_DESIGNS.length).toBeGreaterThanOrEqual(90)
  for (const key of ['id', 'name'] as const)
    expect(new Set(SHIPPED_DESIGNS.map(design => design[key])).size).toBe(SHIPPED_DESIGNS.length)
})

test('whatever numbers a family of blocks is made with, its patches tile and it can be sewn', () => {
  fc.assert(
    fc.property(fc.constantFrom(...DESIGN_FAMILIES), fc.infiniteStream(fc.nat(1000)), (family, stream) => {
      const values = Object.fromEntries(
        family.numbers.map(({ key, least, most }) => [key, least + (Number(stream.next().value) % (most - least + 1))]),
      )
      const design = family.make(values)
      const patches = design.patches.map(patch => patch.points)
      fc.pre(patches.length <= 150)
      expect(tilingFaults(patches, design.width, design.height)).toEqual([])
      expect(patchesOf(findSewingOrder(patches).tree)).toHaveLength(patches.length)
    }),
    { numRuns: runs(60) },
  )
})

describe.each(SHIPPED_DESIGNS.map(design => [design.id, design] as const))('%s', (_, design) => {
  const patches = design.patches.map(patch => patch.points)
  test('tiles its rectangle', () => expect(tilingFaults(patches, design.width, design.height)).toEqual([]))
  test('has a proven order of sewing that joins every patch once', () => {
    const { tree, isProven, setIn, partial } = findSewingOrder(patches)
    expect(isProven).toBe(true)
    expect(patchesOf(tree).sort((a, b) => a - b)).toEqual(patches.map((_, i) => i))
    expect([setIn, partial]).toEqual(NOT_STRAIGHT[design.id] ?? [0, 0])
  })
  test('falls into units that cover every patch once', () => {
    const units = unitsOf(unitTree(findSewingOrder(patches).tree, finishedPatches(design, 12, 12)))
    expect(units.flatMap(unit => unit.patches.map(p => p.patch)).sort((a, b) => a - b)).toEqual(
      patches.map((_, i) => i),
    )
  })
})

test.each([
  ['sawtooth-star', { goose: 4, rectangle: 5 }],
  ['variable-star', { 'quarter-square': 4, 'rectangle': 5 }],
  ['friendship-star', { 'half-square': 4, 'rectangle': 5 }],
  ['four-patch', { 'strip-set': 2 }],
  ['nine-patch', { 'strip-set': 3 }],
  ['rail-fence', { 'strip-set': 1 }],
  ['snowball', { 'flip-corner': 1 }],
  ['square-in-a-square', { 'square-in-square': 1 }],
  ['hourglass', { 'quarter-square': 1 }],
  ['flying-geese', { goose: 8 }],
  ['dutchmans-puzzle', { goose: 8 }],
  ['pinwheel', { 'half-square': 4 }],
  ['broken-dishes', { 'half-square': 16 }],
  ['log-cabin', { rectangle: 2, log: 11 }],
  ['courthouse-steps', { rectangle: 3, log: 10 }],
  ['bow-tie', { 'rectangle': 2, 'flip-corner': 2 }],
  ['card-trick', { 'half-square': 4, 'three-patch': 4, 'quarter-square': 1 }],
  ['turnstile', { 'three-patch': 4 }],
  ['kaleidoscope', { wedge: 8 }],
  ['churn-dash', { 'half-square': 4, 'strip-set': 3 }],
])('%s is made of the units a quilter would name', (id, kinds) => expect(kindsOf(id)).toEqual(kinds))

test('a 60° diamond is one in its own rectangle only', () => {
  expect(kindsOf('diamond-in-rectangle', 12 * Math.tan(Math.PI / 6), 12)).toEqual({ diamond: 1, template: 4 })
})

test('a block that is not square keeps its geese only where they are twice as wide as high', () => {
  expect(kindsOf('sawtooth-star', 12, 10)).toEqual({ rectangle: 5, template: 8, wedge: 4 })
})

test('four rectangles wound round a square need one partial seam and nothing set in', () => {
  expect(tilingFaults(RING, 3, 3)).toEqual([])
  expect(countSeams(findSewingOrder(RING).tree)).toEqual({ 'straight': 3, 'partial': 1, 'set-in': 0 })
})

test('patches keep their roles: as many points as a star has', () => {
  const star = SHIPPED_DESIGNS.find(d => d.id === 'sawtooth-star')!
  expect(
    star.patches
      .map((p, i) => ({ i, role: p.role, area: area(p.points) }))
      .filter(p => p.role === 'star' && p.area === 0.5)
      .map(p => p.i),
  ).toEqual([1, 2, 4, 5, 7, 8, 10, 11])
})
