// In: the finished size of the top. Out: length and strips of the binding.
import type { Inches } from '../measure/ruler'
import { roundedSum, sumOf, type Sum } from '../measure/sum'
import { clothOf, type Quilt } from '../file/quilt'
import { stripsToReach } from '../cut/joinedStrips'
import { beyondFinished } from '../top/rawEdge'

/** Spare for turning four corners and joining the ends. Source: handbook §11. */
const BINDING_SPARE: Inches = 12

export interface Binding {
  style: 'double' | 'single'
  length: Sum
  strips: Sum
  strip: Inches
  buy: Sum
  /** What the front shows of it: as wide as its seam. */
  visible: Sum
  joins: number
  loss: Inches
  /** Of the two ends where they are joined last. */ overlap: Sum
}

/**
 * Binding strips for a top of this finished size. Length = raw perimeter + 12″; strips = ⌈(length − loss) ÷ (usable −
 * loss)⌉, where a diagonal join takes one strip width and a straight one two seams. Its visible edge is as wide as
 * the seam that sews it on. Source: handbook §11.
 */
export function planBinding(quilt: Quilt, width: Inches, height: Inches): Binding | null {
  const { binding } = quilt
  if (!binding) return null
  const usable = clothOf(quilt, binding.cloth).longestStrip
  const loss = binding.join === 'diagonal' ? binding.strip : 2 * quilt.seam
  const length = sumOf([
    { what: 'top-width', count: 2, each: width },
    { what: 'top-height', count: 2, each: height },
    ...beyondFinished(quilt, 8),
    { what: 'binding-spare', value: BINDING_SPARE },
  ])
  const exact = length.total <= usable ? length.total / usable : (length.total - loss) / (usable - loss)
  const count = usable > loss ? stripsToReach(length.total, usable, loss) : 0
  const strips: Sum = {
    ...roundedSum([{ what: 'strips-exactly', value: exact }], count),
    from: [
      { what: 'binding-length', value: length.total },
      { what: 'lost-per-join', value: loss },
      { what: 'usable-width', value: usable },
    ],
  }
  return {
    style: binding.style === 'single' ? 'single' : 'double',
    length,
    strips,
    strip: binding.strip,
    buy: sumOf([{ what: 'strips', count, each: binding.strip }]),
    visible: sumOf([{ what: 'binding-seam', value: binding.seam }]),
    joins: count,
    loss,
    overlap: sumOf([
      binding.join === 'diagonal'
        ? { what: 'strip-width', value: binding.strip }
        : { what: 'seams', count: 2, each: quilt.seam },
    ]),
  }
}
