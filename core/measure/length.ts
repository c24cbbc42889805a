import { INCHES_PER_CM, type Inches } from './ruler'
import { toInches, type Units } from './units'

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

const SUFFIX_INCHES: Readonly<Record<string, Inches>> = {
  'in': 1,
  'inch': 1,
  'inches': 1,
  '"': 1,
  '″': 1,
  '”': 1,
  "''": 1,
  'cm': INCHES_PER_CM,
  'mm': INCHES_PER_CM / 10,
  'm': INCHES_PER_CM * 100,
  'yd': 36,
  'ft': 12,
}

/** A whole or decimal number, and after a space or a hyphen a fraction; or a fraction alone. */
const AMOUNT = /^(?:(\d+(?:\.\d+)?|\.\d+)(?:(?:\s+|\s*-\s*)(\d+)\/(\d+))?|(\d+)\/(\d+))$/

/**
 * Reads a length as a quilter writes it: `12 1/2`, `12-1/2`, `12½`, `1/4`, `31,5 cm`, `2.5in`, `12½″`.
 * A number, or text without a unit, is in `units`. Gives inches, or null when it is no length.
 */
export function parseLength(input: number | string, units: Units): Inches | null {
  if (typeof input === 'number') return Number.isFinite(input) && input >= 0 ? toInches(input, units) : null
  const { amount, suffix } = partsOf(input) ?? {}
  const perUnit = suffix === undefined ? toInches(1, units) : SUFFIX_INCHES[suffix]
  return amount === undefined || perUnit === undefined ? null : amount * perUnit
}

/** Whether it is a fraction without a unit: who works in centimetres may yet have meant inches. */
export function isBareFraction(input: string): boolean {
  const parts = partsOf(input)
  return parts !== null && parts.isFraction && parts.suffix === undefined
}

/** The amount and the unit written, as they stand; null when it is no length. */
function partsOf(input: string): { amount: number; suffix: string | undefined; isFraction: boolean } | null {
  if (input.length > 40) return null
  let text = input
    .trim()
    .toLowerCase()
    .replace(/⁄/g, '/')
    .replace(/(\d),(\d)/g, '$1.$2')
  for (const [sign, plain] of Object.entries(VULGAR)) text = text.replaceAll(sign, ` ${plain}`)
  const suffix = /[^\d\s/.,-]+$/.exec(text)?.[0]
  if (suffix !== undefined) text = text.slice(0, -suffix.length)
  text = text.trim()
  const match = AMOUNT.exec(text)
  if (match === null) return null
  const [, whole, over = match[4], under = match[5]] = match
  if (under !== undefined && Number(under) === 0) return null
  // a decimal followed by a fraction ("1.5 1/2") is a slip of the finger, not a length
  if (over !== undefined && whole?.includes('.')) return null
  const amount = (whole === undefined ? 0 : Number(whole)) + (over === undefined ? 0 : Number(over) / Number(under))
  return { amount, suffix, isFraction: over !== undefined }
}
