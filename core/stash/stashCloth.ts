// The cloth of a quilter over all quilts: what lies in the cupboard, and for which quilt some of it is set aside.
import { z } from 'zod'
import type { Inches } from '../measure/ruler'

const length = z.number().min(0).max(4000)
const size = z
  .number()
  .min(1 / 4)
  .max(120)
const text = (most: number) => z.string().max(most)

/** So many pieces of one size, across and along the cloth. */
const piece = z.object({ width: length, length, count: z.number().int().min(1).max(1000) })

/** All lengths in inches, whatever units it was written in. */
const stashCloth = z.object({
  id: text(80).min(1),
  name: text(200),
  colour: z.string().regex(/^#[0-9a-f]{6}$/i),
  pattern: text(40).default('plain'),
  /** As sold, selvages and all. */
  width: length,
  directional: z.boolean().default(false),
  /** Shrunk already. */
  washed: z.boolean().default(false),
  shrink: z.number().min(0).max(0.5).default(0),
  /** Of a yard or a metre, by `units`. */
  price: z.number().min(0).optional(),
  units: z.enum(['in', 'cm']).default('in'),
  from: text(200).default(''),
  /** One repeat of the print as it looks, a small picture as a data URL; and as large as it is. */
  picture: z
    .string()
    .max(60_000)
    .regex(/^data:image\/(?:jpeg|png|webp);base64,/)
    .optional(),
  repeat: z.object({ across: size, down: size, first: length.optional() }).optional(),
  /** In one length, free; and leftovers, free. */
  length: length.default(0),
  pieces: z.array(piece).max(200).default([]),
  asides: z
    .array(
      z.object({ quilt: text(80), name: text(200), length: length.default(0), pieces: z.array(piece).default([]) }),
    )
    .max(200)
    .default([]),
})

export type StashCloth = z.infer<typeof stashCloth>
export type StashPiece = z.infer<typeof piece>
export type Stash = readonly StashCloth[]

/** What is kept, as far as it can be read; how many entries cannot. */
export function readStash(kept: unknown): { cloths: StashCloth[]; spoilt: number } {
  const entries: unknown[] = Array.isArray(kept) ? kept : []
  const cloths = entries.flatMap(entry => {
    const read = stashCloth.safeParse(entry)
    return read.success ? [read.data] : []
  })
  return { cloths, spoilt: entries.length - cloths.length }
}

/** A cloth of which nothing is said yet but its name. */
export function freshStashCloth(
  id: string,
  width: Inches,
  units: 'in' | 'cm',
  name: string,
  colour: string,
): StashCloth {
  return stashCloth.parse({ id, name, colour, width, units })
}

/** Whether anything of it is there, free or set aside. */
export function isUsedUp({ length: free, pieces, asides }: StashCloth): boolean {
  return free <= 0 && pieces.length === 0 && asides.length === 0
}
