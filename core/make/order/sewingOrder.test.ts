import { RING } from '../../testing/ring'
import fc from 'fast-check'
import { commonEdges } from '../../geometry/adjacency'
import type { Point, Polygon } from '../../geometry/polygon'
import { tilingFaults } from '../../geometry/tiling'
import { anyBlock, cutBlock, jitteredBlock, merged, ringBlock } from '../../testing/randomBlocks'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { isItsOwnMirrorImage } from '../../designs/mirrorImage'
import { countSeams, patchesOf, type SewingTree } from './sewingTree'
import { findSewingOrder } from './findSewingOrder'
import { runs } from '../../testing/runs'

type Edge = readonly [Point, Point]

const shared = (patches: readonly Polygon[], one: readonly number[], other: readonly number[]) =>
  one.flatMap(a => other.flatMap(b => commonEdges(patches[a]!, patches[b]!)))

function isOnLine(edges: readonly Edge[]): boolean {
  const [from, to] = edges[0]!
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  return edges
    .flat()
    .every(p => Math.abs((p[0] - from[0]) * (to[1] - from[1]) - (p[1] - from[1]) * (to[0] - from[0])) / length < 1e-5)
}

/**
 * What a join costs: turns at corners where nothing can run through, and all other turns; a shared line in pieces
 * turns between them.
 */
type Cost = readonly [setIn: number, other: number]
const isLess = (a: Cost, b: Cost) => a[0] < b[0] || (a[0] === b[0] && a[1] < b[1])

function turns(edges: readonly Edge[], isBlocked: (p: Point) => boolean): Cost | null {
  const touch = (a: Edge, b: Edge) => a.find(p => b.some(q => Math.hypot(p[0] - q[0], p[1] - q[1]) < 1e-6))
  let runs = edges.map(edge => [edge])
  if (runs.length === 0) return null
  for (let merged = true; merged;) {
    merged = false
    for (const run of runs) {
      const next = runs.find(
        candidate =>
          candidate !== run && isOnLine([...run, ...candidate]) && run.some(a => candidate.some(b => touch(a, b))),
      )
      if (!next) continue
      runs = [...runs.filter(candidate => candidate !== run && candidate !== next), [...run, ...next]]
      merged = true
      break
    }
  }
  const dots = new Set(
    runs
      .flatMap((run, i) =>
        runs
          .slice(i + 1)
          .flatMap(next => run.flatMap(a => next.flatMap(b => [touch(a, b)].filter(p => p !== undefined)))),
      )
      .filter(isBlocked)
      .map(p => p.map(v => v.toFixed(4)).join()),
  )
  return [dots.size, Math.max(0, runs.length - 1 - dots.size)]
}

/** Whether no straight line can run through the point along edges only. */
function isBlocked(patches: readonly Polygon[], [x, y]: Point): boolean {
  const ways = patches.flatMap(patch =>
    patch.flatMap(([ax, ay], i) => {
      const [bx, by] = patch[(i + 1) % patch.length]!
      const length = Math.hypot(bx - ax, by - ay)
      const along = ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length
      if (
        Math.abs((x - ax) * (by - ay) - (y - ay) * (bx - ax)) / length > 1e-6
        || along < -1e-6
        || along > length + 1e-6
      )
        return []
      const angle = Math.atan2(by - ay, bx - ax)
      return [...(along < length - 1e-6 ? [angle] : []), ...(along > 1e-6 ? [angle + Math.PI] : [])]
    }),
  )
  return !ways.some(a => ways.some(b => Math.abs(Math.cos(a - b) + 1) < 1e-9))
}

/**
 * The best order of joins whatever, when no seam may be sewn in part: fewest set-in turns, then fewest others. Tries
 * every split of every set.
 */
function bestByTrying(patches: readonly Polygon[]): Cost {
  const n = patches.length
  const best = new Map<number, Cost>()
  // each pair of patches is looked at once, and each corner
  const edges = patches.map(a => patches.map(b => commonEdges(a, b)))
  const between = (one: readonly number[], other: readonly number[]) =>
    one.flatMap(a => other.flatMap(b => edges[a]![b]!))
  const blocked = new Map<string, boolean>()
  const isBlockedOnce = (p: Point) => {
    const key = p.map(v => v.toFixed(4)).join()
    if (!blocked.has(key)) blocked.set(key, isBlocked(patches, p))
    return blocked.get(key)!
  }
  const members = (set: number) => Array.from({ length: n }, (_, i) => i).filter(i => (set >> i) & 1)
  const solve = (set: number): Cost => {
    const known = best.get(set)
    if (known !== undefined) return known
    const list = members(set)
    let least: Cost = list.length === 1 ? [0, 0] : [Infinity, Infinity]
    const first = 1 << list[0]!
    for (let part = (set - 1) & set; part > 0; part = (part - 1) & set) {
      const own = part & first ? turns(between(members(part), members(set ^ part)), isBlockedOnce) : null
      if (own === null || !isLess(own, least)) continue
      const [a, b] = [solve(part), solve(set ^ part)]
      const all: Cost = [a[0] + b[0] + own[0], a[1] + b[1] + own[1]]
      if (isLess(all, least)) least = all
    }
    best.set(set, least)
    return least
  }
  return solve((1 << n) - 1)
}

/** Builds the block up seam by seam; what is sewn must be what the tree says. */
function replay(patches: readonly Polygon[], tree: SewingTree): void {
  if ('patch' in tree) return
  const [one, other] = tree.join
  replay(patches, one)
  replay(patches, other)
  const edges = shared(patches, patchesOf(one), patchesOf(other))
  expect(edges.length).toBeGreaterThan(0)
  // the seam named is part of what the two share, and straight
  const length = (list: readonly Edge[]) => list.reduce((sum, [a, b]) => sum + Math.hypot(b[0] - a[0], b[1] - a[1]), 0)
  const legs = [tree.seam, ...(tree.bent ?? [])]
  for (const leg of legs) expect(edges.some(edge => isOnLine([leg, edge]))).toBe(true)
  if (tree.kind === 'straight') expect(length([tree.seam])).toBeLessThanOrEqual(length(edges) + 1e-6)
  if (tree.kind === 'set-in') expect(tree.dots!.length).toBeGreaterThan(0)
}

const faultless = ({ patches, width, height }: { patches: Polygon[]; width: number; height: number }) =>
  tilingFaults(patches, width, height).length === 0

test('blocks of every sort: the tree holds every patch once, and replays', () => {
  const seen = { all: 0, notStraight: 0, manySided: 0, partial: 0, lopsided: 0 }
  fc.assert(
    fc.property(
      fc.oneof(
        cutBlock(12),
        ringBlock(12),
        jitteredBlock(4),
        merged(cutBlock(12)),
        merged(ringBlock(12)),
        merged(jitteredBlock(4)),
      ),
      block => {
        fc.pre(faultless(block))
        const { patches } = block
        const order = findSewingOrder(patches)
        expect(patchesOf(order.tree).sort((a, b) => a - b)).toEqual(patches.map((_, i) => i))
        expect(order.isProven).toBe(true)
        const counts = countSeams(order.tree)
        expect(counts.straight + counts.partial + counts['set-in']).toBe(patches.length - 1)
        expect(counts.partial).toBe(order.partial)
        expect(counts['set-in'] > 0).toBe(order.setIn > 0)
        replay(patches, order.tree)
        seen.all += 1
        if (order.setIn + order.partial > 0) seen.notStraight += 1
        if (patches.some(patch => patch.length > 4)) seen.manySided += 1
        if (order.partial > 0) seen.partial += 1
        if (
          !isItsOwnMirrorImage(
            {
              id: '',
              name: '',
              family: '',
              width: block.width,
              height: block.height,
              patches: patches.map(points => ({ role: '', points })),
            },
            block,
          )
        )
          seen.lopsided += 1
      },
    ),
    { numRuns: runs(1000) },
  )
  expect(seen.notStraight).toBeGreaterThanOrEqual(runs(300))
  expect(seen.manySided).toBeGreaterThanOrEqual(runs(200))
  expect(seen.partial).toBeGreaterThanOrEqual(runs(100))
  expect(seen.lopsided).toBeGreaterThanOrEqual(runs(200))
}, 120_000)

test('no order has fewer set-in joints, and a partial seam is sewn only where without it a join would turn', () => {
  fc.assert(
    fc.property(anyBlock(8), block => {
      fc.pre(faultless(block) && block.patches.length <= 9)
      const order = findSewingOrder(block.patches)
      const [setIn, other] = bestByTrying(block.patches)
      expect(order.setIn).toBe(setIn)
      expect(order.partial).toBeLessThanOrEqual(other)
    }),
    { numRuns: runs(120) },
  )
}, 120_000)

describe('blocks by name', () => {
  const ring = (x: number, y: number) => RING.map(patch => patch.map(([px, py]): Point => [px + x, py + y]))
  test('a ring has one partial seam, two rings side by side two', () => {
    expect(findSewingOrder(ring(0, 0))).toMatchObject({ setIn: 0, partial: 1, isProven: true })
    expect(findSewingOrder([...ring(0, 0), ...ring(3, 0)])).toMatchObject({ setIn: 0, partial: 2, isProven: true })
  })
  test('eight diamonds in a square: eight set-in joints, the centre is run through', () => {
    const s = Math.SQRT1_2
    const c: Point = [1 + s, 1 + s]
    const size = 2 * (1 + s)
    const notch = (i: number): Point => [c[0] + Math.cos((i * Math.PI) / 4), c[1] + Math.sin((i * Math.PI) / 4)]
    const outer = (i: number): Point => [notch(i)[0] + notch(i + 1)[0] - c[0], notch(i)[1] + notch(i + 1)[1] - c[1]]
    const diamonds = Array.from({ length: 8 }, (_, i): Polygon => [c, notch(i), outer(i), notch(i + 1)])
    // the tips lie on the outline; corners are squares, sides are triangles
    const corners: Polygon[] = (
      [
        [1, [size, size]],
        [3, [0, size]],
        [5, [0, 0]],
        [7, [size, 0]],
      ] as const
    ).map(([i, corner]) => [outer(i - 1), notch(i), outer(i), corner])
    const sides: Polygon[] = [0, 2, 4, 6].map(i => [outer((i + 7) % 8), notch(i), outer(i)])
    const patches = [...diamonds, ...corners, ...sides]
    expect(tilingFaults(patches, size, size)).toEqual([])
    expect(findSewingOrder(patches)).toMatchObject({ setIn: 8, partial: 0, isProven: true })
  })
  test('a square in the notch of an ell turns once', () => {
    expect(
      findSewingOrder([
        [
          [0, 0],
          [1, 0],
          [1, 1],
          [2, 1],
          [2, 2],
          [0, 2],
        ],
        [
          [1, 0],
          [2, 0],
          [2, 1],
          [1, 1],
        ],
      ]),
    ).toMatchObject({ setIn: 1, partial: 0 })
  })
})

test('an eight-pointed star is whole before anything is set in: then all triangles, then all squares', () => {
  const design = SHIPPED_DESIGNS.find(candidate => candidate.id === 'lemoyne-star')!
  const setIn: number[] = []
  let node = findSewingOrder(design.patches.map(patch => patch.points)).tree
  while ('join' in node && node.kind === 'set-in') {
    const [first, second] = node.join
    const single = 'patch' in first ? first : second
    if (!('patch' in single)) throw new Error('more than one patch is set in at once')
    setIn.unshift(design.patches[single.patch]!.points.length)
    node = 'patch' in first ? second : first
  }
  expect(setIn).toEqual([3, 3, 3, 3, 4, 4, 4, 4])
  const shape = (tree: typeof node): number[] =>
    'patch' in tree ? [] : [patchesOf(tree).length, ...tree.join.flatMap(shape)]
  expect(shape(node)).toEqual([8, 4, 2, 2, 4, 2, 2])
})
