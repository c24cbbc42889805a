import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, clothOf, designOf, type Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { finishedPatches } from '../designs/design'
import { placePolygon } from '../geometry/placement'
import { contains, type Point } from '../geometry/polygon'
import { chanceFrom } from '../measure/chance'
import { colourDistance } from '../measure/lightness'
import { quiltOf } from '../testing/quiltOf'
import { dealtByChance, squaresQuilt, WALL_COLOURS } from '../testing/wallQuilts'
import { dimensionsOf } from '../top/dimensions'
import { alikeSeams } from '../wall/touching'
import { wallOf, type Wall } from '../wall/wall'
import type { SpreadAim } from './aim'
import { changingLayout } from './changing'
import { rankedLayout, type SpreadLayout } from './layout'
import { spreadProblem } from './problem'
import { spreadSearch, type SpreadStep } from './search'

const EVEN: SpreadAim = { kind: 'even' }

function wallIn(file: QuiltFile): { quilt: Quilt; wall: Wall } {
  const quilt = quiltOf(file)
  return { quilt, wall: wallOf(quilt, dimensionsOf(quilt)) }
}
function problemOf(wall: Wall, { locked = [] as number[], canTurn = false, aim = EVEN } = {}) {
  return spreadProblem(wall, { locked: new Set(locked), canTurn, aim })
}
function lastOf(steps: Iterable<SpreadStep>): SpreadStep {
  return [...steps].at(-1)!
}
/** The rows of squares as a layout puts them. */
function rowsAfter(rows: readonly (readonly number[])[], { blocks }: SpreadLayout): number[][] {
  const all = rows.flat()
  let at = 0
  return rows.map(row => row.map(() => all[blocks[at++]!]!))
}
const alikeIn = (rows: readonly (readonly number[])[]) => alikeSeams(wallIn(squaresQuilt(rows)).wall).length

/** Half-squares and geese of many cloths, turned by chance, in each way of setting. */
const SETTINGS: Readonly<Record<string, object>> = {
  'straight': { kind: 'straight', across: 4, down: 3 },
  'on point': { kind: 'on-point', across: 3, down: 3, settingCloth: 'c3' },
  'shifted rows': { kind: 'offset-rows', across: 4, down: 3, shift: '2', ends: { cloth: 'c3' } },
  'sashed': { kind: 'straight', across: 4, down: 3, sashing: { width: 1, cloth: 'c3' } },
  'bordered': { kind: 'straight', across: 4, down: 3 },
}
const LENGTHS: Readonly<Record<string, readonly number[]>> = { 'on point': [3, 2, 3, 2, 3] }
function mixedQuilt(name: string, seed: number): QuiltFile {
  const { even } = chanceFrom(seed)
  const pick = (count: number) => Math.floor(even() * count)
  const cells = (LENGTHS[name] ?? [4, 4, 4]).map(length =>
    Array.from({ length }, () => {
      const [block, one, other] = [pick(2), `c${pick(6)}`, `c${pick(6)}`]
      const cloths = block === 0 ? { light: one, dark: other } : { blade: one, ground: other }
      const turn = (90 * pick(4)) as 0 | 90
      return { block: block === 0 ? 'half' : 'wheel', cloths, turn, mirror: pick(2) === 0 }
    }),
  )
  return {
    ...squaresQuilt([[0]]),
    blocks: [
      { id: 'half', design: 'half-square', size: 6, cloths: { light: 'c0', dark: 'c1' } },
      { id: 'wheel', design: 'pinwheel', size: 6, cloths: { blade: 'c0', ground: 'c1' } },
    ],
    setting: { ...SETTINGS[name], cells } as unknown as QuiltFile['setting'],
    borders: name === 'bordered' ? [{ cloth: 'c5', width: 2 }] : [],
  }
}

/** What lies at a point of the top, by looking through all its parts; null: outside. */
function clothAt(quilt: Quilt, [x, y]: Point): string | null {
  const { regions } = dimensionsOf(quilt).top
  for (const region of regions) {
    const { outline, fabric, width, height } = region
    const isIn = outline
      ? contains(outline, [x, y])
      : x > region.x && x < region.x + width && y > region.y && y < region.y + height
    if (!isIn) continue
    if ('cloth' in fabric) return fabric.cloth
    const { cell } = fabric
    const block = blockOf(quilt, cell.block)
    const design = designOf(quilt, block)
    // on point: back from where it leans, about its middle
    const [dx, dy] = [x - region.x - width / 2, y - region.y - height / 2]
    const [u, v] = region.own ? [(dx - dy) / Math.SQRT2, (dx + dy) / Math.SQRT2] : [dx, dy]
    const at: Point = [u + block.width / 2, v + block.height / 2]
    const cloths = clothsOfCell(quilt, cell)
    const patch = finishedPatches(design, block.width, block.height).findIndex(polygon =>
      contains(placePolygon(polygon, cell, block.width, block.height), at),
    )
    return patch < 0 ? null : cloths[design.patches[patch]!.role]!
  }
  return null
}

test.each(Object.keys(SETTINGS))('%s: what touches is what lies on both sides of each seam', name => {
  for (let seed = 1; seed <= 2; seed++) {
    const { quilt, wall } = wallIn(mixedQuilt(name, seed))
    const [left, above] = name === 'bordered' ? [2, 2] : [0, 0]
    const likeness = (a: string, b: string) =>
      Math.exp(-((colourDistance(clothOf(quilt, a).colour, clothOf(quilt, b).colour) / 12) ** 2))
    let [seams, sampled] = [0, 0]
    const problem = problemOf(wall)
    wall.places.forEach(({ outline }, p) => {
      for (const { other, cost } of problem.seams[p]!) seams += cost(problem.kinds[p]!, 0, problem.kinds[other]!, 0) / 2
      for (const { cost } of problem.still[p]!) seams += cost(problem.kinds[p]!, 0)
      outline.forEach((from, i) => {
        const to = outline[(i + 1) % 4]!
        const side = Math.hypot(to[0] - from[0], to[1] - from[1])
        for (let k = 0; k < 24; k++) {
          const t = (k + 1 / 2) / 24
          const [x, y] = [from[0] + (to[0] - from[0]) * t, from[1] + (to[1] - from[1]) * t]
          const [u, v] = [((to[1] - from[1]) / side) * 0.001, (-(to[0] - from[0]) / side) * 0.001]
          const inside = clothAt(quilt, [left + x - u, above + y - v])!
          const beyond = clothAt(quilt, [left + x + u, above + y + v])
          const part = dimensionsOf(quilt).top.regions.find(
            region => 'cloth' in region.fabric && region.part.kind === 'sash',
          )
          if (beyond === null || part) continue
          const isBlock = wall.places.some((place, q) => q !== p && contains(place.outline, [x + u, y + v]))
          sampled += (likeness(inside, beyond) / 24) * (isBlock ? 1 / 2 : 1)
        }
      })
    })
    // a seam of a shifted row is a part of a side, and costs by its own length
    if (name !== 'shifted rows') expect(seams).toBeCloseTo(sampled, 1)
    if (name === 'sashed') expect(seams).toBe(0)
    else expect(seams).toBeGreaterThan(0)
  }
})

test.each(Object.keys(SETTINGS))('%s: a change costs the difference between the whole before and after it', name => {
  for (const aim of [EVEN, { kind: 'dark-to-light', way: 'out' }, { kind: 'gather', cloth: 'c2' }] as const) {
    const { wall } = wallIn(mixedQuilt(name, 7))
    const problem = problemOf(wall, { canTurn: true, aim })
    const now = changingLayout(problem, chanceFrom(1))
    const { even } = chanceFrom(9)
    const places = problem.groups.flat()
    for (let tried = 0; tried < 60; tried++) {
      const [p, q] = [places[Math.floor(even() * places.length)]!, places[Math.floor(even() * places.length)]!]
      if (p === q) continue
      const before = now.cost()
      const isTurn = even() < 0.3
      const change = isTurn ? now.turnCost(p, 1) : now.swapCost(p, q)
      if (isTurn) now.turn(p, 1)
      else now.swap(p, q)
      expect(now.cost() - before).toBeCloseTo(change, 6)
    }
  }
})

test('every order of six squares was tried: none is better than the one that is found', () => {
  for (let seed = 1; seed <= 4; seed++) {
    const rows = dealtByChance(3, 2, 4, chanceFrom(seed))
    const problem = problemOf(wallIn(squaresQuilt(rows)).wall)
    const found = lastOf(spreadSearch(problem, seed, 1e5))
    const now = changingLayout(problem, chanceFrom(seed))
    let least = Infinity
    const orders = (left: number[], done: number[]) => {
      if (left.length === 0) {
        now.take({ blocks: Int32Array.from(done), turns: new Uint8Array(6) })
        least = Math.min(least, now.cost())
      }
      for (const next of left)
        orders(
          left.filter(other => other !== next),
          [...done, next],
        )
    }
    orders([0, 1, 2, 3, 4, 5], [])
    expect(found.cost).toBeCloseTo(least, 6)
  }
})

test('where blocks may be turned, the best of all layouts of four is found from nearly every seed', () => {
  let optimal = 0
  const file = mixedQuilt('straight', 3)
  const four = {
    ...file.setting,
    across: 2,
    down: 2,
    cells: file.setting.cells!.slice(0, 2).map(row => row.slice(0, 2)),
  }
  const problem = problemOf(wallIn({ ...file, setting: four }).wall, { canTurn: true })
  const least = (seed: number) => {
    const now = changingLayout(problem, chanceFrom(seed))
    let best = Infinity
    const orders = (left: number[], done: number[]) => {
      if (left.length > 0)
        return left.forEach(next =>
          orders(
            left.filter(other => other !== next),
            [...done, next],
          ),
        )
      for (let turned = 0; turned < 256; turned++) {
        now.take({
          blocks: Int32Array.from(done),
          turns: Uint8Array.from([0, 1, 2, 3], i => (turned >> (2 * i)) & 3),
        })
        best = Math.min(best, now.cost())
      }
    }
    orders([0, 1, 2, 3], [])
    return best
  }
  for (let seed = 1; seed <= 20; seed++)
    if (lastOf(spreadSearch(problem, seed, 20_000)).cost < least(seed) + 1e-6) optimal += 1
  expect(optimal).toBeGreaterThanOrEqual(19)
})

test('an even spread leaves no likes side by side, is never worse than the start, the same from its seed', () => {
  for (let seed = 1; seed <= 3; seed++) {
    const rows = dealtByChance(8, 6, 12, chanceFrom(seed))
    const problem = problemOf(wallIn(squaresQuilt(rows)).wall)
    const steps = [...spreadSearch(problem, seed, 60_000)]
    const costs = steps.map(({ cost }) => cost)
    expect([...costs].sort((a, b) => b - a)).toEqual(costs)
    expect(costs.at(-1)!).toBeLessThan(steps[0]!.start)
    const after = rowsAfter(rows, steps.at(-1)!.layout)
    expect(alikeIn(rows)).toBeGreaterThan(0)
    expect(alikeIn(after)).toBe(0)
    expect(after.flat().sort()).toEqual(rows.flat().sort())
    expect(lastOf(spreadSearch(problem, seed, 60_000)).layout).toEqual(steps.at(-1)!.layout)
  }
})

test('where nothing may move nothing does, though blocks may be turned', () => {
  const { wall } = wallIn(squaresQuilt(dealtByChance(2, 2, 4, chanceFrom(1))))
  const { layout } = lastOf(spreadSearch(problemOf(wall, { locked: [0, 1, 2, 3], canTurn: true }), 1, 1000))
  expect([...layout.blocks, ...layout.turns]).toEqual([0, 1, 2, 3, 0, 0, 0, 0])
})

test('what is locked stays, and blocks change places only with blocks of their size', () => {
  const file = squaresQuilt(dealtByChance(4, 4, 6, chanceFrom(2)))
  const cells = file.setting.cells!.map((row, r) => row.map(cell => ({ ...cell, block: r % 2 === 0 ? 'b' : 'tall' })))
  const { wall } = wallIn({
    ...file,
    blocks: [...file.blocks, { id: 'tall', design: 'plain', width: 6, height: 9, cloths: { cloth: 'c0' } }],
    setting: { ...file.setting, cells },
  })
  const { layout } = lastOf(spreadSearch(problemOf(wall, { locked: [0, 5] }), 1, 40_000))
  expect([layout.blocks[0], layout.blocks[5]]).toEqual([0, 5])
  layout.blocks.forEach((block, place) => expect(Math.floor(block / 4) % 2).toBe(Math.floor(place / 4) % 2))
  expect([...layout.blocks].sort((a, b) => a - b)).toEqual(Array.from({ length: 16 }, (_, i) => i))
})

/** Of two lists, how alike their orders are: 1 the same. */
function rankCorrelation(a: readonly number[], b: readonly number[]): number {
  const ranks = (list: readonly number[]) => {
    const sorted = [...list].sort((x, y) => x - y)
    return list.map(value => (sorted.indexOf(value) + sorted.lastIndexOf(value)) / 2)
  }
  const [x, y] = [ranks(a), ranks(b)]
  const mean = (list: readonly number[]) => list.reduce((sum, value) => sum + value, 0) / list.length
  const [mx, my] = [mean(x), mean(y)]
  const sum = (of: (i: number) => number) => x.reduce((total, _, i) => total + of(i), 0)
  return sum(i => (x[i]! - mx) * (y[i]! - my)) / Math.sqrt(sum(i => (x[i]! - mx) ** 2) * sum(i => (y[i]! - my) ** 2))
}

test.each(['down', 'out', 'diagonal'] as const)(
  'dark to light, %s: lightness follows the way, likes seldom touch',
  way => {
    const rows = dealtByChance(8, 6, 12, chanceFrom(4))
    const { wall } = wallIn(squaresQuilt(rows))
    const problem = problemOf(wall, { aim: { kind: 'dark-to-light', way } })
    const { layout } = lastOf(spreadSearch(problem, 1, 100_000))
    const along = wall.places.map((_, p) => {
      const [r, c] = [Math.floor(p / 8), p % 8]
      return way === 'down' ? r : way === 'diagonal' ? r + c : Math.hypot(c - 3.5, r - 2.5)
    })
    const light = ({ blocks }: SpreadLayout) => [...blocks].map(block => wall.places[block]!.lightness)
    // pairing ranks is the best order there can be; squares of one cloth then move apart, and little of it is lost
    const paired = rankedLayout(problem)
    const ordered = rankCorrelation(light(paired), along)
    expect(ordered).toBeGreaterThan(0.97)
    expect(rankCorrelation(light(layout), along)).toBeGreaterThan(0.96 * ordered)
    expect(alikeIn(rowsAfter(rows, layout))).toBeLessThan(alikeIn(rowsAfter(rows, paired)) / 3)
  },
)

test('a colour is gathered in the middle, all of it', () => {
  const rows = dealtByChance(7, 7, 7, chanceFrom(6))
  const { wall } = wallIn(squaresQuilt(rows))
  const { layout } = lastOf(spreadSearch(problemOf(wall, { aim: { kind: 'gather', cloth: 'c4' } }), 1, 60_000))
  const after = rowsAfter(rows, layout)
  const inMiddle = [2, 3, 4].flatMap(r => [2, 3, 4].map(c => after[r]![c]!)).filter(kind => kind === 4).length
  // seven squares of it, nine places within a square and a half of the middle
  expect(inMiddle).toBe(7)
  expect(colourDistance(WALL_COLOURS[4], WALL_COLOURS[1])).toBeGreaterThan(15)
})
