import { blockOf, type Border, type Cell, type Quilt } from '../../file/quilt'
import type { StageKey } from '../../file/measuredThing'
import type { Box } from '../../geometry/polygon'
import { sameLength, type Inches } from '../../measure/ruler'
import { plus, type Sum } from '../../measure/sum'
import { derivedCell } from '../regions/derivedCell'
import { beyondSeam } from '../regions/rawEdge'
import type { Corner, Region } from '../regions/region'
import type { GrowthStage } from './growthStage'

export type Side = 'left' | 'right' | 'top' | 'bottom'

/** One strip of a border. `length`: raw, as it is trimmed and sewn on. */
export interface BorderStrip {
  border: number
  side: Side
  length: Sum
  finishedWidth: Inches
  /** Cut wider by this on its outer edge. */
  beyond: Inches
}

/** A border with its place, counted from 1. */
export interface PlacedBorder extends Border {
  at: number
  /** Of a pieced border: how long each unit of a side is, finished, and which stands where of so many. */
  unit: (side: Side) => { length: Inches; cellAt: (place: number, count: number) => Cell } | null
  /** What a corner wears that is a piece of its own. */
  corner: (corner: Corner) => Region['fabric']
}

/** The top inside a border, finished, and what was measured of a stage: its planned size where nothing was. */
export interface Inside {
  width: Sum
  height: Sum
  seam: Inches
  /** `beyond`: what of the raw size lies outside both seams. */
  sizeOf: (stage: StageKey, side: 'width' | 'height', planned: Sum, beyond?: Inches) => Sum
}

/** What a border adds: its strips in the order of sewing, and the size of the top with it before that is measured. */
export interface Ring {
  strips: Omit<BorderStrip, 'border' | 'beyond'>[]
  width: Sum
  height: Sum
  first?: GrowthStage['first']
}

/** One way of putting a border round a top: a file of its own, and a line in `borders/index.ts`. */
export interface BorderStyle {
  around: (inside: Inside, border: PlacedBorder) => Ring
  /**
   * Its strips as drawn round a box, in the order of sewing; a strip is one region, or several that are sewn end to end
   * first. By planned sizes, since measures of the whole say nothing of its parts.
   */
  groups: (inside: Box, border: PlacedBorder) => Region[][]
}

/** From finished to raw edge to raw edge; `beyond`: cut wider by so much on both edges. */
export function raw(finished: Sum, seam: Inches, beyond: Inches = 0): Sum {
  return plus(finished, { what: 'seams', count: 2, each: seam }, ...beyondSeam(beyond, 2))
}

/** The borders with their places from the inside, from 1, and what each is pieced of. */
export function placed(quilt: Quilt): PlacedBorder[] {
  return quilt.borders.map((border, i) => ({
    ...border,
    at: i + 1,
    unit: side => unitOf(quilt, border, side),
    corner: corner => cornerOf(quilt, border, corner),
  }))
}

/** The top of the design lies outwards on every side. */
const OUTWARDS = { top: 0, right: 90, bottom: 180, left: 270 } as const

function unitOf(quilt: Quilt, { pieced }: Border, side: Side): ReturnType<PlacedBorder['unit']> {
  if (!pieced) return null
  const pair = side === 'left' || side === 'right' ? 'sides' : 'ends'
  // turned outwards, the units of the lower and the left side run against the way in which they are counted
  const isCountedBack = side === 'bottom' || side === 'left'
  return {
    length: blockOf(quilt, pieced[pair]).width,
    cellAt(place, count) {
      const isMirrored = pieced.run === 'mirrored'
      // round the corners every side is begun at the end where the one before it ends
      const fromStart = isCountedBack && !isMirrored ? count - 1 - place : place
      const fromEnd = Math.min(place, count - 1 - place)
      const isSecond = (isMirrored ? fromEnd : fromStart) % 2 === 1
      const block = isSecond && pieced.alternate ? pieced.alternate[pair] : pieced[pair]
      const isFarHalf = isCountedBack ? place < (count - 1) / 2 : place > (count - 1) / 2
      return derivedCell(quilt, block, OUTWARDS[side], isMirrored && isFarHalf)
    },
  }
}

/** Square corners are turned, others mirrored, so that one design lies alike in all four. */
function cornerOf(
  quilt: Quilt,
  { cornerWears, cornerTurn, cloth, sides, ends }: Border,
  corner: Corner,
): Region['fabric'] {
  if (!cornerWears || 'cloth' in cornerWears) return cornerWears ?? { cloth }
  const { block } = cornerWears
  const turned = (turn: number) => ((turn + cornerTurn) % 360) as Cell['turn']
  if (sameLength(sides, ends)) return { cell: derivedCell(quilt, block, turned(TURNS[corner])) }
  const isRight = corner === 'ne' || corner === 'se'
  const isLower = corner === 'se' || corner === 'sw'
  // a corner that is not square can only stand on its head; mirrored it turns the other way
  return { cell: derivedCell(quilt, block, isLower !== cornerTurn % 360 >= 180 ? 180 : 0, isRight !== isLower) }
}

const TURNS = { nw: 0, ne: 90, se: 180, sw: 270 } as const
