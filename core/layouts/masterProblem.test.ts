import fc from 'fast-check'
import { runs } from '../testing/runs'
import { addBundles, bundlesFor, packBundles, takenOf } from './knapsack'
import { MasterProblem, type MasterColumn } from './masterProblem'

const things = fc.array(
  fc.record({
    cells: fc.integer({ min: 1, max: 7 }),
    value: fc.integer({ min: 1, max: 20 }),
    most: fc.integer({ min: 1, max: 5 }),
  }),
  { minLength: 1, maxLength: 4 },
)

/** Tried in every way. */
function mostWorth(list: readonly { cells: number; value: number; most: number }[], room: number): number {
  const [first, ...rest] = list
  if (!first) return 0
  let best = 0
  for (let times = 0; times <= first.most && times * first.cells <= room; times++)
    best = Math.max(best, times * first.value + mostWorth(rest, room - times * first.cells))
  return best
}

test('a room is filled with what is worth most, each thing no oftener than there is, and what is in it is told', () => {
  fc.assert(
    fc.property(things, fc.integer({ min: 1, max: 25 }), (list, room) => {
      const bundles = bundlesFor(40)
      list.forEach((thing, i) => addBundles(bundles, i, { ...thing, room }))
      const best = new Float64Array(room + 1)
      const taken = new Uint8Array(bundles.count * (room + 1))
      packBundles(bundles, { from: 0, to: bundles.count, room }, best, taken)
      for (let cells = 0; cells <= room; cells++) {
        expect(best[cells]).toBe(mostWorth(list, cells))
        const times = list.map(() => 0)
        takenOf(bundles, { to: bundles.count, room, cells }, taken, (thing, many) => (times[thing]! += many))
        times.forEach((many, i) => expect(many).toBeLessThanOrEqual(list[i]!.most))
        expect(times.reduce((sum, many, i) => sum + many * list[i]!.cells, 0)).toBeLessThanOrEqual(cells)
        expect(times.reduce((sum, many, i) => sum + many * list[i]!.value, 0)).toBe(best[cells])
      }
    }),
    { numRuns: runs(100) },
  )
})

test('what is wanted is covered at the least cost: its prices prove that no other columns cost less', () => {
  const problem = fc.integer({ min: 1, max: 6 }).chain(rows =>
    fc.record({
      wanted: fc.array(fc.integer({ min: 1, max: 30 }), { minLength: rows, maxLength: rows }),
      alone: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: rows, maxLength: rows }),
      more: fc.array(
        fc.record({
          cost: fc.integer({ min: 1, max: 9 }),
          amounts: fc.array(fc.integer({ min: 0, max: 4 }), { minLength: rows, maxLength: rows }),
        }),
        { maxLength: 12 },
      ),
    }),
  )
  fc.assert(
    fc.property(problem, ({ wanted, alone, more }) => {
      const start = alone.map((cost, row): MasterColumn => ({ cost, entries: [[row, 1]] }))
      const columns = more.map(({ cost, amounts }): MasterColumn => ({
        cost,
        entries: amounts.flatMap((amount, row) => (amount > 0 ? [[row, amount] as const] : [])),
      }))
      const master = new MasterProblem(Float64Array.from(wanted), start)
      while (master.improve(columns));
      const covered = wanted.map(() => 0)
      for (const { column, amount } of master.taken()) {
        expect(amount).toBeGreaterThan(0)
        for (const [row, each] of column.entries) covered[row]! += amount * each
      }
      covered.forEach((amount, row) => expect(amount).toBeGreaterThan(wanted[row]! - 1e-6))
      // no column is worth more than it costs, no price is below nothing, and both roads come to the same
      for (const { cost, entries } of [...start, ...columns])
        expect(entries.reduce((sum, [row, each]) => sum + each * master.prices[row]!, 0)).toBeLessThan(cost + 1e-5)
      master.prices.forEach(price => expect(price).toBeGreaterThan(-1e-5))
      const byPrices = wanted.reduce((sum, count, row) => sum + count * master.prices[row]!, 0)
      expect(Math.abs(master.cost() - byPrices)).toBeLessThan(0.01 * (1 + byPrices))
    }),
    { numRuns: runs(200) },
  )
})
