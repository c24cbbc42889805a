import { z } from 'zod'
import type { UnitDefaults } from '../../measure/units'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** A cloth as it was bought. */
export function clothEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      id: f.id,
      name: f.text(200).optional(),
      letter: f.text(3).optional(),
      colour: f.colour.default('#b8b0a0'),
      pattern: f.text(40).default('plain'),
      width: f.length(1).default(defaults.clothWidth),
      selvage: f.length(0, 12).optional(),
      form: f.oneOf(['yardage', 'piece']).default('yardage'),
      length: f.length(1).optional(),
      count: f.whole(1, 10_000).optional(),
      // of cloth by length: what of it is at hand
      have: f.length(0).optional(),
      // of a yard or a metre, or of one piece, in whatever money
      price: f.number(0, 100_000).optional(),
      // the cloth of the stash that it is cut from
      stash: f.text(80).optional(),
      directional: f.flag.default(false),
      shrink: f.number(0, 0.5).default(0),
      // one repeat of the print as it looks, and as large as it is; `first`: from the cloth's edge, without selvage, to
      // the middle of the first motif
      picture: f.picture.optional(),
      repeat: z
        .object(
          { across: f.length(1 / 4, 120), down: f.length(1 / 4, 120), first: f.length(0, 120).optional() },
          object,
        )
        .optional(),
    },
    object,
  )
}
