import { roundUpToRuler, type Inches } from '../core/measure/ruler'
import { UNIT_DEFAULTS } from '../core/measure/units'
import type { Speech } from './speech'

/** Keeps a figure on one line. Where plain text is wanted, `withPlainSpaces` takes it out again. */
const NO_BREAK = '\u00a0'

/** For texts that are compared or saved: no spaces that hold words together. */
export function withPlainSpaces(text: string): string {
  return text.replaceAll(NO_BREAK, ' ')
}

/** Parts of an inch that a tape has marks for, coarsest first. */
const TAPE_PARTS = [1, 2, 4, 8, 16, 32] as const
/** Tried for an exact fraction: thirds have no mark, and yet are what was typed, or a block divided. */
const EXACT_PARTS = [...TAPE_PARTS, 3, 6, 12] as const
/** Seams are as wide as this at most, and are said to half a millimetre. */
const SEAM_LIKE_MM = 20
/** Parts of an inch that a ruler shows. */
const RULER_PARTS = 16

/**
 * A bare figure as a ruler can say it: `2 7/8`, to the nearest 1⁄16″; in centimetres to the nearest millimetre, a half
 * one being said where it is a seam's. For what is measured or cut; the exact figure stands in its sum.
 */
export function formatFigure(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  if (units === 'cm') {
    const millimetres = inches * 25.4
    const isHalf = Math.abs(millimetres) < SEAM_LIKE_MM && Math.abs((millimetres % 1) - 0.5) < 1e-3
    // inches of a whole number of half millimetres end in a little less or more
    return withMinus(
      isHalf ? (millimetres / 10).toFixed(2) : trimZeros((Math.round(millimetres + 1e-6) / 10).toFixed(1)),
    )
  }
  return fraction(Math.round(inches * RULER_PARTS), RULER_PARTS)
}

/**
 * A bare figure in full: a fraction to 1⁄32 or of twelfths, else decimals; centimetres to a hundredth where needed.
 */
export function formatExact(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  if (units === 'cm') {
    const cm = inches * 2.54
    return withMinus(trimZeros(Math.abs(cm * 10 - Math.round(cm * 10)) < 0.02 ? cm.toFixed(1) : cm.toFixed(2)))
  }
  return exactFraction(inches, EXACT_PARTS) ?? withMinus(trimZeros(inches.toFixed(2)))
}

function exactFraction(inches: Inches, partsTried: readonly number[]): string | null {
  const parts = partsTried.find(tried => Math.abs(inches * tried - Math.round(inches * tried)) <= 1e-4 * tried)
  return parts === undefined ? null : fraction(Math.round(inches * parts), parts)
}

/** As a tape can say it: in full where a ruler has the mark, else to the nearest that a tape has. */
export function formatMark(inches: Inches, speech: Pick<Speech, 'units'>): string {
  return (speech.units === 'in' && exactFraction(inches, TAPE_PARTS)) || formatFigure(inches, speech)
}

/** So many parts of an inch, in lowest terms: `−1 3/8`. */
function fraction(count: number, parts: number): string {
  if (count < 0) return `−${fraction(-count, parts)}`
  const whole = Math.floor(count / parts)
  let [over, under] = [count - whole * parts, parts]
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2]
  if (over === 0) return String(whole)
  return `${whole === 0 ? '' : `${whole}${NO_BREAK}`}${over}/${under}`
}

/** A number of things; parts of one in decimals. */
export function formatCount(count: number): string {
  return withMinus(trimZeros(count.toFixed(2)))
}

function withMinus(text: string): string {
  return text === '-0' ? '0' : text.replace('-', '−')
}

/** A length with its unit: `2 7/8″`, `7.3 cm`. */
export function formatLength(inches: Inches, speech: Pick<Speech, 'units'>): string {
  return `${formatFigure(inches, speech)}${speech.units === 'cm' ? `${NO_BREAK}cm` : '″'}`
}

/** The same in full. */
export function formatExactLength(inches: Inches, speech: Pick<Speech, 'units'>): string {
  return `${formatExact(inches, speech)}${speech.units === 'cm' ? `${NO_BREAK}cm` : '″'}`
}

/** About so much, by rule of thumb: whole inches, or whole centimetres. */
export function formatRough(inches: Inches, speech: Pick<Speech, 'units'>): string {
  return speech.units === 'cm'
    ? formatLength(Math.round(inches * 2.54) / 2.54, speech)
    : formatLength(Math.round(inches), speech)
}

/** A short length by rule of thumb: eighths of an inch, or half centimetres. */
export function formatRoughPart(inches: Inches, speech: Pick<Speech, 'units'>): string {
  return speech.units === 'cm'
    ? formatLength(Math.round(inches * 2.54 * 2) / 2 / 2.54, speech)
    : formatLength(Math.round(inches * 8) / 8, speech)
}

/** Two lengths: `5 × 2 3/4″`. */
export function formatSize(width: Inches, height: Inches, speech: Pick<Speech, 'units'>): string {
  return `${formatFigure(width, speech)}${NO_BREAK}× ${formatLength(height, speech)}`
}

/**
 * What is bought by the length, as a shop sells it: yards in eighths, metres to a tenth, never less than is asked for.
 */
export function formatBought(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  const steps = Math.round(roundUpToRuler(inches, UNIT_DEFAULTS[units].buyStep) / UNIT_DEFAULTS[units].buyStep)
  return units === 'cm' ? `${trimZeros((steps / 10).toFixed(1))}${NO_BREAK}m` : `${fraction(steps, 8)}${NO_BREAK}yd`
}

/** A length in many yards or metres, such as a thread's: to an eighth, or a hundredth. */
export function formatYards(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  if (units === 'cm') return `${trimZeros((inches * 0.0254).toFixed(2))}${NO_BREAK}m`
  return `${fraction(Math.round((inches / 36) * 8), 8)}${NO_BREAK}yd`
}

/** The figure in 64ths for small moves, such as a needle's: `3/64″`, or millimetres. */
export function formatSmall(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  if (units === 'cm') return `${trimZeros((Math.abs(inches) * 25.4).toFixed(1))} mm`
  return `${fraction(Math.max(1, Math.round(Math.abs(inches) * 64)), 64)}″`
}

/** Millimetres to a tenth, in which machines move their needles: `0.4 mm`. */
export function formatMillimetres(inches: Inches): string {
  return `${trimZeros((inches * 25.4).toFixed(1))}${NO_BREAK}mm`
}

/** A seam as finely as it can be told by strips: `0.258″`, `6.6 mm`. */
export function formatThousandths(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  return units === 'cm' ? formatMillimetres(inches) : `${inches.toFixed(3)}″`
}

/** `412 sq in`, `2660 cm²`. */
export function formatArea(area: number, { units }: Pick<Speech, 'units'>): string {
  return units === 'cm'
    ? `${Math.round(area * 2.54 * 2.54)}${NO_BREAK}cm²`
    : `${Math.round(area)}${NO_BREAK}sq${NO_BREAK}in`
}

function trimZeros(text: string): string {
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text
}
