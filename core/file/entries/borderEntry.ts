import { z } from 'zod'
import { NAMED_CORNERS, PLAIN_CORNERS } from '../corners'
import type { Fields } from '../fields'
import { STRIP_STRIPES } from '../stripStripes'
import { choice, finished, object, piecedEntry } from './entryParts'

/** Units of a pieced border go on round its corners, or each side is a mirror image at its middle. */
export const BORDER_RUNS = ['round', 'mirrored'] as const
export type BorderRun = (typeof BORDER_RUNS)[number]

/** A border, by its finished width. */
export function borderEntry(f: Fields) {
  const pieced = piecedEntry(f)
  // another design stands in every second place, as large as the first
  const along = pieced.extend({ alternate: pieced.optional(), run: f.oneOf(BORDER_RUNS).default('round') })
  // as it lies in the upper left corner
  const corner = pieced.extend({ turn: f.oneOf([0, 90, 180, 270]).default(0) })
  return z.object(
    {
      width: finished(f).optional(),
      sides: finished(f).optional(),
      ends: finished(f).optional(),
      cloth: f.id,
      corners: z
        .union(
          [z.literal(NAMED_CORNERS), z.object({ cloth: f.id }), corner],
          choice([...NAMED_CORNERS, '{ cloth }', '{ design, cloths }']),
        )
        .default(PLAIN_CORNERS),
      // the design is as high as the border is wide, and is repeated along each side
      pieced: along.optional(),
      first: f.oneOf(['sides', 'ends']).default('sides'),
      long: f.oneOf(['along', 'across']).default('across'),
      // of striped cloth: how its stripes run in the strips, whatever `long` says
      stripes: f.oneOf(STRIP_STRIPES).optional(),
    },
    object,
  )
}
