import type { Polygon } from '../../geometry/polygon'
import { arrangementOf, type Arrangement } from '../../geometry/arrangement'
import { joinInOrder } from './joinSeams'
import { fewestPartialSeams } from './seamSearch'
import { seamPlan, setInJoints } from './seams'
import { seamOf, straightCuts, type StraightCut } from './straightCuts'

import type { SewingOrder, SewingTree } from './sewingTree'

/**
 * How to sew patches that tile a rectangle: cut the whole by a straight line that crosses no patch, and the halves
 * again, until single patches are left; sewing goes the other way. A tree of straight seams is found whenever one
 * exists: a straight cut never spoils another, for each part of a block that can be cut can be cut by the same lines.
 * Where no line passes, the part is joined by the order of its seams with the fewest sewn in part; set-in joints are
 * as many as the drawing has corners through which no seam can run.
 */
export function findSewingOrder(patches: readonly Polygon[]): SewingOrder {
  const found = { setIn: 0, partial: 0, isProven: true }
  // the corners and edges of the whole are worked out only when some part cannot be cut
  let arrangement: Arrangement | null = null
  const treeOf = (members: readonly number[]): SewingTree => {
    if (members.length === 1) return { patch: members[0]! }
    const cut = bestCut(patches, members)
    if (cut) return { join: [treeOf(cut.before), treeOf(cut.after)], seam: seamOf(cut, patches), kind: 'straight' }
    arrangement ??= arrangementOf(patches)
    const plan = seamPlan(arrangement, new Set(members))
    const order = fewestPartialSeams(plan)
    found.setIn += setInJoints(plan).length
    found.partial += order.partial
    found.isProven &&= order.isProven
    return joinInOrder(plan, order)
  }
  return { tree: treeOf(patches.map((_, index) => index)), ...found }
}

function bestCut(patches: readonly Polygon[], members: readonly number[]): StraightCut | null {
  let best: StraightCut | null = null
  let bestScore = -Infinity
  for (const cut of straightCuts(patches, members)) {
    const score = cutScore(cut, members.length)
    if (score > bestScore + 1e-9) {
      best = cut
      bestScore = score
    }
  }
  return best
}

/**
 * Rows before columns before slants, so that units made of triangles stay whole; then the more even cut, so that like
 * parts (half blocks, quarters) come out alike and are sewn in batches.
 */
function cutScore({ before, after, line }: StraightCut, total: number): number {
  const direction = Math.abs(line.a) < 1e-9 ? 2 : Math.abs(line.b) < 1e-9 ? 1.9 : 0
  return direction + Math.min(before.length, after.length) / total
}
