import { greyOf } from '~~/core/measure/lightness'

/** The colour of a side of a cloth: its wrong side is paler; paper where there is no cloth. */
export function sideColour(colour: string | undefined, side: 'right' | 'wrong'): string {
  if (!colour) return '#fffdf8'
  return side === 'right' ? colour : `color-mix(in srgb, ${greyOf(colour)} 30%, #f4ead6)`
}
