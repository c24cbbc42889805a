import fc from 'fast-check'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { runs } from '../testing/runs'

const near = (value: number): unknown => expect.closeTo(value, 6)

function asYouGo(across: number, down: number, size: number, allowance: number): QuiltFile {
  return {
    ...SAMPLE,
    making: 'as-you-go',
    asYouGo: { allowance },
    borders: [],
    blocks: SAMPLE.blocks.map(block => ({ ...block, size })),
    setting: { kind: 'straight', across, down, fill: [['star', 'plain']] },
  } as unknown as QuiltFile
}

/**
 * Folds one line of backs as cloth, from their cut size alone: sewn to each other so far from their edges as the
 * allowance is, every allowance creased in its middle so that its raw edge lies at the seam, or at the edge's fold.
 * Gives the line from its one folded edge to the other, and every stretch of the front that a fold covers.
 */
function folded(cut: number, count: number, allowance: number) {
  let at = 0
  const covered: [number, number][] = []
  for (let i = 0; i < count; i++) {
    // between the seams, or the edge of the batting
    const inner = cut - 2 * allowance
    const crease = allowance / 2
    covered.push([at, at + crease], [at + inner - crease, at + inner])
    at += inner
  }
  return { whole: at, covered }
}

test('from the cut sizes every join and edge is folded, and the quilt comes out', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 1, max: 6 }),
      fc.constantFrom(6, 9, 12.5),
      fc.constantFrom(0.5, 0.75, 1, 2),
      (across, down, size, allowance) => {
        const { plan } = planOf(asYouGo(across, down, size, allowance))
        const made = plan.asYouGo!
        const backs = plan.pieces.filter(({ part }) => part === 'backs')
        expect(backs).toHaveLength(1)
        expect(backs[0]).toMatchObject({ cloth: 'cream', count: across * down })
        const [cut] = [backs[0]!.width]
        expect(backs[0]!.height).toBe(cut)
        expect(plan.pieces.filter(({ part }) => part === 'binding')).toEqual([])
        const row = folded(cut, across, allowance)
        const column = folded(cut, down, allowance)
        expect([row.whole, column.whole]).toEqual([near(plan.quilt.width), near(plan.quilt.height)])
        expect(plan.quilt.edged).toEqual({ width: near(row.whole), height: near(column.whole) })
        // over each join lie two stretches side by side, at the edge one
        const sashes = row.covered.slice(1, -1)
        for (let i = 0; i + 1 < sashes.length; i += 2)
          expect(sashes[i + 1]![1] - sashes[i]![0]).toEqual(near(made.sash))
        expect(row.covered[0]![1]).toEqual(near(made.edge))
        expect(plan.binding).toMatchObject({ style: 'self', visible: near(made.edge) })
        // batting as large as the block, its edges meeting at the seams
        const layers = made.sizes[0]!
        expect(layers).toMatchObject({ count: across * down, batting: { width: size, height: size } })
        expect(row.whole / across).toEqual(near(layers.batting.width))
        // nothing is bought or laid for the whole
        expect([plan.backing, plan.batting]).toEqual([null, null])
      },
    ),
    { numRuns: runs(40) },
  )
})

test('blocks smaller than planned but as large as their batting change nothing; smaller ones all that follows', () => {
  const file = asYouGo(3, 2, 9, 1)
  const withBlocks = (size: number[]) => planOf({ ...file, made: [{ what: 'block', block: 'star', size }] }).plan
  const planned = planOf(file).plan
  // a seam round a block of 9″ is spare: it is trimmed level with the batting
  for (const { quilt, asYouGo: made } of [withBlocks([9.375, 9.25]), withBlocks([9])])
    expect([quilt.width, quilt.height, made]).toEqual([planned.quilt.width, planned.quilt.height, planned.asYouGo])
  const small = withBlocks([9.5, 8.75])
  expect(small.asYouGo!.sizes[0]).toMatchObject({ batting: { width: 8.75 }, back: { width: near(10.75) } })
  expect([small.quilt.width, small.quilt.height]).toEqual([near(3 * 8.75), near(2 * 8.75)])
  // joined, it has no raw edge beyond
  const joined = planOf({ ...file, made: [{ what: 'setting', width: [26.5, 26.75], height: [18] }] }).plan
  expect([joined.quilt.width, joined.quilt.height]).toEqual([near(26.625), near(18)])
  expect(joined.stages[0]!.measures.height).toMatchObject({ expected: near(18), off: near(0) })
})

test('rows are joined back to back: as wide as their backs less two allowances at every seam', () => {
  const { plan } = planOf(asYouGo(4, 3, 9, 1))
  for (const row of plan.rows) expect([row.width, row.height]).toEqual([near(4 * 11 - 3 * 2), near(11)])
  // no seams of neighbours meet, and none of the rows is joined as tops are
  expect(plan.joining).toEqual([])
})

test('batting: as many packets as squares lie edge to edge on', () => {
  const file = { ...asYouGo(4, 3, 9, 1), batting: { width: 36, length: 45 } }
  // 4 × 5 of them on one
  expect(planOf(file).plan.asYouGo!.packets).toBe(1)
  expect(planOf({ ...file, batting: { width: 20, length: 30 } }).plan.asYouGo!.packets).toBe(2)
  expect(planOf(asYouGo(4, 3, 9, 1)).plan.asYouGo!.packets).toBeNull()
  // one that no block fits on
  expect(planOf({ ...file, batting: { width: 8, length: 45 } }).plan.asYouGo!.packets).toBeNull()
})

test('with borders, sashes, another setting or no back it is refused at its field', () => {
  const wrong = (change: object) => {
    const found = readQuilt({ ...asYouGo(2, 2, 9, 1), ...change })
    return found.ok ? [] : found.problems.map(({ code, path }) => `${code} ${path.join('.')}`)
  }
  expect(wrong({})).toEqual([])
  expect(wrong({ borders: [{ width: 3, cloth: 'soot' }] })).toEqual(['not-together making'])
  expect(wrong({ backing: null })).toEqual(['not-together making'])
  expect(wrong({ setting: { kind: 'straight', across: 2, down: 2, sashing: { width: 1, cloth: 'cream' } } })).toEqual([
    'not-together making',
  ])
  expect(wrong({ asYouGo: { allowance: 0 } })).toEqual(['expected asYouGo.allowance'])
  expect(quiltOf(asYouGo(2, 2, 9, 1)).binding).toMatchObject({ style: 'self', extra: 1 })
})

test('as you go rows are joined by their backs: no join of rows, no crossing and no easing is told of them', () => {
  const { plan } = planOf(asYouGo(4, 3, 9, 1))
  expect(plan.joining).toEqual([])
  const { crossings } = planOf(asYouGo(1, 1, 9, 1)).plan.pressing
  // only those within the blocks: as many a star as one alone has
  const stars = plan.pressing.versions
    .filter(({ block }) => block === 'star')
    .reduce((sum, { count }) => sum + count, 0)
  expect(plan.pressing.crossings.nest).toBe(crossings.nest * stars)
})
