// In: the cloths of a binding, and how long it is. Out: its strips in the order of sewing.
import { TOLERANCE, type Inches } from '../../measure/ruler'

/** A whole width of cloth. */
export interface DealtStrip {
  cloth: string
  length: Inches
}

/**
 * Strips dealt from the cloths in turn until, joined, they reach the length. None where a cloth is no longer than what
 * a join takes. `loss`: what a join takes of the length.
 */
export function dealtStrips(
  total: Inches,
  cloths: readonly { cloth: string; usable: Inches }[],
  loss: Inches,
): DealtStrip[] {
  if (cloths.length === 0 || cloths.some(({ usable }) => usable <= loss)) return []
  const strips: DealtStrip[] = []
  // the first strip is joined to nothing
  let reach = loss
  do {
    const { cloth, usable } = cloths[strips.length % cloths.length]!
    strips.push({ cloth, length: usable })
    reach += usable - loss
  } while (reach < total - TOLERANCE)
  return strips
}

/** Where the joins lie along the joined strip, from its beginning: the middle of what each takes. */
export function joinsAlong(strips: readonly DealtStrip[], loss: Inches): Inches[] {
  let end = 0
  return strips.slice(0, -1).map(({ length }) => {
    end += length
    const join = end - loss / 2
    end -= loss
    return join
  })
}

/** Inches of strip joined end to end; each join takes `loss`. */
export function joinedLength(strips: readonly DealtStrip[], loss: Inches): Inches {
  return strips.reduce((sum, { length }) => sum + length, 0) - Math.max(0, strips.length - 1) * loss
}
