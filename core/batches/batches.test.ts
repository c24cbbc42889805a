import fc from 'fast-check'
import { rolesOf } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import type { QuiltFile } from '../file/schema'
import { SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { batchesOf, batchFaults } from '../testing/sewBatches'
import type { Operation, Station } from './operation'
import type { Batch } from './quiltBatches'
import { schedule } from './schedule'
import { runs } from '../testing/runs'

test('batches of random quilts, sewn in order, make the top', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      expect(batchFaults(file)).toEqual([])
    }),
    { numRuns: runs(60) },
  )
}, 300_000)

test('what was worked out for a quilt is not taken for one whose plain blocks stand in another order', () => {
  const inOrder = (second: readonly string[]): QuiltFile => ({
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'soot' }, { id: 'cream' }],
    blocks: [
      { id: 'square', design: 'plain', size: 4, cloths: { cloth: 'soot' } },
      { id: 'wide', design: 'plain', width: 6, height: 4, cloths: { cloth: 'soot' } },
    ],
    setting: {
      kind: 'rows',
      across: 2,
      down: 2,
      ends: { cloth: 'cream' },
      rows: [['wide', 'wide'], second].map(line => ({ cells: line.map(block => ({ block })) })),
    },
  })
  for (const second of [
    ['wide', 'square'],
    ['square', 'wide'],
    ['wide', 'square'],
  ])
    expect(batchFaults(inOrder(second))).toEqual([])
})

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
    { numRuns: runs(300) },
  )
})

test('the test blocks come first, one of each design, and none of the rest', () => {
  const { batches } = batchesOf(SAMPLE)
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
    { numRuns: runs(30) },
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
  expect(batchFaults(file)).toEqual([])
})

test.each(['butted', 'mitred', { cloth: 'brass' }] as const)(
  'a border of a print with an up, %j corners on a square top: each pair from its own pile, joined strips too',
  corners => {
    const file: QuiltFile = {
      ...SAMPLE,
      cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, directional: cloth.id === 'soot' })),
      blocks: SAMPLE.blocks.map(block => ({
        ...block,
        cloths: Object.fromEntries(Object.keys(block.cloths!).map((role, i) => [role, i === 0 ? 'red' : 'cream'])),
      })),
      setting: { ...SAMPLE.setting, across: 5, down: 5 },
      borders: [{ width: 3, cloth: 'soot', corners }],
      binding: { ...SAMPLE.binding, cloth: 'red' },
    }
    expect(batchFaults(file)).toEqual([])
    const { plan, batches } = batchesOf(file)
    const joined = plan.pieces.filter(({ part }) => part === 'border-joined')
    expect(joined.length).toBeGreaterThan(0)
    for (const { id, count } of joined)
      expect(
        batches.flatMap(({ uses }) => uses.filter(use => use.id === id)).reduce((sum, use) => sum + use.count, 0),
      ).toBe(count)
  },
)

test('fewer walks are not said to be impossible once possibilities were left out', () => {
  // three stations, each part waiting for others of other stations: far more states than are looked at
  const stations: Station[] = ['mat', 'machine', 'iron']
  const chains = Array.from({ length: 40 }, (_, c) =>
    Array.from({ length: 9 }, (__, k): Operation => {
      const uses = k === 0 ? [] : [{ id: `${c} ${k - 1}`, count: 1 }]
      return {
        id: `${c} ${k}`,
        at: stations[(c * 7 + k * (1 + (c % 2)) + Math.floor(k / 2) * c) % 3]!,
        what: 'join',
        task: { border: 0, side: 'corners' },
        count: 1,
        uses,
        parts: uses.map(({ id }) => id) as [string],
        gives: 1,
      }
    }),
  )
  const all = schedule(chains.flat(), 2)
  expect(all.order).toHaveLength(360)
  expect(all.isProven).toBe(false)
  expect(schedule(chains.flat()).visits).toBeLessThanOrEqual(all.visits)
})
