// What a way of binding is made of, and how it folds. Reading, cards, checks and the fold read it.
import type { Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'

/** What the turn over the edge of thin layers takes. Source: handbook §11, 1⁄16 to ⅛″ by loft. */
export const TURN: Inches = 1 / 16
/** What must reach past the line of stitches to hold. Source: handbook §11, ⅛ to ¼″. */
export const COVER: Inches = 1 / 8

/** A strip as cut, the seam that sews it on, and the one that joins it to a flange. */
export interface SewnStrip {
  strip: Inches
  seam: Inches
  flangeSeam: Inches
}

/** One way of binding an edge. */
export interface BindingRules {
  /** Strips cut from cloth, tape as it is sold, or the back brought round to the front. */
  of: 'strips' | 'tape' | 'back'
  /** How wide its strip is cut until a width is typed for it. */
  usualStrip: 'bindingStrip' | 'flangedStrip'
  /** A second strip stands out beside it. */
  hasFlange: boolean
  /** The side it is sewn to first; null: either. */
  sewnTo: 'front' | 'back' | null
  /** The narrowest strip that reaches round the edge and past its stitches; null: it is not folded from a strip. */
  leastStrip: ((cut: Omit<SewnStrip, 'strip'>) => Inches) | null
  /** What the side shows to which it is turned over. */
  turned: (cut: SewnStrip) => Term[]
  /** How wide it lies when it is sewn on, before it is turned over. */
  sewnWidth: (cut: SewnStrip & { flange: Inches }) => Inches
}

/** What is left over the edge of so much. */
export function overTheEdge(...terms: Term[]): Term[] {
  return [...terms, { what: 'turn-over-the-edge', value: -TURN }]
}
