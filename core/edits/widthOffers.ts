// In: a quilt. Out: widths in proportion to its blocks for sashing and borders, each with the size it would come to.
import { blockOf, ownBlocks, type Quilt } from '../file/quilt'
import { roundToRuler, sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import { divides } from '../top/borders/spacers'
import { dimensionsOf } from '../top/dimensions'

/** A width offered. Of the quilt as it would be sewn, before anything is measured. */
export interface WidthOffer {
  /** So large a part of the block, or so many units across and down. */
  by: { part: readonly [number, number] } | { repeats: readonly [across: number, down: number] }
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

/** More units than this along a side are no border. */
const MAX_REPEATS = 200
const MAX_REPEAT_OFFERS = 5

/**
 * Widths of a pieced border whose units divide both sides of the top inside it: those on the ruler first, then by how
 * near they are to its width now. None where it is not pieced, or no width does. Source: handbook §8.
 */
export function repeatOffers(quilt: Quilt, index: number): WidthOffer[] {
  const border = quilt.borders[index]
  if (!border?.pieced || !sameLength(border.sides, border.ends)) return []
  const { stages } = dimensionsOf({ ...quilt, made: [] }).top
  const [width, height] = [stages[index]!.width.total, stages[index]!.height.total]
  const whole = stages.at(-1)!
  const now = border.sides
  const unit = blockOf(quilt, border.pieced.sides).width / now
  return Array.from({ length: MAX_REPEATS }, (_, i) => i + 1)
    .map(across => ({ across, wide: width / (across * unit) }))
    .filter(({ wide }) => wide >= MIN_PIECED && wide <= width / 2 && divides(height, wide * unit, 0))
    .sort(
      (a, b) =>
        offRuler(a.wide, quilt.ruler) - offRuler(b.wide, quilt.ruler)
        || Math.abs(a.wide - now) - Math.abs(b.wide - now),
    )
    .slice(0, MAX_REPEAT_OFFERS)
    .map(({ across, wide }) => ({
      by: { repeats: [across, Math.round(height / (wide * unit))] },
      width: wide,
      size: { width: whole.width.total + 2 * (wide - now), height: whole.height.total + 2 * (wide - now) },
    }))
}

/** Smaller units than this are no pieced border. */
const MIN_PIECED: Inches = 1 / 2

/** 0: it lies on a step of the ruler; 1: it does not. */
function offRuler(length: Inches, ruler: Inches): 0 | 1 {
  return sameLength(length, roundToRuler(length, ruler)) ? 0 : 1
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
    return { by: { part }, width, size: sizeWith(width) }
  })
}

function sizeOf(quilt: Quilt): WidthOffer['size'] {
  const { width, height } = dimensionsOf({ ...quilt, made: [] }).top.stages.at(-1)!
  return { width: width.total, height: height.total }
}
