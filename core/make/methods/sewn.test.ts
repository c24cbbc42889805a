import { makesKind } from '../../file/methodNames'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { rolesOf } from '../../designs/design'
import { boundingBox } from '../../geometry/polygon'
import type { Picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { sewAndOpen, showsPattern, type Lying } from '../../testing/fold'
import { planOf } from '../../testing/quiltOf'
import { METHODS } from './index'
import type { MethodOutput, MethodContext } from './method'
import type { DressedPatch, DressedUnit } from '../units/dressedUnit'
import type { MethodId } from '../../file/methodNames'

/** Units of every kind, in every hand: those of all designs in four cloths, and their mirror images. */
const CLOTHS = ['a', 'b', 'c', 'd']
const units = new Map<string, { unit: DressedUnit; count: number; mirrored: number }>()
for (const design of SHIPPED_DESIGNS) {
  for (const shift of [0, 1]) {
    const cloths = Object.fromEntries(rolesOf(design).map((role, i) => [role, CLOTHS[(i + shift * 2) % 4]!]))
    const { work } = planOf({
      format: 'wren-quilt',
      version: 1,
      cloths: CLOTHS.map((id, i) => ({ id, colour: `#${String(i * 2 + 2).repeat(6)}` })),
      setting: {
        across: 2,
        down: 2,
        cells: [
          [{ block: 'one' }, { block: 'one', mirror: true }],
          [{ block: 'one', turn: 90 }, { block: 'one' }],
        ],
      },
      blocks: [{ id: 'one', design: design.id, size: 12, cloths }],
    })
    for (const { demand } of work.choices)
      units.set(demand.unit.key, { unit: demand.unit, count: demand.count, mirrored: demand.mirrored })
  }
}
const lightness = (cloth: string) => CLOTHS.indexOf(cloth)
const room = (isReversed: boolean): MethodContext => ({
  seam: 1 / 4,
  ruler: 1 / 8,
  usableWidth: () => 41,
  longestStrip: () => 41,
  isInPieces: () => false,
  isDirectional: () => false,
  trimsClosed: false,
  isDarker: (one, other) => (isReversed ? lightness(one) > lightness(other) : lightness(one) < lightness(other)),
  pressed: () => 'first',
})
const patchesOf = (patches: readonly DressedPatch[]): Lying[] =>
  patches.map(({ cloth, polygon }) => ({ cloth, polygon }))
const mirrorOf = (pattern: readonly Lying[]): Lying[] =>
  pattern.map(({ cloth, polygon }) => ({ cloth, polygon: polygon.map(([x, y]) => [-x, y] as const) }))
const flatOf = ({ shapes }: Picture): Lying[] =>
  shapes
    .filter(shape => shape.side === 'right' && shape.cloth !== null)
    .map(shape => ({ cloth: shape.cloth!, polygon: shape.points }))
const stepsWith = (made: MethodOutput, ...codes: string[]): Step[] =>
  made.steps().filter(step => codes.includes(step.code))

/** What a quilter who follows the steps holds in her hands at the end must be the unit. */
const CHECKS: Partial<Record<MethodId, (made: MethodOutput, unit: DressedUnit) => void>> = {
  'hst-2': (made, unit) => everyOne(made, ['cut-on-line'], unit, 2),
  'hst-4': (made, unit) => everyOne(made, ['cut-both-diagonals'], unit, 4),
  'hst-8': (made, unit) => everyOne(made, ['cut-in-four-and-across'], unit, 8),
  'hst-single': (made, unit) => everyOne(made, ['sew-long-sides'], unit, 1),
  'qst-2': (made, unit) => {
    feedsTheNext(made, 'cut-on-line-and-press', 'lock-and-mark-across')
    everyOne(made, ['cut-on-line'], unit, 2)
  },
  'goose-4': (made, unit) => {
    feedsTheNext(made, 'cut-and-press-hearts', 'square-on-each-heart')
    everyOne(made, ['cut-on-line'], unit, 2)
  },
  'three-patch-pairs': (made, unit) => {
    feedsTheNext(made, 'cut-on-line-and-press', 'square-on-half-square')
    const results = sewAndOpen(stepsWith(made, 'cut-mirrored-pair')[0]!.picture)
    const pattern = patchesOf(unit.patches)
    expect(results.filter(result => showsPattern(result, pattern))).toHaveLength(hasHands(unit) ? 1 : 2)
    expect(results.filter(result => showsPattern(result, mirrorOf(pattern)))).toHaveLength(hasHands(unit) ? 1 : 2)
  },
  'three-patch-alike': (made, unit) => {
    const quarters = patchesOf(unit.patches.filter(patch => patch.slot !== 'half'))
    const results = sewAndOpen(stepsWith(made, 'cut-pairs-alike')[0]!.picture)
    expect(results).toHaveLength(4)
    for (const result of results) expect(showsPattern(result, quarters)).toBe(true)
    apart(made, 'sew-half-to-quarters', unit)
  },
  'goose-flip': (made, unit) => flipped(made, unit),
  'flip-corner': (made, unit) => flipped(made, unit),
  'square-in-square-flip': (made, unit) => flipped(made, unit),
  'goose-triangles': (made, unit) => apart(made, 'sew-skies', unit),
  'qst-single': (made, unit) => apart(made, 'sew-pairs-then-halves', unit),
  'square-in-square-triangles': (made, unit) => apart(made, 'sew-other-corners', unit),
}

function everyOne(made: MethodOutput, codes: string[], unit: DressedUnit, gives: number) {
  const results = sewAndOpen(stepsWith(made, ...codes).at(-1)!.picture)
  expect(results).toHaveLength(gives)
  for (const result of results) expect(showsPattern(result, patchesOf(unit.patches))).toBe(true)
}

/** What one step gives is what the next one lays down. */
function feedsTheNext(made: MethodOutput, step: string, next: string) {
  const results = sewAndOpen(stepsWith(made, step)[0]!.picture)
  const laid = flatOf(stepsWith(made, next)[0]!.picture)
  expect(results.length).toBe(2)
  for (const result of results) expect(showsPattern(result, laid, 0.8)).toBe(true)
}

/** Corner after corner is sewn on and flipped; after the last one the unit lies there. */
function flipped(made: MethodOutput, unit: DressedUnit) {
  const sewn = stepsWith(made, 'sew-corner-square', 'same-on-other-corner')
  const results = sewn.map(step => sewAndOpen(step.picture))
  for (const result of results) expect(result).toHaveLength(1)
  expect(sewn).toHaveLength(unit.patches.length - 1)
  expect(showsPattern(results.at(-1)![0]!, patchesOf(unit.patches))).toBe(true)
}

/** Patches drawn a little apart: each as it lies in the unit, moved outwards and not turned. */
function apart(made: MethodOutput, code: string, unit: DressedUnit) {
  const shapes = flatOf(stepsWith(made, code)[0]!.picture)
  const size = Math.max(unit.width, unit.height)
  expect(shapes).toHaveLength(unit.patches.length)
  const moves = unit.patches.map(patch => {
    const shape = shapes.find(
      ({ cloth, polygon }) =>
        cloth === patch.cloth
        && polygon.length === patch.polygon.length
        && isMoved(polygon, patch.polygon, size * 0.45),
    )
    expect(shape).toBeDefined()
    return shape
  })
  expect(new Set(moves).size).toBe(unit.patches.length)
}

function isMoved(to: Lying['polygon'], from: Lying['polygon'], most: number): boolean {
  const moves = to.map(([x, y], i) => [x - from[i]![0], y - from[i]![1]] as const)
  return moves.every(
    ([dx, dy]) => Math.hypot(dx - moves[0]![0], dy - moves[0]![1]) < 1e-6 && Math.hypot(dx, dy) <= most,
  )
}

/** With two cloths alike a three-patch unit is its own mirror image, turned. */
function hasHands(unit: DressedUnit): boolean {
  const cloth = (slot: string) => unit.patches.find(patch => patch.slot === slot)!.cloth
  return new Set(['half', 'first', 'second'].map(cloth)).size === 3
}

const all = [...units.values()]

describe.each([
  ['the first darker', false],
  ['the second darker', true],
])('%s', (_, isReversed) => {
  test.each(Object.keys(CHECKS) as MethodId[])(
    '%s: sewn, cut and opened as its pictures say, the layers are the unit',
    id => {
      const method = METHODS.find(candidate => candidate.id === id)!
      const mine = all.filter(
        ({ unit, count }) => makesKind(method.id, unit.kind) && method.fits(unit, room(isReversed), count),
      )
      expect(mine.length).toBeGreaterThan(0)
      for (const { unit, count, mirrored } of mine) {
        if (new Set(unit.patches.map(patch => patch.cloth)).size > 1)
          CHECKS[id]!(method.make(unit, count, room(isReversed), mirrored), unit)
      }
    },
  )
})

test('three-patch units of both hands are among those that were sewn', () => {
  const hands = all.filter(({ unit, mirrored }) => unit.kind === 'three-patch' && mirrored > 0)
  expect(hands.length).toBeGreaterThan(1)
})

test('a half-square trimmed closed opens to its square, seam included, whatever its size', () => {
  for (const { unit, count } of units.values()) {
    if (unit.kind !== 'half-square') continue
    const method = METHODS.find(({ id }) => id === 'hst-2')!
    const steps = method.make(unit, count, { ...room(false), trimsClosed: true }).steps()
    expect(steps.slice(-3).map(({ code }) => code)).toEqual([
      'cut-on-line',
      'trim-closed-half-square',
      steps.at(-1)!.code,
    ])
    const [opened] = sewAndOpen(steps.at(-2)!.picture)
    const box = boundingBox(opened!.flatMap(({ polygon }) => polygon))
    expect([box.width, box.height]).toEqual([expect.closeTo(unit.width + 0.5, 9), expect.closeTo(unit.height + 0.5, 9)])
    expect(steps.at(-1)!.expect!.width).toBeCloseTo(unit.width + 0.5, 9)
  }
})

test('a flipped corner is trimmed behind a seam outside its stitches, on the side that is cut off', () => {
  for (const { unit, count } of units.values()) {
    for (const id of ['flip-corner', 'square-in-square-flip', 'goose-flip'] as const) {
      if (!makesKind(id, unit.kind)) continue
      const { stages } = stepsWith(
        METHODS.find(method => method.id === id)!.make(unit, count, room(false)),
        'fold-check-then-trim',
      )[0]!
      const [, , trim] = stages!
      const [sewn, cut] = trim!.picture.lines
      const square = boundingBox(trim!.picture.shapes[1]!.points)
      const base = boundingBox(trim!.picture.shapes[0]!.points)
      const off = ([x, y]: readonly [number, number]) => {
        const [[ax, ay], [bx, by]] = [sewn!.from, sewn!.to]
        return ((x - ax) * (by - ay) - (y - ay) * (bx - ax)) / Math.hypot(bx - ax, by - ay)
      }
      expect([Math.abs(off(cut!.from)), Math.abs(off(cut!.to))]).toEqual([
        expect.closeTo(0.25, 9),
        expect.closeTo(0.25, 9),
      ])
      // the outer corner of the base is one of its own corners, and lies beyond the cut
      const outer = [square.x, square.x + square.width]
        .flatMap(x => [square.y, square.y + square.height].map(y => [x, y] as const))
        .filter(
          ([x, y]) =>
            [base.x, base.x + base.width].some(edge => Math.abs(edge - x) < 1e-9)
            && [base.y, base.y + base.height].some(edge => Math.abs(edge - y) < 1e-9),
        )
      expect(outer.some(corner => off(corner) * off(cut!.from) > 0 && Math.abs(off(corner)) > 0.25)).toBe(true)
    }
  }
})
