import type { Point } from '../../geometry/polygon'
import { GRID_TOLERANCE } from '../../geometry/tiling'
import { setInJoints, type SeamPlan } from './seams'
import type { SeamOrder } from './seamSearch'
import type { SewingTree } from './sewingTree'

type SeamJoin = Extract<SewingTree, { join: unknown }>

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
  const parents = new Map<SewingTree, SeamJoin>()
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
    const isCut = cutSeams.has(part.seam)
    const isPartial = isCut && !begun.has(part.seam)
    begun.add(part.seam)
    // it stops in the middle of the edge that is cut
    const between = (place: number): Point => [
      (at(place)[0] + at(place + 1)[0]) / 2,
      (at(place)[1] + at(place + 1)[1]) / 2,
    ]
    const begunPart: [Point, Point] = [
      part.from > 0 ? between(first) : ends[0],
      part.to < seam.edges.length ? between(first + part.edges.length - 1) : ends[1],
    ]
    const made: SeamJoin[] = []
    // patches along one side hang together by now, for all seams between them end here; so one join does for the
    // whole run
    for (const edge of part.edges) {
      const [one, other] = [rootOf(edges[edge]!.left), rootOf(edges[edge]!.right)]
      if (one === other) continue
      const join: SeamJoin = {
        join: [trees.get(one)!, trees.get(other)!],
        seam: ends,
        kind: isPartial ? 'partial' : 'straight',
        ...(isPartial ? { begun: begunPart } : {}),
      }
      for (const child of join.join) parents.set(child, join)
      trees.set(one, join)
      made.push(join)
      partOf.set(other, one)
    }
    const joinsBeside = part.edges.map(edge =>
      joinOf([leaves.get(edges[edge]!.left)!, leaves.get(edges[edge]!.right)!], parents),
    )
    // only then are all patches along the seam there
    const beside = part.edges.flatMap(edge => [edges[edge]!.left, edges[edge]!.right])
    const whole = joinOf(
      beside.map(patch => leaves.get(patch)!),
      parents,
    )
    const isOne = joinsBeside.every(join => join === whole)
    let isClosed = isCut && !isPartial
    for (const [i, edge] of part.edges.entries()) {
      const { from, to } = edges[edge]!
      const join = joinsBeside[i]!
      const leg: [Point, Point] = [corners[from]!, corners[to]!]
      if (liesOn(leg, join.seam)) continue
      const dots = [from, to].flatMap(corner => (joints.has(corner) ? [corners[corner]!] : []))
      if (dots.length > 0) {
        join.kind = 'set-in'
        join.dots = [...new Set([...(join.dots ?? []), ...dots])]
      }
      if (isOne && !isCut) join.bent = [...(join.bent ?? []), leg]
      // beside it patches were still missing when this join was sewn: it is closed when they are there
      else isClosed ||= !made.includes(whole)
    }
    if (isClosed) whole.closes = [...(whole.closes ?? []), ends]
  }
  return trees.get(rootOf(partOf.keys().next().value!))!
}

/** The join that brought patches into one part: the first in which all of them are. */
function joinOf(patches: readonly SewingTree[], parents: ReadonlyMap<SewingTree, SeamJoin>): SeamJoin {
  const upFrom = (patch: SewingTree) => {
    const above: SeamJoin[] = []
    for (let at = parents.get(patch); at; at = parents.get(at)) above.push(at)
    return above
  }
  const [first, ...others] = patches.map(upFrom)
  return first!.find(join => others.every(above => above.includes(join)))!
}

/** Whether a leg is a part of a seam, both straight. */
function liesOn(leg: readonly [Point, Point], [a, b]: readonly [Point, Point]): boolean {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
  const length = Math.hypot(dx, dy)
  return leg.every(([x, y]) => {
    const off = Math.abs((x - a[0]) * dy - (y - a[1]) * dx) / length
    const along = ((x - a[0]) * dx + (y - a[1]) * dy) / length
    return off < GRID_TOLERANCE * 4 && along > -GRID_TOLERANCE * 4 && along < length + GRID_TOLERANCE * 4
  })
}
