import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { contains, type Point, type Polygon } from '../../geometry/polygon'
import { findSewingOrder } from '../order/findSewingOrder'
import { sewingOrderOf } from '../order/howSewn'
import { patchesOf } from '../order/sewingTree'
import { cutBlock } from '../../testing/randomBlocks'
import type { Press } from '../steps/press'
import { blockFactors, type PressedBlock } from './costs'
import { costOf, leastCost, type Factor } from './leastCost'
import { blockSeams, type BlockSeams } from './meetings'
import { outcomeOf, outcomes, pressBlock } from './pressBlock'
import { runs } from '../../testing/runs'

const blockOf = (seams: BlockSeams, more: Partial<PressedBlock> = {}): PressedBlock => ({
  seams,
  light: () => 50,
  side: 1,
  fixed: new Map(),
  ...more,
})
const worked = SHIPPED_DESIGNS.map(design => {
  const patches = design.patches.map(({ points }) => points)
  return { id: design.id, patches, seams: blockSeams(patches, sewingOrderOf(design).tree) }
})

test('the cheapest states are found, as trying all of them finds them', () => {
  const problem = fc.array(fc.integer({ min: 2, max: 3 }), { minLength: 1, maxLength: 7 }).chain(counts =>
    fc.record({
      counts: fc.constant(counts),
      sets: fc.array(
        fc.record({
          variables: fc.uniqueArray(fc.nat(counts.length - 1), { minLength: 1, maxLength: 3 }),
          cost: fc.array(fc.integer({ min: 0, max: 20 }), { minLength: 27, maxLength: 27 }),
        }),
        { maxLength: 8 },
      ),
    }),
  )
  fc.assert(
    fc.property(problem, ({ counts, sets }) => {
      const factors = sets.map(({ variables, cost }): Factor => ({ variables, cost: Float64Array.from(cost) }))
      let least = Infinity
      const all = counts.reduce((product, count) => product * count, 1)
      for (let at = 0; at < all; at++) {
        let rest = at
        const states = counts.map(count => {
          const state = rest % count
          rest = Math.floor(rest / count)
          return state
        })
        least = Math.min(least, costOf(states, counts, factors))
      }
      const found = leastCost(counts, factors)
      expect(found.cost).toBe(least)
      expect(costOf(found.states, counts, factors)).toBe(least)
      expect(found.isProven).toBe(true)
    }),
    { numRuns: runs(300) },
  )
})

test('every inner edge of every design belongs to one seam, whose parts lie on its two sides', () => {
  for (const { id, patches, seams } of worked) {
    const sides = seams.edges.map(({ first, second, from, to }) => {
      const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
      // the two patches meet there
      return [first, second].every(patch => distanceTo(patches[patch]!, middle) < 1e-5)
    })
    expect({ id, edges: sides.every(Boolean) }).toEqual({ id, edges: true })
  }
})

function distanceTo(polygon: Polygon, [x, y]: Point): number {
  return Math.min(
    ...polygon.map(([ax, ay], i) => {
      const [bx, by] = polygon[(i + 1) % polygon.length]!
      const t = Math.max(
        0,
        Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2)),
      )
      return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay))
    }),
  )
}

test('no design alone has a clash, nor needs a seam pressed open; each is found and proved in no time', () => {
  for (const { id, seams } of worked) {
    const { press, isProven } = pressBlock(blockOf(seams))
    const { clash, open } = outcomes(seams, press)
    expect({ id, clash, open, opened: press.includes('open'), isProven }).toEqual({
      id,
      clash: 0,
      open: 0,
      opened: false,
      isProven: true,
    })
  }
})

test('designs of up to fourteen seams: no pressing at all has fewer clashes', () => {
  for (const { id, seams } of worked.filter(other => other.seams.joins.length <= 14)) {
    const block = blockOf(seams)
    const { counts, factors } = blockFactors(block, false)
    let least = Infinity
    // hubs have variables of their own, after those of the seams
    const all = 2 ** counts.length
    if (all > 2 ** 18) continue
    for (let at = 0; at < all; at++)
      least = Math.min(
        least,
        costOf(
          counts.map((_, i) => (at >> i) & 1),
          counts,
          factors,
        ),
      )
    expect({ id, cost: leastCost(counts, factors).cost.toFixed(6) }).toEqual({ id, cost: least.toFixed(6) })
  }
})

/**
 * Looks at the cloth itself: from a crossing a little way along a seam, and off it to the patch that the allowance was
 * pressed under. On which half of the seam that runs through it lies, 1 or -1; 0 where it lies on both.
 */
function halfUnderWhich(
  { seams, patches }: { seams: BlockSeams; patches: readonly Polygon[] },
  at: Point,
  join: number,
  through: number,
  press: Press,
): number {
  if (press === 'open') return 0
  const edge = seams.edges.find(
    other =>
      other.join === join && [other.from, other.to].some(end => Math.hypot(end[0] - at[0], end[1] - at[1]) < 1e-5),
  )!
  const far = Math.hypot(edge.from[0] - at[0], edge.from[1] - at[1]) < 1e-5 ? edge.to : edge.from
  const length = Math.hypot(far[0] - at[0], far[1] - at[1])
  const [ux, uy] = [(far[0] - at[0]) / length, (far[1] - at[1]) / length]
  const step = length / 50
  // within the narrowest patch
  const off = step / 40
  const sides = [1, -1].map((side): Point => [
    at[0] + 2 * step * ux - side * off * uy,
    at[1] + 2 * step * uy + side * off * ux,
  ])
  const child = seams.joins[join]!.node.join[press === 'first' ? 0 : 1]
  const under = patchesOf(child)
  const point = sides.find(side => under.some(patch => contains(patches[patch]!, side)))!
  const [a, b] = seams.joins[through]!.legs[0]!
  // straight across from where the seam ends; a slanted one leans, and its allowance with it
  const [px, py] = [point[0] - at[0] - 2 * step * ux, point[1] - at[1] - 2 * step * uy]
  return Math.sign(px * (b[0] - a[0]) + py * (b[1] - a[1]))
}

/** Looks at every crossing of a block, pressed each way. Gives how many there are. */
function lookAtCrossings(one: { id: string; seams: BlockSeams; patches: readonly Polygon[] }): number {
  const crossings = one.seams.meetings.filter(({ kind }) => kind === 'crossing')
  for (const meeting of crossings) {
    const [a, b] = meeting.rays as [(typeof meeting.rays)[0], (typeof meeting.rays)[0]]
    for (const first of ['first', 'second', 'open'] as const) {
      for (const second of ['first', 'second', 'open'] as const) {
        const press: Press[] = []
        press[a.join] = first
        press[b.join] = second
        const halves = [a, b].map(({ join }) => halfUnderWhich(one, meeting.at, join, meeting.through!, press[join]!))
        const seen = halves.includes(0) ? 'open' : halves[0] === halves[1] ? 'clash' : 'nest'
        const where = { id: one.id, at: meeting.at, first, second }
        expect({ ...where, is: outcomeOf({ kind: 'crossing', rays: meeting.rays, straight: [] }, press) }).toEqual({
          ...where,
          is: seen,
        })
      }
    }
  }
  return crossings.length
}

test('seams are said to nest just where the allowances lie on opposite halves of the seam that runs through', () => {
  expect(worked.reduce((sum, one) => sum + lookAtCrossings(one), 0)).toBeGreaterThan(300)
})

test('the same in blocks that nobody has drawn; none has more clashes than any pressing must leave', () => {
  let seen = 0
  fc.assert(
    fc.property(cutBlock(11), ({ patches }) => {
      const seams = blockSeams(patches, findSewingOrder(patches).tree)
      seen += lookAtCrossings({ id: 'random', seams, patches })
      const { press } = pressBlock(blockOf(seams))
      const all = 2 ** seams.joins.length
      const least = Math.min(
        ...Array.from({ length: all }, (_, at) => {
          const tried = seams.joins.map((_, join): Press => ((at >> join) & 1 ? 'second' : 'first'))
          return outcomes(seams, tried).clash
        }),
      )
      expect(outcomes(seams, press).clash).toBeLessThanOrEqual(least)
    }),
    { numRuns: runs(100) },
  )
  expect(seen).toBeGreaterThan(runs(20))
})

test('a ring of five seams, each crossing the next, cannot nest: one of them is pressed open', () => {
  const ring = (turns: readonly (1 | -1)[]): BlockSeams => ({
    joins: turns.map(() => worked[0]!.seams.joins[0]!),
    edges: [],
    ends: [],
    corners: [],
    meetings: turns.map((sense, i) => {
      const rays = [
        { join: i, sense: 1 as const },
        { join: (i + 1) % turns.length, sense },
      ]
      return { kind: 'crossing', at: [0, 0], through: null, rays, onFirst: [], straight: [] }
    }),
  })
  // seams that must lie opposite ways round an odd ring
  const odd = ring([-1, -1, -1, -1, -1])
  const { press } = pressBlock(blockOf(odd))
  expect(outcomes(odd, press)).toMatchObject({ nest: 3, open: 2, clash: 0 })
  expect(press.filter(side => side === 'open')).toHaveLength(1)
  const even = ring([-1, -1, -1, -1])
  expect(outcomes(even, pressBlock(blockOf(even)).press)).toMatchObject({ nest: 4, open: 0, clash: 0 })
})

test('what the quilter or the way of making has settled stays, and the rest is found round it', () => {
  for (const { id, seams } of worked) {
    const free = pressBlock(blockOf(seams)).press
    // all the other way round nests just as well
    const turned = free.map((side): Press => (side === 'first' ? 'second' : 'first'))
    const fixed = new Map(turned.slice(0, 1).map((side, join) => [join, side]))
    const found = pressBlock(blockOf(seams, { fixed })).press
    if (turned.length > 0) expect({ id, first: found[0] }).toEqual({ id, first: turned[0] })
    expect({ id, clash: outcomes(seams, found).clash }).toEqual({ id, clash: 0 })
  }
})
