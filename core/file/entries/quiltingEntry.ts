import { z } from 'zod'
import type { UnitDefaults } from '../../measure/units'
import type { Fields } from '../fields'
import { object } from './entryParts'

export const QUILTING_KINDS = ['ditch', 'echo', 'diagonal', 'grid', 'lines', 'random', 'motif', 'ties'] as const
export type QuiltingKind = (typeof QUILTING_KINDS)[number]

/** Text longer than this is no motif. */
const MAX_MOTIF = 40_000

/** One way in which a part of the quilt is quilted. Each kind reads its own fields. */
export function quiltingEntry(f: Fields, defaults: UnitDefaults) {
  return z.object(
    {
      kind: f.oneOf(QUILTING_KINDS),
      where: z.union([f.oneOf(['all', 'blocks', 'borders']), z.object({ block: f.id }, object)], object).default('all'),
      spacing: f.length(1 / 4, 40).default(defaults.quiltingSpacing),
      angle: f.number(-360, 360).default(45),
      distance: f.length(1 / 16, 12).default(defaults.echoDistance),
      count: f.whole(1, 3000).default(40),
      seed: f.whole(0, 1_000_000_000).default(1),
      motif: f.text(MAX_MOTIF).default('petals'),
      size: f.length(1 / 2, 60).default(defaults.motifSize),
    },
    object,
  )
}

/** How it is quilted: length of the stitch, metres on a bobbin, which lines hold the layers first. */
export function stitchingEntry(f: Fields) {
  return z.object(
    {
      stitch: f.length(1 / 32, 1).optional(),
      bobbin: f.number(1, 2000).optional(),
      school: f.oneOf(['from-the-middle', 'from-the-edge']).default('from-the-middle'),
      by: f.oneOf(['machine', 'hand', 'big-stitch']).default('machine'),
    },
    object,
  )
}
