import { z } from 'zod'
import type { Fields } from '../fields'
import { cellEntry, object } from './entryParts'

/** As many layouts are kept side by side. */
export const MAX_KEPT_LAYOUTS = 6
/** Blocks left over, beside the quilt. */
export const MAX_LEFT_OVER = 200

/**
 * The blocks as they are arranged on a wall: places that stay, blocks left over, layouts that were kept. What no longer
 * fits the quilt (a place that is gone, a block that was taken out) is passed over, and is no fault.
 */
export function wallEntry(f: Fields) {
  const cell = cellEntry(f)
  return z.object(
    {
      locked: f.list(z.tuple([f.whole(0, 400), f.whole(0, 400)], object), 0, 40_000).default([]),
      out: f.list(cell, 0, MAX_LEFT_OVER).default([]),
      kept: f
        .list(
          z.object({ name: f.text(80), at: f.date.optional(), cells: f.list(f.list(cell, 0, 400), 1, 400) }, object),
          0,
          MAX_KEPT_LAYOUTS,
        )
        .default([]),
    },
    object,
  )
}
