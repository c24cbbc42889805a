// In: a quilt. Out: what its layouts save of cloth, and in money.
import { toCutPiece } from '../cut/need'
import { savedOf } from '../cut/savedOf'
import type { Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'
import { clothTaken } from '../plan/clothTaken'
import { costOf } from '../plan/plannedAtHand'

export interface Saved {
  inches: Inches
  /** Of the cloths whose price is said; null: of none. */
  cost: number | null
}

/** Against each size in full strips of its own. */
export function savedOn(quilt: Quilt): Saved {
  const { needs, pieces } = clothTaken(quilt)
  const saved = quilt.cloths.map((cloth, i) => {
    const own = pieces.filter(piece => piece.cloth === cloth.id).map(toCutPiece)
    const { total } = savedOf(cloth, needs[i]!, own)
    return { total, cost: costOf(quilt, cloth, total, needs[i]!.unit)?.total }
  })
  const costs = saved.flatMap(({ cost }) => (cost === undefined ? [] : [cost]))
  return {
    inches: saved.reduce((sum, { total }) => sum + total, 0),
    cost: costs.length === 0 ? null : costs.reduce((sum, cost) => sum + cost, 0),
  }
}
