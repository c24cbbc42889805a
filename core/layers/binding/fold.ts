// In: a quilt with a binding that is sewn on. Out: what front and back show of it when it is folded over the edge.
import type { Quilt } from '../../file/quilt'
import type { Inches } from '../../measure/ruler'
import { sumOf, type Sum, type Term } from '../../measure/sum'

/** What the turn over the edge of thin layers takes. Source: handbook §11, 1⁄16 to ⅛″ by loft. */
export const TURN: Inches = 1 / 16
/** What must reach past the line of stitches to hold. Source: handbook §11, ⅛ to ¼″. */
export const COVER: Inches = 1 / 8

/**
 * Sewn on with its seam, the strip shows that seam on the side it was sewn to, turns over the edge, and shows what is
 * left on the other side. Double: the strip is folded in half; single: its other edge is turned under by a seam;
 * flanged: both strips joined and folded, sewn to the back, the flange along the fold. Tape is folded as it is sold.
 */
export function foldOf(quilt: Quilt): { visible: Sum; back: Sum } {
  const { style, strip, seam, attach, flange } = quilt.binding!
  const sewn = sumOf([{ what: 'binding-seam', value: seam }])
  const turn: Term = { what: 'turn-over-the-edge', value: -TURN }
  const shown = (...terms: Term[]): Sum => sumOf([...terms, turn])
  if (style === 'flanged' && flange) {
    const front = shown(
      { what: 'strip-width', value: strip },
      { what: 'seam-of-the-flange', value: -quilt.seam },
      { what: 'binding-seam', count: -2, each: seam },
    )
    return { visible: front, back: sewn }
  }
  const other =
    style === 'double'
      ? shown({ what: 'half-of-the-strip', value: strip / 2 }, { what: 'binding-seam', count: -2, each: seam })
      : style === 'single'
        ? shown({ what: 'strip-width', value: strip }, { what: 'binding-seam', count: -3, each: seam })
        : sewn
  return attach === 'back' ? { visible: other, back: sewn } : { visible: sewn, back: other }
}

/** The narrowest strip that can be folded over and caught, of a style that is folded from strips. */
export function leastStrip(style: 'double' | 'single' | 'flanged', seam: Inches, flangeSeam: Inches): Inches {
  if (style === 'double') return 2 * (3 * seam + TURN + COVER)
  if (style === 'single') return 4 * seam + TURN + COVER
  return 2 * seam + flangeSeam + TURN + COVER
}
