import { toCutPiece } from '../cut/need'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { dropLayout, keepLayout } from '../edits/layouts'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { betterLayouts, type BetterLayout } from './betterLayouts'
import { layoutKey } from './knownBound'

/** One cloth for everything, so that there is much to be laid out. */
const file = {
  ...SAMPLE,
  cloths: [{ id: 'soot', name: 'Soot' }],
  blocks: [
    { id: 'star', design: 'sawtooth-star', size: 9, cloths: { star: 'soot', ground: 'soot' } },
    { id: 'churn', design: 'churn-dash', size: 9, cloths: { dash: 'soot', ground: 'soot' } },
  ],
  setting: { across: 3, down: 4, fill: [['star', 'churn']] },
  borders: [{ width: 3, cloth: 'soot' }],
  binding: { cloth: 'soot' },
  backing: null,
} as unknown as QuiltFile

/** Each size in full strips of its own, the better way round, counted by hand. */
function inOwnStrips({ pieces, cloths }: ReturnType<typeof planOf>['plan']): number {
  const counts = new Map<string, { sides: [number, number][]; count: number }>()
  for (const { width, height, grain, count } of pieces) {
    const sides: [number, number][] =
      grain === 'any'
        ? [
            [width, height],
            [height, width],
          ]
        : [[width, height]]
    const key = sides
      .map(side => side.map(length => length.toFixed(4)).join())
      .sort()
      .join(' ')
    counts.set(key, { sides, count: (counts.get(key)?.count ?? 0) + count })
  }
  return [...counts.values()].reduce((sum, { sides, count }) => {
    const ways = sides.map(([across, down]) => {
      const each = Math.floor((cloths[0]!.usable + 1e-6) / across)
      return each > 0 ? Math.ceil(count / each) * down : Infinity
    })
    return sum + Math.min(...ways)
  }, 0)
}

/** The file with the best layout after so many steps, and what it takes. */
function improved(of: QuiltFile, steps: number) {
  const { quilt, plan } = planOf(of)
  const pieces = plan.pieces.filter(({ cloth }) => cloth === 'soot').map(toCutPiece)
  const { usable } = quilt.cloths[0]!
  const looked: BetterLayout[] = []
  for (const layout of betterLayouts(pieces, usable)) if (looked.push(layout) > steps) break
  const last = looked.at(-1)!
  return { file: keepLayout('soot', layoutKey(pieces, usable), last.strips())(of), length: last.length, before: plan }
}

test.each(['in', 'cm'] as const)('a layout that was kept is what is cut by, in %s, and the cloth follows it', units => {
  const blocks = file.blocks.map(block => ({ ...block, size: 30 }))
  const own = units === 'cm' ? { ...file, units, blocks, borders: [{ width: 8, cloth: 'soot' }] } : file
  const { file: kept, length, before } = improved(own, 400)
  expect(length).toBeLessThan(before.cloths[0]!.need - 1e-6)
  const { plan } = planOf(JSON.parse(JSON.stringify(kept)))
  const [cloth] = plan.cloths
  expect(cloth!.need).toBeCloseTo(length, 4)
  expect(cloth!.gap).toBeCloseTo(cloth!.need / cloth!.bound - 1, 9)
  expect(cloth!.bound).toBeLessThanOrEqual(cloth!.need + 1e-6)
  expect(cloth!.buy).toBeLessThanOrEqual(before.cloths[0]!.buy)
  expect(cloth!.saved).toBeCloseTo(inOwnStrips(plan) - cloth!.need, 4)
  // as many of each pile as before
  const cuts = (all: typeof plan) => all.cloths[0]!.strips.flatMap(strip => strip.cuts.map(({ piece }) => piece)).sort()
  expect(cuts(plan)).toEqual(cuts(before))
  const back = planOf(dropLayout('soot')(kept)).plan
  expect(back.cloths[0]!.need).toBe(before.cloths[0]!.need)
})

test('for other pieces, other cloth, or strips that cannot be cut a layout is passed over, and is no fault', () => {
  const { file: kept, before } = improved(file, 200)
  const need = (of: unknown) => planOf(of).plan.cloths[0]!.need
  const better = need(kept)
  expect(better).toBeLessThan(before.cloths[0]!.need)
  expect(need({ ...kept, borders: [{ width: 4, cloth: 'soot' }] })).toBe(
    need({ ...file, borders: [{ width: 4, cloth: 'soot' }] }),
  )
  expect(need({ ...kept, cloths: [{ id: 'soot', name: 'Soot', width: 50 }] })).toBe(
    need({ ...file, cloths: [{ id: 'soot', name: 'Soot', width: 50 }] }),
  )
  // the same pieces on wider cloth
  const bare = { ...file, borders: [], binding: null } as unknown as QuiltFile
  const wide = { cloths: [{ id: 'soot', name: 'Soot', width: 70 }] }
  expect(need({ ...improved(bare, 200).file, ...wide })).toBe(need({ ...bare, ...wide }))
  const layout = kept.layouts!.soot!
  const [first, ...rest] = layout.strips
  for (const strips of [
    rest,
    [{ ...first!, y: 1 }, ...rest],
    [{ ...first!, cuts: first!.cuts.map(cut => ({ ...cut, width: 1 })) }, ...rest],
  ])
    expect(need({ ...kept, layouts: { soot: { ...layout, strips } } })).toBe(before.cloths[0]!.need)
  expect(readQuilt({ ...kept, layouts: { nobody: layout } }).ok).toBe(true)
  expect(readQuilt({ ...kept, layouts: { soot: { pieces: 'x', strips: 'all' } } }).ok).toBe(false)
})
