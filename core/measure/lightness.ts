import { converter, differenceCiede2000, formatHex, modeLab65, modeLrgb, modeRgb, modeXyz65, useMode } from 'culori/fn'

for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65]) useMode(mode as typeof modeRgb)
const toLab = converter('lab65')
const apart = differenceCiede2000()

/** Touching cloths closer than this in lightness melt into each other. Source: handbook §5. */
export const MIN_CONTRAST = 12

/** Lightness of a colour `#rrggbb` as the eye sees it, 0 black to 100 white. Source: CIE 1976 L* under D65. */
export function lightness(colour: string): number {
  return toLab(colour)?.l ?? 0
}

/** How far apart two colours `#rrggbb` look: 0 the same, 2 hardly told apart, 100 black and white. CIEDE2000. */
export function colourDistance(one: string, other: string): number {
  return apart(one, other)
}

/** The grey that is as light as the colour, for judging value: `#rrggbb`. */
export function greyOf(colour: string): string {
  return formatHex({ mode: 'lab65', l: lightness(colour), a: 0, b: 0 })
}
