import { cornerRules } from '../file/corners'
import fc from 'fast-check'
import { dimensionsOf } from './dimensions'
import { quiltOf, SAMPLE } from '../testing/quiltOf'
import {
  area as areaOf,
  boundingBox,
  cornerMean,
  withoutIdleCorners,
  type Point,
  type Polygon,
} from '../geometry/polygon'
import type { QuiltFile } from '../file/schema'
import { randomQuilt } from '../testing/randomQuilt'
import { drawnTop, outlinesOf, partAt, tapeSegments } from './parts'
import { liesIn, movedRegions, outlineOf, samePart, type Region } from './regions/region'
import { runs } from '../testing/runs'

test('blocks, sashes and cornerstones fill the setting exactly, and with the borders the whole top', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const { setting, top } = dimensionsOf(quiltOf(file))
      const area = (regions: readonly Region[]) => regions.reduce((sum, region) => sum + areaOf(outlineOf(region)), 0)
      const inside = area(setting.regions)
      expect(inside).toBeCloseTo(setting.width * setting.height, 6)
      const whole = drawnTop({ setting, top })
      expect(area(top.regions)).toBeCloseTo(whole.width * whole.height, 6)
      const borders = top.regions.filter(({ part }) => part.kind === 'border')
      expect(area(borders)).toBeCloseTo(whole.width * whole.height - inside, 6)
      // and no two lie over each other: in the middle of one there is no other
      for (const region of top.regions.slice(0, 40)) {
        const point = cornerMean(outlineOf(region))
        const under = top.regions.filter(other => liesIn(other, point))
        expect(under).toHaveLength(1)
      }
    }),
  )
})

/**
 * Two parts laid edge to edge: the seam is one whole straight side of both, or the sewing would not lie flat. Gives the
 * outline of what they make together.
 */
function sewn(one: Polygon, other: Polygon): Polygon {
  const [a, b] = [withoutIdleCorners(one, 1e-6), withoutIdleCorners(other, 1e-6)]
  const isAt = (p: Point, q: Point) => Math.hypot(p[0] - q[0], p[1] - q[1]) < 1e-6
  const next = (polygon: Polygon, i: number) => polygon[(i + 1) % polygon.length]!
  const sides = a.flatMap((from, i) =>
    b.flatMap((_, k) => (isAt(from, next(b, k)) && isAt(next(a, i), b[k]!) ? [[i, k] as const] : [])),
  )
  expect(sides).toHaveLength(1)
  const [i, k] = sides[0]!
  // round the first from the end of the seam, then round the other
  const from = (polygon: Polygon, at: number) => [...polygon.slice(at), ...polygon.slice(0, at)]
  return withoutIdleCorners([...from(a, i + 1), ...from(b, k + 1).slice(1, -1)], 1e-6)
}

/** On point with float, one block across or down, where the corners meet. */
const NARROW: QuiltFile[] = [
  [1, 3],
  [3, 1],
  [1, 1],
].map(([across, down]) => ({
  ...SAMPLE,
  setting: { kind: 'on-point', across: across!, down: down!, settingCloth: 'cream', float: 2 },
}))

test('the top is joined in its own order, every seam straight and edge to edge, and ends with its outline', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      // a mitre is no straight edge: such borders are looked at by their areas
      const borders = (file.borders ?? []).map(border => ({
        ...border,
        ...(border.corners === 'mitred' ? { corners: 'butted' as const } : {}),
      }))
      const quilt = quiltOf({ ...file, borders, made: [] })
      const dimensions = dimensionsOf(quilt)
      const { setting, top } = dimensions
      const inside = top.regions.slice(top.drawnStrips.flat().length)
      expect(inside.map(({ part }) => part)).toEqual(setting.regions.map(({ part }) => part))
      let seams = 0
      const join = (one: Polygon, other: Polygon) => {
        seams += 1
        return sewn(one, other)
      }
      let at = 0
      const rows = setting.rows.map(({ regions }) => {
        // a framed block is sewn first: strip after strip round it
        const row = regions.map(({ part, fabric }) => {
          const block = part.kind === 'block' && 'cell' in fabric ? fabric.cell.block : ''
          const frames = quilt.blocks.find(({ id }) => id === block)?.frame.length ?? 0
          const parts = inside.slice(at, at + 1 + 4 * frames).map(outlineOf)
          at += 1 + 4 * frames
          return parts.reduce(join)
        })
        return row.reduce(join)
      })
      let whole = rows.reduce(join)
      top.drawnStrips.forEach((parts, i) => {
        const { side, length, border } = top.strips[i]!
        const isUpright = side === 'left' || side === 'right'
        const strip = boundingBox(parts.flatMap(outlineOf))
        // corners of their own are no part of the strip
        const { corners, sides, ends, first, beyond } = quilt.borders[border - 1]!
        const isSecond = (first === 'sides') !== isUpright
        const ownCorners = cornerRules(corners).isOwnPiece && isSecond ? 2 * (isUpright ? ends : sides) : 0
        // the second pair spans what the first is cut wider for the binding
        const wider = corners === 'butted' && isSecond ? 2 * beyond : 0
        const drawn = isUpright ? strip.height : strip.width
        expect(length.total).toBeCloseTo(drawn - ownCorners + wider + 2 * quilt.seam, 6)
        const box = boundingBox(whole)
        const isOnItsSide = {
          left: strip.x < box.x,
          right: strip.x > box.x,
          top: strip.y < box.y,
          bottom: strip.y > box.y,
        }
        expect(isOnItsSide[side]).toBe(true)
        whole = join(whole, parts.map(outlineOf).reduce(join))
      })
      const drawn = drawnTop(dimensions)
      expect(boundingBox(whole)).toMatchObject({
        x: expect.closeTo(0, 6),
        y: expect.closeTo(0, 6),
        width: expect.closeTo(drawn.width, 6),
        height: expect.closeTo(drawn.height, 6),
      })
      expect(areaOf(whole)).toBeCloseTo(drawn.width * drawn.height, 5)
      expect(seams).toBe(top.regions.length - 1)
    }),
    { examples: NARROW.map(file => [file]) },
  )
})

test('wherever the top is pressed there is one part, and the point lies in one of its boxes', () => {
  fc.assert(
    fc.property(
      randomQuilt,
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      (file, u, v) => {
        const quilt = quiltOf(file)
        const dimensions = dimensionsOf(quilt)
        const whole = drawnTop(dimensions)
        const [x, y] = [u * whole.width, v * whole.height]
        const part = partAt(x, y, dimensions, quilt, 1)
        expect(part).not.toBeNull()
        expect(
          outlinesOf(part!, dimensions)
            .map(boundingBox)
            .some(
              box =>
                x >= box.x - 1e-9
                && x <= box.x + box.width + 1e-9
                && y >= box.y - 1e-9
                && y <= box.y + box.height + 1e-9,
            ),
        ).toBe(true)
      },
    ),
    { numRuns: runs(200) },
  )
})

test('the tape runs from edge to edge without a gap, and names the part that lies under it', () => {
  fc.assert(
    fc.property(randomQuilt, fc.constantFrom('width' as const, 'height' as const), (file, side) => {
      const quilt = quiltOf(file)
      const dimensions = dimensionsOf(quilt)
      const segments = tapeSegments(dimensions, side)
      let at = 0
      for (const segment of segments) {
        expect(segment.start).toBeCloseTo(at, 9)
        at += segment.size
        if (segment.part.kind !== 'block') continue
        const [box] = outlinesOf(segment.part, dimensions).map(boundingBox)
        expect(side === 'width' ? box!.x : box!.y).toBeCloseTo(segment.start, 6)
      }
      expect(at).toBeCloseTo(drawnTop(dimensions)[side], 6)
    }),
    { numRuns: runs(100) },
  )
})

test('of two parts that share a box, cut by a slant, the one under the point is pressed', () => {
  const quilt = quiltOf(SAMPLE)
  const { setting, top } = dimensionsOf(quilt)
  const half = (border: number, outline: Polygon): Region => ({
    ...{ x: 0, y: 0, width: 4, height: 2 },
    part: { kind: 'border', border },
    fabric: { cloth: 'soot' },
    outline,
  })
  const halves = [
    half(1, [
      [0, 0],
      [4, 0],
      [0, 2],
    ]),
    half(2, [
      [4, 0],
      [4, 2],
      [0, 2],
    ]),
  ]
  const dimensions = { setting, top: { ...top, regions: movedRegions(halves, 10, 20) } }
  const at = (x: number, y: number) => partAt(10 + x, 20 + y, dimensions, quilt, 0)
  expect(at(1, 0.5)).toMatchObject({ border: 1 })
  expect(at(3, 1.5)).toMatchObject({ border: 2 })
  expect(outlinesOf({ kind: 'border', border: 2 }, dimensions)).toEqual([
    [
      [14, 20],
      [14, 22],
      [10, 22],
    ],
  ])
})

test('the binding is outside, and only where there is one', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const quilt = quiltOf(file)
      const part = partAt(-0.5, 1, dimensionsOf(quilt), quilt, 1)
      expect(part).toEqual(quilt.binding ? { kind: 'binding' } : null)
    }),
    { numRuns: runs(50) },
  )
})

test('parts are the same by what they are', () => {
  expect(samePart({ kind: 'block', row: 1, column: 2 }, { kind: 'block', row: 1, column: 2 })).toBe(true)
  expect(samePart({ kind: 'block', row: 1, column: 2 }, { kind: 'block', row: 2, column: 1 })).toBe(false)
  expect(samePart({ kind: 'border', border: 1 }, { kind: 'border', border: 2 })).toBe(false)
  expect(samePart({ kind: 'sash' }, { kind: 'sash' })).toBe(true)
  expect(samePart(null, null)).toBe(true)
})
