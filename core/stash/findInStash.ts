// In: a stash and what is looked for. Out: the cloths that are meant, in an order.
import { lightness } from '../measure/lightness'
import type { Stash, StashCloth } from './stashCloth'

/** Light, medium and dark, as cloths lie beside each other in a quilt. Of a hundred, CIE L*. */
export const VALUE_GROUPS = ['dark', 'medium', 'light'] as const
export type ValueGroup = (typeof VALUE_GROUPS)[number]

/** Thirds of what cloth can be: printed black is about 15, white 97. */
export function valueGroup(colour: string): ValueGroup {
  const light = lightness(colour)
  return light < 42 ? 'dark' : light < 70 ? 'medium' : 'light'
}

export interface StashQuery {
  /** Words that all have to be in its name, where it is from, or for whom it is set aside. */
  text: string
  group: ValueGroup | 'all'
}

/** From dark to light, as on a shelf. */
export function findInStash(stash: Stash, { text, group }: StashQuery): StashCloth[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  return stash
    .filter(({ colour }) => group === 'all' || valueGroup(colour) === group)
    .filter(({ name, from, pattern, asides }) => {
      const all = [name, from, pattern, ...asides.map(aside => aside.name)].join(' ').toLowerCase()
      return words.every(word => all.includes(word))
    })
    .toSorted((a, b) => lightness(a.colour) - lightness(b.colour) || a.name.localeCompare(b.name))
}
