import type { Strip } from './cutPiece'
import type { Leftover } from './layout'
import { TOLERANCE } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import type { ClothNeed } from './need'

/** The reasons for what a cloth needs, its strips and what is left of them. `letters`: of each piece, by id. */
export function needSums(
  need: ClothNeed,
  path: string,
  letters: ReadonlyMap<string, string>,
  put: (path: string, sum: Sum) => void,
): void {
  put(`${path}.need`, need.need)
  put(`${path}.buy`, need.buy)
  put(
    `${path}.waste`,
    need.area > 0
      ? sumOf(
          [
            { what: 'whole', value: 1 },
            { what: 'area-used', value: need.waste - 1 },
          ],
          [
            { what: 'area-of-pieces', value: need.area },
            { what: 'area-of-cloth', value: need.area / (1 - need.waste) },
          ],
        )
      : { total: 0, terms: [] },
  )
  put(`${path}.laid`, sumOf([{ what: 'strips-laid', value: need.laid }]))
  need.strips.forEach((strip, s) => {
    const side = strip.run === 'along' ? 'width' : 'height'
    const other = strip.run === 'along' ? 'height' : 'width'
    const deepest = strip.cuts.reduce((a, b) => (b[side] > a[side] ? b : a))
    put(
      `${path}.strips.${s}.${side}`,
      sumOf([{ what: 'deepest-piece', value: strip[side], of: letters.get(deepest.piece) }]),
    )
    put(
      `${path}.strips.${s}.${other}`,
      sumOf([{ what: strip.run === 'along' ? 'length' : 'usable-there', value: strip[other] }]),
    )
  })
  need.left.forEach((rest, i) => {
    const strip = need.strips.find(candidate => candidate.sheet === rest.sheet && inside(candidate, rest))
    if (!strip) return
    // the end of the strip, as deep as the strip; or above a piece less deep than the strip, as wide as that piece
    const isEnd =
      Math.abs(rest.height - strip.height) <= TOLERANCE
      && Math.abs(rest.x + rest.width - strip.x - strip.width) <= TOLERANCE
    put(
      `${path}.left.${i}.width`,
      isEnd
        ? sumOf([
            { what: 'length-of-strip', value: strip.width },
            { what: 'cut-from-it', value: rest.x === strip.x ? 0 : strip.x - rest.x },
          ])
        : sumOf([{ what: 'width-of-the-piece', value: rest.width }]),
    )
    put(
      `${path}.left.${i}.height`,
      isEnd
        ? sumOf([{ what: 'depth-of-strip', value: strip.height }])
        : sumOf([
            { what: 'depth-of-strip', value: strip.height },
            { what: 'cut-from-it', value: rest.height - strip.height },
          ]),
    )
  })
}

function inside(strip: Strip, rest: Leftover): boolean {
  return (
    rest.x >= strip.x - TOLERANCE
    && rest.y >= strip.y - TOLERANCE
    && rest.x + rest.width <= strip.x + strip.width + TOLERANCE
    && rest.y + rest.height <= strip.y + strip.height + TOLERANCE
  )
}
