// In: a quilt with a binding that is sewn on. Out: what front and back show of it when it is folded over the edge.
import { bindingRules } from '../../file/bindings'
import type { Quilt } from '../../file/quilt'
import { sumOf, type Sum } from '../../measure/sum'

/**
 * Sewn on with its seam, the strip shows that seam on the side it was sewn to, turns over the edge, and shows what is
 * left on the other side.
 */
export function foldOf(quilt: Quilt): { visible: Sum; back: Sum } {
  const { style, strip, seam, attach } = quilt.binding!
  const sewn = sumOf([{ what: 'binding-seam', value: seam }])
  const turned = sumOf(bindingRules(style).turned({ strip, seam, flangeSeam: quilt.seam }))
  return attach === 'back' ? { visible: turned, back: sewn } : { visible: sewn, back: turned }
}
