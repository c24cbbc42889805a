import type { Cell, Quilt } from '../../file/quilt'
import type { BlockMake } from './blockMake'
import { dressUnit, type Feed } from './dressUnit'
import type { DressedUnit } from './dressedUnit'
import type { Unit } from './unit'
import { unitsOf } from './unitTree'

interface Dressed {
  dressed: DressedUnit
  feeds: Feed[]
}

/**
 * The units of a picture in the cloths of one place. Those that look alike are dressed once: it has thousands. A
 * segment and one that reads backwards come from sets of their own: turned round they are pressed the other way.
 */
export function dressedPicture(quilt: Quilt, make: BlockMake, cell: Cell): Map<Unit, Dressed> {
  const looks = new Map<string, { first: number } & Dressed>()
  const words = wordsByPatch(make)
  const { patches } = make.design
  return new Map(
    unitsOf(make.units).map(unit => {
      const first = unit.patches[0]!.patch
      const word = words.get(first) ?? ''
      const look = `${unit.patches.map(({ patch }) => patches[patch]!.role).join(' ')}|${word}`
      const known = looks.get(look)
      if (!known) {
        const { dressed, feeds } = dressUnit(quilt, make, unit, cell)
        const own = { dressed: word === '' ? dressed : { ...dressed, key: `${dressed.key}|${word}` }, feeds }
        looks.set(look, { first, ...own })
        return [unit, own]
      }
      // squares of a row follow each other: the same distance from the first square of each
      const feeds = known.feeds.map(feed => ({ ...feed, patch: feed.patch + first - known.first }))
      return [unit, { dressed: known.dressed, feeds }]
    }),
  )
}

/** The word of each segment by its first square. */
function wordsByPatch({ design, segments = [] }: BlockMake): Map<number, string> {
  return new Map(
    segments.flatMap((row, y) =>
      row.flatMap(({ x, word }) => (word === null ? [] : [[y * design.width + x, word] as const])),
    ),
  )
}
