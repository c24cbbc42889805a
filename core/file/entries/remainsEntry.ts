import { z } from 'zod'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** Sizes that a person would measure, and pieces of each: of more a plan would take too long. */
const MAX_KINDS = 20
const MAX_COUNT = 50

/**
 * What is left of a cloth when something was cut wrong, or there is less of it than thought: pieces of it, `width`
 * across and `length` along the cloth, trimmed of selvages, and how many of each pile were cut by then.
 */
export function remainsEntry(f: Fields) {
  const piece = z.object(
    { width: f.length(1 / 2), length: f.length(1 / 2), count: f.whole(1, MAX_COUNT).default(1) },
    object,
  )
  return z.object(
    { cut: z.record(z.string(), f.whole(0, 1_000_000)).default({}), pieces: f.list(piece, 0, MAX_KINDS) },
    object,
  )
}
