// In: the colours of a picture. Out: so few that it looks as near to itself as may be.
import { chanceFrom, type Chance } from '../measure/chance'
import type { Lab } from '../measure/lightness'
import { apart } from './apart'
import { metricDistance, type Bins } from './bins'

/** Starts from different seeds, of which the best is kept. */
const STARTS = 5
/** Rounds by the matrix of each bin. */
const ROUNDS = 9
/** Steps of L*, a*, b* by which colours are moved at last. */
const STEPS = [3, 3, 2, 2, 2, 1, 1, 1, 0.5, 0.5]
/** Colours nearer to each other than this are one cloth: nobody tells them apart, not even side by side. */
const SAME = 1.5
/** Nearer than this a bin pulls no harder: Weiszfeld's mean has no answer at a point of its own. */
const NEAREST = 0.4

/**
 * So many colours, the fewest where a picture has no more, by k-medians: the sum of differences is least, not of
 * their squares, so that a few odd squares do not pull a cloth away. Deterministic. The commonest first.
 */
export function paletteOf(bins: Bins, count: number): Lab[] {
  const wanted = Math.min(count, bins.count)
  let best: { cost: number; centres: Float64Array } | null = null
  for (let start = 1; start <= STARTS; start++) {
    const centres = seeded(bins, wanted, chanceFrom(start))
    for (let round = 0; round < ROUNDS; round++) moved(bins, centres, nearest(bins, centres, metricOf(bins, centres)))
    const cost = costOf(bins, centres)
    if (!best || cost < best.cost - 1e-9) best = { cost, centres }
  }
  refined(bins, best!.centres)
  return byUse(bins, best!.centres)
}

type Distance = (bin: number, centre: number) => number

const metricOf =
  (bins: Bins, centres: Float64Array): Distance =>
  (bin, c) =>
    metricDistance(bins, bin, centres[3 * c]!, centres[3 * c + 1]!, centres[3 * c + 2]!)

const trueOf =
  ({ lab }: Bins, centres: Float64Array): Distance =>
  (bin, c) =>
    apart(
      lab[3 * bin]!,
      lab[3 * bin + 1]!,
      lab[3 * bin + 2]!,
      centres[3 * c]!,
      centres[3 * c + 1]!,
      centres[3 * c + 2]!,
    )

/** Greedy seeds: the next is the best of a few that are drawn by how far they lie from those there are. */
function seeded(bins: Bins, count: number, chance: Chance): Float64Array {
  const centres = new Float64Array(3 * count)
  const least = new Float64Array(bins.count).fill(Infinity)
  const tries = 2 + Math.ceil(Math.log(count + 1))
  const from = (bin: number, other: number) =>
    metricDistance(bins, other, bins.lab[3 * bin]!, bins.lab[3 * bin + 1]!, bins.lab[3 * bin + 2]!)
  for (let c = 0; c < count; c++) {
    let [chosen, gain] = [0, -1]
    for (let t = 0; t < tries; t++) {
      const bin = drawn(bins, c === 0 ? null : least, chance)
      let sum = 0
      for (let i = 0; i < bins.count; i++) {
        const saved = Math.min(least[i]!, 200) - from(bin, i)
        if (saved > 0) sum += saved * bins.weight[i]!
      }
      if (sum > gain) [chosen, gain] = [bin, sum]
    }
    for (let i = 0; i < bins.count; i++) least[i] = Math.min(least[i]!, from(chosen, i))
    centres.set(bins.lab.subarray(3 * chosen, 3 * chosen + 3), 3 * c)
  }
  return centres
}

function drawn({ weight, count }: Bins, least: Float64Array | null, { even }: Chance): number {
  const pull = (i: number) => weight[i]! * (least ? least[i]! ** 2 : 1)
  let total = 0
  for (let i = 0; i < count; i++) total += pull(i)
  let left = even() * total
  for (let i = 0; i < count; i++) {
    left -= pull(i)
    if (left <= 0) return i
  }
  return count - 1
}

function nearest(bins: Bins, centres: Float64Array, distance: Distance): Uint8Array {
  const count = centres.length / 3
  const owner = new Uint8Array(bins.count)
  for (let i = 0; i < bins.count; i++) {
    let [best, least] = [0, Infinity]
    for (let c = 0; c < count; c++) {
      const far = distance(i, c)
      if (far < least) [best, least] = [c, far]
    }
    owner[i] = best
  }
  return owner
}

/** One step of Weiszfeld's mean for every centre: near bins pull harder, each along its own matrix. */
function moved(bins: Bins, centres: Float64Array, owner: Uint8Array, distance = metricOf(bins, centres)): void {
  const count = centres.length / 3
  const sums = Array.from({ length: count }, () => new Float64Array(9))
  for (let i = 0; i < bins.count; i++) {
    const sum = sums[owner[i]!]!
    const pull = bins.weight[i]! / Math.max(NEAREST, distance(i, owner[i]!))
    const [m, at] = [6 * i, 3 * i]
    const [ll, aa, ab, bb] = [bins.metric[m]!, bins.metric[m + 3]!, bins.metric[m + 4]!, bins.metric[m + 5]!]
    const [l, a, b] = [bins.lab[at]!, bins.lab[at + 1]!, bins.lab[at + 2]!]
    sum[0]! += pull * ll
    sum[1]! += pull * ll * l
    sum[2]! += pull * aa
    sum[3]! += pull * ab
    sum[4]! += pull * bb
    sum[5]! += pull * (aa * a + ab * b)
    sum[6]! += pull * (ab * a + bb * b)
  }
  sums.forEach(([ll, ofL, aa, ab, bb, ofA, ofB], c) => {
    if (!ll) return
    const det = aa! * bb! - ab! * ab!
    centres[3 * c] = ofL! / ll
    if (Math.abs(det) < 1e-12) return
    centres[3 * c + 1] = (ofA! * bb! - ofB! * ab!) / det
    centres[3 * c + 2] = (ofB! * aa! - ofA! * ab!) / det
  })
}

function costOf(bins: Bins, centres: Float64Array): number {
  const distance = trueOf(bins, centres)
  const owner = nearest(bins, centres, metricOf(bins, centres))
  let sum = 0
  for (let i = 0; i < bins.count; i++) sum += bins.weight[i]! * distance(i, owner[i]!)
  return sum
}

/**
 * By CIEDE2000 itself, which far from a bin is not as its matrix says: each colour is moved a step along each axis
 * while that makes its own bins look nearer, then all bins are given anew to the nearest; steps from large to small.
 */
function refined(bins: Bins, centres: Float64Array): void {
  const distance = trueOf(bins, centres)
  for (const step of STEPS) {
    const owner = nearest(bins, centres, distance)
    const own: number[][] = Array.from({ length: centres.length / 3 }, () => [])
    owner.forEach((c, bin) => own[c]!.push(bin))
    own.forEach((list, c) => {
      const cost = () => list.reduce((sum, bin) => sum + bins.weight[bin]! * distance(bin, c), 0)
      let least = cost()
      for (let axis = 0; axis < 3; axis++)
        for (const by of [step, -step]) {
          const before = centres[3 * c + axis]!
          centres[3 * c + axis] = before + by
          const now = cost()
          if (now < least - 1e-9) least = now
          else centres[3 * c + axis] = before
        }
    })
  }
}

function byUse(bins: Bins, centres: Float64Array): Lab[] {
  const owner = nearest(bins, centres, trueOf(bins, centres))
  const used = new Float64Array(centres.length / 3)
  owner.forEach((c, i) => (used[c]! += bins.weight[i]!))
  const colours = [...used.keys()]
    .filter(c => used[c]! > 0)
    .sort((a, b) => used[b]! - used[a]!)
    .map(c => ({ l: centres[3 * c]!, a: centres[3 * c + 1]!, b: centres[3 * c + 2]! }))
  return colours.filter((one, i) =>
    colours.slice(0, i).every(other => apart(one.l, one.a, one.b, other.l, other.a, other.b) >= SAME),
  )
}
