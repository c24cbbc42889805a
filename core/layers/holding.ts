// In: the raw top. Out: what holds its layers while it is quilted, and what it is trimmed to.
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'

/** Pins or stitches farther apart let the layers creep. Source: handbook §9, every 4″. */
export const HELD_APART: Inches = 4

export interface Holding {
  /** Pins in rows from the middle outwards. */
  pins: Sum
  /** Thread for long stitches instead: lines across and down, so far apart. */
  thread: Sum
}

/** On a grid from the middle, the outermost within half a step of the raw edge. */
export function planHolding(width: Inches, height: Inches, apart: Inches = HELD_APART): Holding {
  const [across, down] = [heldAlong(width, apart), heldAlong(height, apart)]
  return {
    pins: sumOf([{ what: 'rows-of-pins', count: down, each: across }]),
    thread: sumOf([
      { what: 'lines-across', count: down, each: width },
      { what: 'lines-down', count: across, each: height },
    ]),
  }
}

/** One in the middle, and as many to either side as there is room. */
function heldAlong(side: Inches, apart: Inches): number {
  return 2 * Math.floor(side / 2 / apart) + 1
}

/** Where they stand along a side, from its end, the middle one first: in that order they are set. */
export function heldAt(side: Inches, apart: Inches = HELD_APART): Inches[] {
  return Array.from({ length: heldAlong(side, apart) }, (_, i) => {
    const steps = Math.ceil(i / 2) * (i % 2 === 0 ? -1 : 1)
    return side / 2 + steps * apart
  })
}

/** From corner to opposite corner: of a square quilt both are this long. */
export function diagonalOf(width: Inches, height: Inches): Sum {
  return {
    ...sumOf([{ what: 'corner-to-corner', value: Math.hypot(width, height) }]),
    from: [
      { what: 'top-width', value: width },
      { what: 'top-height', value: height },
    ],
  }
}

/**
 * How far the upper edge leans to one side, where the diagonals of a quilt with true sides differ. With a lean of x
 * they are √((W ± x)² + H²), so that their squares differ by 4·W·x. Source: geometry.
 */
export function leanOf(one: Inches, other: Inches, width: Inches): Inches {
  return Math.abs(one * one - other * other) / (4 * width)
}
