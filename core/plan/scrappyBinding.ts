// In: a quilt that is planned. Out: cloths of which there is enough left for its binding, dealt strip by strip.
import { isSewnOn } from '../file/bindings'
import { gatherPieces, sparesOf } from '../cut/gather'
import { clothNeed } from '../cut/need'
import { clothOf, type Cloth, type Quilt } from '../file/quilt'
import { fabricsOf } from '../file/trayCloths'
import { planBinding, type Binding } from '../layers/binding/binding'
import { bindingOrders } from '../layers/binding/bindingPieces'
import { joinedLength, type DealtStrip } from '../layers/binding/dealtStrips'
import { trimmedTop } from '../top/trimmed'
import { TOLERANCE } from '../measure/ruler'
import type { PlanWork } from './planWork'
import { methodContextOf } from './methodContext'

export interface ScrappyBinding {
  /** Of each strip, in the order of sewing. */
  cloths: string[]
  /** Strips at the end for which more has to be bought, of the cloth that the binding had last. */
  missing: number
}

/**
 * Strips of what is bought anyway and not cut: each cloth gives as many as change nothing of what is to be bought of
 * it, dealt in turn, those with the most to give first. Null where the binding is not of straight strips.
 */
export function scrappyBinding({ quilt, pieces, dimensions }: PlanWork): ScrappyBinding | null {
  const { binding: own } = quilt
  const { size } = trimmedTop(quilt, dimensions.top.stages.at(-1)!)
  const binding = planBinding(quilt, size)
  if (!own || !binding || !isSewnOn(binding) || binding.dealt.length === 0) return null
  const others = pieces.filter(({ part }) => part !== 'binding')
  const room = methodContextOf(quilt)
  const stripOf = ({ id }: Cloth): DealtStrip => ({ cloth: id, length: room.longestStrip(id) })
  const reaches = (strips: readonly DealtStrip[]) =>
    joinedLength(strips, binding.loss) >= binding.length.total - TOLERANCE
  const most = (cloth: Cloth) => {
    const strip = stripOf(cloth)
    if (strip.length <= binding.loss) return 0
    const limit = mostCloth(quilt, cloth, others)
    let count = 0
    while (!reaches(Array<DealtStrip>(count).fill(strip))) {
      const cut = bindingPieces(quilt, { ...binding, dealt: Array<DealtStrip>(count + 1).fill(strip) })
      const { buy, unplaced } = clothNeed(quilt, cloth, [...others, ...cut])
      if (unplaced.length > 0 || buy.total > limit + TOLERANCE) break
      count += 1
    }
    return count
  }
  const left = fabricsOf(quilt.cloths)
    .map(cloth => ({ strip: stripOf(cloth), count: most(cloth) }))
    .sort((a, b) => b.count - a.count)
  const dealt: DealtStrip[] = []
  while (!reaches(dealt)) {
    const turn = left.filter(({ count }) => count > 0)
    if (turn.length === 0) break
    for (const each of turn) {
      if (reaches(dealt)) break
      dealt.push(each.strip)
      each.count -= 1
    }
  }
  const given = dealt.length
  const more = stripOf(clothOf(quilt, own.cloths.at(-1)!))
  while (!reaches(dealt)) dealt.push(more)
  return { cloths: dealt.map(({ cloth }) => cloth), missing: dealt.length - given }
}

/** What is bought for all else; of cloth that is there in pieces all there is. */
function mostCloth(quilt: Quilt, cloth: Cloth, others: PlanWork['pieces']): number {
  const { buy } = clothNeed(quilt, cloth, others)
  return cloth.form === 'piece' ? Math.max(buy.total, cloth.count ?? 0) : buy.total
}

function bindingPieces(quilt: Quilt, binding: Binding): PlanWork['pieces'] {
  const { cloth } = binding.dealt[0]!
  const dressed = { ...quilt, binding: { ...quilt.binding!, cloth, cloths: [cloth] } }
  return gatherPieces(bindingOrders(dressed, { ...binding, flange: null }, methodContextOf(quilt)), sparesOf(quilt))
}
