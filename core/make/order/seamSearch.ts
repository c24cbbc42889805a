import { directionFrom, seamsFor, type SeamChoice, type Seam, type SeamPlan } from './seams'

/**
 * A seam, or a part of one that is first sewn in part: corners `from` to `to` of the seam's list; a cut lies between
 * corners.
 */
export interface SeamPart {
  seam: number
  from: number
  to: number
  edges: number[]
}

export interface SeamOrder {
  seams: readonly Seam[]
  /** In the order of sewing: each after all that end on it. */
  parts: SeamPart[]
  /** How many seams are first sewn in part. */
  partial: number
  /** False when the search was given up: fewer partial seams might do. */
  isProven: boolean
}

/** Looks at so many plans before it gives up; a few hundred do for any block that is sewn by hand. */
const MAX_PLANS = 6000

/**
 * An order of sewing with the fewest seams sewn in part. Which seam runs through a corner where several could, and
 * which seam is cut in two, is changed only where a ring of seams waits for itself: whatever breaks the ring must
 * change one of the corners or seams on it, so trying each of those in turn, with all earlier ones held, misses
 * nothing.
 */
export function fewestPartialSeams(plan: SeamPlan): SeamOrder {
  const start = longestThrough(plan)
  const budget = { plans: 0 }
  for (let partial = 0; budget.plans < MAX_PLANS; partial++) {
    const found = search(plan, start, new Map(), new Set(), partial, budget)
    if (found) return { ...found, partial, isProven: true }
  }
  return givenUp(plan, start)
}

/** Cuts within a seam: after the corner with this place in its list. Keyed by the seam's first edge and last corner. */
type SeamCuts = ReadonlyMap<string, readonly number[]>
type FoundSeams = Pick<SeamOrder, 'seams' | 'parts'>

function search(
  plan: SeamPlan,
  choice: SeamChoice,
  cuts: SeamCuts,
  held: ReadonlySet<number>,
  partial: number,
  budget: { plans: number },
): FoundSeams | null {
  if (++budget.plans > MAX_PLANS) return null
  const seams = seamsFor(plan, choice)
  const { order, ring } = sewingOrder(plan, choice, seams, cuts)
  if (ring === null) return { seams, parts: order }
  const holding = new Set(held)
  for (const corner of cornersOnRing(ring, seams)) {
    if (holding.has(corner)) continue
    const pairs = plan.through.get(corner)?.length ?? 0
    holding.add(corner)
    for (let pair = 0; pair < pairs; pair++) {
      if (pair === (choice.get(corner) ?? 0)) continue
      const found = search(plan, new Map(choice).set(corner, pair), cuts, holding, partial, budget)
      if (found) return found
    }
  }
  if (partial === 0) return null
  for (const { seam, enters, leaves } of ring) {
    const key = seamKey(seams[seam]!)
    for (let cut = Math.min(enters, leaves); cut < Math.max(enters, leaves); cut++) {
      // the seams on the ring must stay what they are while one of them is cut
      const found = search(
        plan,
        choice,
        new Map(cuts).set(
          key,
          [...(cuts.get(key) ?? []), cut].sort((a, b) => a - b),
        ),
        holding,
        partial - 1,
        budget,
      )
      if (found) return found
    }
  }
  return null
}

function seamKey({ edges, corners }: Seam): string {
  return `${edges[0]} ${corners[0]} ${corners.at(-1)}`
}

/** One seam of a ring: where the seam before it ends on it, and the end by which it waits for the next. */
interface RingStep {
  seam: number
  enters: number
  leaves: number
}

/** Seams in an order in which each comes after all that end on it, or a ring of seams that wait for each other. */
function sewingOrder(
  plan: SeamPlan,
  choice: SeamChoice,
  seams: readonly Seam[],
  cuts: SeamCuts,
): { order: SeamPart[]; ring: RingStep[] | null } {
  const seamOf = new Map(seams.flatMap((seam, i) => seam.edges.map(edge => [edge, i] as const)))
  const parts: SeamPart[] = []
  const partsOf = seams.map((seam, i) => {
    const stops = [...(cuts.get(seamKey(seam)) ?? []), seam.edges.length]
    let from = 0
    return stops.map((stop, k) => {
      const to = k === stops.length - 1 ? seam.edges.length : stop
      // an edge that is cut belongs to both parts: half of it is sewn early, the rest with what follows
      const part =
        parts.push({
          seam: i,
          from,
          to,
          edges: seam.edges.slice(Math.max(0, from - (k > 0 ? 1 : 0)), k === stops.length - 1 ? to : stop + 1),
        }) - 1
      from = stop + 1
      return part
    })
  })
  const partAt = (seam: number, place: number) =>
    partsOf[seam]!.find(part => place >= parts[part]!.from && place <= parts[part]!.to)!
  const waitsFor: { on: number; step: RingStep }[][] = parts.map(() => [])
  seams.forEach((seam, i) => {
    for (const place of [0, seam.edges.length]) {
      const corner = seam.corners[place]!
      const pair = plan.through.get(corner)?.[choice.get(corner) ?? 0]
      if (pair === undefined) continue
      const over = seamOf.get(pair[0])!
      const at = seams[over]!.corners.indexOf(corner)
      waitsFor[partAt(over, at)]!.push({ on: partAt(i, place), step: { seam: i, enters: at, leaves: place } })
    }
  })
  const beside = (part: number) =>
    parts[part]!.edges.flatMap(edge => [plan.arrangement.edges[edge]!.left, plan.arrangement.edges[edge]!.right])
  return topological(parts, waitsFor, part => weight(plan, seams[parts[part]!.seam]!), beside)
}

/**
 * Short seams between whole edges first; those that stop at a dot last, so that a bent join comes when both of its
 * sides are there. Of these the seams within come before those that lead to the edge of the part: first the star,
 * then what is set in round it. Of like seams those between smaller patches come first, so that all that is alike is
 * sewn one after the other.
 */
function weight({ through, arrangement }: SeamPlan, { corners, edges }: Seam): number {
  const ends = [corners[0]!, corners.at(-1)!]
  const dots = ends.filter(corner => through.get(corner)?.length === 0).length
  const outer = ends.filter(corner => !through.has(corner)).length
  const beside = edges.reduce(
    (sum, edge) =>
      sum + arrangement.areas[arrangement.edges[edge]!.left]! + arrangement.areas[arrangement.edges[edge]!.right]!,
    0,
  )
  // less than half of the next step, and the same number for the same area
  const size = (Math.round((beside / (beside + 1)) * 1e6) / 1e6) * 0.4
  return (dots === 0 ? 0 : 1000 * (1 + outer) + 100 * dots) + edges.length + size
}

/**
 * `beside`: the patches on both sides of a part. Of parts alike, those between fresh patches come first, so that
 * pairs are sewn to pairs.
 */
function topological(
  parts: SeamPart[],
  waitsFor: readonly { on: number; step: RingStep }[][],
  weightOf: (part: number) => number,
  beside: (part: number) => readonly number[],
): { order: SeamPart[]; ring: RingStep[] | null } {
  const left = waitsFor.map(list => list.length)
  const followers: number[][] = parts.map(() => [])
  waitsFor.forEach((list, part) => list.forEach(({ on }) => followers[on]!.push(part)))
  const rank = parts.map((_, part) => weightOf(part))
  const besides = parts.map((_, part) => beside(part))
  const partsBeside = new Map<number, number[]>()
  besides.forEach((patches, part) => {
    for (const patch of patches) {
      const list = partsBeside.get(patch)
      if (list) list.push(part)
      else partsBeside.set(patch, [part])
    }
  })
  const isFresh = parts.map(() => true)
  const ready = parts.flatMap((_, i) => (left[i] === 0 ? [i] : []))
  const order: SeamPart[] = []
  while (ready.length > 0) {
    const part = ready.reduce((best, other) =>
      rank[other]! < rank[best]! || (rank[other] === rank[best] && other < best) ? other : best,
    )
    ready.splice(ready.indexOf(part), 1)
    order.push(parts[part]!)
    for (const patch of besides[part]!) {
      for (const other of partsBeside.get(patch)!) {
        if (isFresh[other]) rank[other]! += 0.5
        isFresh[other] = false
      }
      partsBeside.set(patch, [])
    }
    for (const follower of followers[part]!) if (--left[follower]! === 0) ready.push(follower)
  }
  return order.length === parts.length ? { order, ring: null } : { order, ring: ringAmong(waitsFor, left) }
}

/** Follows what waits for what until a part comes round again. */
function ringAmong(waitsFor: readonly { on: number; step: RingStep }[][], left: readonly number[]): RingStep[] {
  const seen = new Map<number, number>()
  const path: { part: number; step: RingStep }[] = []
  let part = left.findIndex(count => count > 0)
  while (!seen.has(part)) {
    seen.set(part, path.length)
    const wait = waitsFor[part]!.find(({ on }) => left[on]! > 0)!
    path.push({ part, step: wait.step })
    part = wait.on
  }
  const ring = path.slice(seen.get(part)!)
  // step i says how the next seam leaves and where it meets this one; turn that into: where each seam is met, and how
  // it leaves
  return ring.map(({ step }, i) => ({
    seam: step.seam,
    leaves: step.leaves,
    enters: ring[(i + 1) % ring.length]!.step.enters,
  }))
}

/** Corners whose choice the ring depends on: where its seams end, and those they run through on the way. */
function cornersOnRing(ring: readonly RingStep[], seams: readonly Seam[]): Set<number> {
  const corners = new Set<number>()
  for (const { seam, enters, leaves } of ring) {
    for (let place = Math.min(enters, leaves); place <= Math.max(enters, leaves); place++)
      corners.add(seams[seam]!.corners[place]!)
  }
  return corners
}

/** At each corner the pair whose straight run is longest; of equal ones the more level. Long seams make rows. */
function longestThrough(plan: SeamPlan): SeamChoice {
  const { arrangement, through } = plan
  const reach = (edge: number, corner: number): number => {
    const { from, to } = arrangement.edges[edge]!
    const far = from === corner ? to : from
    const length = Math.hypot(
      arrangement.corners[to]![0] - arrangement.corners[from]![0],
      arrangement.corners[to]![1] - arrangement.corners[from]![1],
    )
    const pair = through.get(far)?.find(candidate => candidate.includes(edge))
    return length + (pair ? reach(pair[0] === edge ? pair[1] : pair[0], far) : 0)
  }
  const choice = new Map<number, number>()
  for (const [corner, pairs] of through) {
    if (pairs.length < 2) continue
    const score = pairs.map(
      ([one, other]) =>
        reach(one, corner) + reach(other, corner) - 1e-6 * Math.abs(directionFrom(arrangement, corner, one)[1]),
    )
    choice.set(corner, score.indexOf(Math.max(...score)))
  }
  return choice
}

/** Cuts one seam of every ring until none is left: an order, though perhaps not the best. */
function givenUp(plan: SeamPlan, choice: SeamChoice): SeamOrder {
  const seams = seamsFor(plan, choice)
  let cuts: SeamCuts = new Map()
  for (let partial = 0; ; partial++) {
    const { order, ring } = sewingOrder(plan, choice, seams, cuts)
    if (ring === null) return { seams, parts: order, partial, isProven: false }
    const { seam, enters, leaves } = ring[0]!
    const key = seamKey(seams[seam]!)
    cuts = new Map(cuts).set(
      key,
      [...(cuts.get(key) ?? []), Math.min(enters, leaves)].sort((a, b) => a - b),
    )
  }
}
