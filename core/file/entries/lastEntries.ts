import { z } from 'zod'
import type { UnitDefaults } from '../../measure/units'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** What it hangs by: a sleeve for a rod that measures so much round, or corners folded from squares. */
export function hangingEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      way: f.oneOf(['sleeve', 'corners']).default('sleeve'),
      cloth: f.id,
      girth: f.length(1, 20).default(defaults.sleeveGirth),
      square: f.length(2, 12).default(defaults.cornerSquare),
    },
    object,
  )
}

/** Its finished size, and what is written on it; without text what the record says. */
export function labelEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      cloth: f.id,
      width: f.length(1, 20).default(defaults.labelWidth),
      height: f.length(1, 20).default(defaults.labelHeight),
      text: f.text(600).optional(),
    },
    object,
  )
}

/** Who it is for, and the bed it is to lie on. */
export function forEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      who: f.text(200).optional(),
      // a baby or a toddler
      baby: f.flag.default(false),
      bed: z
        .object(
          {
            width: f.length(1, 200),
            length: f.length(1, 200),
            depth: f.length(0, 40).default(defaults.mattressDepth),
            drop: f.length(0, 60).default(defaults.bedDrop),
            foot: f.length(0, 60).default(defaults.bedDrop),
            tuck: f.length(0, 60).default(0),
          },
          object,
        )
        .optional(),
    },
    object,
  )
}
