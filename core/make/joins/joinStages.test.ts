import fc from 'fast-check'
import type { Design } from '../../designs/design'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { boundingBox, contains, type Point, type Polygon } from '../../geometry/polygon'
import { tilingFaults } from '../../geometry/tiling'
import { anyBlock, ringBlock } from '../../testing/randomBlocks'
import { quiltOf } from '../../testing/quiltOf'
import { blockMake, type BlockMake } from '../units/blockMake'
import { patchTree } from '../units/unitTree'
import { joinSteps } from './joins'
import { handsOfHub, hubsOn } from './hub'
import { inInches, runsOf } from './joinRun'
import { joinStages } from './joinStages'
import { bothParts, joinsOf, patchesUnder, type Join, type SewnBlock } from './sewnBlock'
import { runs } from '../../testing/runs'

/** A block whose every patch is sewn by itself. */
function sewn(design: Pick<Design, 'width' | 'height' | 'patches'>): SewnBlock {
  const quilt = quiltOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'a', colour: '#222222' }],
    designs: [{ ...design, id: 'own', name: 'Own' }],
    blocks: [
      {
        id: 'one',
        design: 'own',
        width: design.width * 3,
        height: design.height * 3,
        cloths: Object.fromEntries(design.patches.map(({ role }) => [role, 'a'])),
      },
    ],
    setting: { across: 1, down: 1 },
  })
  const make = blockMake(quilt, quilt.blocks[0]!)
  return singly(make)
}
function singly(make: BlockMake): SewnBlock {
  const units = patchTree(make.tree, make.polygons)
  return { make: { ...make, units }, clothOfPatch: () => 'a', seam: 0.25, path: '', press: [], isTrimmed: () => false }
}
const ofPatches = ({ patches, width, height }: { patches: readonly Polygon[]; width: number; height: number }) =>
  sewn({ width, height, patches: patches.map((points, i) => ({ role: `r${i}`, points })) })

type Stretch = readonly [Point, Point]
/** All that is sewn with a join: its runs, half of what is left open, and what is closed. */
function sewnWith(block: SewnBlock, join: Join): Stretch[] {
  const runs = runsOf(join, bothParts(join, block), block.make)
  const stages = joinStages(block, join, 'first', [{ unit: 'rectangle' }, { unit: 'half-square' }], () => 'first')
  const legs = runs.flatMap(({ points }) => points.slice(1).map((to, i): Stretch => [points[i]!, to]))
  const whole = join.begun ? [join.begun.map(point => inInches(point, block.make)) as [Point, Point]] : legs
  if (join.kind === 'set-in')
    expect(stages.filter(({ code }) => code === 'sew-leg' || code === 'turn-leg')).toHaveLength(legs.length)
  return [
    ...whole,
    ...(join.closes ?? []).map((leg): Stretch => [inInches(leg[0], block.make), inInches(leg[1], block.make)]),
  ]
}
function isOn([x, y]: Point, [[ax, ay], [bx, by]]: Stretch): boolean {
  const way = Math.hypot(x - ax, y - ay) + Math.hypot(x - bx, y - by)
  return way - Math.hypot(bx - ax, by - ay) < 1e-9
}

/** Inner points of the block where no seam runs straight through, found from the corners of its patches alone. */
function jointsByHand(polygons: readonly Polygon[]): Point[] {
  const same = (p: Point, q: Point) => Math.hypot(p[0] - q[0], p[1] - q[1]) < 1e-6
  const box = boundingBox(polygons.flat())
  const isInner = ([x, y]: Point) =>
    Math.min(x - box.x, y - box.y, box.x + box.width - x, box.y + box.height - y) > 1e-6
  const corners = polygons.flat().filter((point, i, all) => all.findIndex(other => same(other, point)) === i)
  const sides = polygons.flatMap(polygon =>
    polygon.map((from, i): Stretch => [from, polygon[(i + 1) % polygon.length]!]),
  )
  return corners.filter(isInner).filter(point => {
    if (sides.some(side => isOn(point, side) && !side.some(end => same(end, point)))) return false
    const ways = sides
      .flatMap(([from, to]) => (same(from, point) ? [to] : same(to, point) ? [from] : []))
      .map(end => Math.atan2(end[1] - point[1], end[0] - point[0]))
    return !ways.some(a => ways.some(b => Math.abs(Math.abs(a - b) - Math.PI) < 1e-6))
  })
}

/** Sews a block by its stages and looks at every seam between two of its patches. */
function faultsOf(block: SewnBlock): string[] {
  const { polygons, units, order } = block.make
  const faults: string[] = []
  const joints = jointsByHand(polygons)
  const all: Stretch[] = []
  const turns: Point[] = []
  for (const { join } of joinsOf(units, '')) {
    const mine = patchesUnder(join).map(patch => polygons[patch]!)
    const here = sewnWith(block, join)
    for (const [from, to] of here) {
      const middle: Point = [from[0] * 0.43 + to[0] * 0.57, from[1] * 0.43 + to[1] * 0.57]
      const length = Math.hypot(to[0] - from[0], to[1] - from[1])
      const [nx, ny] = [(-(to[1] - from[1]) / length) * 1e-4, ((to[0] - from[0]) / length) * 1e-4]
      for (const side of [1, -1])
        if (!mine.some(polygon => contains(polygon, [middle[0] + nx * side, middle[1] + ny * side])))
          faults.push(`sewn beside the parts at ${middle.join()}`)
    }
    all.push(...here)
    for (const { points, from, to } of runsOf(join, bothParts(join, block), block.make)) {
      turns.push(...points.slice(1, -1))
      for (const [end, kind] of [
        [points[0]!, from],
        [points.at(-1)!, to],
      ] as const)
        if ((kind === 'dot') !== joints.some(joint => Math.hypot(joint[0] - end[0], joint[1] - end[1]) < 1e-5))
          faults.push(`${kind} at ${end.join()}`)
    }
  }
  if (joints.length !== order.setIn) faults.push(`${joints.length} joints, ${order.setIn} told`)
  for (const turn of turns)
    if (!joints.some(joint => Math.hypot(joint[0] - turn[0], joint[1] - turn[1]) < 1e-5))
      faults.push(`turns at ${turn.join()}, where a seam runs through`)
  for (const [i, polygon] of polygons.entries())
    for (const [k, from] of polygon.entries()) {
      const to = polygon[(k + 1) % polygon.length]!
      for (const t of [0.03, 0.21, 0.49, 0.52, 0.77, 0.96]) {
        const at: Point = [from[0] + (to[0] - from[0]) * t, from[1] + (to[1] - from[1]) * t]
        const length = Math.hypot(to[0] - from[0], to[1] - from[1])
        const beside = [1, -1].map((s): Point => [
          at[0] - ((to[1] - from[1]) / length) * 1e-4 * s,
          at[1] + ((to[0] - from[0]) / length) * 1e-4 * s,
        ])
        const isInner = beside.every(point => polygons.some(other => contains(other, point)))
        if (isInner && !all.some(stretch => isOn(at, stretch))) faults.push(`patch ${i} is not sewn at ${at.join()}`)
      }
    }
  return faults
}

test.each(SHIPPED_DESIGNS.map(design => [design.id, design] as const))(
  '%s is sewn whole by its stages',
  (_, design) => {
    expect(faultsOf(sewn(design))).toEqual([])
  },
)

test('random blocks are sewn whole, every seam in reach of the parts in hand, to dots where none runs on', () => {
  const seen = { turned: 0, closed: 0 }
  fc.assert(
    fc.property(fc.oneof(anyBlock(9), ringBlock(9)), drawn => {
      fc.pre(tilingFaults(drawn.patches, drawn.width, drawn.height).length === 0)
      const block = ofPatches(drawn)
      expect(faultsOf(block)).toEqual([])
      const joins = joinsOf(block.make.units, '').map(({ join }) => join)
      seen.turned += joins.filter(({ kind }) => kind === 'set-in').length
      seen.closed += joins.filter(({ closes }) => closes).length
    }),
    { numRuns: runs(400) },
  )
  expect(seen.turned).toBeGreaterThan(50)
  expect(seen.closed).toBeGreaterThan(50)
}, 60_000)

test('an eight-pointed star: pairs stop at the dot, halves meet in the middle and are spun, corners turn once', () => {
  const star = sewn(SHIPPED_DESIGNS.find(({ id }) => id === 'lemoyne-star')!)
  const steps = joinSteps({
    ...star,
    press: Array.from({ length: 15 }, () => 'first' as const),
  }).map(({ step }) => step)
  const codes = steps.map(({ code, stages }) => [code, ...(stages ?? []).map(stage => stage.code)].join(' '))
  expect(codes[0]).toBe('join-parts mark-dots sew-to-stop')
  expect(codes).toContain('join-parts mark-dots match-centre sew-through-centre spin-centre')
  expect(codes.at(-1)).toBe('join-set-in mark-dots sew-leg turn-leg press-round-dot')
  expect(steps.map(({ data }) => data!.stops ?? 0)).toEqual(expect.arrayContaining([1, 2, 0]))
})

test('spun round a middle, every patch bears the allowance of its neighbour, all to one hand', () => {
  const star = sewn(SHIPPED_DESIGNS.find(({ id }) => id === 'lemoyne-star')!)
  const through = joinsOf(star.make.units, '').flatMap(({ join }) =>
    runsOf(join, bothParts(join, star), star.make).flatMap(run =>
      hubsOn(run, bothParts(join, star)).map(hub => ({ hub, join })),
    ),
  )
  expect(through).toHaveLength(1)
  for (const press of ['first', 'second'] as const) {
    const { hub, join } = through[0]!
    const bands = handsOfHub(hub, star, join, () => press)
    expect(bands).toHaveLength(8)
    // each begins at a ray and lies to one side of it: all to the same
    const hands = bands.map(({ polygon }) => {
      const [x, y] = polygon.reduce(
        ([sx, sy], [px, py]) => [sx + px / polygon.length, sy + py / polygon.length],
        [0, 0],
      )
      const rays = Array.from({ length: 8 }, (_, i) => (i * Math.PI) / 4)
      const angle = Math.atan2(y! - hub[1], x! - hub[0])
      const off = rays.map(ray => ((angle - ray + 9 * Math.PI) % (2 * Math.PI)) - Math.PI)
      return Math.sign(off.sort((a, b) => Math.abs(a) - Math.abs(b))[0]!)
    })
    expect(new Set(hands).size).toBe(1)
  }
})
