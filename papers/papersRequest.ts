import { z } from 'zod'
import { PAPERS_KINDS } from '~~/core/paper/papersKinds'

/** What is asked for: a quilt, one of its blocks, and on what to print. Marks of sashes and quilting need no block. */
export const papersRequest = z.object({
  file: z.unknown(),
  block: z.string().max(80).default(''),
  what: z.literal(PAPERS_KINDS),
  page: z.literal(['a4', 'letter']),
  copies: z.number().int().min(1).max(200).default(1),
  /** Of a chart: the side of a square in inches. */
  square: z.number().min(0.1).max(2).default(0.2),
  /** To be traced from the back. */
  mirrored: z.boolean().default(false),
  units: z.literal(['in', 'cm']).default('in'),
  english: z.literal(['us', 'uk']).default('us'),
})
