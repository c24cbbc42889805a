import { rolesOf } from '../../designs/design'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { area, boundingBox, clockwise, type Polygon } from '../../geometry/polygon'
import { convexOverlap } from '../../testing/overlap'
import { planOf, waysOf } from '../../testing/quiltOf'
import type { ChosenWay } from '../../plan/choose'

/** Designs with patches of four corners that no other way of cutting serves. */
const DESIGNS = ['roman-stripe', 'tumbling-block', 'spool', 'pine-tree', 'attic-window', 'house']

function quiltFrom(id: string, more: { mirror?: boolean; cloth?: object; method?: object; stripes?: string } = {}) {
  const roles = rolesOf(SHIPPED_DESIGNS.find(design => design.id === id)!)
  const row = Array.from({ length: 6 }, () => ({ block: 'one', mirror: true }))
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: roles.map((_, i) => ({ id: `c${i}`, ...more.cloth })),
    blocks: [
      {
        id: 'one',
        design: id,
        size: 12,
        cloths: Object.fromEntries(roles.map((role, i) => [role, `c${i}`])),
        ...(more.method ? { method: more.method } : {}),
        ...(more.stripes ? { stripes: Object.fromEntries(roles.map(role => [role, more.stripes])) } : {}),
      },
    ],
    setting: { across: 6, down: 6, ...(more.mirror ? { cells: Array.from({ length: 6 }, () => row) } : {}) },
  }
}

const isNested = ({ way }: ChosenWay) => way.method.id === 'strip-nest'
const nested = (id: string) => waysOf(quiltFrom(id)).filter(isNested)
const needs = (file: unknown) => planOf(file).plan.cloths.map(({ need }) => need)

/** The outlines that the first step draws on its strip. */
function drawn({ demand, way }: ChosenWay): { strip: Polygon; outlines: Polygon[] } {
  const { shapes, lines } = way.made.steps()[0]!.picture!
  const corners = demand.unit.patches[0]!.cutLine.length
  const points = lines.map(({ from }) => from)
  return {
    strip: shapes[0]!.points,
    outlines: Array.from({ length: points.length / corners }, (_, i) => points.slice(i * corners, (i + 1) * corners)),
  }
}

test.each(DESIGNS.slice(0, 4))('%s: as drawn outlines stay on their strip and none lies on another', id => {
  const units = nested(id)
  expect(units.length).toBeGreaterThan(0)
  for (const unit of units) {
    const { strip, outlines } = drawn(unit)
    const [{ height, angled }] = unit.way.made.pieces as [(typeof unit.way.made.pieces)[number]]
    expect(outlines.length).toBe(Math.min(5, angled!.each))
    const cutLine = unit.demand.unit.patches[0]!.cutLine
    for (const [i, outline] of outlines.entries()) {
      expect(area(outline)).toBeCloseTo(area(cutLine), 6)
      // not turned over: a mirror image would run the other way round
      expect(clockwise(outline)).toEqual(outline)
      const { y, height: reach } = boundingBox(outline)
      const { y: edge } = boundingBox(strip)
      expect(y - edge).toBeGreaterThan(-1e-6)
      // half of half a step of the ruler may be wanting where the depth was rounded
      expect(y - edge + reach).toBeLessThan(height + 1 / 32 + 1e-6)
      for (const later of outlines.slice(i + 1)) expect(convexOverlap(outline, later)).toBeLessThan(1e-5)
    }
    // a step from each to the next but one is two pitches
    if (outlines.length > 2)
      expect(boundingBox(outlines[2]!).x - boundingBox(outlines[0]!).x).toBeCloseTo(2 * angled!.pitch, 6)
  }
})

test('strips give as many as are wanted, and each strip has room for its own', () => {
  for (const unit of DESIGNS.flatMap(nested)) {
    const { pieces } = unit.way.made
    const { each, pitch } = pieces[0]!.angled!
    const [first] = drawn(unit).outlines
    const length = boundingBox(first!).width
    expect(pieces.reduce((sum, piece) => sum + piece.serves!, 0)).toBe(unit.demand.count)
    for (const { width, count, serves } of pieces) {
      expect(count).toBe(Math.ceil(serves! / each))
      const inOne = Math.min(each, serves!)
      // an even number reaches no further than so many pitches, an odd one just as far
      expect(length + (inOne - 1) * pitch).toBeLessThan(width + (inOne % 2 ? 1e-6 : pitch))
    }
  }
})

test('of designs that need templates more than a third less is wasted than with boxes', () => {
  const wasted = (id: string) =>
    DESIGNS.flatMap(nested).reduce((sum, { demand, ways }) => {
      const used = demand.count * area(demand.unit.patches[0]!.cutLine)
      return sum + ways.find(({ method }) => method.id === id)!.area - used
    }, 0)
  expect(wasted('strip-nest')).toBeLessThan((2 / 3) * wasted('template'))
  for (const id of DESIGNS) {
    const boxes = needs(quiltFrom(id, { method: { template: 'template' } }))
    needs(quiltFrom(id)).forEach((need, i) => expect(need).toBeLessThanOrEqual(boxes[i]! + 1e-6))
  }
})

test.each(DESIGNS)('%s in the mirror takes as much cloth', id => {
  expect(needs(quiltFrom(id, { mirror: true }))).toEqual(needs(quiltFrom(id)).map(need => expect.closeTo(need!, 6)))
})

test('its step names the hand of a patch that has one, as its pile does', () => {
  const hands = nested('pine-tree').map(({ way }) => [way.made.steps()[0]!.data!.hand, way.made.pieces[0]!.hand])
  expect(new Set(hands.flat())).toEqual(new Set(['left', 'right']))
  for (const [told, piled] of hands) expect(told).toBe(piled)
})

test('a few are cut one by one', () => {
  const few = waysOf({ ...quiltFrom('spool'), setting: { across: 1, down: 1 } })
  expect(few.some(({ demand }) => demand.unit.kind === 'template')).toBe(true)
  expect(few.some(isNested)).toBe(false)
})

test('not on a print with an up, nor on stripes', () => {
  for (const more of [{ cloth: { directional: true } }, { cloth: { pattern: 'stripe' }, stripes: 'upright' }]) {
    const ways = waysOf(quiltFrom('spool', more))
    const upright = ways.filter(({ demand }) => demand.unit.patches.some(patch => patch.isUpright || patch.stripes))
    expect(upright.length).toBeGreaterThan(0)
    expect(upright.some(isNested)).toBe(false)
  }
})
