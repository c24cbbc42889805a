// In: units wanted. Out: every way to make them, best first for the quilter's aim.
import { makesKind } from '../file/methodNames'
import type { UnitDemand } from '../make/units/unitDemand'
import { area as polygonArea } from '../geometry/polygon'
import { fitsIn } from '../cut/cutPiece'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { sumOf, type Sum, type Term } from '../measure/sum'
import type { Quilt } from '../file/quilt'
import { askedFor } from '../file/askedFor'
import { METHODS } from '../make/methods/index'
import type { MethodOutput, Method, PieceDraft, MethodContext } from '../make/methods/method'
import { hasSlantedStripes, onStripes } from '../make/methods/stripes'

/** One way of making the units of a demand, and what it costs. */
export interface Way {
  method: Method
  made: MethodOutput
  /** Cloth as cut from full strips of its own, in square inches; and the length of those strips. */
  cloth: number
  length: Inches
  lengthSum: Sum
  /** Seams and cuts for all of the units, those made beyond them included. */
  work: number
  /** Area of the pieces, in square inches, and the part of it that is in none of the units. */
  area: number
  waste: number
  /** Whether its pieces can be cut from those cloths that come in pieces. */
  fitsPieces: boolean
}

export interface ChosenWay {
  demand: UnitDemand
  way: Way
  ways: Way[]
}

/** Ways within this part of the least cloth count as equal; the one with less work wins. */
const EQUAL_CLOTH = 0.01

/** All ways that fit, best first for the quilt's aim; a way that the quilter asked for comes first of all. */
export function waysFor(demand: UnitDemand, quilt: Quilt, room: MethodContext): Way[] {
  const asked = askedFor(demand.method, demand.unit.kind)
  const ways = METHODS.filter(
    method =>
      makesKind(method.id, demand.unit.kind) && method.fits(demand.unit, { ...room, care: demand.care }, demand.count),
  )
    // a strip can be laid along or across the stripes whichever way the patch lies in the unit
    .filter(method => method.takesSlantedStripes || !hasSlantedStripes(demand.unit))
    // papers are a way of making a whole block, not one unit of it
    .filter(method => !method.isForWholeBlocks || asked === method.id)
    .filter(method => method.isForPanels || !demand.unit.panel)
    .map(method => wayOf(method, demand, { ...room, care: demand.care }))
  const least = Math.min(...ways.map(way => way.cloth))
  const score = (way: Way): number[] => {
    switch (quilt.aim) {
      case 'fewest-steps':
        return [way.work, way.cloth]
      case 'most-exact':
        return [way.made.trim ? 0 : 1, way.made.biasEdges, way.work]
      case 'from-precuts':
        return [way.fitsPieces ? 0 : 1, way.area, way.work]
      case 'least-cloth':
        return [way.cloth <= least * (1 + EQUAL_CLOTH) ? 0 : way.cloth, way.work]
    }
  }
  // a template is the last resort: it comes first only where nothing else is known, or where it was asked for
  const rank = (way: Way) => (way.method.id === asked ? 0 : way.method.isLastResort ? 2 : 1)
  return ways.sort((a, b) => rank(a) - rank(b) || compare(score(a), score(b)))
}

function wayOf(method: Method, demand: UnitDemand, room: MethodContext): Way {
  const plain = method.make(demand.unit, demand.count, room, demand.mirrored)
  const apart = method.ownPile === undefined ? {} : { ownPile: method.ownPile }
  const made = { ...plain, pieces: plain.pieces.map(draft => ({ ...onStripes(draft, demand.unit), ...apart })) }
  const strips = made.pieces.map(piece => ownStrip(piece, room))
  const lengthSum = sumOf(
    strips.map((strip): Term => ({ what: 'strips-of', count: strip.strips, each: strip.depth, of: strip.cloth })),
  )
  const cloth = strips.reduce(
    (sum, { strips: count, depth, cloth: name }) => sum + count * depth * room.usableWidth(name),
    0,
  )
  const area = made.pieces.reduce((sum, piece) => sum + piece.width * piece.height * wanted(piece), 0)
  const used = demand.count * demand.unit.patches.reduce((sum, patch) => sum + polygonArea(patch.cutLine), 0)
  return {
    method,
    made,
    cloth,
    length: strips.reduce((sum, { strips: count, depth }) => sum + count * depth, 0),
    lengthSum,
    // what a lot gives beyond those wanted is sewn and cut all the same
    work: (made.seams + made.cuts) * Math.max(demand.count, made.made),
    area,
    waste: 1 - used / area,
    fitsPieces: made.pieces.every(piece => fitsPieces(piece, room)),
  }
}

/**
 * Strips of its own for a piece, lying the way that takes less cloth, in parts of a strip; without end where it fits
 * no way.
 */
function ownStrip(piece: PieceDraft, room: MethodContext): { cloth: string; strips: number; depth: Inches } {
  const usable = room.usableWidth(piece.cloth)
  const lies = piece.turn
    ? ([
        [piece.width, piece.height],
        [piece.height, piece.width],
      ] as const)
    : ([[piece.width, piece.height]] as const)
  const ways = lies.map(([across, depth]) => ({
    depth,
    strips: across > usable + TOLERANCE ? Infinity : wanted(piece) / fitsIn(usable, across),
  }))
  return { cloth: piece.cloth, ...ways.reduce((a, b) => (b.strips * b.depth < a.strips * a.depth ? b : a)) }
}

function fitsPieces(piece: PieceDraft, room: MethodContext): boolean {
  if (!room.isInPieces(piece.cloth)) return true
  const [short, long] = [piece.width, piece.height].sort((a, b) => a - b) as [Inches, Inches]
  return short <= room.usableWidth(piece.cloth) + TOLERANCE && long <= room.longestStrip(piece.cloth) + TOLERANCE
}

/** Pieces of a draft, a share of a square where its triangles serve others too. */
function wanted(piece: PieceDraft): number {
  return piece.pool ? piece.pool.needed / piece.pool.gives : piece.count
}

function compare(a: readonly number[], b: readonly number[]): number {
  for (const [i, value] of a.entries()) {
    if (Math.abs(value - b[i]!) > 1e-9) return value - b[i]!
  }
  return 0
}
