// In: the light of a grid of squares, and what is wanted. Out: its squares in few cloths.
import { labOf, type Lab } from '../measure/lightness'
import type { LightGrid } from './averaged'
import { binsOf } from './bins'
import { labGrid } from './labGrid'
import { withoutLoneSquares } from './lone'
import { bestCloths } from './ownCloths'
import { paletteOf } from './palette'
import { mixedCloths, nearestCloths, type Squares } from './squares'

/** How a picture is reduced. */
export interface Reduction {
  /** The most cloths. */
  count: number
  /** Light and dark further apart (over 1) or nearer. */
  contrast: number
  /** Squares mixed to seem in between. */
  isMixed: boolean
  /** Lone squares are taken in by their neighbours. */
  isCleaned: boolean
  /** Colours `#rrggbb` of cloths to choose from; null: colours are proposed. */
  cloths: readonly string[] | null
}

export interface ReducedPicture extends Squares {
  /** The colours of its cloths, the commonest first; `own`: the place of each among the cloths given. */
  colours: Lab[]
  own: number[] | null
}

/** A picture in few cloths, the same each time. */
export function reducedPicture(light: LightGrid, { count, contrast, isMixed, isCleaned, cloths }: Reduction) {
  const grid = labGrid(light, contrast)
  const bins = binsOf(grid)
  const given = cloths?.map(labOf)
  const own = given ? bestCloths(bins, given, count) : null
  const colours = own && given ? own.map(place => given[place]!) : paletteOf(bins, count)
  const squares = isMixed ? mixedCloths(grid, colours) : nearestCloths(grid, bins, colours)
  const cleaned = isCleaned ? withoutLoneSquares(squares, grid, colours) : squares
  return { ...cleaned, colours, own } satisfies ReducedPicture
}
