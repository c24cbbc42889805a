import type { QuiltingKind } from '../file/entries/quiltingEntry'
import type { Point, Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'

/** The top as it is quilted, in inches from its raw top left. */
export interface QuiltedTop {
  width: Inches
  height: Inches
  /** Of the raw edge beyond the finished one. */
  beyond: Inches
  parts: readonly QuiltedPart[]
  patches: readonly QuiltedPatch[]
}

/** A block, a strip of a border, a sash. */
export interface QuiltedPart {
  kind: 'block' | 'border' | 'other'
  outline: Polygon
  /** The block that it is. */
  block?: string
}

export interface QuiltedPatch {
  polygon: Polygon
  /** By its place among the parts. */
  part: number
}

/** A line to be quilted: its points, the first again at the end where it closes; of a tie one point. */
export interface QuiltingLine {
  kind: QuiltingKind
  points: readonly Point[]
}

/** Where lines are wanted. */
export type Where = 'all' | 'blocks' | 'borders' | { block: string }

/** Whether a part of the top is meant. */
export function isInScope({ kind, block }: QuiltedPart, where: Where): boolean {
  if (where === 'all') return true
  if (where === 'blocks') return kind === 'block'
  return where === 'borders' ? kind === 'border' : block === where.block
}
