// In: what a quilt takes of each cloth, and what is at hand. Out: what is bought in all, and what it costs.
import type { ClothNeed } from '../cut/need'
import type { Quilt } from '../file/quilt'
import type { Backing } from '../layers/backing'
import type { AtHand } from '../layouts/atHand'
import { sumOf, type Sum, type Term } from '../measure/sum'
import { costOf } from './plannedAtHand'

export interface BoughtOf {
  needs: readonly ClothNeed[]
  backing: Backing | null
  /** Of each cloth, what of it is at hand. */
  hands: readonly (AtHand | null)[]
}

/** By the length, not by the piece. Panels of the back are bought with their cloth where that is at hand. */
export function boughtInAll(quilt: Quilt, { needs, backing, hands }: BoughtOf): Sum {
  return sumOf([
    ...needs.flatMap(({ buy, unit }, i): Term[] =>
      unit === 'in' ? [{ what: 'cloth', value: (hands[i]?.buy ?? buy).total, of: quilt.cloths[i]!.name }] : [],
    ),
    ...(backing && !isBackAtHand(quilt, backing, hands) ? [backingBought(backing)] : []),
  ])
}

/** Of all cloth to buy whose price is said; null where none is. */
export function costInAll(quilt: Quilt, { needs, backing, hands }: BoughtOf): Sum | null {
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
  return quilt.cloths.some(({ price }) => price !== undefined) ? sumOf(costs) : null
}

/** Its panels are counted with the cloth at hand that they are of. */
function isBackAtHand(quilt: Quilt, { pieced }: Backing, hands: BoughtOf['hands']): boolean {
  return !pieced && hands[quilt.cloths.findIndex(({ id }) => id === quilt.backing!.cloth)] !== null
}

function backingBought({ buy }: Backing): Term {
  return { what: 'backing', value: buy.total }
}
