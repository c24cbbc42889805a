import type { PieceOrder } from '../../cut/piece'
import { exactly } from '../../make/methods/cutSize'
import type { MethodContext } from '../../make/methods/method'
import { pieceOf } from '../../make/methods/pieces'
import { isSewnOn } from '../../file/bindings'
import type { Quilt } from '../../file/quilt'
import type { Inches } from '../../measure/ruler'
import { sumOf } from '../../measure/sum'
import { edgeOrder } from './edgeOrder'
import type { Binding, SelfBinding } from './binding'

/** What is cut for the binding: whole widths of cloth, or squares to be cut on the bias; nothing for tape. */
export function bindingOrders(quilt: Quilt, binding: Binding | SelfBinding | null, room: MethodContext): PieceOrder[] {
  if (!binding || !isSewnOn(binding) || !quilt.binding) return []
  const { dealt, strip, square, flange } = binding
  const strips = (cloth: string, width: Inches, of: Binding['dealt'], part: 'binding' | 'flange'): PieceOrder[] => {
    const count = of.filter(other => other.cloth === cloth).length
    if (count === 0) return []
    const length = exactly([{ what: 'usable-width', value: room.longestStrip(cloth) }])
    return [
      edgeOrder(
        pieceOf(length, exactly([{ what: 'strip-as-chosen', value: width }]), {
          cloth,
          part,
          shape: 'strip',
          cuts: 'none',
          turn: true,
          count,
          counted: [{ what: part === 'binding' ? 'binding-strips' : 'flange-strips', count, each: 1 }],
          slots: [],
        }),
      ),
    ]
  }
  const squares = square
    ? [
        edgeOrder(
          pieceOf(exactly(square.side.terms), exactly(square.side.terms), {
            cloth: quilt.binding.cloth,
            part: 'bias-square',
            shape: 'square',
            cuts: 'none',
            turn: true,
            count: square.count,
            counted: sumOf([{ what: 'bias-squares', count: square.count, each: 1 }]).terms,
            slots: [],
          }),
        ),
      ]
    : []
  return [
    ...[...new Set(quilt.binding.cloths)].flatMap(cloth => strips(cloth, strip, dealt, 'binding')),
    ...squares,
    ...(flange ? strips(flange.cloth, flange.strip, flange.dealt, 'flange') : []),
  ]
}
