import { z } from 'zod'
import type { UnitDefaults } from '../../measure/units'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** The back, and what it may be pieced from. */
export function backingEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      cloth: f.id,
      overhang: f.length(0, 40).default(defaults.backOverhang),
      way: f.oneOf(['auto', 'vertical', 'horizontal', 'wide', 'leftovers']).default('auto'),
      offCentre: f.flag.default(false),
      // of what it is pieced from
      narrowest: f.length(1, 20).optional(),
      // what else the back may be pieced from: cloth of no quilt, blocks that were left over
      inHand: f
        .list(
          z.object(
            {
              name: f.text(80).optional(),
              cloth: f.id.optional(),
              width: f.length(1, 400),
              height: f.length(1, 400),
              count: f.whole(1, 100).default(1),
              // a block that is sewn: used as it is
              whole: f.flag.default(false),
            },
            object,
          ),
          0,
          100,
        )
        .default([]),
      // of several ways to piece it, found by chance, the one that was taken
      seed: f.whole(1, 1_000_000).default(1),
    },
    object,
  )
}

/** The layer between, as it is sold. */
export function battingEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      overhang: f.length(0, 40).default(defaults.battingOverhang),
      maxGap: f.length(0.5, 40).optional(),
      loft: f.oneOf(['low', 'medium', 'high']).default('medium'),
      // as it is sold: of a packet both sides, by the length its width alone
      width: f.length(1, 400).optional(),
      length: f.length(1, 4000).optional(),
      shrink: f.number(0, 0.2).default(0),
      colour: f.oneOf(['cream', 'white', 'black']).optional(),
      fibre: f.text(100).optional(),
    },
    object,
  )
}
