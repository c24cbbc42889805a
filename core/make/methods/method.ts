import type { DressedUnit } from '../units/dressedUnit'
import type { Hand } from '../../geometry/handOf'
import type { Polygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import type { Sum, Term } from '../../measure/sum'
import type { TrimAllowance } from '../../file/trimAllowances'
import type { MethodId } from '../../file/methodNames'
import type { Step } from '../steps/step'
import type { Press } from '../steps/press'
import type { PartName } from './partName'

/** What the methods need to know of the quilt they work for. */
export interface MethodContext {
  seam: Inches
  /** Ruler step for what is trimmed after sewing; half of it for what is sewn as cut. */
  ruler: Inches
  /** For what is trimmed later; a little more than exact where it is left out. */
  care?: TrimAllowance
  usableWidth: (cloth: string) => Inches
  longestStrip: (cloth: string) => Inches
  /** Whether it comes as pieces, with no length to cut long strips along. */
  isInPieces: (cloth: string) => boolean
  isDirectional: (cloth: string) => boolean
  /** Whether the first cloth is darker. */
  isDarker: (cloth: string, than: string) => boolean
  /** Half-squares are trimmed before they are opened and pressed. */
  trimsClosed: boolean
  /** To which of two cloths the seam between them is pressed. */
  pressed: (first: string, second: string) => Press
}

export type Shape = 'square' | 'rectangle' | 'strip' | 'wedge' | 'template'
export type Cuts = 'none' | 'one-diagonal' | 'two-diagonals' | 'angle'

/** How a strip is cut at an angle: degrees from the strip, advance along it per patch, patches from a full strip. */
export interface Angled {
  angle: number
  pitch: Inches
  each: number
}

/**
 * Pieces that serve several units are counted once for all of them: how many parts are needed and how many a piece
 * gives. Parts that only one `corner` of a piece gives (a print with an up), or one hand of it, are counted corner by
 * corner, `perCorner` from each piece, one unless it says otherwise: the corner most in need decides. Only pieces of
 * one `group` can serve each other.
 */
export interface Pool {
  needed: number
  gives: number
  corner?: string | undefined
  perCorner?: number
  group?: string
}

/** A piece to be cut, before like pieces of the whole quilt are gathered. */
export interface PieceDraft {
  cloth: string
  part: PartName
  shape: Shape
  /** Cut size, seam included. */
  width: Inches
  height: Inches
  /** Cut size before it was rounded to the ruler. */
  exact: { width: Inches; height: Inches }
  /** The reasons for its sides; their totals are the sides. */
  why: { width: Sum; height: Sum; pitch?: Sum }
  cuts: Cuts
  angled?: Angled
  hand?: Hand
  outline?: Polygon
  /** The way it must lie when its cloth has an up; free otherwise. */
  turn: boolean
  count: number
  /** Pieces that one unit takes; a part of one where a piece gives several. Left out for what belongs to no unit. */
  perUnit?: number
  /** What was counted, for pieces that belong to no unit: sashes, border strips. */
  counted?: readonly Term[]
  pool?: Pool
  /** Units that these pieces feed, where other pieces feed the rest of them. */
  serves?: number
  /** Its stripes run with its height. */
  isStriped?: boolean
  /**
   * How stripes are to run in it as it is drafted here, where that is not how they run in the unit: degrees clockwise
   * from upright.
   */
  stripes?: number
  /** Piled apart from others of its size, under this name. */
  ownPile?: string
  /** The slots of the unit that it feeds. */
  slots: readonly string[]
}

export interface MethodOutput {
  pieces: PieceDraft[]
  /** Units that come out, the asked-for and the left-over. */
  made: number
  /** Whether the unit is sewn oversize and trimmed to its exact unfinished size. */
  trim: boolean
  /** Per unit. */
  seams: number
  cuts: number
  /** Outer edges of the unit that end on the bias. */
  biasEdges: number
  /** Drawn only when somebody asks: most ways are compared and not taken. */
  steps: () => Step[]
  /** Mirror images that come out besides, whether wanted or not. */
  mirrored?: number
  /** Its steps make both hands in one go, as many of each as are wanted. */
  isBothHands?: boolean
  /** What the cut-off corners would make, if their seam is sewn before they are cut off. */
  bonus?: Bonus | undefined
  /** Lengths that the steps speak of and that are no piece's size, with their reasons. */
  lengths?: Readonly<Record<string, Sum>>
}

/** Small half-squares from corners that were sewn on, flipped and cut off. */
export interface Bonus {
  /** Finished side. */
  side: Inches
  /** The square that is sewn on, as cut. */
  square: Inches
  count: number
}

/**
 * One way of making one kind of unit, and all that others ask of it: nowhere else is it named. `make` never fails for a
 * unit that `fits`.
 */
export interface Method {
  id: MethodId
  /** Its pieces feed another number of patches than others of their size: they are piled apart, under this name. */
  ownPile?: string
  /** What is made instead where one block alone is sewn. */
  singly?: MethodId
  /** Taken only where nothing else is known, or where it was asked for. */
  isLastResort?: true
  /** A way of making a whole block: taken only where it was asked for. */
  isForWholeBlocks?: true
  /** Its pieces can be worked before they are cut to size. */
  isForPanels?: true
  /** Its pieces can be laid on stripes that run slanted in a patch. */
  takesSlantedStripes?: true
  /** What of it is sewn as cut, so that rounding to the ruler adds up along a block; nothing where it is left out. */
  sewnAsCut?: 'patches' | 'depth-of-strip' | 'base-and-corners'
  /** Whether its squares can be cut more or less generously: where they are trimmed, always, or never. */
  care?: 'always' | 'never'
  /** `count`: how many are wanted. */
  fits: (unit: DressedUnit, room: MethodContext, count: number) => boolean
  /** `mirrored`: how many of its mirror image the quilt wants. */
  make: (unit: DressedUnit, count: number, room: MethodContext, mirrored?: number) => MethodOutput
}
