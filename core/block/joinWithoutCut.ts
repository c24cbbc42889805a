import { GRID_TOLERANCE } from '../geometry/tiling'
import { commonEdges } from '../geometry/adjacency'
import type { Point, Polygon } from '../geometry/polygon'
import type { SewingTree } from './sewingTree'

interface Part { tree: SewingTree, members: number[] }
interface Border { first: number, second: number, edges: [Point, Point][] }

/**
 * Joins parts that no straight cut separates: step by step the two neighbours whose shared edge is straight, and the longest
 * such first; where every shared edge bends, the seam is set in. A ring of strips round a centre comes out with one partial
 * seam: its first strip is sewn on in part and finished after the last.
 */
export function joinWithoutCut(patches: readonly Polygon[], members: readonly number[]): SewingTree {
  const ring = ringRoundCentre(patches, members)
  if (ring) return ring
  let parts: Part[] = members.map(member => ({ tree: { patch: member }, members: [member] }))
  while (parts.length > 1) {
    let best: { border: Border, straight: boolean, length: number } | null = null
    for (let i = 0; i < parts.length; i++) {
      for (let j = i + 1; j < parts.length; j++) {
        const edges = sharedEdges(patches, parts[i]!.members, parts[j]!.members)
        if (edges.length === 0) continue
        const length = edges.reduce((sum, [a, b]) => sum + Math.hypot(b[0] - a[0], b[1] - a[1]), 0)
        const straight = inOneLine(edges)
        if (best === null || Number(straight) > Number(best.straight) || (straight === best.straight && length > best.length + 1e-9)) {
          best = { border: { first: i, second: j, edges }, straight, length }
        }
      }
    }
    if (best === null) throw new Error(`sewing tree: ${parts.length} parts have no shared edge`)
    const { first, second, edges } = best.border
    const joined: Part = {
      tree: { join: [parts[first]!.tree, parts[second]!.tree], seam: spanOf(edges), kind: best.straight ? 'straight' : 'set-in' },
      members: [...parts[first]!.members, ...parts[second]!.members],
    }
    parts = [...parts.filter((_, index) => index !== first && index !== second), joined]
  }
  return parts[0]!.tree
}

/**
 * Four parts wound round a fifth, each ending against the side of the next: the centre is sewn to the first in part, then the
 * second, third and fourth go on with whole seams, and the first seam is finished. Null when the part is not such a ring.
 */
function ringRoundCentre(patches: readonly Polygon[], members: readonly number[]): SewingTree | null {
  if (members.length !== 5 || members.some(member => patches[member]!.length !== 4)) return null
  for (const centre of members) {
    const around = members.filter(member => member !== centre)
    const next = (member: number, used: readonly number[]) => around.find(other => !used.includes(other) && sharedEdges(patches, [member], [other]).length > 0)
    if (around.some(member => sharedEdges(patches, [member], [centre]).length === 0)) continue
    const order = [around[0]!]
    while (order.length < 4) {
      const follower = next(order.at(-1)!, order)
      if (follower === undefined) break
      order.push(follower)
    }
    if (order.length < 4 || sharedEdges(patches, [order[3]!], [order[0]!]).length === 0) continue
    // the first seam is whole only if the first strip does not reach past the centre; wind the way in which each next seam is straight
    for (const wound of [order, [order[0]!, ...order.slice(1).reverse()]]) {
      const tree = windRing(patches, centre, wound)
      if (tree) return tree
    }
  }
  return null
}

function windRing(patches: readonly Polygon[], centre: number, order: readonly number[]): SewingTree | null {
  let tree: SewingTree = { patch: centre }
  const sewn = [centre]
  for (const [index, strip] of order.entries()) {
    const edges = sharedEdges(patches, sewn, [strip])
    // the last strip also closes the first seam, which bends round the corner: that part is the partial seam's second half
    const own = index === 3 ? sharedEdges(patches, sewn.filter(member => member !== order[0]), [strip]) : edges
    if (!inOneLine(own)) return null
    tree = { join: [tree, { patch: strip }], seam: spanOf(own), kind: index === 0 ? 'partial' : 'straight' }
    sewn.push(strip)
  }
  return tree
}

function sharedEdges(patches: readonly Polygon[], first: readonly number[], second: readonly number[]): [Point, Point][] {
  const shared: [Point, Point][] = []
  for (const a of first) for (const b of second) shared.push(...commonEdges(patches[a]!, patches[b]!))
  return shared
}

function inOneLine(edges: readonly [Point, Point][]): boolean {
  const [from, to] = edges[0]!
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  return edges.flat().every(point =>
    Math.abs((point[0] - from[0]) * (to[1] - from[1]) - (point[1] - from[1]) * (to[0] - from[0])) <= GRID_TOLERANCE * length * 4)
}

/** The two ends that lie farthest apart. */
function spanOf(edges: readonly [Point, Point][]): [Point, Point] {
  const points = edges.flat()
  let best: [Point, Point] = [points[0]!, points[1]!]
  let farthest = -1
  for (const p of points) {
    for (const q of points) {
      const distance = Math.hypot(q[0] - p[0], q[1] - p[1])
      if (distance > farthest + 1e-9) [farthest, best] = [distance, [p, q]]
    }
  }
  return best
}
