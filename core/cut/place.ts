// Where the pieces of a pile go. In: places. Out: the name they have in the plan.
import type { PartName } from '../make/methods/partName'

/** Blocks by their ids, a border counted from 1, or a part of the top that has no number. */
export type PiecePlace =
  { block: string } | { border: number } | { part: 'sashing' | 'setting' | 'filler' | 'frame' | 'edge' }

/** `star + crown: points`, `border 1: border`. */
export function useOf(places: readonly PiecePlace[], part: PartName): string {
  return `${places.map(placeName).join(' + ')}: ${part}`
}

/** Places without those named twice. */
export function distinctPlaces(places: readonly PiecePlace[]): PiecePlace[] {
  return [...new Map(places.map(place => [placeName(place), place])).values()]
}

function placeName(place: PiecePlace): string {
  if ('block' in place) return place.block
  return 'border' in place ? `border ${place.border}` : place.part
}
