// In: a quilt and its plan. Out: how much of each cloth by the length is bought for it.
import type { Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'
import type { Plan } from '../plan/plan'

export interface LengthToBuy {
  cloth: string
  length: Inches
}

/** The back is bought with its cloth; cloth in pieces and blocks that are sewn already are not bought by the length. */
export function lengthsToBuy(quilt: Quilt, { cloths, backing }: Pick<Plan, 'cloths' | 'backing'>): LengthToBuy[] {
  return cloths.flatMap(({ id, buy, atHand, unit }, i) => {
    if (unit !== 'in' || quilt.cloths[i]!.tray !== undefined) return []
    // the panels of the back are counted with what is at hand of their cloth
    const isBack = backing !== null && id === quilt.backing?.cloth && (backing.pieced !== undefined || atHand === null)
    const length = (atHand?.buy ?? buy) + (isBack ? backing.buy : 0)
    return length > 0 ? [{ cloth: id, length }] : []
  })
}
