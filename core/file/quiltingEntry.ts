import { z } from 'zod'
import { refuse } from './expectation'
import type { UnitDefaults } from '../measure/units'
import type { Fields } from './fields'

export const QUILTING_KINDS = ['ditch', 'echo', 'diagonal', 'grid', 'lines', 'random', 'motif', 'ties'] as const
export type QuiltingKind = (typeof QUILTING_KINDS)[number]

/** Text longer than this is no motif. */
const MOST_MOTIF = 40_000

/** One way in which a part of the quilt is quilted. Each kind reads its own fields. */
export function quiltingEntry(f: Fields, defaults: UnitDefaults) {
  const object = refuse({ kind: 'object' })
  return z.object(
    {
      kind: f.oneOf(QUILTING_KINDS),
      where: z.union([f.oneOf(['all', 'blocks', 'borders']), z.object({ block: f.id }, object)], object).default('all'),
      spacing: f.length(1 / 4, 40).default(defaults.quiltingSpacing),
      angle: f.number(-360, 360).default(45),
      distance: f.length(1 / 16, 12).default(defaults.echoDistance),
      count: f.whole(1, 3000).default(40),
      seed: f.whole(0, 1_000_000_000).default(1),
      motif: f.text(MOST_MOTIF).default('petals'),
      size: f.length(1 / 2, 60).default(defaults.motifSize),
    },
    object,
  )
}
