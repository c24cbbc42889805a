import { z } from 'zod'
import { TRIM_ALLOWANCES } from '../trimAllowances'
import { MAX_INCHES, type Fields } from '../fields'
import { METHOD_IDS } from '../methodNames'
import { UNIT_KINDS } from '../unitKinds'
import { choice, finished, object } from './entryParts'

const STRIPES = ['upright', 'level', 'lengthwise', 'crosswise'] as const
const PRESSES = ['first', 'second', 'open'] as const

/** A design in its size and cloths, and how it is made. */
export function blockEntry(f: Fields) {
  const method = z.union(
    [z.literal(['auto', 'template', 'foundation']), z.partialRecord(z.enum(UNIT_KINDS), z.enum(METHOD_IDS))],
    choice(['auto', 'template', 'foundation', '{ unit kind: method id }']),
  )
  const care = z.union(
    [z.literal(TRIM_ALLOWANCES), z.partialRecord(z.enum(UNIT_KINDS), z.enum(TRIM_ALLOWANCES))],
    choice([...TRIM_ALLOWANCES, '{ unit kind: care }']),
  )
  // strips round a block, inside out, sides first; 0: none on that pair
  const strip = f.length(0, MAX_INCHES)
  const frame = z.object(
    { cloth: f.id, width: finished(f).optional(), sides: strip.optional(), ends: strip.optional() },
    object,
  )
  return z
    .object(
      {
        id: f.id,
        name: f.text(200).optional(),
        design: f.id,
        // of the tray: one of the blocks that are sewn already, trimmed to the size
        tray: f.id.optional(),
        size: finished(f).optional(),
        width: finished(f).optional(),
        height: finished(f).optional(),
        // of one cloth, or dealt out from a heap; what was dealt stands in the places
        cloths: z
          .record(z.string(), z.union([f.id, z.object({ heap: f.id })], choice(['a cloth', '{ heap }'])))
          .default({}),
        frame: f.list(frame, 0, 20).default([]),
        // one patch that is embroidered or appliquéd before it is cut to size: cloth beyond its cut edge while it is
        // worked, and what is kept free inside its finished edge
        panel: z.object({ extra: f.length(1 / 4, 12), margin: f.length(0, 12) }, object).optional(),
        method: method.default('auto'),
        // how closely what is trimmed after sewing is cut, for all units of the block or by kind
        trim: care.optional(),
        // for roles in striped cloth: how the stripes run in its patches; a number is degrees clockwise from upright
        stripes: z
          .record(z.string(), z.union([z.literal(STRIPES), f.number(0, 180)], choice([...STRIPES, '0 to 180'])))
          .default({}),
        // seams pressed by hand, by their number in the plan's `sewing`
        press: z.record(f.numeral, f.oneOf(PRESSES)).default({}),
      },
      object,
    )
    .transform(withHeapsApart)
}

/** Parts that are dressed from heaps stand apart from those of one cloth. */
function withHeapsApart<T extends { cloths: Record<string, string | { heap: string }> }>({ cloths, ...block }: T) {
  const worn: Record<string, string> = {}
  const heaps: Record<string, string> = {}
  for (const [role, cloth] of Object.entries(cloths))
    if (typeof cloth === 'string') worn[role] = cloth
    else heaps[role] = cloth.heap
  return { ...block, cloths: worn, heaps }
}
