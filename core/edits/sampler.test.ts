import fc from 'fast-check'
import type { QuiltFile } from '../file/schema'
import { planOf, quiltOf } from '../testing/quiltOf'
import { runs } from '../testing/runs'
import { frameAll } from './blocks'
import { dealBlocks, isNarrow, moduleOffers, setOwnSize } from './sampler'

const file = (sizes: readonly number[], across = 3, down = 4): QuiltFile => ({
  format: 'wren-quilt',
  version: 1,
  cloths: [{ id: 'soot' }, { id: 'cream' }],
  blocks: sizes.map((size, i) => ({ id: `b${i}`, design: 'plain', size, cloths: { cloth: 'soot' } })),
  setting: { across, down, fill: [['b0']] },
})
const someSizes = fc.array(
  fc.integer({ min: 24, max: 96 }).map(eighths => eighths / 8),
  { minLength: 1, maxLength: 7 },
)
/** Each eighth of an inch from the largest block on, where frames are nothing or at least an eighth. */
const modulesFor = (sizes: readonly number[], from = Math.max(...sizes)) =>
  Array.from({ length: 17 }, (_, i) => from + i / 8).filter(module =>
    sizes.every(size => module === size || module - size >= 1 / 4),
  )
const framedTo = (sizes: readonly number[]) => {
  const framed = frameAll(modulesFor(sizes)[0]!)(file(sizes))
  return dealBlocks(quiltOf(framed))(framed)
}

test('of all modules the one offered frames the fewest blocks, none too narrowly, and is the smallest such', () => {
  fc.assert(
    fc.property(someSizes, sizes => {
      const dealt = framedTo(sizes)
      const places = quiltOf(dealt).setting.cells.flat()
      const framedAt = (module: number) => places.filter(({ block }) => sizes[Number(block.slice(1))] !== module).length
      const narrowAt = (module: number) =>
        sizes.flatMap((size, i) => (module > size && module - size < 1 ? [`b${i}`] : []))
      const all = modulesFor(sizes)
      const sound = all.filter(module => narrowAt(module).length === 0)
      const least = Math.min(...sound.map(framedAt))
      const best = sound.find(module => framedAt(module) === least)!
      const offers = moduleOffers(quiltOf(dealt))
      expect(offers.at(-1)).toEqual({ module: best, framed: least, narrow: [] })
      const [smallest] = all
      expect(offers[0]).toEqual({ module: smallest, framed: framedAt(smallest!), narrow: narrowAt(smallest!) })
      expect(offers).toHaveLength(best === smallest ? 1 : 2)
    }),
    { numRuns: runs(150) },
  )
})

test('each block keeps its own size whatever is typed for another, and all stand in one module', () => {
  fc.assert(
    fc.property(
      someSizes,
      fc.nat(99),
      fc.integer({ min: 24, max: 160 }).map(eighths => eighths / 8),
      (sizes, at, size) => {
        const id = `b${at % sizes.length}`
        const quilt = quiltOf(setOwnSize(id, { width: size, height: size })(framedTo(sizes)))
        const own = sizes.map((one, i) => (`b${i}` === id ? size : one))
        const from = Math.max(size, modulesFor(sizes)[0]!)
        const [module] = modulesFor(own, from)
        quilt.blocks.forEach((block, i) => {
          expect(block.width).toBeCloseTo(own[i]!, 9)
          expect([block.outer.width, block.outer.height]).toEqual([
            expect.closeTo(module!, 9),
            expect.closeTo(module!, 9),
          ])
        })
      },
    ),
    { numRuns: runs(90) },
  )
})

test('dealt out, all blocks stand about as often as each other, none beside or below itself', () => {
  for (let kinds = 3; kinds <= 7; kinds++)
    for (const [across, down] of [
      [3, 4],
      [5, 7],
      [6, 6],
      [1, 5],
    ] as const) {
      const sizes = Array.from({ length: kinds }, (_, i) => 6 + i / 2)
      const before = frameAll(12)(file(sizes, across, down))
      const { cells } = quiltOf(dealBlocks(quiltOf(before))(before)).setting
      const ids = cells.map(line => line.map(({ block }) => block))
      const times = sizes.map((_, i) => ids.flat().filter(id => id === `b${i}`).length)
      expect(Math.max(...times) - Math.min(...times)).toBeLessThanOrEqual(2)
      ids.forEach((line, r) =>
        line.forEach((id, c) => {
          expect(line[c + 1]).not.toBe(id)
          expect(ids[r + 1]?.[c]).not.toBe(id)
        }),
      )
    }
})

test('a sampler by hand: six sizes in a module of 12″, its size and the strips that frame it', () => {
  const sizes = [12, 10, 9, 8, 6, 6]
  const { plan, quilt } = planOf(framedTo(sizes))
  // three by four places of 12″
  expect([plan.quilt.width, plan.quilt.height]).toEqual([36, 48])
  // two of each but the first is framed: sides as long as the block, ends as long as block and sides
  const sides = quilt.blocks.map(({ width }, i) => ({ raw: width + 0.5, wide: (12 - sizes[i]!) / 2 + 0.5 }))
  for (const { raw, wide } of sides.slice(1)) {
    const strips = plan.pieces.filter(({ part, height }) => part.startsWith('frame') && Math.abs(height - wide) < 1e-9)
    const lengths = strips.map(({ width }) => width)
    expect(lengths).toContain(raw)
    expect(lengths).toContain(12.5)
  }
})

test('a frame is narrow where it has less than half an inch, not where there is none', () => {
  expect([11.5, 11.01, 11, 10].map(side => isNarrow({ width: side, height: side }, 12))).toEqual([
    true,
    true,
    false,
    false,
  ])
  expect(isNarrow({ width: 12, height: 8 }, 12)).toBe(false)
  expect(isNarrow({ width: 11.5, height: 12 }, 12)).toBe(true)
})
