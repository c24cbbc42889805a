import type { Arrangement } from '../../geometry/arrangement'

/**
 * Seams of a part of a block. A seam is a straight run of edges; at an inner corner at most one seam runs through,
 * and all others end there. A seam that ends on another has to be sewn before it. Where no two edges lie opposite
 * each other nothing can run through: a set-in joint, at which every seam stops at a dot and none waits for another.
 */
export interface SeamPlan {
  arrangement: Arrangement
  /** Edges between patches of the part. */
  edges: readonly number[]
  /** For each inner corner the pairs of edges in line there; none: a set-in joint. */
  through: ReadonlyMap<number, readonly (readonly [number, number])[]>
}

/** Edges in order, and the corners they pass, one more than edges. */
export interface Seam {
  edges: number[]
  corners: number[]
}

/** Two directions are opposite when they differ from a straight line by less than this (sine of the angle). */
const STRAIGHT = 1e-6

/** The seams between these members, joined to runs that are sewn in one go. */
export function seamPlan(arrangement: Arrangement, members: ReadonlySet<number>): SeamPlan {
  const isInner = (edge: number) =>
    members.has(arrangement.edges[edge]!.left) && members.has(arrangement.edges[edge]!.right)
  const edges = arrangement.edges.flatMap((_, i) => (isInner(i) ? [i] : []))
  const corners = new Set(edges.flatMap(edge => [arrangement.edges[edge]!.from, arrangement.edges[edge]!.to]))
  const through = new Map<number, [number, number][]>()
  for (const corner of corners) {
    const around = arrangement.around[corner]!
    if (around.every(isInner)) through.set(corner, oppositePairs(arrangement, corner))
  }
  return { arrangement, edges, through }
}

/** Inner corners through which no seam can run, however it is sewn. */
export function setInJoints({ through }: SeamPlan): number[] {
  return [...through].flatMap(([corner, pairs]) => (pairs.length === 0 ? [corner] : []))
}

function oppositePairs(arrangement: Arrangement, corner: number): [number, number][] {
  const around = arrangement.around[corner]!
  const pairs: [number, number][] = []
  around.forEach((one, i) => {
    for (const other of around.slice(i + 1)) {
      const [ax, ay] = directionFrom(arrangement, corner, one)
      const [bx, by] = directionFrom(arrangement, corner, other)
      if (ax * bx + ay * by < 0 && Math.abs(ax * by - ay * bx) < STRAIGHT) pairs.push([one, other])
    }
  })
  return pairs
}

/** The unit vector along an edge from one of its corners. */
export function directionFrom({ corners, edges }: Arrangement, corner: number, edge: number): [number, number] {
  const { from, to } = edges[edge]!
  const [ax, ay] = corners[corner]!
  const [bx, by] = corners[from === corner ? to : from]!
  const length = Math.hypot(bx - ax, by - ay)
  return [(bx - ax) / length, (by - ay) / length]
}

/** Which pair of edges runs through each inner corner, by its place in `through`. */
export type SeamChoice = ReadonlyMap<number, number>

/** Runs of edges that are sewn in one go when at each corner the chosen pair runs through. */
export function seamsFor({ arrangement, edges, through }: SeamPlan, choice: SeamChoice): Seam[] {
  const other = (edge: number, corner: number) =>
    arrangement.edges[edge]!.from === corner ? arrangement.edges[edge]!.to : arrangement.edges[edge]!.from
  const next = (edge: number, corner: number): number | null => {
    const pair = through.get(corner)?.[choice.get(corner) ?? 0]
    return pair === undefined ? null : pair[0] === edge ? pair[1] : pair[1] === edge ? pair[0] : null
  }
  const used = new Set<number>()
  const seams: Seam[] = []
  for (const start of edges) {
    if (used.has(start)) continue
    // walk back to where the run begins, then along it
    let edge = start
    let corner = arrangement.edges[start]!.from
    for (let before = next(edge, corner); before !== null; before = next(edge, corner)) {
      edge = before
      corner = other(edge, corner)
    }
    const seam: Seam = { edges: [], corners: [corner] }
    for (let at: number | null = edge; at !== null; at = next(at, corner)) {
      used.add(at)
      seam.edges.push(at)
      corner = other(at, corner)
      seam.corners.push(corner)
    }
    seams.push(seam)
  }
  return seams
}
