// What several entries of the quilt file are made of.
import { z } from 'zod'
import { refuse } from '../expectation'
import type { Fields } from '../fields'
import { MAX_INCHES } from '../fields'

/** The smallest thing that can be sewn, finished. */
export const MIN_FINISHED = 1 / 8

/** For what must be an object. */
export const object = refuse({ kind: 'object' })

/** For what must be one of these. */
export const choice = (options: readonly (string | number)[]) => refuse({ kind: 'one-of', options })

/** A finished size. */
export function finished(f: Fields) {
  return f.length(MIN_FINISHED, MAX_INCHES)
}

/** A place of the setting: which block, how it lies, and cloths of this place alone. */
export function cellEntry(f: Fields) {
  return z.object(
    {
      block: f.id,
      turn: f.oneOf([0, 90, 180, 270]).default(0),
      mirror: f.flag.default(false),
      cloths: z.record(z.string(), f.id).default({}),
    },
    object,
  )
}

/** A design in its cloths, where there is otherwise one cloth. */
export function piecedEntry(f: Fields) {
  return z.object({ design: f.id, cloths: z.record(z.string(), f.id).default({}) }, object)
}
