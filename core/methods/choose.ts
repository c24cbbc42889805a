import type { UnitDemand } from '../block/demands'
import type { Quilt } from '../quilt/quilt'
import { METHODS } from './index'
import type { Made, Method, Workroom } from './method'

/** One way of making the units of a demand, and what it costs. */
export interface Way {
  method: Method
  made: Made
  /** Cloth as cut from full strips of its own, in square inches. */
  cloth: number
  /** Seams and cuts for all of the units. */
  work: number
}

export interface Choice { demand: UnitDemand, way: Way, ways: Way[] }

/** Ways within this part of the least cloth count as equal; the one with less work wins. */
const EQUAL_CLOTH = 0.01

/** All ways that fit, best first for the quilt's aim; a way that the quilter asked for comes first of all. */
export function waysFor(demand: UnitDemand, quilt: Quilt, room: Workroom): Way[] {
  const asked = askedFor(demand)
  const ways = METHODS
    .filter(method => method.kinds.includes(demand.unit.kind) && method.fits(demand.unit, room))
    // a template is the last resort: only where nothing else is known, or where it was asked for
    .filter((method, _, all) => method.id !== 'template' || asked === 'template' || all.length === 1)
    .map(method => wayOf(method, demand, room))
  const least = Math.min(...ways.map(way => way.cloth))
  const score = (way: Way): number[] => {
    switch (quilt.aim) {
      case 'fewest-steps': return [way.work, way.cloth]
      case 'most-exact': return [way.made.trim ? 0 : 1, way.made.biasEdges, way.work]
      case 'least-cloth':
      case 'from-precuts': return [way.cloth <= least * (1 + EQUAL_CLOTH) ? 0 : way.cloth, way.work]
    }
  }
  return ways.sort((a, b) => Number(b.method.id === asked) - Number(a.method.id === asked) || compare(score(a), score(b)))
}

/** The method the quilter asked for this kind of unit, if any. */
export function askedFor(demand: UnitDemand): string | null {
  if (demand.method === 'auto' || demand.method === 'foundation') return null
  return demand.method === 'template' ? 'template' : demand.method[demand.unit.kind] ?? null
}

function wayOf(method: Method, demand: UnitDemand, room: Workroom): Way {
  const made = method.make(demand.unit, demand.count, room)
  const cloth = made.pieces.reduce((sum, piece) => {
    const usable = room.usableWidth(piece.cloth)
    const count = piece.pool ? piece.pool.needed / piece.pool.gives : piece.count
    const lies = piece.turn ? [[piece.width, piece.height], [piece.height, piece.width]] : [[piece.width, piece.height]]
    const lengths = lies.map(([across, down]) => across! > usable + 1e-6 ? Infinity : count / Math.floor(usable / across! + 1e-6) * down!)
    return sum + Math.min(...lengths) * usable
  }, 0)
  return { method, made, cloth, work: (made.seams + made.cuts) * demand.count }
}

function compare(a: readonly number[], b: readonly number[]): number {
  for (const [i, value] of a.entries()) {
    if (Math.abs(value - b[i]!) > 1e-9) return value - b[i]!
  }
  return 0
}
