// What a way of setting blocks allows and asks for. Refusing, mending and the cards read it.
import type { Path, Problem } from '../problem'
import type { Inches } from '../../measure/ruler'

export type PlacedSide = 'width' | 'height'
/** Of a place in the setting. */
export type CellPlace = readonly [row: number, column: number]
/** Where sashes run: round every block, or only in long strips between rows or between columns. */
export type SashesBetween = 'both' | 'rows' | 'columns'
/** What can fill the ends of a row or column: the halves of a block, or a piece of cloth. */
export type EndFiller = 'half-blocks' | 'cloth'

/**
 * Which blocks take a size that is typed: all of the quilt, those of a row or a column, or the one in its place, which
 * fills it with a frame where it cannot have its own.
 */
export type SizeScope = 'all' | 'row' | 'column' | 'place'

/** What a file says of how many blocks there are, and where. */
export interface SettingCounts {
  across: number
  down: number
  ends?: 'half-blocks' | { cloth: string }
  rows?: readonly { cells: readonly unknown[] }[]
}

/** A block as it stands in its place, with its frames. */
export interface StandingBlock {
  width: Inches
  height: Inches
  path: Path
}

/** One way of setting blocks; its geometry stands under the same name in `top/settings`. */
export interface SettingRules {
  /** Blocks stand on a side or on a corner: there seams run from corner to corner, and sizes are √2 apart. */
  standing: 'on-side' | 'on-corner'
  /** What blocks are joined to first; a straight setting may be joined otherwise by its sashes. */
  joined: 'row' | 'column' | 'diagonal'
  /** Along which side its rows or columns are shifted; null: not at all. */
  shifted: PlacedSide | null
  /** What can fill the ends of its lines, and one of it must; empty: they have no ends to fill. */
  ends: readonly EndFiller[]
  /** It has triangles of cloth along its edge. */
  hasTriangles: boolean
  /** The edge can lie beyond the corners of the blocks, where there is no sashing. */
  canFloat: boolean
  /** Each row has its own blocks and its own height. */
  hasOwnRows: boolean
  /** Where blocks can have a size that others have not. */
  ownSizes: readonly Exclude<SizeScope, 'all'>[]
  /** Its blocks lie side by side, in straight rows of one height. */
  plainRows: boolean
  sashing: {
    /** Where sashes can run; the first is taken for what it cannot have. */
    between: readonly [SashesBetween, ...SashesBetween[]]
    /** Where sashes cross: no cornerstones, some if wanted, or always, and then each of one cloth. */
    stones: 'none' | 'free' | 'always'
    canBePieced: boolean
    /** They always run round the outside too. */
    isOuter: boolean
  }
  /** How many places each row has. */
  lengths: (counts: SettingCounts) => number[]
  /** The column in which the place of a row of this length stands. */
  columnOf: (counts: SettingCounts, length: number, place: number) => number
  /** Where sizes of blocks do not fill their rows and columns. */
  sizeProblems: (placed: readonly (readonly StandingBlock[])[], counts: SettingCounts) => Problem[]
}

/** As many rows as are asked for, each of as many places. */
export function fullRows({ across, down }: SettingCounts): number[] {
  return Array.from({ length: down }, () => across)
}

/** Whether two finished sizes are not the same. */
export function differ(a: Inches, b: Inches): boolean {
  return Math.abs(a - b) > 1e-6
}
