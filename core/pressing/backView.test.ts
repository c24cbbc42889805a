import { SHIPPED_DESIGNS } from '../designs/shipped'
import { finishedPatches, rolesOf, type Design } from '../designs/design'
import { contains, type Point } from '../geometry/polygon'
import { dressUnit } from '../make/units/dressUnit'
import { unitsOf } from '../make/units/unitTree'
import { planOf } from '../testing/quiltOf'
import { recipesFor } from '../recipes/recipe'

interface Tree {
  patch?: number
  join?: [Tree, Tree]
}

/** Patches of both parts of every join, from the leaves up, left before right. */
function partsOfJoins(tree: Tree): [number[], number[]][] {
  const found: [number[], number[]][] = []
  const visit = (node: Tree): number[] => {
    if (!node.join) return [node.patch!]
    const parts = node.join.map(visit) as [number[], number[]]
    found.push(parts)
    return parts.flat()
  }
  visit(tree)
  return found
}

const along = ({ from, to }: { from: Point; to: Point }, part: number): Point => [
  from[0] + (to[0] - from[0]) * part,
  from[1] + (to[1] - from[1]) * part,
]

/** One block of a design in two cloths, by turns. */
function fileOf(design: Design, one: string, other: string) {
  const cloths = Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 ? other : one]))
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222' },
      { id: 'b', colour: '#eeeeee' },
    ],
    setting: { across: 1, down: 1 },
    blocks: [{ id: 'one', design: design.id, width: (12 * design.width) / design.height, height: 12, cloths }],
  }
}

test('from behind, arrows run into the part that the plan presses to, and its allowance is folded there', () => {
  let arrowsSeen = 0
  for (const design of SHIPPED_DESIGNS) {
    const width = (12 * design.width) / design.height
    const { plan, work } = planOf(fileOf(design, 'a', 'b'))
    const { back } = recipesFor(work, plan, 'one')[0]!
    // the patches turned over, then what is folded over them
    const patches = finishedPatches(design, width, 12).map(polygon => polygon.map(([x, y]): Point => [width - x, y]))
    const folds = back.shapes.slice(patches.length)
    const isIn = (part: readonly number[], point: Point) => part.some(patch => contains(patches[patch]!, point))
    const parts = partsOfJoins(plan.blocks[0]!.sewing as Tree)
    for (const arrow of back.arrows) {
      arrowsSeen += 1
      // 1 seam before the seam, 1.6 beyond it
      const [before, beyond, folded] = [along(arrow, 0.3), along(arrow, 0.5), along(arrow, 0.55)]
      const isPlanned = plan.pressing.seams.some(({ join, press }) => {
        const [first, second] = parts[join]!
        const [from, to] = press === 'first' ? [second, first] : [first, second]
        return isIn(from, before) && isIn(to, beyond)
      })
      expect({ id: design.id, arrow, isPlanned }).toEqual({ id: design.id, arrow, isPlanned: true })
      const isFolded = folds.some(({ points }) => contains(points, folded))
      expect({ id: design.id, arrow, isFolded }).toEqual({ id: design.id, arrow, isFolded: true })
    }
    if (plan.blocks[0]!.seams <= 60) expect(back.arrows).toHaveLength(parts.length)
  }
  expect(arrowsSeen).toBeGreaterThan(1000)
})

test('steps of a unit press its seams to the same side as the plan, whichever cloth is the darker', () => {
  const seen = new Map<string, number>()
  for (const design of SHIPPED_DESIGNS) {
    for (const [one, other] of [
      ['a', 'b'],
      ['b', 'a'],
    ] as const) {
      const { plan, work } = planOf(fileOf(design, one, other))
      const parts = partsOfJoins(plan.blocks[0]!.sewing as Tree)
      const make = work.makes.get('one')!
      const clothOf = (patch: number) => (rolesOf(design).indexOf(design.patches[patch]!.role) % 2 ? other : one)
      const recipe = recipesFor(work, plan, 'one')[0]!
      for (const { key, kind, steps, id } of recipe.units) {
        const last = steps.findLast(({ code }) => code === 'press-to-dark' || code === 'press-outwards')
        if (!last || !['half-square', 'goose', 'flip-corner', 'square-in-square'].includes(kind)) continue
        // the cloths that its arrows run into, and those that the plan presses to within such a unit
        const told = new Set(
          last.picture.arrows.map(
            ({ to }) =>
              last.picture.shapes.findLast(({ cloth, points }) => cloth !== null && contains(points, to))!.cloth,
          ),
        )
        const patches = unitsOf(make.units)
          .filter(unit => key.endsWith(dressUnit(work.quilt, make, unit, recipe.cell).dressed.key))
          .map(unit => unit.patches.map(({ patch }) => patch))
        const planned = patches.flatMap(members =>
          plan.pressing.seams
            .filter(({ join }) => parts[join]!.flat().every(patch => members.includes(patch)))
            .map(({ join, press }) => parts[join]![press === 'first' ? 0 : 1].map(clothOf)),
        )
        expect(planned.length).toBeGreaterThan(0)
        for (const cloths of planned)
          expect({ id, design: design.id, isTold: cloths.every(cloth => told.has(cloth)) }).toEqual({
            id,
            design: design.id,
            isTold: true,
          })
        seen.set(kind, (seen.get(kind) ?? 0) + 1)
      }
    }
  }
  expect([...seen.keys()].sort()).toEqual(['flip-corner', 'goose', 'half-square', 'square-in-square'])
})
