import type { Feed } from '../make/units/dressUnit'
import type { Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import type { Sum } from '../measure/sum'
import type { PiecePlace } from './place'
import type { MethodId } from '../file/methodNames'
import type { PartName } from '../make/methods/partName'
import type { Hand } from '../geometry/handOf'
import type { Angled, Cuts, PieceDraft, Shape } from '../make/methods/method'

/** A pile of like pieces on the cutting sheet. Cut sizes, seam included. */
export interface Piece {
  /** Made from what it is, so that ticks outlive a change of plan. */
  id: string
  cloth: string
  /** `star: points`: places and part as the plan names them. */
  use: string
  places: PiecePlace[]
  part: PartName
  /** Its number, the same for one cut size on every sheet; empty for a size that is on no sheet. */
  letter: string
  count: number
  /** Pieces of `count` beyond those needed. */
  spare: number
  /** Patches of the quilt that it feeds. */
  patches: number
  for: { block: string; patches: number[] }[]
  shape: Shape
  width: Inches
  height: Inches
  /** Before rounding to the ruler. */
  exact: { width: Inches; height: Inches }
  why: { width: Sum; height: Sum; count: Sum; pitch?: Sum }
  cuts: Cuts
  angled?: Angled
  outline?: Polygon
  hand: Hand
  method: MethodId
  /** Its stripes run with its height; left out where that does not matter. */
  isStriped?: boolean
  /** How its width runs on the cloth. */
  grain: 'across' | 'along' | 'any'
}

/** A draft with what only the quilt knows of it. */
export interface PieceOrder {
  draft: PieceDraft
  method: MethodId
  places: readonly PiecePlace[]
  feeds: readonly Feed[]
  /** Units that each of its slots feeds; 0 for what is no part of a block. */
  times: number
  /** Those of them in whole blocks, where halves of blocks have some too. */
  timesInWhole?: number
  /** Wanted beyond those needed, whatever the quilt has spares of. */
  spare?: number
  /** To be cut along the cloth. */
  along?: boolean
  /** Of a border whose two pairs are not cut as one: for which it is. */
  pair?: 'sides' | 'ends'
}
