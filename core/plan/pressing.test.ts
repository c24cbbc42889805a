import { SHIPPED_DESIGNS } from '../designs/shipped'
import { rolesOf } from '../designs/design'
import { lightness } from '../measure/lightness'
import { contains, type Point } from '../geometry/polygon'
import { clothOf } from '../file/quilt'
import { planOf } from '../testing/quiltOf'
import { recipesFor } from '../recipes/recipe'
import type { Step } from '../make/steps/step'

const worked = SHIPPED_DESIGNS.flatMap(design => {
  const { quilt, plan, work } = planOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'dark', colour: '#222222' },
      { id: 'light', colour: '#eeeeee' },
      { id: 'middle', colour: '#888888' },
    ],
    setting: { across: 2, down: 2 },
    blocks: [
      {
        id: 'one',
        design: design.id,
        width: (12 * design.width) / design.height,
        height: 12,
        cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, ['light', 'dark', 'middle'][i % 3]!])),
      },
    ],
  })
  const light = (id: string) => lightness(clothOf(quilt, id).colour)
  const steps = work.choices.flatMap(choice => choice.ways.flatMap(way => way.made.steps()))
  return recipesFor(work, plan, 'one').map(recipe => ({ id: design.id, recipe, light, steps }))
})

/** The cloth in a picture at a point. */
const clothAt = ({ picture }: Step, point: Point) =>
  picture.shapes.findLast(shape => shape.cloth !== null && contains(shape.points, point))?.cloth ?? null

test('arrows of "press to the darker side" run from the lighter cloth into the darker', () => {
  let seen = 0
  for (const { id, recipe, light } of worked) {
    for (const unit of recipe.units) {
      for (const step of unit.steps.filter(candidate => candidate.code === 'press-to-dark')) {
        for (const { from, to } of step.picture.arrows) {
          const [start, end] = [clothAt(step, from), clothAt(step, to)]
          if (start === null || end === null || start === end) continue
          seen += 1
          expect({ id, unit: unit.kind, isRight: light(end) < light(start) }).toEqual({
            id,
            unit: unit.kind,
            isRight: true,
          })
        }
      }
    }
  }
  expect(seen).toBeGreaterThan(30)
})

test('arrows of joins point as their words say; two whole patches outside of rows are pressed to the darker', () => {
  const WAYS: Readonly<Record<string, Point>> = { left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1] }
  let [seen, toDark] = [0, 0]
  for (const { id, recipe, light } of worked) {
    // parts that lie one above the other are pressed by turns instead
    const levels = recipe.joins.filter(({ step }) =>
      step.picture.lines.some(line => line.kind === 'sew' && Math.abs(line.from[1] - line.to[1]) < 1e-6),
    ).length
    for (const { step } of recipe.joins) {
      const way = WAYS[String(step.data!.press)]
      const [arrow] = step.picture.arrows
      if (!way || !arrow) continue
      seen += 1
      const [dx, dy] = [arrow.to[0] - arrow.from[0], arrow.to[1] - arrow.from[1]]
      expect({ id, along: Math.sign(dx * way[0] + dy * way[1]) }).toEqual({ id, along: 1 })
      const [a, b] = step.joins!
      if (levels === 0 && 'unit' in a && 'unit' in b && a.cloth && b.cloth && a.cloth !== b.cloth) {
        const darker = light(a.cloth) < light(b.cloth) ? a.cloth : b.cloth
        const end = clothAt(step, [arrow.to[0] + way[0] * 0.05, arrow.to[1] + way[1] * 0.05])
        if (end !== null) {
          toDark += 1
          expect({ id, end }).toEqual({ id, end: darker })
        }
      }
    }
  }
  expect(seen).toBeGreaterThan(100)
  expect(toDark).toBeGreaterThan(3)
})

test('columns of a block are pressed by turns, so that seams which meet at a long seam lock', () => {
  type Corner = [number, number]
  const half = (x: number, y: number) => [
    {
      role: 'a',
      points: [
        [x, y],
        [x + 1, y],
        [x, y + 1],
      ] as Corner[],
    },
    {
      role: 'b',
      points: [
        [x + 1, y],
        [x + 1, y + 1],
        [x, y + 1],
      ] as Corner[],
    },
  ]
  const bar = (x: number, y: number) => ({
    role: 'b',
    points: [
      [x, y],
      [x + 1, y],
      [x + 1, y + 2],
      [x, y + 2],
    ] as Corner[],
  })
  const { plan, work } = planOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'dark', colour: '#222222' },
      { id: 'light', colour: '#eeeeee' },
    ],
    setting: { across: 1, down: 1 },
    designs: [
      {
        id: 'own',
        name: 'Columns',
        width: 3,
        height: 3,
        patches: [...half(0, 0), bar(0, 1), ...half(1, 0), ...half(1, 1), ...half(1, 2), bar(2, 0), ...half(2, 2)],
      },
    ],
    blocks: [{ id: 'one', design: 'own', size: 9, cloths: { a: 'dark', b: 'light' } }],
  })
  const level = recipesFor(work, plan, 'one')[0]!
    .joins.map(({ step }) => step)
    .filter(({ data }) => data!.press === 'up' || data!.press === 'down')
  // the first column; then both seams of the part beside it, of which one ends where the first column's seam does
  expect(level.map(({ data, expect: size }) => [size!.width, size!.height, data!.press])).toEqual([
    [3.5, 9.5, 'down'],
    [3.5, 6.5, 'up'],
    [6.5, 9.5, 'up'],
  ])
})

test('halves that are each other half a turn round are said once, and their seams lock where they meet', () => {
  const { recipe } = worked.find(({ id }) => id === 'kaleidoscope')!
  expect(recipe.joins.map(({ times }) => times)).toEqual([4, 2, 1])
})

test('the cloth that is said to lie on top lies on top in the picture, wrong side up', () => {
  let seen = 0
  for (const { id, steps } of worked) {
    for (const step of steps) {
      const { over, under } = step.data ?? {}
      if (over === undefined || under === undefined) continue
      const sides = step.picture.shapes.filter(({ cloth }) => cloth !== null)
      const told = { id, code: step.code, under: sides[0]!.cloth, over: sides.at(-1)!.cloth, side: sides.at(-1)!.side }
      expect(told).toEqual({ id, code: step.code, under, over, side: 'wrong' })
      seen += 1
    }
  }
  expect(seen).toBeGreaterThan(30)
})
