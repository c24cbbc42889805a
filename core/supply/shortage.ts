// In: a quilt. Out: of which cloths there is less than it takes.
import type { Quilt } from '../file/quilt'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import type { Inches } from '../measure/ruler'
import { atHandOf } from '../plan/plannedAtHand'
import { clothTaken, type ClothTaken } from '../plan/clothTaken'

/** Inches of strips for which there is no room on the cloth at hand, by cloth; those with enough are not in it. */
export type Shortage = ReadonlyMap<string, Inches>

/**
 * Cloth of which it is not said how much there is can be bought, and is never short. Pieces of cloth count by their
 * length; a piece that lies no way on its cloth is short without end.
 */
export function shortageOf(quilt: Quilt, { needs, backing }: ClothTaken = clothTaken(quilt)): Shortage {
  const short = new Map<string, Inches>()
  quilt.cloths.forEach((cloth, i) => {
    const need = needs[i]!
    const missing =
      cloth.form === 'piece'
        ? Math.max(0, need.need.total - (cloth.count ?? 1)) * cloth.usableLength
        : (atHandOf(quilt, cloth, need, backing)?.short.total ?? 0)
    const inches = need.unplaced.length > 0 ? Infinity : missing
    if (inches > 0) short.set(cloth.id, inches)
  })
  return short
}

/** Of all cloths together. */
export function totalShort(shortage: Shortage): Inches {
  return [...shortage.values()].reduce((sum, inches) => sum + inches, 0)
}

/** Whether there can be such a quilt, and what is at hand is enough for it. */
export function isEnough(file: QuiltFile): boolean {
  const read = readQuilt(file)
  return read.ok && shortageOf(read.value).size === 0
}
