import type { Inches } from '../core/measure/ruler'
import { formatFigure, formatLength } from './length'
import type { Speech } from './speech'

/** A sentence in parts: plain words, and the lengths in it, so that a screen can say where each comes from. */
export type TextPart = string | { text: string, inches: Inches }

export function textOf(parts: readonly TextPart[]): string {
  return parts.map(part => typeof part === 'string' ? part : part.text).join('')
}

export function lengthPart(inches: Inches, speech: Speech): TextPart {
  return { text: formatLength(inches, speech), inches }
}

/** `5 × 2 3/4″`, in parts. */
export function sizeParts(width: Inches, height: Inches, speech: Speech): TextPart[] {
  return [{ text: formatFigure(width, speech), inches: width }, '\u00a0× ', lengthPart(height, speech)]
}
