/** A length in inches. Every length in the core is one unless its name says otherwise. */
export type Inches = number

/** Lengths closer than this are one length: far below what a ruler shows, far above what doubles lose. */
export const TOLERANCE = 1e-6

export const INCHES_PER_CM = 1 / 2.54

/** Rounds up to the next multiple of `step`; a value within `TOLERANCE` of a step is on it. `step` 0: unchanged. */
export function roundUpToRuler(value: Inches, step: Inches): Inches {
  return step === 0 ? value : Math.ceil((value - TOLERANCE) / step) * step
}

/** Rounds to the nearest multiple of `step`; halves, and what is within `TOLERANCE` of one, up. `step` 0: unchanged. */
export function roundToRuler(value: Inches, step: Inches): Inches {
  return step === 0 ? value : Math.floor((value + TOLERANCE) / step + 0.5) * step
}

export function isOnRuler(value: Inches, step: Inches): boolean {
  return step === 0 || sameLength(value, roundToRuler(value, step))
}

export function sameLength(a: Inches, b: Inches): boolean {
  return Math.abs(a - b) <= TOLERANCE
}

/**
 * A key under which lengths equal to within `TOLERANCE` meet in a Map (bar the edge of a cell; edges are set off from
 * halves, on which sizes in 64ths would fall).
 */
export function lengthKey(value: Inches): string {
  return String(Math.round(value * 1e4 + 1e-3) / 1e4)
}
