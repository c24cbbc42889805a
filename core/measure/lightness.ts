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

/** A colour as the eye sees it. Source: CIE 1976 L*a*b* under D65. */
export interface Lab {
  l: number
  a: number
  b: number
}

/** A colour `#rrggbb` as the eye sees it. */
export function labOf(colour: string): Lab {
  const { l = 0, a = 0, b = 0 } = toLab(colour) ?? {}
  return { l, a, b }
}

/** A colour as a screen shows it, `#rrggbb`; what no screen can show is brought to its edge. */
export function hexOf({ l, a, b }: Lab): string {
  return formatHex({ mode: 'lab65', l, a, b })
}

/** How far apart two colours look. CIEDE2000. */
export function labApart(one: Lab, other: Lab): number {
  return apart({ mode: 'lab65', ...one }, { mode: 'lab65', ...other })
}

/**
 * How far apart two patches of about 2″ look from 3 m (0.97 degrees): under 1 alike, under 2 nearly. By half of the
 * viewers such patches are told apart at ΔL 5.9, Δa 6.9, Δb 8.3; twice the first is the least contrast of the
 * handbook. Source: size-dependent colour difference, Stone, Szafir, Setlur 2014.
 */
export function farApart(one: Lab, other: Lab): number {
  return Math.hypot((one.l - other.l) / 5.9, (one.a - other.a) / 6.9, (one.b - other.b) / 8.3)
}

/** From across the room colour alone still holds a shape that has no contrast in value, from here on. */
const HELD_BY_COLOUR = 2

/** Two colours too near in value to be told apart from afar. */
export interface Melting {
  /** Of their L*. */
  difference: number
  /** From across the room colour still keeps them apart. */
  isHeld: boolean
}

/** How two colours that touch melt into each other; null: their values differ enough. Source: handbook §5. */
export function meltingOf(one: Lab, other: Lab): Melting | null {
  const difference = Math.abs(one.l - other.l)
  return difference < MIN_CONTRAST ? { difference, isHeld: farApart(one, other) >= HELD_BY_COLOUR } : null
}

/** How far apart two colours `#rrggbb` look: 0 the same, 2 hardly told apart, 100 black and white. CIEDE2000. */
export function colourDistance(one: string, other: string): number {
  return apart(one, other)
}

/** The grey that is as light as the colour, for judging value: `#rrggbb`. */
export function greyOf(colour: string): string {
  return formatHex({ mode: 'lab65', l: lightness(colour), a: 0, b: 0 })
}
