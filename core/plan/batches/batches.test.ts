import fc from 'fast-check'
import { readdirSync, readFileSync } from 'node:fs'
import { rolesOf } from '../../designs/design'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { designOf, blockOf } from '../../file/quilt'
import type { QuiltFile } from '../../file/schema'
import { planOf } from '../../testing/quiltOf'
import { randomQuilt } from '../../testing/randomQuilt'
import type { Operation, Station } from './operation'
import { quiltBatches, type Batch } from './quiltBatches'
import { schedule } from './schedule'

const DEMOS = readdirSync('demo').filter(name => name.endsWith('.json'))

function batchesOf(file: unknown) {
  const { quilt, plan, work } = planOf(file)
  const rowIds = plan.rows.map(row => row.id)
  return { quilt, plan, work, ...quiltBatches(work, rowIds) }
}

/** Sews batch by batch: what is taken must lie on the table, whole parts only. Out: what is wrong, what is left. */
function sew(batches: readonly Batch[], table: Map<string, number>): string[] {
  const faults: string[] = []
  for (const { id, count, uses, gives } of batches) {
    const numbers = [count, gives, ...uses.map(use => use.count)]
    if (!numbers.every(Number.isInteger) || count < 1 || gives < 1) faults.push(`${id}: ${JSON.stringify(numbers)}`)
    for (const use of uses) {
      const left = (table.get(use.id) ?? 0) - use.count
      if (left < 0) faults.push(`${id}: of ${use.id} ${-left} too few`)
      table.set(use.id, left)
    }
    table.set(id, (table.get(id) ?? 0) + gives)
  }
  return faults
}

/** What is wrong with the batches of a quilt, when they are sewn one after the other from its piles. */
function faultsOf(file: unknown): string[] {
  const { quilt, plan, work, batches } = batchesOf(file)
  const table = new Map(plan.pieces.map(piece => [piece.id, piece.count]))
  const faults = sew(batches, table)
  // one patch alone needs no sewing
  if (batches.length === 0) return work.dimensions.top.regions.length === 1 ? [] : ['nothing is sewn']
  const isLeft = (id: string, most: number) => {
    const left = table.get(id) ?? 0
    if (left > most) faults.push(`${left} of ${id} are left, not ${most}`)
  }
  // every piece is in the top, but for spare ones and the binding
  for (const { id, part, spare, count } of plan.pieces) isLeft(id, part === 'binding' ? count : spare)
  // beyond those wanted; and of the other hand, where that is made whether wanted or not
  const overOf = new Map(
    work.choices.map(({ demand: { key, count }, way: { made } }) => [
      key,
      made.made - count + (made.mirrored ?? 0) + (made.isBothHands ? count : 0),
    ]),
  )
  const patchesOf = new Map(work.choices.map(({ demand }) => [demand.key, demand.unit.patches.length]))
  const top = batches.at(-1)!.id
  // how many patches each part is made of
  const patches = new Map<string, number>()
  for (const { id, task, uses, gives, count } of batches) {
    if ('unit' in task) {
      patches.set(id, patchesOf.get(task.unit)!)
      isLeft(id, 2 * overOf.get(task.unit)! + 2)
      continue
    }
    if ('pile' in task || 'strips' in task) {
      patches.set(id, 1)
      continue
    }
    if (id !== top) isLeft(id, 0)
    const inAll = uses.reduce((sum, use) => sum + use.count * (patches.get(use.id) ?? 1), 0)
    if (gives !== count && !('border' in task) && !('strips' in task))
      faults.push(`${id}: ${count} times, gives ${gives}`)
    patches.set(id, inAll / gives)
  }
  const wanted = work.dimensions.top.regions.reduce(
    (sum, { wears }) => sum + ('cell' in wears ? designOf(quilt, blockOf(quilt, wears.cell.block)).patches.length : 1),
    0,
  )
  if (table.get(top) !== 1) faults.push(`${table.get(top)} tops`)
  if (Math.abs(patches.get(top)! - wanted) > 1e-6) faults.push(`${patches.get(top)} patches in the top, not ${wanted}`)
  return faults
}

test.each(DEMOS)('the batches of %s sewn in order make the top, every piece once', name => {
  expect(faultsOf(JSON.parse(readFileSync(`demo/${name}`, 'utf8')))).toEqual([])
})

test('batches of random quilts, sewn in order, make the top', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      expect(faultsOf(file)).toEqual([])
    }),
    { numRuns: Number(process.env.RANDOM_QUILTS ?? 60) },
  )
}, 300_000)

/** The fewest visits, every order tried: of each set of things done, and the station where one is, the least. */
function fewestVisits(operations: readonly Operation[]): number {
  const all = (1 << operations.length) - 1
  const bit = new Map(operations.map(({ id }, i) => [id, 1 << i]))
  const before = operations.map(({ uses }) => uses.reduce((mask, { id }) => mask | (bit.get(id) ?? 0), 0))
  let states = new Set<string>(['0 '])
  for (let visits = 0; ; visits++) {
    // all that can be reached without another walk
    const reached = new Set(states)
    for (const state of reached) {
      const [done, at] = [Number(state.split(' ')[0]), state.split(' ')[1]]
      if (done === all) return visits
      operations.forEach((operation, i) => {
        if (operation.at === at && !(done & (1 << i)) && (before[i]! & done) === before[i])
          reached.add(`${done | (1 << i)} ${at}`)
      })
    }
    states = new Set(
      [...reached].flatMap(state => ['mat', 'machine', 'iron'].map(at => `${state.split(' ')[0]} ${at}`)),
    )
  }
}

test('no order has fewer walks than the one that is planned', () => {
  const station = fc.constantFrom<Station>('mat', 'machine', 'iron')
  const graphs = fc
    .array(fc.record({ at: station, uses: fc.array(fc.nat(9), { maxLength: 3 }) }), { minLength: 1, maxLength: 9 })
    .map(list =>
      list.map(({ at, uses }, i): Operation => ({
        id: `o${i}`,
        at,
        what: 'join',
        task: { pile: '' },
        count: 1,
        gives: 1,
        parts: [''],
        uses: [...new Set(uses.filter(other => other < i))].map(other => ({ id: `o${other}`, count: 1 })),
      })),
    )
  fc.assert(
    fc.property(graphs, operations => {
      const { visits, order, isProven } = schedule(operations)
      const walks = order.filter(({ at }, i) => at !== order[i - 1]?.at).length
      expect([visits, walks, isProven]).toEqual([fewestVisits(operations), visits, true])
    }),
    { numRuns: 300 },
  )
})

test('the test blocks come first, one of each design, and none of the rest', () => {
  const { batches } = batchesOf(JSON.parse(readFileSync('demo/berth-four.wren.json', 'utf8')))
  const first = batches.filter(({ isTest }) => isTest)
  expect(batches.slice(0, first.length)).toEqual(first)
  const whole = first.flatMap(({ ready, gives }) => (ready?.what === 'block' ? [[ready.id, gives]] : []))
  expect(whole.sort()).toEqual([...new Set(whole.map(([id]) => id))].sort().map(id => [id, 1]))
  expect(first.some(({ task }) => 'row' in task || 'rows' in task || 'border' in task)).toBe(false)
})

/** What is done, whatever the cloths and blocks are called. */
function doing(file: QuiltFile) {
  const { batches, visits } = batchesOf(file)
  const lines = batches.map(({ at, what, count, gives, uses, isTest, top }) =>
    [
      at,
      what,
      count,
      gives,
      uses
        .map(use => use.count)
        .sort()
        .join('+'),
      isTest,
      top !== undefined,
    ].join(' '),
  )
  return { visits, lines: lines.sort() }
}

test('other names, and lists in another order, change nothing of the work', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const other = JSON.parse(
        JSON.stringify(file).replaceAll('"own"', '"zz"').replaceAll('"shipped"', '"aa"'),
      ) as QuiltFile
      const turned = { ...other, cloths: [...other.cloths].reverse(), blocks: [...other.blocks].reverse() }
      expect(doing(turned)).toEqual(doing(file))
    }),
    { numRuns: 30 },
  )
}, 120_000)

/** One block alone, its roles dressed in turn. */
function oneBlock(id: string): Batch[] {
  const design = SHIPPED_DESIGNS.find(shipped => shipped.id === id)!
  const cloths = Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 === 0 ? 'dark' : 'light']))
  const { batches } = batchesOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'dark', colour: '#222222' },
      { id: 'light', colour: '#eeeeee' },
    ],
    blocks: [{ id: 'one', design: id, size: 6, cloths, method: { 'strip-set': 'rectangle' } }],
    setting: { across: 1, down: 1 },
  })
  return batches
}

test.each([
  // strips beside each other are pressed once, when all are sewn
  ['plain-strips', 'machine iron'],
  // rows before they are joined, since their seams end on the next one
  ['nine-patch', 'machine iron machine iron'],
  ['four-patch', 'machine iron machine iron'],
  // each log ends on the one before
  ['log-cabin', 'machine iron '.repeat(12).trim()],
])('%s goes from %s', (id, stations) => {
  const walks = oneBlock(id).filter(({ at }, i, all) => at !== all[i - 1]?.at)
  expect(walks.map(({ at }) => at).join(' ')).toBe(stations)
})

test('where a seam ends on the next one it has been pressed: the iron comes between', () => {
  for (const id of ['nine-patch', 'sawtooth-star', 'churn-dash', 'pinwheel', 'log-cabin', 'bears-paw']) {
    const batches = oneBlock(id)
    const unpressed = new Map<string, number>()
    for (const { id: batch, what, uses, task } of batches) {
      if (!('block' in task)) continue
      // seams that lie unpressed in a part, since it was pressed last
      const before = uses.reduce((sum, use) => sum + (unpressed.get(use.id) ?? 0), 0)
      unpressed.set(batch, what === 'press' ? 0 : before + 1)
      // all are told of by the press that follows
      if (what === 'press') expect(task.joins.length).toBe(before)
    }
    // the block leaves the iron last
    expect(batches.at(-1)).toMatchObject({ at: 'iron', ready: { what: 'block', id: 'one' } })
  }
})

test('the part with sharp points on the seam lies on top', () => {
  const tops = oneBlock('sawtooth-star').flatMap(({ top, parts, what }) =>
    what === 'join' && top ? [[top, parts]] : [],
  )
  expect(tops.length).toBeGreaterThan(0)
  for (const [top, parts] of tops as [string, readonly string[]][])
    // geese have points, squares and rows of squares have none
    expect(parts[top === 'first' ? 0 : 1]).toMatch(/^(unit|join|press)\./)
})

test('a pair of quarters of one cloth takes two squares of it, beside a pair of two cloths', () => {
  const cards = { 'ground': 'dark', 'first card': 'dark', 'second card': 'dark', 'fourth card': 'dark' }
  const file = {
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'dark', colour: '#222222' },
      { id: 'light', colour: '#eeeeee' },
    ],
    blocks: [{ id: 'one', design: 'card-trick', size: 3, cloths: { ...cards, 'third card': 'light' } }],
    setting: { across: 1, down: 1 },
  }
  expect(faultsOf(file)).toEqual([])
})
