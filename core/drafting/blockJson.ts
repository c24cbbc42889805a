import { z } from 'zod'
import { readText } from '../file/readText'
import { blockFaultsOf, type BlockReading } from './blockReading'

const point = z.tuple([z.number(), z.number()])
const block = z.object({
  width: z.number().min(1e-3).max(1000),
  height: z.number().min(1e-3).max(1000),
  patches: z
    .array(z.object({ role: z.string().min(1).max(80), points: z.array(point).min(3).max(200) }))
    .min(1)
    .max(2000),
})

/** Reads a block as data: `{ width, height, patches: [{ role, points }] }`, as a quilt file keeps its own designs. */
export function readDesign(text: string): BlockReading {
  const value = readText(text)
  const parsed = value.ok ? block.safeParse(value.value) : null
  return parsed?.success ? blockFaultsOf(parsed.data) : { ok: false, troubles: [{ code: 'not-a-drawing' }] }
}
