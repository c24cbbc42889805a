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
  const forest = new Forest(plan)
  const cutSeams = new Set(seams.flatMap((_, i) => (parts.filter(part => part.seam === i).length > 1 ? [i] : [])))
  const begun = new Set<number>()
  for (const part of parts) {
    const isCut = cutSeams.has(part.seam)
    const isPartial = isCut && !begun.has(part.seam)
    begun.add(part.seam)
    const { ends, begunPart } = placesOf(part, seams[part.seam]!, corners)
    const made = forest.join(part.edges, ends, isPartial ? begunPart : null)
    const joinsBeside = part.edges.map(edge => forest.joinOf([edges[edge]!.left, edges[edge]!.right]))
    // only then are all patches along the seam there
    const whole = forest.joinOf(part.edges.flatMap(edge => [edges[edge]!.left, edges[edge]!.right]))
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
  return forest.whole()
}

/** Where a part of a seam lies, from corner to corner; cut, it begins and stops in the middle of an edge. */
function placesOf(
  part: SeamOrder['parts'][number],
  seam: SeamOrder['seams'][number],
  corners: readonly Point[],
): { ends: [Point, Point]; begunPart: [Point, Point] } {
  const at = (place: number): Point => corners[seam.corners[place]!]!
  const first = seam.edges.indexOf(part.edges[0]!)
  const ends: [Point, Point] = [at(first), at(first + part.edges.length)]
  const between = (place: number): Point => [
    (at(place)[0] + at(place + 1)[0]) / 2,
    (at(place)[1] + at(place + 1)[1]) / 2,
  ]
  const begunPart: [Point, Point] = [
    part.from > 0 ? between(first) : ends[0],
    part.to < seam.edges.length ? between(first + part.edges.length - 1) : ends[1],
  ]
  return { ends, begunPart }
}

/** Parts as they grow: patches first, in the end one tree. */
class Forest {
  private readonly trees = new Map<number, SewingTree>()
  private readonly partOf = new Map<number, number>()
  private readonly parents = new Map<SewingTree, SeamJoin>()
  private readonly leaves: ReadonlyMap<number, SewingTree>

  constructor(private readonly plan: SeamPlan) {
    const { edges } = plan.arrangement
    for (const edge of plan.edges) {
      for (const patch of [edges[edge]!.left, edges[edge]!.right]) {
        this.partOf.set(patch, patch)
        if (!this.trees.has(patch)) this.trees.set(patch, { patch })
      }
    }
    this.leaves = new Map(this.trees)
  }

  /**
   * Joins what lies on both sides of these edges. Patches along one side hang together by now, for all seams between
   * them end here; so one join does for the whole run. `begun`: how much of it is sewn where it is only begun.
   */
  join(run: readonly number[], seam: [Point, Point], begun: [Point, Point] | null): SeamJoin[] {
    const { edges } = this.plan.arrangement
    return run.flatMap(edge => {
      const [one, other] = [this.rootOf(edges[edge]!.left), this.rootOf(edges[edge]!.right)]
      if (one === other) return []
      const join: SeamJoin = {
        join: [this.trees.get(one)!, this.trees.get(other)!],
        seam,
        kind: begun ? 'partial' : 'straight',
        ...(begun ? { begun } : {}),
      }
      for (const child of join.join) this.parents.set(child, join)
      this.trees.set(one, join)
      this.partOf.set(other, one)
      return [join]
    })
  }

  /** The join that brought patches into one part: the first in which all of them are. */
  joinOf(patches: readonly number[]): SeamJoin {
    const upFrom = (patch: SewingTree) => {
      const above: SeamJoin[] = []
      for (let at = this.parents.get(patch); at; at = this.parents.get(at)) above.push(at)
      return above
    }
    const [first, ...others] = patches.map(patch => upFrom(this.leaves.get(patch)!))
    return first!.find(join => others.every(above => above.includes(join)))!
  }

  whole(): SewingTree {
    return this.trees.get(this.rootOf(this.partOf.keys().next().value!))!
  }

  private rootOf(patch: number): number {
    const up = this.partOf.get(patch)!
    if (up === patch) return patch
    const root = this.rootOf(up)
    this.partOf.set(patch, root)
    return root
  }
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
