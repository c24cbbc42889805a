import type { Inches } from '../core/measure/ruler'
import type { Sum } from '../core/measure/sum'
import { formatExactLength, formatFigure, formatLength } from './length'
import { inEnglish, type Speech } from './speech'

/** A sentence in parts: plain words, and the lengths in it, so that a screen can say where each comes from. */
export type TextPart = string | LengthPart
/** With the reason for it, or with its place in the plan; with neither where the quilter gave it. */
export interface LengthPart {
  text: string
  inches: Inches
  sum?: Sum
  path?: string
  /** What the number is, over its reason. */
  title?: string
  isStrong?: true
}

/** A sentence with its numbers, as plain text. */
export function textOf(parts: readonly TextPart[]): string {
  return parts.map(part => (typeof part === 'string' ? part : part.text)).join('')
}

/** `path`: where the number stands in the plan. */
export function lengthPart(inches: Inches, speech: Speech, path?: string): LengthPart {
  return { text: formatLength(inches, speech), inches, ...(path === undefined ? {} : { path }) }
}

/** A length that the quilter gave, or that is a rule of thumb. */
export function given(inches: Inches, speech: Speech): LengthPart {
  return { text: formatExactLength(inches, speech), inches }
}

/** A sentence in parts: its lengths apart from its words, other parts put in whole. */
export function say(
  strings: TemplateStringsArray,
  ...values: (string | LengthPart | readonly TextPart[])[]
): TextPart[] {
  return strings.flatMap((text, i): TextPart[] => {
    const value = values[i]
    if (value === undefined) return [text]
    return [text, ...(typeof value === 'object' && !('text' in value) ? value : [value as TextPart])]
  })
}

/** The words of a sentence in the English of the reader. */
export function inSpeech(parts: readonly TextPart[], speech: Speech): TextPart[] {
  return parts.map(part => (typeof part === 'string' ? inEnglish(part, speech) : part))
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
