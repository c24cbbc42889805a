import { z } from 'zod'
import { parseLength } from '../measure/length'
import type { Inches } from '../measure/ruler'
import type { Units } from '../measure/units'
import { expectationText, refuse } from './expectation'
import type { Expectation } from './problem'

/** Longest side of anything: a sheet of cloth or a quilt beyond this is a slip of the finger. */
export const MAX_INCHES = 4000

/** Characters of a small picture: some 40 kB of it. */
const MAX_PICTURE = 60_000

export interface Fields {
  /** A length in the file's units or as text; gives inches. `least` 0 allows nothing at all. */
  length: (least?: Inches, most?: Inches) => z.ZodType<Inches, number | string>
  whole: (least: number, most: number) => z.ZodType<number, number>
  number: (least: number, most: number) => z.ZodType<number, number>
  id: z.ZodType<string, string>
  text: (most?: number) => z.ZodType<string, string>
  oneOf: <const T extends readonly (string | number)[]>(options: T) => z.ZodType<T[number], T[number]>
  flag: z.ZodType<boolean, boolean>
  colour: z.ZodType<string, string>
  /** A small picture as a data URL. */
  picture: z.ZodType<string, string>
  date: z.ZodType<string, string>
  /** A whole number as the name of a field. */
  numeral: z.ZodType<string, string>
  /** One letter, of a chart. */
  letter: z.ZodType<string, string>
  list: <T extends z.ZodType>(item: T, least?: number, most?: number) => z.ZodArray<T>
}

/** A day, or a day and a time, as ISO 8601 writes them: `2026-03-01`, `2026-03-01T10:00:00Z`. */
function isDate(text: string): boolean {
  const match =
    /^(\d{4})-(\d\d)-(\d\d)(?:T([01]\d|2[0-3]):[0-5]\d(?::[0-5]\d(?:\.\d{1,9})?)?(?:Z|[+-]\d\d:\d\d)?)?$/.exec(text)
  if (!match) return false
  const [year, month, day] = match.slice(1, 4).map(Number) as [number, number, number]
  const isLeap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0)
  const days = [31, isLeap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
  return month >= 1 && month <= 12 && day >= 1 && day <= days[month - 1]!
}

/** The kinds of field a quilt file has, for a file written in these units. */
export function fieldsFor(units: Units): Fields {
  const length = (least: Inches = 0, most: Inches = MAX_INCHES) => {
    const expected: Expectation = { kind: 'length', least, most }
    return z.union([z.number(), z.string()], refuse(expected)).transform((value, context): Inches => {
      const inches = parseLength(value, units)
      if (inches !== null && inches >= least - 1e-9 && inches <= most) return inches
      context.addIssue({ code: 'custom', message: expectationText(expected), input: value })
      return z.NEVER
    })
  }
  const whole = (least: number, most: number) => {
    const expected: Expectation = { kind: 'whole-number', least, most }
    return z.number(refuse(expected)).int(refuse(expected)).min(least, refuse(expected)).max(most, refuse(expected))
  }
  const number = (least: number, most: number) => {
    const expected: Expectation = { kind: 'number', least, most }
    return z.number(refuse(expected)).min(least, refuse(expected)).max(most, refuse(expected))
  }
  const text = (most = 4000) => z.string(refuse({ kind: 'text' })).max(most, refuse({ kind: 'text', most }))
  return {
    length,
    whole,
    number,
    text,
    id: z
      .string(refuse({ kind: 'id' }))
      .min(1, refuse({ kind: 'id' }))
      .max(80, refuse({ kind: 'id', most: 80 })),
    oneOf: options => z.literal([...options], refuse({ kind: 'one-of', options })) as never,
    flag: z.boolean(refuse({ kind: 'yes-no' })),
    colour: z.string(refuse({ kind: 'colour' })).regex(/^#[0-9a-f]{6}$/i, refuse({ kind: 'colour' })),
    picture: z
      .string(refuse({ kind: 'picture' }))
      .max(MAX_PICTURE, refuse({ kind: 'picture' }))
      .regex(/^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/]+=*$/, refuse({ kind: 'picture' })),
    date: z
      .string(refuse({ kind: 'date' }))
      .max(40, refuse({ kind: 'date' }))
      .refine(isDate, refuse({ kind: 'date' })),
    numeral: z.string().regex(/^\d{1,5}$/, refuse({ kind: 'whole-number', least: 0, most: 99_999 })),
    letter: z.string().regex(/^\p{L}$/u, refuse({ kind: 'letters', count: 1 })),
    list: (item, least = 0, most = 100_000) => {
      const expected: Expectation = { kind: 'list', least, most }
      return z.array(item, refuse(expected)).min(least, refuse(expected)).max(most, refuse(expected))
    },
  }
}
