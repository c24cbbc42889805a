// In: the wall, what is locked, and an aim. Out: what a search for a better layout needs, in numbers.
import { nearness } from '../wall/crowded'
import { wallParts, WALL_PARTS } from '../wall/balance'
import { eachMeeting } from '../wall/touching'
import type { Face } from '../wall/face'
import { CORNER_REACH, placesNear, SIDE_REACH, type Wall } from '../wall/wall'
import { rankedBy, type SpreadAim } from './aim'

/**
 * A quilt is rearranged by changing what stands in places of one size. Blocks are called by the place they came from;
 * blocks that look the same are one kind.
 */
export interface SpreadProblem {
  /** How many places, and those that may change, by the size of what they hold. */
  count: number
  groups: readonly (readonly number[])[]
  /** Groups whose blocks may be turned too. */
  canTurn: boolean
  isSquare: Uint8Array
  /** Of each block, its kind: blocks that look the same are one kind. */
  kinds: Int32Array
  kindCount: number
  /** Seams of each place: what lies on the other side, and the cost by kind and turn of both. */
  seams: readonly (readonly SpreadSeam[])[]
  still: readonly (readonly StillSeam[])[]
  /** Alikeness of two kinds, row by row, and of their colours against the mean. */
  alike: Float64Array
  /** Of each kind its colours against the mean, so many numbers each; and weighed by how alike colours are. */
  shares: Float64Array
  weighed: Float64Array
  colours: number
  lightness: Float64Array
  beside: readonly (readonly Weighted[])[]
  /** How near each place is to each other, row by row: nearly 1 side by side, 0 for itself and far away. */
  near: Float64Array
  /** For each place the parts of the quilt it lies in, and how many places each part has. */
  parts: readonly (readonly number[])[]
  partSizes: readonly number[]
  /** Value of each block and the value wanted in each place; null: none is wanted. */
  wanted: { values: Float64Array; targets: Float64Array } | null
}

export interface Weighted {
  at: number
  weight: number
}
export interface SpreadSeam {
  /** The place on the other side. */
  other: number
  cost: (kind: number, turn: number, otherKind: number, otherTurn: number) => number
}
export interface StillSeam {
  cost: (kind: number, turn: number) => number
}

/** How alike two colours are, 1 the same: exp(−(ΔE ÷ this)²). */
const ALIKE_WITHIN = 12
/** Blocks at the corners count half. */
const CORNER_WEIGHT = 1 / 2

/** What is to be searched. `locked`: places that stay, by their number. */
export function spreadProblem(
  wall: Wall,
  { locked, canTurn, aim }: { locked: ReadonlySet<number>; canTurn: boolean; aim: SpreadAim },
): SpreadProblem {
  const { places, palette } = wall
  const faces = [...new Set(places.map(({ face }) => face))]
  const kinds = Int32Array.from(places, ({ face }) => faces.indexOf(face))
  const k = palette.labs.length
  const likeness = palette.apart.map(deltaE => Math.exp(-((deltaE / ALIKE_WITHIN) ** 2)))
  const groups = groupsOf(wall, locked)
  const parts = wallParts(wall).map(names => names.map(name => WALL_PARTS.indexOf(name)))
  return {
    count: places.length,
    groups,
    canTurn,
    isSquare: Uint8Array.from(faces, ({ width, height }) => Number(Math.abs(width - height) < 1e-6)),
    kinds,
    kindCount: faces.length,
    ...seamsOf(wall, faces, likeness),
    ...colourTables(wall, faces, kinds, likeness),
    colours: k,
    lightness: Float64Array.from(faces, face => places[kinds.indexOf(faces.indexOf(face))]!.lightness),
    beside: placesNear(wall, CORNER_REACH).map(near =>
      near.map(({ at, distance }) => ({ at, weight: distance <= SIDE_REACH ? 1 : CORNER_WEIGHT })),
    ),
    near: nearness(wall),
    parts,
    partSizes: WALL_PARTS.map((_, part) => parts.filter(names => names.includes(part)).length),
    wanted: aim.kind === 'even' ? null : wantedOf(wall, groups, aim),
  }
}

/** Places that may change with each other: unlocked, and of one size as they lie. */
function groupsOf({ places }: Wall, locked: ReadonlySet<number>): number[][] {
  const groups = new Map<string, number[]>()
  places.forEach(({ face: { width, height } }, i) => {
    if (locked.has(i)) return
    const key = `${width.toFixed(4)} ${height.toFixed(4)}`
    groups.set(key, [...(groups.get(key) ?? []), i])
  })
  return [...groups.values()].filter(group => group.length > 1)
}

/** What each seam costs: of its length the part that looks alike. Turned by a quarter a side becomes the next. */
function seamsOf({ places, contacts, fixed, palette }: Wall, faces: readonly Face[], likeness: Float64Array) {
  const seams: SpreadSeam[][] = places.map(() => [])
  const still: StillSeam[][] = places.map(() => [])
  const count = palette.labs.length
  const like = (one: string, other: string) =>
    likeness[palette.numbers.get(one)! * count + palette.numbers.get(other)!]!
  const tables = new Map<string, Float32Array>()
  const sideOf = (side: number, turn: number) => (side - turn + 4) % 4
  const size = faces.length * 4
  for (const { a, b, sideA, sideB, fromA, fromB, length } of contacts) {
    // seams that lie alike on their sides share one table, filled as it is asked for
    const key = [fromA, fromB, length].map(value => value.toFixed(4)).join()
    const table = tables.get(key) ?? new Float32Array(size * size).fill(-1)
    tables.set(key, table)
    const cost = (kind: number, side: number, otherKind: number, otherSide: number) => {
      const at = (kind * 4 + side) * size + otherKind * 4 + otherSide
      if (table[at]! >= 0) return table[at]!
      let alike = 0
      const meeting = { sideA: side, sideB: otherSide, fromA, fromB, length }
      eachMeeting(faces[kind]!, faces[otherKind]!, meeting, (one, other, shared) => {
        alike += like(one, other) * shared
      })
      table[at] = alike / length
      return table[at]!
    }
    seams[a]!.push({
      other: b,
      cost: (kind, turn, otherKind, otherTurn) => cost(kind, sideOf(sideA, turn), otherKind, sideOf(sideB, otherTurn)),
    })
    seams[b]!.push({
      other: a,
      cost: (kind, turn, otherKind, otherTurn) => cost(otherKind, sideOf(sideA, otherTurn), kind, sideOf(sideB, turn)),
    })
  }
  for (const { a, sideA, fromA, length, cloth } of fixed) {
    const table = new Float64Array(size).fill(-1)
    still[a]!.push({
      cost(kind, turn) {
        const side = sideOf(sideA, turn)
        if (table[kind * 4 + side]! >= 0) return table[kind * 4 + side]!
        let alike = 0
        for (const stretch of faces[kind]!.sides[side]!) {
          const shared = Math.min(stretch.to, fromA + length) - Math.max(stretch.from, fromA)
          if (shared > 0) alike += like(stretch.cloth, cloth) * shared
        }
        return (table[kind * 4 + side] = alike / length)
      },
    })
  }
  return { seams, still }
}

/** How alike kinds are in all their colours, and what sets each apart from the mean of the quilt. */
function colourTables(
  { places, palette }: Wall,
  faces: readonly Face[],
  kinds: Int32Array,
  likeness: Float64Array,
): Pick<SpreadProblem, 'alike' | 'shares' | 'weighed'> {
  const [n, k] = [faces.length, palette.labs.length]
  const whole = new Float64Array(n * k)
  faces.forEach(({ shares }, kind) => {
    for (const [cloth, share] of shares) whole[kind * k + palette.numbers.get(cloth)!] = share
  })
  const mean = new Float64Array(k)
  for (const kind of kinds) for (let c = 0; c < k; c++) mean[c]! += whole[kind * k + c]! / places.length
  const weighedBy = (of: Float64Array) => {
    const out = new Float64Array(n * k)
    for (let kind = 0; kind < n; kind++)
      for (let c = 0; c < k; c++)
        for (let d = 0; d < k; d++) out[kind * k + c]! += likeness[c * k + d]! * of[kind * k + d]!
    return out
  }
  const product = (one: Float64Array, a: number, other: Float64Array, b: number) => {
    let sum = 0
    for (let c = 0; c < k; c++) sum += one[a * k + c]! * other[b * k + c]!
    return sum
  }
  const likeWhole = weighedBy(whole)
  const length = Array.from({ length: n }, (_, kind) => Math.sqrt(product(whole, kind, likeWhole, kind)))
  const alike = new Float64Array(n * n)
  for (let a = 0; a < n; a++)
    for (let b = 0; b < n; b++) alike[a * n + b] = product(whole, a, likeWhole, b) / (length[a]! * length[b]!)
  const shares = whole.map((share, i) => share - mean[i % k]!)
  return { alike, shares, weighed: weighedBy(shares) }
}

/** Within each group the least value belongs where the rank is least: optimal for any convex cost. */
function wantedOf(
  wall: Wall,
  groups: readonly (readonly number[])[],
  aim: Exclude<SpreadAim, { kind: 'even' }>,
): NonNullable<SpreadProblem['wanted']> {
  const { values, ranks } = rankedBy(wall, aim)
  const targets = Float64Array.from(values)
  for (const group of groups) {
    const byValue = group.map(i => values[i]!).sort((a, b) => a - b)
    const places = [...group].sort((a, b) => ranks[a]! - ranks[b]! || a - b)
    places.forEach((place, i) => (targets[place] = byValue[i]!))
  }
  return { values: Float64Array.from(values), targets }
}
