import { z } from 'zod'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** Of one kind of sewn block; more than a wall full. */
const MAX_SEWN = 500

/** Blocks that are sewn already, alike in size: as measured from raw edge to raw edge, the smallest of them. */
export function trayEntry(f: Fields) {
  return z.object(
    {
      id: f.id,
      name: f.text(200).optional(),
      width: f.length(1, 100),
      // as high as wide where nothing is said
      height: f.length(1, 100).optional(),
      count: f.whole(1, MAX_SEWN).default(1),
      colour: f.colour.default('#b8b0a0'),
      // small, for the drawing
      picture: f.picture.optional(),
    },
    object,
  )
}
