import { z } from 'zod'
import { NAMED_CORNERS, PLAIN_CORNERS } from '../corners'
import type { Fields } from '../fields'
import { choice, finished, object, piecedEntry } from './entryParts'

/** A border, by its finished width. */
export function borderEntry(f: Fields) {
  const pieced = piecedEntry(f)
  return z.object(
    {
      width: finished(f).optional(),
      sides: finished(f).optional(),
      ends: finished(f).optional(),
      cloth: f.id,
      corners: z
        .union(
          [z.literal(NAMED_CORNERS), z.object({ cloth: f.id }), pieced],
          choice([...NAMED_CORNERS, '{ cloth }', '{ design, cloths }']),
        )
        .default(PLAIN_CORNERS),
      // the design is as high as the border is wide, and is repeated along each side
      pieced: pieced.optional(),
      first: f.oneOf(['sides', 'ends']).default('sides'),
      long: f.oneOf(['along', 'across']).default('across'),
    },
    object,
  )
}
