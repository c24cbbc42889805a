import fc from 'fast-check'
import { fillBack, type FilledBack, type FilledPanel, type Scrap } from './fillBack'
import { runs } from '../../testing/runs'

const SEAM = 0.25

/** As much as is missing. */
function bought(panels: readonly FilledPanel[]): number {
  return panels.reduce(
    (sum, { rows }) =>
      sum
      + rows.reduce(
        (own, { height, pieces }) =>
          own + pieces.reduce((all, { scrap, width }) => all + (scrap ? 0 : width * height), 0),
        0,
      ),
    0,
  )
}

const scraps = fc
  .array(
    fc.record({
      width: fc.integer({ min: 8, max: 160 }),
      height: fc.integer({ min: 8, max: 120 }),
      turn: fc.boolean(),
      isWhole: fc.nat(3).map(n => n === 0),
    }),
    {
      minLength: 1,
      maxLength: 60,
    },
  )
  .map(list =>
    list.map(({ width, height, turn, isWhole }, source): Scrap => ({
      source,
      x: 0,
      y: 0,
      width: width / 4,
      height: height / 4,
      turn,
      isWhole,
    })),
  )

/** Every piece raw, on the thing it is cut from. */
function cutPieces({ panels }: FilledBack) {
  return panels.flatMap(({ rows }) =>
    rows.flatMap(({ height, pieces }) =>
      pieces.flatMap(({ scrap, isTurned, width }) => {
        if (!scrap) return []
        const [w, h] = isTurned ? [height, width] : [width, height]
        return [{ scrap, x: scrap.x, y: scrap.y, width: w + 2 * SEAM, height: h + 2 * SEAM }]
      }),
    ),
  )
}

test('backs are sewn from what is there, once, and cover what they must to the thread', () => {
  fc.assert(
    fc.property(
      scraps,
      fc.integer({ min: 10, max: 100 }),
      fc.integer({ min: 10, max: 100 }),
      fc.nat(99),
      fc.boolean(),
      fc.constantFrom(1.5, 3, 8),
      (all, w, h, seed, isOffCentre, narrowest) => {
        const back = fillBack({ scraps: all, width: w, height: h, bought, seam: SEAM, seed, narrowest, isOffCentre })
        const [across, down] = back.isLevel ? [h, w] : [w, h]
        // sewn raw edge to raw edge: each seam takes two allowances
        let whole = 0
        for (const { rows } of back.panels) {
          if (isOffCentre && whole > 0) expect(Math.abs(whole - SEAM - across / 2 - SEAM)).toBeGreaterThan(1.49)
          let panel = 0
          let wide: number | null = null
          for (const { height, pieces } of rows) {
            const row = pieces.reduce((sum, { width }, i) => sum + width + 2 * SEAM - (i > 0 ? 2 * SEAM : 0), 0)
            expect(row).toBeCloseTo(wide ?? row, 6)
            wide = row
            panel += height + 2 * SEAM - (panel > 0 ? 2 * SEAM : 0)
            for (const { width } of pieces) expect(Math.min(width, height)).toBeGreaterThan(narrowest - 1e-6)
          }
          expect(panel).toBeCloseTo(down + 2 * SEAM, 6)
          whole += wide! - (whole > 0 ? 2 * SEAM : 0)
        }
        expect(whole).toBeCloseTo(across + 2 * SEAM, 6)
        // cut from the thing it comes from, inside it, none on another
        const pieces = cutPieces(back)
        for (const [source, thing] of all.entries()) {
          const cuts = pieces.filter(({ scrap }) => scrap.source === source)
          cuts.forEach((cut, i) => {
            expect(cut.x + cut.width).toBeLessThan(thing.width + 1e-6)
            expect(cut.y + cut.height).toBeLessThan(thing.height + 1e-6)
            if (thing.isWhole)
              expect([cut.width, cut.height]).toEqual([expect.closeTo(thing.width, 6), expect.closeTo(thing.height, 6)])
            for (const other of cuts.slice(0, i)) {
              const isApart =
                cut.x + cut.width <= other.x + 1e-6
                || other.x + other.width <= cut.x + 1e-6
                || cut.y + cut.height <= other.y + 1e-6
                || other.y + other.height <= cut.y + 1e-6
              expect(isApart).toBe(true)
            }
          })
        }
        for (const { rows } of back.panels)
          for (const { pieces } of rows)
            for (const { scrap, isTurned } of pieces) if (scrap && !scrap.turn) expect(isTurned).toBe(back.isLevel)
      },
    ),
    { numRuns: runs(200) },
  )
}, 120_000)

/** Cuts of many sizes, as much area as `times` the back. */
function plenty(times: number, seed: number): Scrap[] {
  const found: Scrap[] = []
  let state = seed
  const next = () => (state = (state * 48271) % 2147483647) / 2147483647
  for (let area = 0; area < times * 60 * 70;) {
    const [width, height] = [4 + Math.floor(next() * 16), 4 + Math.floor(next() * 14)]
    found.push({ source: found.length, x: 0, y: 0, width, height, turn: true })
    area += (width - 0.5) * (height - 0.5)
  }
  return found
}

test('a third more than is needed covers the back, half as much as is needed hardly half of it', () => {
  const shares = [1, 2, 3, 4, 5, 6].map(seed => {
    const enough = fillBack({
      scraps: plenty(1.3, seed),
      width: 60,
      height: 70,
      bought,
      seam: SEAM,
      seed,
      narrowest: 1.5,
    })
    const half = fillBack({
      scraps: plenty(0.5, seed),
      width: 60,
      height: 70,
      bought,
      seam: SEAM,
      seed,
      narrowest: 1.5,
    })
    return [enough.missing / 4200, half.missing / 4200] as const
  })
  expect(shares.filter(([missing]) => missing < 0.02).length).toBeGreaterThanOrEqual(4)
  for (const [, missing] of shares) {
    expect(missing).toBeGreaterThan(0.45)
    expect(missing).toBeLessThan(0.75)
  }
})

test('the same seed gives the same back; nothing in hand is all bought', () => {
  const question = { scraps: plenty(1.1, 3), width: 60, height: 70, bought, seam: SEAM, seed: 5, narrowest: 1.5 }
  expect(fillBack(question)).toEqual(fillBack(question))
  const { panels, missing } = fillBack({ ...question, scraps: [] })
  expect(missing).toBe(4200)
  expect(panels).toHaveLength(1)
})
