import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { rolesOf } from '../../designs/design'
import { offsetPolygon } from '../../geometry/offset'
import { boundingBox, movePolygon, type Point, type Polygon } from '../../geometry/polygon'
import { sameLength } from '../../measure/ruler'
import { convexOverlap } from '../../testing/overlap'
import { planOf, waysOf } from '../../testing/quiltOf'
import { angledStrips } from './angledStrips'
import type { MethodOutput, MethodContext } from './method'
import type { DressedUnit } from '../units/dressedUnit'
import { runs } from '../../testing/runs'

const USABLE = 41
const room: MethodContext = {
  seam: 1 / 4,
  ruler: 1 / 8,
  usableWidth: () => USABLE,
  longestStrip: () => USABLE,
  isInPieces: () => false,
  isDirectional: () => false,
  trimsClosed: false,
  isDarker: () => true,
  pressed: () => 'first',
}

function unitOf(polygon: Polygon, kind: DressedUnit['kind']): DressedUnit {
  const { width, height } = boundingBox(polygon)
  return {
    key: kind,
    kind,
    width,
    height,
    patches: [{ slot: 'patch', cloth: 'a', polygon, cutLine: offsetPolygon(polygon, room.seam) }],
  }
}

/** The triangle turned until this side lies level at the bottom, from the origin. */
function onBase(polygon: Polygon, side: number): Polygon {
  const [from, to] = [polygon[side]!, polygon[(side + 1) % 3]!]
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0])
  const turned = polygon.map(([x, y]): Point => [
    (x - from[0]) * Math.cos(angle) + (y - from[1]) * Math.sin(angle),
    (y - from[1]) * Math.cos(angle) - (x - from[0]) * Math.sin(angle),
  ])
  const isBelow = turned.some(([, y]) => y > 1e-6)
  return isBelow ? turned.map(([x, y]): Point => [-x, -y]) : turned
}

/** Where the line of a leg, moved out by a seam, meets a level. */
function legAt([bx, by]: Point, [ax, ay]: Point, y: number, outwards: 1 | -1): number {
  const length = Math.hypot(ax - bx, ay - by)
  // a line moved square to itself by a seam moves seam ÷ sin along the level
  return bx + ((y - by) * (ax - bx)) / (ay - by) + (outwards * room.seam * length) / Math.abs(ay - by)
}

/**
 * The cut outlines as they are told to lie on their base at the lower edge of a strip: every other one turned end for
 * end, so that its leg lies on the line of its neighbour's, the next but one two pitches further.
 */
function outlinesAlong(
  polygon: Polygon,
  side: number,
  { height: depth, angled }: MethodOutput['pieces'][number],
  count: number,
): Polygon[] {
  const triangle = onBase(polygon, side)
  const ends = triangle.filter(([, y]) => Math.abs(y) < 1e-6).sort((a, b) => a[0] - b[0])
  const apex = triangle.find(([, y]) => Math.abs(y) >= 1e-6)!
  // the base's cut edge lies a seam below the finished one, on the strip's edge
  const low = room.seam
  const foot = legAt(ends[0]!, apex, low, -1)
  const rightFoot = legAt(ends[1]!, apex, low, 1)
  const rightTop = legAt(ends[1]!, apex, low - depth, 1)
  const up = movePolygon(offsetPolygon(triangle, room.seam), -foot, depth - low)
  const middle = (rightFoot + rightTop) / 2 - foot
  const turned = up.map(([x, y]): Point => [2 * middle - x, depth - y])
  return Array.from({ length: count }, (_, i) =>
    movePolygon(i % 2 === 0 ? up : turned, 2 * Math.floor(i / 2) * angled!.pitch, 0),
  )
}

function expectNoOverlap(outlines: readonly Polygon[]) {
  for (const step of [1, 2]) {
    for (const [i, outline] of outlines.slice(step).entries())
      expect(convexOverlap(outlines[i]!, outline)).toBeLessThan(1e-5)
  }
}

test('a goose 6 × 2¼ as a strip of wedges: base 7½ with allowances, 3¾ a patch, nine from a 41″ strip', () => {
  const goose = unitOf(
    [
      [0, 2.25],
      [3, 0],
      [6, 2.25],
    ],
    'wedge',
  )
  const way = angledStrips.make(goose, 40, room)
  const [full, rest] = way.pieces
  expect(full!.angled!.pitch).toBeCloseTo(3.75, 9)
  expect(full!.angled!.angle).toBeCloseTo((Math.atan2(2.25, 3) * 180) / Math.PI, 9)
  expect(full!.angled!.each).toBe(9)
  expect([full!.count, full!.serves, rest!.count, rest!.serves]).toEqual([4, 36, 1, 4])
  expect(way.lengths!.pitch!.terms.map(term => ('value' in term ? term.value : NaN))).toEqual([
    expect.closeTo(7.5, 9),
    expect.closeTo(-3.75, 9),
  ])
})

test('random triangles: they overlap nowhere, lie within the strip, and as many fit as promised', () => {
  const eighth = (least: number, most: number) => fc.integer({ min: least * 8, max: most * 8 }).map(n => n / 8)
  const isosceles = fc.record({ base: eighth(1, 9), height: eighth(0.5, 9) }).map(({ base, height }) => ({
    kind: 'wedge' as const,
    points: [
      [0, height],
      [base / 2, 0],
      [base, height],
    ] as Polygon,
  }))
  const scalene = fc
    .record({ base: eighth(2, 9), height: eighth(0.5, 6), at: fc.double({ min: 0.05, max: 0.95, noNaN: true }) })
    .filter(({ at }) => Math.abs(at - 0.5) > 0.02)
    .map(({ base, height, at }) => ({
      kind: 'template' as const,
      points: [
        [0, height],
        [base * at, 0],
        [base, height],
      ] as Polygon,
    }))
  let tried = 0
  fc.assert(
    fc.property(fc.oneof(isosceles, scalene), ({ kind, points }) => {
      const unit = unitOf(points, kind)
      if (!angledStrips.fits(unit, room, 500)) return
      tried += 1
      const [strip] = angledStrips.make(unit, 500, room).pieces
      const { each, pitch } = strip!.angled!
      expect(pitch).toBeGreaterThan(0)
      const shown = Math.min(each, 6)
      const lies = [0, 1, 2]
        .map(side => outlinesAlong(points, side, strip!, shown))
        .filter(outlines => {
          const { y, height } = boundingBox(outlines[0]!)
          return (
            y > -1 / 32 - 1e-6
            && y + height < strip!.height + 1 / 32 + 1e-6
            && Math.abs(height - strip!.exact.height) < 1e-6
          )
        })
      expect(lies.length).toBeGreaterThan(0)
      const fits = lies.filter(outlines =>
        [1, 2].every(step => outlines.slice(step).every((outline, i) => convexOverlap(outlines[i]!, outline) < 1e-5)),
      )
      expect(fits.length).toBeGreaterThan(0)
      expectNoOverlap(fits[0]!)
      // all of them, from the cleaned end to the last tip
      const last = outlinesAlong(
        points,
        [0, 1, 2].find(
          side =>
            lies.includes(lies[0]!)
            && sameLength(boundingBox(offsetPolygon(onBase(points, side), room.seam)).height, strip!.exact.height),
        )!,
        strip!,
        each + 1,
      )
      // begun with the first upright, or on its head
      const widths = [last.slice(0, -1), last.slice(1)].map(outlines => boundingBox(outlines.flat()).width)
      expect(Math.min(...widths)).toBeLessThanOrEqual(USABLE + 1e-6)
      // mirror images are cut alike
      const inMirror = unitOf(
        points.map(([x, y]): Point => [20 - x, y]),
        kind,
      )
      const mirrored = angledStrips.make(inMirror, 500, room).pieces
      const figures = (pieces: readonly (typeof strip)[]) =>
        pieces.map(piece => [piece!.count, piece!.serves, piece!.angled!.each, piece!.width.toFixed(6)])
      expect(figures(mirrored)).toEqual(figures(angledStrips.make(unit, 500, room).pieces))
    }),
    { numRuns: runs(600) },
  )
  expect(tried).toBeGreaterThanOrEqual(runs(500))
})

test('in every design, stretched or not, the strips cut at an angle hold as many patches as they promise', () => {
  let seen = 0
  for (const design of SHIPPED_DESIGNS) {
    for (const [width, height] of [
      [(12 * design.width) / design.height, 12],
      [12, 9],
      [7, 11],
    ] as const) {
      const units = waysOf({
        format: 'wren-quilt',
        version: 1,
        cloths: [{ id: 'a', colour: '#222222' }, { id: 'b' }],
        setting: { across: 6, down: 6 },
        blocks: [
          {
            id: 'one',
            design: design.id,
            width,
            height,
            cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 ? 'b' : 'a'])),
          },
        ],
      })
      for (const { demand, ways } of units) {
        const way = ways.find(candidate => candidate.method.id === 'strip-angle')
        if (!way || demand.unit.kind === 'diamond') continue
        const [strip] = way.made.pieces
        const polygon = demand.unit.patches[0]!.polygon
        const shown = Math.min(strip!.angled!.each, 4)
        const sides = [0, 1, 2].filter(side =>
          sameLength(boundingBox(offsetPolygon(onBase(polygon, side), 1 / 4)).height, strip!.exact.height),
        )
        expect({
          design: design.id,
          fits: sides.some(side =>
            outlinesAlong(polygon, side, strip!, shown).every(
              (outline, i, all) => i === 0 || convexOverlap(all[i - 1]!, outline) < 1e-5,
            ),
          ),
        }).toEqual({ design: design.id, fits: true })
        seen += 1
      }
    }
  }
  expect(seen).toBeGreaterThan(20)
})

describe('stripes', () => {
  // a 60° diamond split across its waist: two equal triangles, their stripes along the waist or across it
  const halves = (stripes: 'level' | 'upright' | 'lengthwise') =>
    planOf({
      format: 'wren-quilt',
      version: 1,
      cloths: [{ id: 'a', colour: '#222222', pattern: 'stripe' }, { id: 'b' }],
      designs: [
        {
          id: 'split',
          width: 4,
          height: 4 * Math.sqrt(3),
          patches: [
            {
              role: 'half',
              points: [
                [0, 2 * Math.sqrt(3)],
                [2, 0],
                [4, 2 * Math.sqrt(3)],
              ],
            },
            {
              role: 'half',
              points: [
                [0, 2 * Math.sqrt(3)],
                [4, 2 * Math.sqrt(3)],
                [2, 4 * Math.sqrt(3)],
              ],
            },
            {
              role: 'ground',
              points: [
                [0, 0],
                [2, 0],
                [0, 2 * Math.sqrt(3)],
              ],
            },
            {
              role: 'ground',
              points: [
                [2, 0],
                [4, 0],
                [4, 2 * Math.sqrt(3)],
              ],
            },
            {
              role: 'ground',
              points: [
                [4, 2 * Math.sqrt(3)],
                [4, 4 * Math.sqrt(3)],
                [2, 4 * Math.sqrt(3)],
              ],
            },
            {
              role: 'ground',
              points: [
                [0, 2 * Math.sqrt(3)],
                [2, 4 * Math.sqrt(3)],
                [0, 4 * Math.sqrt(3)],
              ],
            },
          ],
        },
      ],
      blocks: [
        {
          id: 'one',
          design: 'split',
          width: 4,
          height: 4 * Math.sqrt(3),
          stripes: { half: stripes },
          cloths: { half: 'a', ground: 'b' },
        },
      ],
      setting: { across: 6, down: 6 },
    })
  test.each([
    ['level' as const, 'the stripes along the strip: it is cut along the cloth'],
    ['upright' as const, 'the stripes across the strip: it is cut across the cloth'],
  ])('%s: %s', (stripes, _) => {
    const { plan } = halves(stripes)
    const cut = plan.pieces.filter(piece => piece.cloth === 'a' && piece.for.length > 0)
    expect(cut.map(piece => piece.method)).toEqual(cut.map(() => 'strip-angle'))
    // stripes run along the cloth: a strip with its length across the cloth has them across itself
    for (const piece of cut) expect(piece.height > piece.width).toBe(stripes === 'level')
    expect(cut.reduce((sum, piece) => sum + piece.patches, 0)).toBe(72)
  })
  test('boxes of single templates would have wasted half of it', () => {
    const { work } = halves('upright')
    const demand = work.choices.find(choice => choice.demand.unit.patches[0]!.cloth === 'a')!
    const area = (id: string) => demand.ways.find(way => way.method.id === id)!.area
    expect(area('template') / area('strip-angle')).toBeGreaterThan(1.6)
  })
})
