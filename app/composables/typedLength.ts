import { isBareFraction, parseLength } from '~~/core/measure/length'
import type { Inches } from '~~/core/measure/ruler'
import { formatExactLength } from '~~/words/length'

/** What was typed cannot be taken: why, and what might have been meant. */
export interface RefusedLength {
  text: string
  offers: { words: string; inches: Inches }[]
}

export interface LengthLimits {
  least: Inches
  most: Inches
  /** Why there are limits. */
  why?: string | undefined
  units: 'in' | 'cm'
}

/** A length as a quilter writes it, in inches; or what is wrong with it. */
export function typedLength(
  input: string,
  { least, most, why, units }: LengthLimits,
): { inches: Inches } | RefusedLength {
  const write = (inches: Inches) => formatExactLength(inches, { units })
  const inches = parseLength(input, units)
  if (inches === null) {
    const text =
      units === 'cm' ? 'Write a length such as 31,5 or 12 1/2 in.' : 'Write a length such as 12 1/2, 12½ or 31.5 cm.'
    return { text, offers: [] }
  }
  if (units === 'cm' && isBareFraction(input)) {
    const inInches = parseLength(input, 'in')!
    return {
      text: 'Inches or centimetres?',
      offers: [
        { words: `${formatExactLength(inInches, { units: 'in' })}, ${write(inInches)}`, inches: inInches },
        { words: write(inches), inches },
      ],
    }
  }
  const nearest = Math.min(most, Math.max(least, inches))
  if (Math.abs(nearest - inches) <= 1e-9) return { inches }
  const isSmall = inches < least
  const said = why ?? (isSmall ? 'That is too small' : 'That is too large')
  return {
    text: `${said}: ${isSmall ? 'at least' : 'at most'} ${write(nearest)}.`,
    offers: [{ words: `Use ${write(nearest)}`, inches: nearest }],
  }
}
