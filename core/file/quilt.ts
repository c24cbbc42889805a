import type { CornerKind } from './corners'
import type { BorderRun } from './entries/borderEntry'
import type { StripStripes } from './stripStripes'
import type { Design } from '../designs/design'
import type { Placement } from '../geometry/placement'
import type { Inches } from '../measure/ruler'
import type { ParsedQuilt } from './schema'
import type { CellPlace } from './settings/settingRules'

type Parsed = ParsedQuilt

/** A cloth with its widths worked out. */
export interface Cloth extends Omit<Parsed['cloths'][number], 'name' | 'letter' | 'selvage'> {
  name: string
  letter: string
  selvage: Inches
  /** Width left after shrinking and without selvages. */
  usable: Inches
  /** Of cloth that comes in pieces: its length left after shrinking; else 0. */
  usableLength: Inches
  /** Of sewn blocks that stand as cloth: their kind in the tray. */
  tray?: string
  /** Longest strip without a join: the usable width, or the longer side of cloth that comes in pieces. */
  longestStrip: Inches
}

/** A block with its size; `cloths` dresses every role. */
export interface Block extends Omit<Parsed['blocks'][number], 'name' | 'frame'> {
  name: string
  /** Of the block itself; `outer`: with its frames, as it stands in the quilt. */
  width: Inches
  height: Inches
  outer: { width: Inches; height: Inches }
  /** Strips round it, inside out. */
  frame: readonly Frame[]
  /** Of a block that the file does not name and the setting asks for. */
  derived?: Derived
}

/** Where a half lies in its row or column. */
export type HalfSide = 'left' | 'right' | 'top' | 'bottom'

/** Half of a block at the end of a shifted row; a pieced sash, cornerstone, border or border corner. */
export type Derived =
  | { what: 'half'; of: string; side: HalfSide }
  | { what: 'sashing' | 'cornerstone' }
  | { what: 'border' | 'border-corner'; border: number }

/** Those that the file names. */
export function ownBlocks({ blocks }: Pick<Quilt, 'blocks'>): Block[] {
  return blocks.filter(({ derived }) => !derived)
}

/** Strips round a block: two on its sides, then two on its ends. Finished widths. */
export interface Frame {
  cloth: string
  sides: Inches
  ends: Inches
}

export interface Cell extends Placement {
  block: string
  /** Cloths of this place alone, over those of its block. */
  cloths: Readonly<Record<string, string>>
}

/** A quilt file that has been read, checked and completed. Lengths in inches. */
export interface Quilt extends Omit<
  Parsed,
  'cloths' | 'blocks' | 'designs' | 'setting' | 'wall' | 'borders' | 'binding'
> {
  cloths: Cloth[]
  blocks: Block[]
  /** Those that ship and those of this file, by id; a file's own design wins. */
  designs: ReadonlyMap<string, Design>
  setting: Omit<Parsed['setting'], 'cells' | 'fill'> & {
    cells: Cell[][]
    /** How far each row (column) of an offset setting stands from the edge, used in turn; else none. */
    shifts: Inches[]
    /** Blocks that fill the short sashes, by their length; none where sashes are of one cloth. */
    sashBlocks: readonly { length: Inches; block: string }[]
    /** The block in each cornerstone; null where they are of one cloth. */
    stoneBlock: string | null
  }
  /** Of what the file says of it, what fits the quilt. */
  wall: QuiltWall
  borders: Border[]
  binding: QuiltBinding | null
}

/** Blocks as they hang on a wall. */
export interface QuiltWall {
  /** Places whose blocks stay. */
  locked: CellPlace[]
  /** Blocks left over, each with its number in the file. */
  out: { entry: number; cell: Cell }[]
  /** Layouts that were kept; without cells one that no longer fits. */
  kept: { name: string; at?: string; cells: Cell[][] | null }[]
}

export interface QuiltBinding extends Omit<NonNullable<Parsed['binding']>, 'cloth' | 'seam' | 'bias' | 'attach'> {
  /** What it shows; the first of several. */
  cloth: string
  /** Dealt in turn, strip by strip. */
  cloths: readonly string[]
  seam: Inches
  isBias: boolean
  /** The side it is sewn to first. */
  attach: 'front' | 'back'
}

export interface Border {
  sides: Inches
  ends: Inches
  cloth: string
  corners: CornerKind
  /** What its corners wear, where they are pieces of their own. */
  cornerWears?: { cloth: string } | { block: string }
  /** Of a pieced border: the blocks repeated along its sides and its ends, and those in every second place. */
  pieced?: { sides: string; ends: string; alternate?: { sides: string; ends: string }; run: BorderRun }
  /** How a pieced corner lies at the upper left; the others follow it. */
  cornerTurn: Cell['turn']
  first: 'sides' | 'ends'
  long: 'along' | 'across'
  /** How stripes are to run in its strips, where its cloth has them. */
  stripes?: StripStripes
  /** Cut wider by this on its outer edge, and no wider finished: for a binding sewn with a wider seam than all else. */
  beyond: Inches
}

const indexes = new WeakMap<readonly { id: string }[], ReadonlyMap<string, unknown>>()

/** A list by id; made once for each list. */
function byId<T extends { id: string }>(list: readonly T[]): ReadonlyMap<string, T> {
  const known = indexes.get(list) as ReadonlyMap<string, T> | undefined
  if (known) return known
  const index = new Map(list.map(entry => [entry.id, entry]))
  indexes.set(list, index)
  return index
}

/** A cloth by its id. Throws where there is none: reading refuses such files. */
export function clothOf(quilt: Quilt, id: string): Cloth {
  const cloth = byId(quilt.cloths).get(id)
  if (!cloth) throw new Error(`no cloth ${id}: readQuilt should have refused`)
  return cloth
}

/** A block by its id. Throws where there is none: reading refuses such files. */
export function blockOf(quilt: Quilt, id: string): Block {
  const block = byId(quilt.blocks).get(id)
  if (!block) throw new Error(`no block ${id}: readQuilt should have refused`)
  return block
}

/** The design of a block. Throws where there is none: reading refuses such files. */
export function designOf(quilt: Quilt, block: Block): Design {
  const design = quilt.designs.get(block.design)
  if (!design) throw new Error(`no design ${block.design}: readQuilt should have refused`)
  return design
}
