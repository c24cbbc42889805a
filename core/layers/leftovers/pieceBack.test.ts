import fc from 'fast-check'
import { DEMO_QUILTS } from '../../../demo'
import type { QuiltFile } from '../../file/schema'
import type { PlannedPiecedBack } from '../../plan/plannedPiecedBack'
import { planOf, SAMPLE } from '../../testing/quiltOf'
import { runs } from '../../testing/runs'

/** The back of a quilt that is pieced from what is left over. */
function backOf(file: QuiltFile, backing: object = {}) {
  const planned = planOf({
    ...file,
    backing: { cloth: file.cloths[0]!.id, overhang: 3, ...file.backing, ...backing, way: 'leftovers' },
  })
  return { ...planned, back: planned.plan.backing!.pieced! }
}

const near = (value: number): unknown => expect.closeTo(value, 6)

/** Sews the back, seam by seam, from its pieces alone. Gives its raw size. */
function sewn({ panels, panelsLie }: PlannedPiecedBack, seam: number) {
  /** Parts in one line: each is as wide as the first across the line, and each seam takes two allowances. */
  const joined = (parts: { width: number; height: number }[], how: 'beside' | 'below') => {
    const [along, across] = how === 'beside' ? (['width', 'height'] as const) : (['height', 'width'] as const)
    for (const part of parts) expect(part[across]).toEqual(near(parts[0]![across]))
    const long = parts.reduce((sum, part) => sum + part[along], 0) - (parts.length - 1) * 2 * seam
    return { [along]: long, [across]: parts[0]![across] } as { width: number; height: number }
  }
  const other = panelsLie === 'beside' ? 'below' : 'beside'
  const whole = panels.map(panel => {
    const units = panel.units.map(unit => {
      const found = joined(unit.pieces, panelsLie)
      expect(found).toEqual({ width: near(unit.width), height: near(unit.height) })
      return found
    })
    const found = joined(units, other)
    expect(found).toEqual({ width: near(panel.width), height: near(panel.height) })
    return found
  })
  return joined(whole, panelsLie)
}

test.each(DEMO_QUILTS.map(file => [file.name, file] as const))('%s: its back is sewn from what is left', (_, file) => {
  const { plan, quilt, back } = backOf(file as unknown as QuiltFile)
  const { width, height } = sewn(back, quilt.seam)
  const wanted = [plan.trim.width, plan.trim.height].map(side => side + 2 * quilt.backing!.overhang)
  expect(width).toBeGreaterThanOrEqual(wanted[0]! - 1e-6)
  expect(height).toBeGreaterThanOrEqual(wanted[1]! - 1e-6)
  expect([width - wanted[0]!, height - wanted[1]!].every(more => more < 0.51)).toBe(true)
  // each thing is a leftover of the cutting plan, taken once
  const left = plan.cloths.flatMap(({ id, left: own }) => own.map(({ width: w, height: h }) => [id, w, h].join()))
  const { opened, all } = { opened: plan.cloths, all: quilt.cloths }
  for (const { from, cloth, width: w, height: h } of back.things) {
    if (from === 'cloth') {
      const own = all.find(({ id }) => id === cloth)!
      expect(own.count!).toBeGreaterThan(opened.find(({ id }) => id === cloth)!.need)
      continue
    }
    expect(from).toBe('cutting')
    const at = left.indexOf([cloth, w, h].join())
    expect(at).toBeGreaterThanOrEqual(0)
    left.splice(at, 1)
  }
  // what is cut from a thing is no larger than it, each piece and all together
  const pieces = back.panels.flatMap(({ units }) => units.flatMap(unit => unit.pieces))
  back.things.forEach((thing, i) => {
    const own = pieces.filter(piece => piece.thing === i)
    const isDirectional = all.find(({ id }) => id === thing.cloth)?.directional ?? false
    const fits = (w: number, h: number) => w <= thing.width + 1e-6 && h <= thing.height + 1e-6
    for (const piece of own)
      expect(fits(piece.width, piece.height) || (!isDirectional && fits(piece.height, piece.width))).toBe(true)
    const area = own.reduce((sum, piece) => sum + piece.width * piece.height, 0)
    expect(area).toBeLessThanOrEqual(thing.width * thing.height + 1e-6)
  })
  // new cloth: as many pieces as have no thing; at least their area is bought, none where there are none
  const bought = back.bought.reduce((sum, { count }) => sum + count, 0)
  expect(pieces.filter(({ thing }) => thing === null)).toHaveLength(bought)
  const area = back.bought.reduce((sum, piece) => sum + piece.width * piece.height * piece.count, 0)
  const cloth = all.find(({ id }) => id === quilt.backing!.cloth)!
  if (bought === 0) expect(plan.backing!.buy).toBe(0)
  else expect(plan.backing!.buy * cloth.usable).toBeGreaterThanOrEqual(area)
  for (const piece of back.bought) expect(Math.min(piece.width, piece.height)).toBeLessThanOrEqual(cloth.usable + 1e-6)
})

test('places on the picture tile the back', () => {
  const { back, quilt } = backOf(SAMPLE)
  const finished = back.panels.flatMap(({ units }) =>
    units.flatMap(({ pieces }) =>
      pieces.map(({ x, y, width, height }) => ({ x, y, w: width - 2 * quilt.seam, h: height - 2 * quilt.seam })),
    ),
  )
  const { width, height } = sewn(back, quilt.seam)
  const [w, h] = [width - 2 * quilt.seam, height - 2 * quilt.seam]
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (a, b) => {
      const [x, y] = [a * w * 0.999999, b * h * 0.999999]
      const over = finished.filter(p => p.x <= x && x < p.x + p.w && p.y <= y && y < p.y + p.h)
      expect(over).toHaveLength(1)
    }),
    { numRuns: runs(500) },
  )
})

test('more in hand is used, and enough of it leaves nothing to buy', () => {
  const plain = backOf(SAMPLE)
  expect(plain.plan.backing!.buy).toBeGreaterThan(0)
  const rich = backOf(SAMPLE, { inHand: [{ name: 'Curtain', width: 100, height: 120 }] })
  expect(rich.back.things.map(({ name }) => name)).toContain('Curtain')
  expect([rich.plan.backing!.buy, rich.back.bought, rich.back.missing]).toEqual([0, [], 0])
  // another seed is another back of the same quilt
  const other = backOf(SAMPLE, { seed: 2 })
  expect(sewn(other.back, 0.25)).toEqual(sewn(plain.back, 0.25))
})

test.each(DEMO_QUILTS.map(file => [file.name, file] as const))(
  '%s: no long seam in the middle of its back',
  (_, file) => {
    const { quilt, back } = backOf(file as unknown as QuiltFile, { offCentre: true })
    const { width, height } = sewn(back, quilt.seam)
    const isBeside = back.panelsLie === 'beside'
    const middle = ((isBeside ? width : height) - 2 * quilt.seam) / 2
    const long = (isBeside ? height : width) / 2
    for (const { units } of back.panels)
      for (const { pieces } of units)
        for (const piece of pieces) {
          const [at, along] = isBeside ? [piece.x, piece.height] : [piece.y, piece.width]
          if (along > long) expect(Math.abs(at - middle)).toBeGreaterThan(1.49)
        }
  },
)

test('new cloth too narrow for the back is joined off the middle where that is wished', () => {
  const file = {
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222' },
      { id: 'b', colour: '#dddddd', directional: true },
    ],
    blocks: [{ id: 'one', design: 'plain', size: 9, cloths: { cloth: 'a' } }],
    setting: { across: 6, down: 7 },
    backing: { cloth: 'b', way: 'leftovers' },
  } as unknown as QuiltFile
  /** Sizes of what is cut from new cloth, and how many of each. */
  const bought = (offCentre: boolean) =>
    backOf(file, { cloth: 'b', offCentre }).back.bought.map(({ width, height, count }) => [
      Math.round(width),
      Math.round(height),
      count,
    ])
  // the strip beside what is left over stays; of two wide pieces one is cut in two, for both ends
  const [strip] = bought(false)
  expect(bought(false)).toEqual([strip, [31, 61, 2]])
  expect(bought(true)).toEqual([strip, [16, 61, 2], [31, 61, 1]])
})
