import type { Point } from '../../geometry/polygon'
import { GRID_TOLERANCE } from '../../geometry/tiling'
import { setInJoints, type SeamPlan } from './seams'
import type { SeamOrder } from './seamSearch'
import type { SewingTree } from './sewingTree'

type Join = Extract<SewingTree, { join: unknown }>

/**
 * The tree of joins that an order of seams makes. The first seam between two parts joins them. A seam whose both
 * sides are one part already closes a loop: round a set-in joint it is the second leg of a bent join, otherwise the
 * rest of a partial seam.
 */
export function joinInOrder(plan: SeamPlan, { seams, parts }: SeamOrder): SewingTree {
  const { corners, edges } = plan.arrangement
  const joints = new Set(setInJoints(plan))
  const trees = new Map<number, SewingTree>()
  const partOf = new Map<number, number>()
  const parents = new Map<SewingTree, Join>()
  for (const edge of plan.edges) {
    for (const patch of [edges[edge]!.left, edges[edge]!.right]) {
      partOf.set(patch, patch)
      if (!trees.has(patch)) trees.set(patch, { patch })
    }
  }
  const leaves = new Map([...trees].map(([patch, tree]) => [patch, tree]))
  const cutSeams = new Set(seams.flatMap((_, i) => (parts.filter(part => part.seam === i).length > 1 ? [i] : [])))
  const begun = new Set<number>()
  const rootOf = (patch: number): number => {
    const up = partOf.get(patch)!
    if (up === patch) return patch
    const root = rootOf(up)
    partOf.set(patch, root)
    return root
  }

  for (const part of parts) {
    const seam = seams[part.seam]!
    const at = (place: number): Point => corners[seam.corners[place]!]!
    const first = seam.edges.indexOf(part.edges[0]!)
    const ends: [Point, Point] = [at(first), at(first + part.edges.length)]
    const isPartial = cutSeams.has(part.seam) && !begun.has(part.seam)
    begun.add(part.seam)
    // patches along one side hang together by now, for all seams between them end here; so one join does for the
    // whole run
    for (const edge of part.edges) {
      const [one, other] = [rootOf(edges[edge]!.left), rootOf(edges[edge]!.right)]
      if (one === other) continue
      const join: Join = {
        join: [trees.get(one)!, trees.get(other)!],
        seam: ends,
        kind: isPartial ? 'partial' : 'straight',
      }
      for (const child of join.join) parents.set(child, join)
      trees.set(one, join)
      partOf.set(other, one)
    }
    for (const edge of part.edges) {
      const { from, to, left, right } = edges[edge]!
      const joint = [from, to].find(corner => joints.has(corner))
      if (joint !== undefined)
        bendAt(corners[joint]!, [corners[from]!, corners[to]!], joinOf(leaves.get(left)!, leaves.get(right)!, parents))
    }
  }
  return trees.get(rootOf(partOf.keys().next().value!))!
}

/** The join that brought two patches into one part. */
function joinOf(one: SewingTree, other: SewingTree, parents: ReadonlyMap<SewingTree, Join>): Join {
  const above = new Set<Join>()
  for (let at = parents.get(one); at; at = parents.get(at)) above.add(at)
  let join = parents.get(other)!
  while (!above.has(join)) join = parents.get(join)!
  return join
}

/** A leg that leads to a set-in joint and is not part of the seam that made the join: there the join bends. */
function bendAt(dot: Point, leg: readonly [Point, Point], join: Join): void {
  const [a, b] = join.seam
  const off = (p: Point) =>
    Math.abs((p[0] - a[0]) * (b[1] - a[1]) - (p[1] - a[1]) * (b[0] - a[0])) / Math.hypot(b[0] - a[0], b[1] - a[1])
  if (leg.every(p => off(p) < GRID_TOLERANCE * 4)) return
  join.kind = 'set-in'
  if (!join.dots?.includes(dot)) join.dots = [...(join.dots ?? []), dot]
  join.bent = [...(join.bent ?? []), [leg[0], leg[1]]]
}
