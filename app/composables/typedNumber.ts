export interface NumberLimits {
  least: number
  most: number
  /** Places after the point; 0: whole numbers. */
  decimals: number
}

/** A number as it was typed, with a point or a comma; or, in a sentence, why it cannot be and what can. */
export function typedNumber(text: string, { least, most, decimals }: NumberLimits): number | string {
  const plain = text.trim().replace(',', '.')
  const kind = decimals === 0 ? 'a whole number' : 'a number'
  if (!/^-?\d+(\.\d+)?$/.test(plain)) return `Write ${kind} from ${least} to ${most}.`
  const number = Number(plain)
  if (number < least) return `${text} is too little: ${least} to ${most}.`
  if (number > most) return `${text} is too much: ${least} to ${most}.`
  if (Number(number.toFixed(decimals)) === number) return number
  if (decimals === 0) return `${text} is not whole: write ${kind} from ${least} to ${most}.`
  const places = decimals === 1 ? 'one place' : `${decimals} places`
  return `${text} is finer than can be kept: at most ${places} after the point.`
}
