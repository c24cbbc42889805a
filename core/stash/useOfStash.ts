// In: a cloth of the stash, and what of it is for a quilt. Out: the cloth as the quilt has it.
import type { ClothChange } from '../edits/cloths'
import type { PrintRepeat } from '../cut/motifs'
import type { Inches } from '../measure/ruler'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import type { StashCloth, StashPiece } from './stashCloth'

/** `units`: of the quilt; prices are of its yard or metre. */
export function asClothOf(
  cloth: StashCloth,
  { length, piece }: { length?: Inches; piece?: StashPiece },
  units: Units,
): ClothChange & { name: string } {
  const { id, name, colour, pattern, width, directional, washed, price, picture, repeat } = cloth
  const shrink = washed ? 0 : cloth.shrink
  const print = { ...(picture === undefined ? {} : { picture }), ...(repeat === undefined ? {} : { repeat }) }
  const common = { name, colour, pattern, directional, stash: id, ...print }
  // a leftover was trimmed and counted as it lay: it has no selvages
  if (piece)
    return {
      ...common,
      ...(repeat ? { repeat: anywhere(repeat) } : {}),
      form: 'piece',
      width: piece.width,
      length: piece.length,
      count: piece.count,
      selvage: 0,
    }
  const perInch = price === undefined ? undefined : price / UNIT_DEFAULTS[cloth.units].pricedLength
  return {
    ...common,
    form: 'yardage',
    width,
    shrink,
    have: length ?? 0,
    ...(perInch === undefined ? {} : { price: Math.round(perInch * UNIT_DEFAULTS[units].pricedLength * 100) / 100 }),
  }
}

/** Of a leftover nobody knows how far from the edge of the bolt it lay. */
function anywhere({ across, down }: PrintRepeat): PrintRepeat {
  return { across, down }
}
