import type { Inches } from '../core/measure/ruler'
import type { Speech } from './speech'

/** Keeps a figure on one line. Where plain text is wanted, `withPlainSpaces` takes it out again. */
const NO_BREAK = '\u00a0'

export function withPlainSpaces(text: string): string {
  return text.replaceAll(NO_BREAK, ' ')
}

/** Denominators tried for a fraction, coarsest first. */
const PARTS = [1, 2, 4, 8, 16, 32] as const

/** A bare figure: `2 7/8`, or decimals where no ruler has the mark. In centimetres to a tenth, or a hundredth where needed. */
export function formatFigure(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  if (units === 'cm') {
    const cm = inches * 2.54
    return trimZeros(Math.abs(cm * 10 - Math.round(cm * 10)) < 0.02 ? cm.toFixed(1) : cm.toFixed(2))
  }
  const sign = inches < 0 ? '−' : ''
  const value = Math.abs(inches)
  for (const parts of PARTS) {
    const count = Math.round(value * parts)
    if (Math.abs(value * parts - count) > 1e-4 * parts) continue
    const whole = Math.floor(count / parts), rest = count - whole * parts
    return `${sign}${rest === 0 ? whole : `${whole === 0 ? '' : `${whole}${NO_BREAK}`}${rest}/${parts}`}`
  }
  return `${sign}${trimZeros(value.toFixed(2))}`
}

/** A length with its unit: `2 7/8″`, `7.3 cm`. */
export function formatLength(inches: Inches, speech: Pick<Speech, 'units'>): string {
  return `${formatFigure(inches, speech)}${speech.units === 'cm' ? `${NO_BREAK}cm` : '″'}`
}

/** About so much, by rule of thumb: whole inches, or whole centimetres. */
export function formatRough(inches: Inches, speech: Pick<Speech, 'units'>): string {
  return speech.units === 'cm' ? formatLength(Math.round(inches * 2.54) / 2.54, speech) : formatLength(Math.round(inches), speech)
}

/** Two lengths: `5 × 2 3/4″`. */
export function formatSize(width: Inches, height: Inches, speech: Pick<Speech, 'units'>): string {
  return `${formatFigure(width, speech)}${NO_BREAK}× ${formatLength(height, speech)}`
}

/** Length of cloth as a shop sells it: yards in eighths, metres to a tenth. */
export function formatCloth(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  if (units === 'cm') return `${trimZeros((inches * 0.0254).toFixed(2))}${NO_BREAK}m`
  return `${formatFigure(Math.round(inches / 36 * 8) / 8, { units: 'in' })}${NO_BREAK}yd`
}

/** The figure in 64ths for small moves, such as a needle's: `3/64″`, or millimetres. */
export function formatSmall(inches: Inches, { units }: Pick<Speech, 'units'>): string {
  if (units === 'cm') return `${trimZeros((Math.abs(inches) * 25.4).toFixed(1))} mm`
  const parts = Math.max(1, Math.round(Math.abs(inches) * 64))
  const shared = parts % 4 === 0 ? 4 : parts % 2 === 0 ? 2 : 1
  return `${parts / shared}/${64 / shared}″`
}

/** `412 sq in`, `2660 cm²`. */
export function formatArea(area: number, { units }: Pick<Speech, 'units'>): string {
  return units === 'cm' ? `${Math.round(area * 2.54 * 2.54)}${NO_BREAK}cm²` : `${Math.round(area)}${NO_BREAK}sq${NO_BREAK}in`
}

function trimZeros(text: string): string {
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text
}
