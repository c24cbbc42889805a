import { z } from 'zod'
import { MAX_SQUARES } from '../../designs/squares'
import { withPatches } from '../designPatches'
import { refuse } from '../expectation'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** A design of the file's own: patches by their corners, or squares of a picture. */
export function designEntry(f: Fields) {
  const point = z.tuple([z.number(), z.number()], refuse({ kind: 'point' }))
  return z
    .object(
      {
        id: f.id,
        name: f.text(200).optional(),
        family: f.text(80).default('own'),
        width: f.number(1e-3, 1000),
        height: f.number(1e-3, 1000),
        patches: f.list(z.object({ role: f.id, points: f.list(point, 3, 200) }, object), 1, 2000).optional(),
        squares: f.list(f.text(MAX_SQUARES), 1, MAX_SQUARES).optional(),
      },
      object,
    )
    .transform(withPatches)
}
