import type { ClothNeed } from '../cut/need'
import type { Piece } from '../cut/piece'
import { blockOf, designOf, type Quilt } from '../file/quilt'
import type { Backing } from '../layers/backing'
import type { AtHand } from '../layouts/atHand'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum, type Term } from '../measure/sum'
import type { Dimensions } from '../top/dimensions'
import { placesOf } from '../top/places'
import { edgedSide } from '../layers/edged'
import { costOf } from './plannedAtHand'

/** The quilt as a whole. */
export interface PlannedQuilt {
  width: Inches
  height: Inches
  edged: { width: Inches; height: Inches }
  blocks: number
  patches: number
  pieces: number
  buy: Inches
  /** Of all cloth to buy whose price is said; null where none is. */
  cost: number | null
}

interface QuiltFacts {
  dimensions: Dimensions
  /** The finished top, or the quilt as it was trimmed. */
  trimmed: { width: Sum; height: Sum }
  pieces: readonly Piece[]
  needs: readonly ClothNeed[]
  backing: Backing | null
  /** Of each cloth, what of it is at hand. */
  hands: readonly (AtHand | null)[]
}

/** In: everything that was planned of its parts. Out: the totals. */
export function plannedQuilt(
  quilt: Quilt,
  { dimensions, trimmed, pieces, needs, backing, hands }: QuiltFacts,
): Explainable<PlannedQuilt> {
  const { width, height } = dimensions.top.stages.at(-1)!
  return {
    width: explained(width),
    height: explained(height),
    edged: { width: explained(edgedSide(quilt, trimmed.width)), height: explained(edgedSide(quilt, trimmed.height)) },
    blocks: explained(sumOf(rowsOfBlocks(dimensions))),
    patches: explained(sumOf(patchesOfBlocks(quilt))),
    pieces: explained(sumOf(quilt.cloths.map(({ id, name }) => piecesOf(pieces, id, name)))),
    cost: moneyFor(quilt, { needs, backing, hands }),
    buy: explained(
      sumOf([
        ...needs.flatMap(({ buy, unit }, i): Term[] =>
          unit === 'in' ? [{ what: 'cloth', value: (hands[i]?.buy ?? buy).total, of: quilt.cloths[i]!.name }] : [],
        ),
        ...(backing && !isBackAtHand(quilt, backing, hands) ? [backingBought(backing)] : []),
      ]),
    ),
  }
}

/** Rows with as many blocks are told of together. */
function rowsOfBlocks({ setting }: Dimensions): Term[] {
  const rows = new Map<number, number>()
  for (const { regions } of setting.rows) {
    const blocks = regions.filter(({ part }) => part.kind === 'block').length
    if (blocks > 0) rows.set(blocks, (rows.get(blocks) ?? 0) + 1)
  }
  return [...rows].map(([each, count]) => ({ what: 'rows-of-blocks', count, each }))
}

/** For each block: how often it stands in the quilt, and its patches. */
function patchesOfBlocks(quilt: Quilt): Term[] {
  const counts = new Map<string, number>()
  for (const [{ block }, places] of placesOf(quilt))
    if (!blockOf(quilt, block).derived) counts.set(block, (counts.get(block) ?? 0) + places)
  return [...counts].map(([id, count]) => ({
    what: 'patches-of',
    count,
    each: designOf(quilt, blockOf(quilt, id)).patches.length,
    of: id,
  }))
}

function piecesOf(pieces: readonly Piece[], cloth: string, name: string): Term {
  const value = pieces.filter(piece => piece.cloth === cloth).reduce((sum, piece) => sum + piece.count, 0)
  return { what: 'pieces-of', value, of: name }
}

/** Its panels are counted with the cloth at hand that they are of. */
function isBackAtHand(quilt: Quilt, { pieced }: Backing, hands: QuiltFacts['hands']): boolean {
  return !pieced && hands[quilt.cloths.findIndex(({ id }) => id === quilt.backing!.cloth)] !== null
}

function backingBought({ buy }: Backing): Term {
  return { what: 'backing', value: buy.total }
}

/** What is at hand is not bought; panels of the back are bought with their cloth where that is at hand in part. */
function moneyFor(
  quilt: Quilt,
  { needs, backing, hands }: Pick<QuiltFacts, 'needs' | 'backing' | 'hands'>,
): Explainable<number> | null {
  const costs = quilt.cloths.flatMap((cloth, i): Term[] => {
    const need = needs[i]!
    const found = hands[i]
    const cost = costOf(quilt, cloth, (found?.buy ?? need.buy).total, need.unit)
    const isBack = backing && quilt.backing?.cloth === cloth.id && cloth.form !== 'piece'
    const back = isBack && !isBackAtHand(quilt, backing, hands) ? costOf(quilt, cloth, backing.buy.total, 'in') : null
    return [
      ...(cost ? [{ what: 'cloth', value: cost.total, of: cloth.name } as const] : []),
      ...(back ? [{ what: 'backing', value: back.total } as const] : []),
    ]
  })
  return quilt.cloths.some(({ price }) => price !== undefined) ? explained(sumOf(costs)) : null
}
