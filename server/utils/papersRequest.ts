import { z } from 'zod'

/** What can be printed on the server. */
export const PAPERS_KINDS = ['templates', 'papers', 'marks', 'motifs', 'lines', 'label'] as const
export type PapersKind = (typeof PAPERS_KINDS)[number]

/** What is asked for: a quilt, one of its blocks, and on what to print. Marks of sashes and quilting need no block. */
export const papersRequest = z.object({
  file: z.unknown(),
  block: z.string().max(80).default(''),
  what: z.literal(PAPERS_KINDS),
  page: z.literal(['a4', 'letter']),
  copies: z.number().int().min(1).max(200).default(1),
  /** To be traced from the back. */
  mirrored: z.boolean().default(false),
  units: z.literal(['in', 'cm']).default('in'),
  english: z.literal(['us', 'uk']).default('us'),
})
