// In: a strip of a layout. Out: the strip with the reasons of its sides.
import type { Strip } from '../cut/cutPiece'
import { explained, opaque, type Explainable } from '../measure/explained'
import { sameLength } from '../measure/ruler'
import { sumOf, type Term } from '../measure/sum'

/** A strip is as deep as its deepest column of pieces, and as long as the cloth lets it be. */
export function plannedStrip(strip: Strip, numbers: ReadonlyMap<string, string>): Explainable<Strip> {
  if (strip.run === 'along') {
    const widest = strip.cuts.reduce((a, b) => (b.width > a.width ? b : a))
    return {
      ...strip,
      cuts: opaque(strip.cuts),
      width: explained(sumOf([{ what: 'deepest-piece', value: strip.width, of: numbers.get(widest.piece) }])),
      height: explained(sumOf([{ what: 'length', value: strip.height }])),
    }
  }
  return {
    ...strip,
    cuts: opaque(strip.cuts),
    height: explained(sumOf(depthTerms(strip, numbers))),
    width: explained(sumOf([{ what: 'usable-there', value: strip.width }])),
  }
}

/** Its deepest piece; or those on top of each other that are deeper together. */
function depthTerms({ height, cuts }: Strip, numbers: ReadonlyMap<string, string>): Term[] {
  const deepest = cuts.reduce((a, b) => (b.height > a.height ? b : a))
  if (sameLength(deepest.height, height))
    return [{ what: 'deepest-piece', value: height, of: numbers.get(deepest.piece) }]
  const lowest = cuts.reduce((a, b) => (b.y + b.height > a.y + a.height ? b : a))
  return cuts
    .filter(cut => cut.x === lowest.x)
    .map((cut): Term => ({ what: 'piece-of-the-stack', value: cut.height, of: numbers.get(cut.piece) }))
}
