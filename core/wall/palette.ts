import type { Cloth } from '../file/quilt'
import { labApart, labOf, type Lab } from '../measure/lightness'

/** The colours of cloths, and how far apart each two look; cloths by their number. */
export interface Palette {
  numbers: ReadonlyMap<string, number>
  labs: readonly Lab[]
  /** CIEDE2000 of each two, row by row. */
  apart: Float64Array
}

/** Of the cloths that are used. */
export function paletteOf(cloths: readonly Cloth[], used: ReadonlySet<string>): Palette {
  const shown = cloths.filter(({ id }) => used.has(id))
  const labs = shown.map(({ colour }) => labOf(colour))
  const apart = new Float64Array(labs.length * labs.length)
  labs.forEach((one, i) =>
    labs.forEach((other, k) => {
      if (k <= i) return
      apart[i * labs.length + k] = labApart(one, other)
      apart[k * labs.length + i] = apart[i * labs.length + k]!
    }),
  )
  return { numbers: new Map(shown.map(({ id }, i) => [id, i])), labs, apart }
}
