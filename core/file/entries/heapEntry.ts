import { z } from 'zod'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** Cloths from which a part of many blocks is dealt out; `seed`: the way that was taken. */
export function heapEntry(f: Fields) {
  return z.object(
    {
      id: f.id,
      name: f.text(80).optional(),
      cloths: f.list(f.id, 1, 200),
      seed: f.whole(0, 1_000_000).default(1),
    },
    object,
  )
}
