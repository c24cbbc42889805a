import { z } from 'zod'
import { CHART_WAYS, PLAIN_CHART } from '../../designs/chart'
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
        chart: chartEntry(f).optional(),
      },
      object,
    )
    .transform(withPatches)
}

/** How a picture is read and sewn. */
function chartEntry(f: Fields) {
  const squares = f.whole(1, MAX_SQUARES)
  const { spare, from, side, panel, way } = PLAIN_CHART
  return z.object(
    {
      // by letter, several scraps used by turns
      cloths: z.record(f.letter, f.list(f.id, 1, 40)).default({}),
      colour: z.record(f.letter, f.colour).default({}),
      spare: f.whole(0, 100).default(spare),
      from: f.oneOf(['top', 'bottom']).default(from),
      side: f.oneOf(['left', 'right']).default(side),
      panel: z.object({ across: squares, down: squares }, object).default(panel),
      way: f.oneOf(CHART_WAYS).default(way),
    },
    object,
  )
}
