import { z } from 'zod'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** More strips, or pieces in a strip, no cloth of a quilt has. */
const MAX_STRIPS = 5000
const MAX_CUTS = 5000

/**
 * How one cloth is laid out, where a better way was looked for than the plan finds by itself. It holds for the piles
 * that it was found for; for others it is passed over, and is no fault.
 */
export function layoutEntry(f: Fields) {
  const box = { x: f.length(), y: f.length(), width: f.length(), height: f.length() }
  const cut = z.object({ ...box, piece: f.text(400) }, object)
  const strip = z.object(
    {
      ...box,
      run: f.oneOf(['across', 'along']).default('across'),
      sheet: f.whole(0, 1000).default(0),
      cuts: f.list(cut, 1, MAX_CUTS),
    },
    object,
  )
  return z.object({ pieces: f.text(80), strips: f.list(strip, 1, MAX_STRIPS) }, object)
}
