// Parts sewn many times over at once: each length is a list with one entry for every time.
import { sameLength, type Inches } from '../measure/ruler'
import type { Chance } from '../measure/chance'
import type { Hand } from './hand'

export type Edge = 'left' | 'right' | 'top' | 'bottom'

/** Where a seam ends on an edge: by the plan from the finished corner, and really, from the raw corner. */
export interface Mark {
  planned: Inches
  at: Float64Array
}

/** The tip of a patch at an edge: how far inside the raw edge it lies. */
export interface Tip {
  inset: Float64Array
}

/** Raw edge to raw edge; `planned` is finished. */
export interface Part {
  planned: { width: Inches; height: Inches }
  width: Float64Array
  height: Float64Array
  marks: Record<Edge, Mark[]>
  tips: Record<Edge, Tip[]>
}

/** Points and crossings of one seam, and how many of them went wrong in all the times together. */
export interface Tally {
  tips: number
  tipsCut: number
  crossings: number
  missed: number
}

/** A tip that loses no more than this is taken for whole. Source: handbook §7. */
export const TIP_TOLERANCE: Inches = 1 / 32
/** Seams that miss each other by more are seen. */
export const MISS: Inches = 1 / 16

/** How seams are sewn: by the quilter's hand, or on a printed line. */
export interface Seam {
  allowance: Inches
  bias: Inches
  scatter: Inches
  turn: Inches
}

export function seamOf(allowance: Inches, hand: Hand, isOnPaper: boolean): Seam {
  return isOnPaper
    ? { allowance, bias: 0, scatter: hand.paperScatter, turn: 0 }
    : { allowance, bias: hand.seamBias, scatter: hand.seamScatter, turn: hand.turn }
}

/** A length by the plan with chance about it. */
export function around(planned: Inches, scatter: Inches, times: number, chance: Chance): Float64Array {
  const values = new Float64Array(times)
  for (let i = 0; i < times; i++) values[i] = planned + scatter * chance.normal()
  return values
}

const LIES = {
  beside: { near: 'right', far: 'left', sides: ['top', 'bottom'], ends: ['left', 'right'] },
  below: { near: 'bottom', far: 'top', sides: ['left', 'right'], ends: ['top', 'bottom'] },
} as const

/**
 * Sews a second part on, beside the first or below it, middles matched: each seam takes an allowance from both, and the
 * turn of the cloth; along it the whole is as long as both parts in the mean. Source: handbook §7, error model.
 */
export function sewn(
  first: Part,
  second: Part,
  how: 'beside' | 'below',
  seam: Seam,
  chance: Chance,
): { part: Part; tally: Tally } {
  const { near, far, sides, ends } = LIES[how]
  const [across, along] = how === 'beside' ? (['width', 'height'] as const) : (['height', 'width'] as const)
  const times = first.width.length
  const taken = around(seam.allowance + seam.bias, seam.scatter, times, chance)
  const [wide, long] = [new Float64Array(times), new Float64Array(times)]
  for (let i = 0; i < times; i++) {
    wide[i] = first[across][i]! + second[across][i]! - 2 * taken[i]! - seam.turn
    long[i] = (first[along][i]! + second[along][i]!) / 2
  }
  const start = new Float64Array(times)
  const middle = new Float64Array(times)
  for (let i = 0; i < times; i++) {
    middle[i] = first[across][i]! - taken[i]! - seam.turn / 2
    start[i] = first[across][i]! - 2 * taken[i]! - seam.turn
  }
  const begin = first.planned[across]
  const marks = {} as Part['marks']
  const tips = {} as Part['tips']
  for (const side of sides) {
    marks[side] = [
      ...first.marks[side],
      { planned: begin, at: middle },
      ...second.marks[side].map(({ planned, at }) => ({ planned: planned + begin, at: added(at, start) })),
    ]
    // a part that is shorter than the whole lies a little inside
    tips[side] = [
      ...first.tips[side].map(({ inset }) => ({ inset: centred(inset, long, first[along]) })),
      ...second.tips[side].map(({ inset }) => ({ inset: centred(inset, long, second[along]) })),
    ]
  }
  for (const [end, part] of [
    [ends[0], first],
    [ends[1], second],
  ] as const) {
    marks[end] = part.marks[end].map(({ planned, at }) => ({ planned, at: centred(at, long, part[along]) }))
    tips[end] = part.tips[end]
  }
  const planned = {
    [across]: begin + second.planned[across],
    [along]: first.planned[along],
  } as unknown as Part['planned']
  const part = { planned, [across]: wide, [along]: long, marks, tips } as unknown as Part
  return { part, tally: tallyOf(first, second, { near, far, along }, taken) }
}

/** Tips that the seam cuts off, and seams that should meet in it and do not. */
function tallyOf(
  first: Part,
  second: Part,
  { near, far, along }: { near: Edge; far: Edge; along: 'width' | 'height' },
  taken: Float64Array,
): Tally {
  const times = taken.length
  const tally: Tally = { tips: 0, tipsCut: 0, crossings: 0, missed: 0 }
  for (const { inset } of [...first.tips[near], ...second.tips[far]]) {
    tally.tips += 1
    for (let i = 0; i < times; i++) if (taken[i]! - inset[i]! > TIP_TOLERANCE) tally.tipsCut += 1
  }
  for (const mark of first.marks[near]) {
    const other = second.marks[far].find(({ planned }) => sameLength(planned, mark.planned))
    if (!other) continue
    tally.crossings += 1
    for (let i = 0; i < times; i++) {
      const apart = mark.at[i]! - first[along][i]! / 2 - (other.at[i]! - second[along][i]! / 2)
      if (Math.abs(apart) > MISS) tally.missed += 1
    }
  }
  return tally
}

function added(values: Float64Array, by: Float64Array): Float64Array {
  return values.map((value, i) => value + by[i]!)
}

function centred(values: Float64Array, whole: Float64Array, own: Float64Array): Float64Array {
  return values.map((value, i) => value + (whole[i]! - own[i]!) / 2)
}
