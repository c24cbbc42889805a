/**
 * Marks on a 16 × 16 tile that tell cloths apart without their colour. The same paths serve the canvas and the
 * pictures.
 */
export interface Motif {
  path: string
  kind: 'fill' | 'stroke'
}

export const TILE = 16

const MOTIFS: Readonly<Record<string, readonly Motif[]>> = {
  dots: [
    {
      kind: 'fill',
      path:
        'M4 4m-1.7 0a1.7 1.7 0 1 0 3.4 0a1.7 1.7 0 1 0-3.4 0M12 12m-1.7 0a1.700 1.7 0 1 0 3.4 0a1.700 1.7 0 1 '
        + '0-3.4 0',
    },
  ],
  stripe: [{ kind: 'stroke', path: 'M4 0V16M12 0V16' }],
  check: [{ kind: 'fill', path: 'M0 0H8V8H0ZM8 8H16V16H8Z' }],
  sprig: [
    {
      kind: 'stroke',
      path: 'M3 7C4 4 6 3 7 2M3 7C5 6.5 6.5 6 7.5 6M11 15C12 12 14 11 15 10M11 15C13 14.5 14.5 14 15.5 14',
    },
  ],
  crosshatch: [{ kind: 'stroke', path: 'M0 0L16 16M16 0L0 16' }],
  dashes: [{ kind: 'stroke', path: 'M2 4H6M10 12H14' }],
}

/** Patterns a cloth may be drawn with, plain first. */
export const PATTERN_NAMES = ['plain', ...Object.keys(MOTIFS)] as const

/** The marks that a print of this pattern is drawn with. */
export function motifsOf(pattern: string): readonly Motif[] {
  return MOTIFS[pattern] ?? []
}

/** The colour of the marks on a cloth: lighter on dark cloth, darker on light. */
export function markColour(lightness: number): string {
  return lightness < 55 ? 'rgb(255 255 255 / 30%)' : 'rgb(0 0 0 / 22%)'
}
