// In: what was measured of blocks and rows. Out: how each meets the place it is sewn into, and what to do there.
import type { Block, Quilt } from '../file/quilt'
import { sumOf, type Sum } from '../measure/sum'
import type { Inches } from '../measure/ruler'
import { MAX_SCATTER, type Decision } from './decidedSize'

/** Met as it is; eased in; sewn with what is left of its allowance; trimmed; or made again. */
export type EasedMeeting = 'as-it-is' | 'ease' | 'narrow-seam' | 'trim' | 'remake'

/** Raw edge to raw edge; each number with its reason. */
export interface Eased {
  /** How many measured the same. */
  count: number
  measured: Inches
  /** What it is sewn to measures so much. */
  place: Sum
  /** Too much, or below 0 too little. */
  off: Sum
  /** Between two pins. */
  each: Sum
  do: EasedMeeting
}

/** A difference that no one sees or feels. */
const NOTHING: Inches = 1 / 32
/** What can be eased between two pins of a row. */
const MAX_BETWEEN_PINS: Inches = 1 / 16
/** What must be left of a seam allowance. Source: handbook §7. */
export const MIN_SEAM: Inches = 1 / 8

/**
 * Measured blocks against their places, the smallest first. `place`: finished side that blocks of this kind now have in
 * the quilt. A block that is too small for easing keeps half of what is missing less of each allowance.
 */
export function easedBlocks(quilt: Quilt, block: Block, place: Sum): Eased[] {
  const entry = quilt.made.findLast(made => made.what === 'block' && made.block === block.id)
  const values = entry?.size ?? entry?.width ?? []
  const counts = new Map<Inches, number>()
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1)
  return [...counts]
    .sort(([one], [other]) => one - other)
    .map(([measured, count]) => {
      const off = difference(measured, place)
      return {
        count,
        measured,
        place,
        off,
        each: shared(off, 1),
        do: forBlock(off.total, quilt.seam, entry?.decision ?? 'trim'),
      }
    })
}

function forBlock(off: Inches, seam: Inches, decision: Decision): EasedMeeting {
  if (Math.abs(off) <= NOTHING + 1e-9) return 'as-it-is'
  if (off > 0 && decision === 'trim') return 'trim'
  if (Math.abs(off) <= MAX_SCATTER + 1e-9) return 'ease'
  if (off > 0) return 'trim'
  return seam + off / 2 >= MIN_SEAM - 1e-9 ? 'narrow-seam' : 'remake'
}

/** A measured row against what all rows are joined to, shared over the lengths between its joints. */
export function easedRow(measured: Inches, place: Sum, lengths: number): Eased {
  const off = difference(measured, place)
  const each = shared(off, lengths)
  const kept = Math.abs(off.total) <= NOTHING + 1e-9 ? 'as-it-is' : null
  return {
    count: 1,
    measured,
    place,
    off,
    each,
    do: kept ?? (each.total <= MAX_BETWEEN_PINS + 1e-9 ? 'ease' : 'remake'),
  }
}

function difference(measured: Inches, place: Sum): Sum {
  return sumOf([
    { what: 'measure', value: measured },
    { what: 'its-place', value: -place.total },
  ])
}

function shared(off: Sum, lengths: number): Sum {
  return sumOf(
    [{ what: 'share-of-each-length', value: Math.abs(off.total) / lengths }],
    lengths === 1 ? undefined : [{ what: 'lengths-between-joints', value: lengths }],
  )
}
