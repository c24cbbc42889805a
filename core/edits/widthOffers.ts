// In: a quilt. Out: widths in proportion to its blocks for sashing and borders, each with the size it would come to.
import { ownBlocks, type Quilt } from '../file/quilt'
import { roundToRuler, TOLERANCE, type Inches } from '../measure/ruler'
import { dimensionsOf } from '../top/dimensions'

/** A width offered: so large a part of the block. Of the quilt as it would be sewn, before anything is measured. */
export interface WidthOffer {
  part: readonly [number, number]
  width: Inches
  size: { width: Inches; height: Inches }
}

/** Parts of a block in which sashing looks right. Source: handbook §4. */
const OF_SASHING = [
  [1, 6],
  [1, 4],
  [1, 3],
  [1, 2],
] as const

/** A border lies between the width of the sashing and that of a block. Source: handbook §4. */
const OF_BORDERS = [
  [1, 4],
  [1, 3],
  [1, 2],
  [2, 3],
  [3, 4],
] as const

/** Widths of sashing that bring the quilt to round sizes; none where it has no sashing. */
export function sashOffers(quilt: Quilt): WidthOffer[] {
  const { sashing } = quilt.setting
  if (!sashing) return []
  const now = sizeOf(quilt)
  const wider = sizeOf(withSashing(quilt, { ...sashing, width: sashing.width + 1 }))
  // a top grows evenly with its sashes, however it is set: two sizes tell all others
  return offers(quilt, OF_SASHING, width => ({
    width: now.width + (wider.width - now.width) * (width - sashing.width),
    height: now.height + (wider.height - now.height) * (width - sashing.width),
  }))
}

/** Of the border at this place, counted from 0; none narrower than the sashing. */
export function borderOffers(quilt: Quilt, index: number): WidthOffer[] {
  const border = quilt.borders[index]
  if (!border) return []
  const sash = quilt.setting.sashing?.width ?? 0
  const now = sizeOf(quilt)
  return offers(quilt, OF_BORDERS, width => ({
    width: now.width + 2 * (width - border.sides),
    height: now.height + 2 * (width - border.ends),
  })).filter(({ width }) => width >= sash - TOLERANCE)
}

/** The quilt with its sashing taken out. */
export function sizeWithoutSashing(quilt: Quilt): WidthOffer['size'] {
  return sizeOf(withSashing(quilt, undefined))
}

function withSashing(quilt: Quilt, sashing: Quilt['setting']['sashing']): Quilt {
  return { ...quilt, setting: { ...quilt.setting, sashing } }
}

function offers(
  quilt: Quilt,
  parts: readonly (readonly [number, number])[],
  sizeWith: (width: Inches) => WidthOffer['size'],
): WidthOffer[] {
  const block = ownBlocks(quilt)[0]!.outer.width
  return parts.map(part => {
    const width = roundToRuler((block * part[0]) / part[1], quilt.ruler)
    return { part, width, size: sizeWith(width) }
  })
}

function sizeOf(quilt: Quilt): WidthOffer['size'] {
  const { width, height } = dimensionsOf({ ...quilt, made: [] }).top.stages.at(-1)!
  return { width: width.total, height: height.total }
}
