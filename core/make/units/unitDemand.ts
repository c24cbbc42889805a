import type { TrimAllowance } from '../../file/trimAllowances'
import type { Block } from '../../file/quilt'
import type { DressedUnit } from './dressedUnit'
import type { Feed } from './dressUnit'

/** Like units wanted over the whole quilt. */
export interface UnitDemand {
  /** Unit, way and care together: what is made in one lot. */
  key: string
  unit: DressedUnit
  count: number
  feeds: Feed[]
  /** How many of its mirror image the quilt wants, where a unit has two hands. */
  mirrored: number
  /** Which demands are for its mirror image. */
  mirrors: string[]
  /** Of `count`, how many for each block; and how they were counted: so many blocks with so many units in each. */
  perBlock: Map<string, number>
  counted: { block: string; blocks: number; each: number }[]
  /** What its block's quilter asked for. */
  method: Block['method']
  /** How closely what is trimmed is cut. */
  care: TrimAllowance
  /** Squares of a picture cut beyond those needed. */
  spare?: number
}
