import fc from 'fast-check'
import type { QuiltFile } from '../file/schema'
import { planOf } from '../testing/quiltOf'
import { outlineOf, type Region } from '../top/regions/region'
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

/** Whether two outlines run along each other for the whole of a side. */
function shareSide(one: Region, other: Region): boolean {
  const sides = (region: Region) =>
    outlineOf(region).map((from, i, all) => {
      const to = all[(i + 1) % all.length]!
      return [from, to]
        .map(([x, y]) => `${(x + 1e-5).toFixed(3)},${(y + 1e-5).toFixed(3)}`)
        .sort()
        .join(' ')
    })
  const theirs = new Set(sides(other))
  return sides(one).some(side => theirs.has(side))
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
          cloths: places.map((_, n) => ({ id: `c${n}`, colour: '#222222' })),
          blocks: [{ id: 'b', design: 'plain', size: 6, cloths: { cloth: 'c0' } }],
          setting: { ...SETTINGS[name], cells },
        } as unknown as QuiltFile)
        const regionAt = ([row, column]: readonly [number, number]) =>
          work.dimensions.setting.regions.find(
            ({ part }) => part.kind === 'block' && part.row === row && part.column === column,
          )!
        const [a, b] = [regionAt(places[one]!), regionAt(places[other]!)]
        const isSeam = name === 'shifted rows' ? a.y === b.y && shareSide(a, b) : shareSide(a, b)
        const checks = plan.checks.filter(({ id }) => id === 'neighbours-alike')
        expect({ one, other, checks: checks.length }).toEqual({ one, other, checks: isSeam ? 1 : 0 })
        if (isSeam) found += 1
      }),
      { numRuns: runs(150) },
    )
    expect(found > 0).toBe(name !== 'sashes all round')
  },
)
