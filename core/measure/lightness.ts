/** Touching cloths closer than this in lightness melt into each other. Source: handbook §5. */
export const LEAST_CONTRAST = 12

/**
 * Lightness of a colour `#rrggbb` as the eye sees it, 0 black to 100 white. Source: CIE 1976 L*, sRGB transfer per
 * IEC 61966-2-1.
 */
export function lightness(colour: string): number {
  const channel = (at: number) => {
    const v = Number.parseInt(colour.slice(at, at + 2), 16) / 255
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4
  }
  const y = 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5)
  return y <= 216 / 24389 ? (y * 24389) / 27 : 116 * Math.cbrt(y) - 16
}

/** The grey that is as light as the colour, for judging value: `#rrggbb`. */
export function greyOf(colour: string): string {
  const l = lightness(colour)
  const y = l <= 8 ? (l * 27) / 24389 : ((l + 16) / 116) ** 3
  const v = y <= 0.0031308 ? y * 12.92 : 1.055 * y ** (1 / 2.4) - 0.055
  const hex = Math.round(Math.min(1, Math.max(0, v)) * 255)
    .toString(16)
    .padStart(2, '0')
  return `#${hex}${hex}${hex}`
}
