import type { Inches } from '../core/measure/ruler'
import type { Sum } from '../core/measure/sum'
import { formatFigure, formatLength } from './length'
import type { Speech } from './speech'

/** A sentence in parts: plain words, and the lengths in it, so that a screen can say where each comes from. */
export type TextPart = string | LengthPart
/** With the reason for it, or with its place in the plan; with neither where the quilter gave it. */
export interface LengthPart {
  text: string
  inches: Inches
  sum?: Sum
  path?: string
}

/** A sentence with its numbers, as plain text. */
export function textOf(parts: readonly TextPart[]): string {
  return parts.map(part => (typeof part === 'string' ? part : part.text)).join('')
}

/** `path`: where the number stands in the plan. */
export function lengthPart(inches: Inches, speech: Speech, path?: string): LengthPart {
  return { text: formatLength(inches, speech), inches, ...(path === undefined ? {} : { path }) }
}

/** `5 × 2 3/4″`, in parts. `path`: of what has that width and height in the plan. */
export function sizeParts(width: Inches, height: Inches, speech: Speech, path?: string): TextPart[] {
  const first: LengthPart = {
    text: formatFigure(width, speech),
    inches: width,
    ...(path === undefined ? {} : { path: `${path}.width` }),
  }
  return [first, '\u00a0× ', lengthPart(height, speech, path === undefined ? undefined : `${path}.height`)]
}
