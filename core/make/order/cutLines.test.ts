import fc from 'fast-check'
import { area, clockwise, withoutIdleCorners, type Point, type Polygon } from '../../geometry/polygon'
import { offsetPolygon } from '../../geometry/offset'
import { anyBlock } from '../../testing/randomBlocks'
import { cutLines } from './cutLines'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { finishedPatches } from '../../designs/design'
import { sewingOrderOf } from './howSewn'
import { patchesOf, type SewingTree } from './sewingTree'
import { findSewingOrder } from './findSewingOrder'
import { runs } from '../../testing/runs'

const SEAM = 1 / 4
const far = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1])
/** Distance of a point from the line through two others. */
const off = (p: Point, [a, b]: readonly [Point, Point]) =>
  Math.abs((p[0] - a[0]) * (b[1] - a[1]) - (p[1] - a[1]) * (b[0] - a[0])) / far(a, b)
const edgesOf = (polygon: Polygon) => polygon.map((p, i) => [p, polygon[(i + 1) % polygon.length]!] as const)
const fold = (p: Point, [a, b]: readonly [Point, Point]): Point => {
  const ux = (b[0] - a[0]) / far(a, b)
  const uy = (b[1] - a[1]) / far(a, b)
  const along = (p[0] - a[0]) * ux + (p[1] - a[1]) * uy
  return [2 * (a[0] + along * ux) - p[0], 2 * (a[1] + along * uy) - p[1]]
}

/**
 * The seam that first ends at a corner of a patch, and the patch on its other side; by trying every join from the
 * leaf upwards.
 */
function firstJoined(
  tree: SewingTree,
  patches: readonly Polygon[],
  patch: number,
  corner: Point,
): { beside: number; seam: [Point, Point] } | null {
  if ('patch' in tree) return null
  const [inner, other] = patchesOf(tree.join[0]).includes(patch) ? tree.join : [tree.join[1], tree.join[0]]
  const earlier = firstJoined(inner, patches, patch, corner)
  if (earlier) return earlier
  for (const edge of edgesOf(patches[patch]!).filter(edge => edge.some(end => far(end, corner) < 1e-6))) {
    const just = (by: number): Point =>
      edge.map((_, k) => corner[k]! + (edge[0][k]! + edge[1][k]! - 2 * corner[k]!) * by) as unknown as Point
    for (const beside of patchesOf(other)) {
      if (
        edgesOf(patches[beside]!).some(
          its =>
            off(corner, its) < 1e-6
            && off(just(1e-3), its) < 1e-6
            && far(just(1e-3), its[0]) + far(just(1e-3), its[1]) < far(its[0], its[1]) + 1e-6,
        )
      )
        return { beside, seam: [corner, just(1)] }
    }
  }
  return null
}

/** How many tips fit the patch first joined there, lie square to its seam where it runs on, or keep the bisector. */
function checkTips(tree: SewingTree, finished: readonly Polygon[]) {
  const patches = finished.map(polygon => clockwise(withoutIdleCorners(polygon, 1e-6)))
  const cuts = cutLines(tree, patches, SEAM)
  const tips = { fitting: 0, square: 0, own: 0 }
  patches.forEach((patch, i) => {
    const tipped = new Set<Point>()
    for (const edge of edgesOf(cuts[i]!)) {
      const along = edgesOf(patch).some(side => off(side[0], edge) < SEAM + 1e-6 && off(side[1], edge) < SEAM + 1e-6)
      if (along || far(...edge) < 1e-9) continue
      // a tip: a seam from its corner
      const corner = patch.find(point => Math.abs(off(point, edge) - SEAM) < 1e-6 && !tipped.has(point))!
      tipped.add(corner)
      const joined = firstJoined(tree, patches, i, corner)
      if (!joined) continue
      const folded = cuts[joined.beside]!.map(point => fold(point, joined.seam))
      const square =
        Math.abs(
          (edge[1][0] - edge[0][0]) * (joined.seam[1][0] - joined.seam[0][0])
            + (edge[1][1] - edge[0][1]) * (joined.seam[1][1] - joined.seam[0][1]),
        ) < 1e-6
      if (edgesOf(folded).some(its => off(edge[0], its) < 1e-6 && off(edge[1], its) < 1e-6)) tips.fitting += 1
      else if (square) tips.square += 1
      else tips.own += 1
    }
    // what is cut off lies beyond the corners, and never makes a patch smaller than its bisectors would by more than
    // a tip
    expect(area(cuts[i]!)).toBeGreaterThan(area(patch))
  })
  return tips
}

test('every sharp tip of every shipped design ends on the cut edge of the patch first joined there', () => {
  let fitting = 0
  for (const design of SHIPPED_DESIGNS) {
    const tips = checkTips(
      sewingOrderOf(design).tree,
      finishedPatches(
        design,
        (12 * design.width) / Math.max(design.width, design.height),
        (12 * design.height) / Math.max(design.width, design.height),
      ),
    )
    expect({ id: design.id, own: tips.own }).toEqual({ id: design.id, own: 0 })
    fitting += tips.fitting
  }
  expect(fitting).toBeGreaterThan(1000)
})

test('so do those of random blocks, but for the few that a third patch leans into', () => {
  const all = { fitting: 0, square: 0, own: 0 }
  fc.assert(
    fc.property(anyBlock(), ({ patches }) => {
      const tips = checkTips(
        findSewingOrder(patches).tree,
        patches.map(patch => patch.map(([x, y]): Point => [x * 2, y * 2])),
      )
      for (const key of Object.keys(all) as (keyof typeof all)[]) all[key] += tips[key]
    }),
    { numRuns: runs(150), seed: 1 },
  )
  expect(all.own).toBeLessThan((all.fitting + all.square) / 20)
})

test('beside a square corner a tip is cut square to the seam; two alike keep the bisector, and fit', () => {
  // a long right triangle on a square, and its twin
  const tall: Polygon = [
    [0, 0],
    [1, 0],
    [0, 4],
  ]
  const twin: Polygon = [
    [1, 0],
    [1, 4],
    [0, 4],
  ]
  const tree: SewingTree = {
    join: [{ patch: 0 }, { patch: 1 }],
    seam: [
      [1, 0],
      [0, 4],
    ],
    kind: 'straight',
  }
  const [first] = cutLines(tree, [tall, twin], SEAM)
  expect(first).not.toEqual(offsetPolygon(tall, SEAM))
  const alike: Polygon[] = [
    [
      [0, 0],
      [2, 4],
      [0, 4],
    ],
    [
      [0, 0],
      [4, 2],
      [2, 4],
    ],
  ]
  const joined = cutLines(
    {
      join: [{ patch: 0 }, { patch: 1 }],
      seam: [
        [0, 0],
        [2, 4],
      ],
      kind: 'straight',
    },
    alike,
    SEAM,
  )
  expect(joined[0]).toHaveLength(4)
})
