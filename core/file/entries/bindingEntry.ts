import { z } from 'zod'
import type { UnitDefaults } from '../../measure/units'
import { BINDING_STYLES, PLAIN_BINDING } from '../bindings'
import { refuse } from '../expectation'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** What goes round the edge. Each style reads its own fields. */
export function bindingEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      style: f.oneOf(BINDING_STYLES).default(PLAIN_BINDING),
      strip: f.length(0.5, 12).default(defaults.bindingStrip),
      // several: strips are dealt from them in turn
      cloth: z.union([f.id, f.list(f.id, 1, 100)], refuse({ kind: 'id' })).optional(),
      bias: f.flag.default(false),
      // of the back beyond the top, each side, where it is brought round
      extra: f.length(0.25, 12).optional(),
      finish: f.oneOf(['hand', 'machine']).default('hand'),
      attach: f.oneOf(['front', 'back']).optional(),
      seam: f.length(1 / 16, 3).optional(),
      join: f.oneOf(['diagonal', 'straight']).default('diagonal'),
      flange: z.object({ strip: f.length(0.5, 12), cloth: f.id }, object).optional(),
    },
    object,
  )
}
