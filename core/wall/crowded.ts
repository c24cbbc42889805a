// In: the wall. Out: colours that stand crowded in one place.
import { apartIn } from './touching'
import type { Wall } from './wall'

/** Cloths closer than this are one colour from across the room. CIEDE2000. */
const FAMILY = 15
/** A colour of less than so many blocks crowds nothing. */
const LEAST_BLOCKS = 1.5
/** So much above what chance would give, and so many deviations. */
const ABOVE_CHANCE = 1.3
const DEVIATIONS = 2.5
const LEAST_PLACES = 6
/** More places than this take too long to weigh pair by pair. */
const MOST_PLACES = 1000

/** A colour crowded in one place. */
export interface Crowded {
  /** The cloth that has most of it. */
  cloth: string
  /** Places by their number, from the thickest of the crowd outwards. */
  cells: number[]
  /** What part of the colour lies in them. */
  share: number
}

/** How near counts: a bell of at least 1.2 blocks, of 0.18 of the quilt's side in large quilts. */
export function crowdReach(places: number): number {
  return Math.max(1.2, 0.18 * Math.sqrt(places))
}

const weighed = new WeakMap<Wall, Float64Array>()

/** How near each place is to each other, row by row: nearly 1 side by side, 0 for itself and from three reaches on. */
export function nearness(wall: Wall): Float64Array {
  const known = weighed.get(wall)
  if (known) return known
  const { places, spacing } = wall
  const n = places.length
  const reach = crowdReach(n) * spacing
  const near = new Float64Array(n * n)
  places.forEach(({ middle: [x, y] }, p) => {
    for (let q = p + 1; q < n; q++) {
      const [u, v] = places[q]!.middle
      const distance = Math.hypot(u - x, v - y) / reach
      if (distance > 3) continue
      near[p * n + q] = Math.exp(-(distance ** 2) / 2)
      near[q * n + p] = near[p * n + q]!
    }
  })
  weighed.set(wall, near)
  return near
}

/**
 * Colours whose places lie nearer to each other than chance would lay them: Σ K·s·s over pairs of places, against its
 * mean and deviation over all orders of the blocks. Both in closed form. Source: Mantel 1967, moments of a sum over
 * pairs under permutation.
 */
export function crowdedColours(wall: Wall): Crowded[] {
  const { places } = wall
  if (places.length < LEAST_PLACES || places.length > MOST_PLACES) return []
  const near = nearness(wall)
  const moments = momentsOf(near, places.length)
  const found: Crowded[] = []
  const taken = new Set<string>()
  for (const family of familiesOf(wall)) {
    const shares = places.map(({ face }) => family.reduce((sum, cloth) => sum + (face.shares.get(cloth) ?? 0), 0))
    const isSmall = shares.reduce((sum, share) => sum + share, 0) < LEAST_BLOCKS
    if (isSmall || family.some(cloth => taken.has(cloth))) continue
    const around = shares.map((_, p) => weighedSum(near, p, shares))
    const sum = around.reduce((total, beside, i) => total + shares[i]! * beside, 0)
    const { mean, deviation } = chanceOf(moments, shares)
    if (deviation < 1e-9 || sum < ABOVE_CHANCE * mean || sum < mean + DEVIATIONS * deviation) continue
    for (const cloth of family) taken.add(cloth)
    found.push(crowdOf(wall, { family, shares, around }))
  }
  return found
}

/** Cloths that look like one colour, how much each place has of it, and how much lies round each place. */
interface ColourShares {
  family: readonly string[]
  shares: readonly number[]
  around: readonly number[]
}

/** The places where the colour is thickest, and what lies within a reach and a half of there. */
function crowdOf({ places, spacing }: Wall, { family, shares, around }: ColourShares): Crowded {
  const thick = (i: number) => shares[i]! * around[i]!
  const thickest = shares.reduce((best, _, i) => (thick(i) > thick(best) ? i : best), 0)
  const [x, y] = places[thickest]!.middle
  const reach = 1.5 * crowdReach(places.length) * spacing
  const least = Math.max(...shares) / 4
  const cells = places
    .map(({ middle: [u, v] }, i) => ({ i, away: Math.hypot(u - x, v - y) }))
    .filter(({ i, away }) => away <= reach && shares[i]! >= least)
    .sort((a, b) => a.away - b.away || a.i - b.i)
    .map(({ i }) => i)
  const sumOver = (of: (i: number) => number) => cells.reduce((sum, i) => sum + of(i), 0)
  const areaOf = (cloth: string) => sumOver(i => places[i]!.face.shares.get(cloth) ?? 0)
  const all = shares.reduce((sum, share) => sum + share, 0)
  return {
    cloth: family.reduce((best, other) => (areaOf(other) > areaOf(best) ? other : best)),
    cells,
    share: sumOver(i => shares[i]!) / all,
  }
}

/** The colour of each cloth with all that look like it; the largest first. */
function familiesOf({ places, palette }: Wall): string[][] {
  const areas = new Map<string, number>()
  for (const { face } of places)
    for (const [cloth, share] of face.shares) areas.set(cloth, (areas.get(cloth) ?? 0) + share)
  const ids = [...areas.keys()]
  return ids
    .sort((a, b) => areas.get(b)! - areas.get(a)!)
    .map(id => ids.filter(other => apartIn(palette, id, other) < FAMILY))
}

/** Of symmetric weights between pairs, without a diagonal: their sum, that of their squares, of the rows' squares. */
export interface PairMoments {
  sum: number
  squares: number
  rows: number
}

/** Of weights between so many places, row by row. */
export function momentsOf(near: Float64Array, count: number): PairMoments {
  const moments = { sum: 0, squares: 0, rows: 0 }
  for (let p = 0; p < count; p++) {
    let row = 0
    for (let q = 0; q < count; q++) {
      const weight = near[p * count + q]!
      row += weight
      moments.squares += weight * weight
    }
    moments.sum += row
    moments.rows += row * row
  }
  return moments
}

function weighedSum(near: Float64Array, p: number, shares: readonly number[]): number {
  let sum = 0
  for (let q = 0; q < shares.length; q++) sum += near[p * shares.length + q]! * shares[q]!
  return sum
}

/** Mean and deviation of Σ K·s·s over all orders of the shares, of which there are four or more. */
export function chanceOf(weights: PairMoments, shares: readonly number[]): { mean: number; deviation: number } {
  const n = shares.length
  const power = (p: number) => shares.reduce((sum, share) => sum + share ** p, 0)
  const [total, square] = [power(1), power(2)]
  // of the products of two shares, over pairs of places
  const pairs: PairMoments = {
    sum: total * total - square,
    squares: square * square - power(4),
    rows: shares.reduce((sum, share) => sum + (share * (total - share)) ** 2, 0),
  }
  const mean = (weights.sum * pairs.sum) / (n * (n - 1))
  // pairs of pairs that are the same, that share one place, that share none
  const same = (2 * weights.squares * pairs.squares) / (n * (n - 1))
  const one = (4 * (weights.rows - weights.squares) * (pairs.rows - pairs.squares)) / (n * (n - 1) * (n - 2))
  const apart = ({ sum, squares, rows }: PairMoments) => sum * sum + 2 * squares - 4 * rows
  const none = (apart(weights) * apart(pairs)) / (n * (n - 1) * (n - 2) * (n - 3))
  return { mean, deviation: Math.sqrt(Math.max(0, same + one + none - mean * mean)) }
}
