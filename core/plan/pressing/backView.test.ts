import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { finishedPatches, rolesOf } from '../../designs/design'
import { contains, type Point } from '../../geometry/polygon'
import { planOf } from '../../testing/quiltOf'
import { recipesFor } from '../recipe'

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

test('from behind, arrows run into the part that the plan presses to, and its allowance is folded there', () => {
  let arrowsSeen = 0
  for (const design of SHIPPED_DESIGNS) {
    const width = (12 * design.width) / design.height
    const { plan, work } = planOf({
      format: 'wren-quilt',
      version: 1,
      cloths: [
        { id: 'a', colour: '#222222' },
        { id: 'b', colour: '#eeeeee' },
      ],
      setting: { across: 1, down: 1 },
      blocks: [
        {
          id: 'one',
          design: design.id,
          width,
          height: 12,
          cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 ? 'a' : 'b'])),
        },
      ],
    })
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
