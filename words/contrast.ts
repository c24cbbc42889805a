// How two cloths look beside each other, and where they do.
import { MIN_CONTRAST } from '../core/measure/lightness'
import type { TouchingCloths } from '../core/wall/touchingCloths'
import { inEnglish, type Speech } from './speech'

/** As far apart in lightness as this a figure stands out from across a room. */
const CLEAR = 30
/** In a few words; by lightness first, as handbooks of the craft judge it. */
export function contrastText(
  { difference, isHeld }: Pick<TouchingCloths, 'difference' | 'isHeld'>,
  speech: Speech,
): string {
  if (difference >= CLEAR) return 'clear'
  if (difference >= MIN_CONTRAST) return 'soft'
  return isHeld ? inEnglish('told apart by color alone', speech) : 'melts'
}

/** `in Sawtooth star; between blocks and strips`. */
export function whereTouching(
  { blocks, isBetween }: Pick<TouchingCloths, 'blocks' | 'isBetween'>,
  names: ReadonlyMap<string, string>,
): string {
  const within = blocks.length > 0 ? [`in ${blocks.map(id => names.get(id) ?? id).join(', ')}`] : []
  return [...within, ...(isBetween ? ['between blocks and strips'] : [])].join('; ')
}
