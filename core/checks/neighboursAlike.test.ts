import fc from 'fast-check'
import type { QuiltFile } from '../file/schema'
import { planOf } from '../testing/quiltOf'
import { cornerMean, type Point } from '../geometry/polygon'
import { liesIn, outlineOf, type Region } from '../top/regions/region'
import { runs } from '../testing/runs'

const SETTINGS: Readonly<Record<string, object>> = {
  'straight': { across: 4, down: 4 },
  'sashes all round': { across: 4, down: 4, sashing: { width: 2, cloth: 'c0' } },
  'sashes between rows': { across: 4, down: 4, sashing: { width: 2, cloth: 'c0', between: 'rows' } },
  'sashes between columns': { across: 4, down: 4, sashing: { width: 2, cloth: 'c0', between: 'columns' } },
  'on point': { kind: 'on-point', across: 3, down: 3, settingCloth: 'c0' },
  'shifted columns': { kind: 'offset-columns', across: 4, down: 4, ends: 'half-blocks' },
  'shifted rows': { kind: 'offset-rows', across: 4, down: 4, ends: { cloth: 'c0' } },
}
const LENGTHS: Readonly<Record<string, readonly number[]>> = {
  'on point': [3, 2, 3, 2, 3],
  'shifted columns': [4, 4, 4, 2],
}

/** Colours of which no two look alike. */
const COLOURS = ['10', '60', 'b0', 'f8'].flatMap(r => ['18', '70', 'c0', 'f0'].map(b => `#${r}50${b}`))

/** How long two outlines run along each other, as a part of a side: sampled, a hair beyond each side. */
function sharedPart(one: Region, other: Region): number {
  const outline = outlineOf(one)
  const [x, y] = cornerMean(outline)
  const parts = outline.map((from, i) => {
    const to = outline[(i + 1) % outline.length]!
    const samples = Array.from({ length: 40 }, (_, k): Point => {
      const t = (k + 1 / 2) / 40
      const [u, v] = [from[0] + (to[0] - from[0]) * t, from[1] + (to[1] - from[1]) * t]
      return [u + (u - x) * 1e-4, v + (v - y) * 1e-4]
    })
    return samples.filter(point => liesIn(other, point)).length / 40
  })
  return Math.max(...parts)
}

test.each(Object.keys(SETTINGS))(
  '%s: two blocks of one cloth are said to lie side by side just where they share a seam, however they are written',
  name => {
    const lengths = LENGTHS[name] ?? [4, 4, 4, 4]
    const places = lengths.flatMap((length, r) => Array.from({ length }, (_, c) => [r, c] as const))
    let found = 0
    fc.assert(
      fc.property(fc.nat(places.length - 1), fc.nat(places.length - 1), fc.boolean(), (one, other, isSpelt) => {
        fc.pre(one !== other)
        // cloth 0 is the block's own; all places differ but two
        const cloth = (i: number) => `c${i === other ? one : i}`
        let i = 0
        const cells = lengths.map(length =>
          Array.from({ length }, () => {
            const id = cloth(i++)
            return { block: 'b', ...(isSpelt || id !== 'c0' ? { cloths: { cloth: id } } : {}) }
          }),
        )
        const { plan, work } = planOf({
          format: 'wren-quilt',
          version: 1,
          cloths: places.map((_, n) => ({ id: `c${n}`, colour: COLOURS[n]! })),
          blocks: [{ id: 'b', design: 'plain', size: 6, cloths: { cloth: 'c0' } }],
          setting: { ...SETTINGS[name], cells },
        } as unknown as QuiltFile)
        const regionAt = ([row, column]: readonly [number, number]) =>
          work.dimensions.setting.regions.find(
            ({ part }) => part.kind === 'block' && part.row === row && part.column === column,
          )!
        const [a, b] = [regionAt(places[one]!), regionAt(places[other]!)]
        const isSeam = sharedPart(a, b) > 0.24
        const checks = plan.checks.filter(({ id }) => id === 'neighbours-alike')
        expect({ one, other, checks: checks.length }).toEqual({ one, other, checks: isSeam ? 1 : 0 })
        if (isSeam) found += 1
      }),
      { numRuns: runs(150) },
    )
    expect(found > 0).toBe(name !== 'sashes all round')
  },
)
