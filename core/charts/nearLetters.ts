import { labOf, meltingOf, type Melting } from '../measure/lightness'
import { letterContacts } from './contacts'
import type { GridSize } from './drawing'

/** Letters that touch in colours too near in value, by their places. */
export interface NearPlaces extends Melting {
  one: number
  other: number
  edges: number
}

/**
 * Letters of a picture that touch and are too near in value, the longest common edge first. `subject`: places of the
 * letters that are to stand out; where there are any only its edges count. Source: handbook §5, 12 of L*.
 */
export function nearLetters(
  size: GridSize,
  squares: ArrayLike<number>,
  colours: readonly string[],
  subject: ReadonlySet<number>,
): NearPlaces[] {
  const labs = colours.map(labOf)
  return letterContacts(size, squares).flatMap(({ one, other, edges }): NearPlaces[] => {
    if (subject.size > 0 && subject.has(one) === subject.has(other)) return []
    const melting = meltingOf(labs[one]!, labs[other]!)
    return melting ? [{ one, other, edges, ...melting }] : []
  })
}
