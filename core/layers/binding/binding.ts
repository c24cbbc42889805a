// In: the finished size of the top. Out: the binding: what shows of it, how long it is, its strips and their joins.
import { UNIT_DEFAULTS } from '../../measure/units'
import type { Inches } from '../../measure/ruler'
import { addTerms, roundedSum, sumOf, type Sum, type Term } from '../../measure/sum'
import { BACK_ROUND, bindingRules, isSewnOn, type BackStyle, type SewnStyle } from '../../file/bindings'
import { clothOf, type Quilt } from '../../file/quilt'
import { sideName } from '../../top/trimmed'
import { stripsToReach } from '../../cut/joinedStrips'
import { beyondFinished } from '../../top/regions/rawEdge'
import { biasSquares } from './biasSquare'
import { dealtStrips, joinedLength, joinsAlong, type DealtStrip } from './dealtStrips'
import { foldOf } from './fold'
import { placedJoins, type PlacedJoins } from './placedJoins'

/** Spare for turning four corners and joining the ends. Source: handbook §11. */
const BINDING_SPARE: Inches = 12

/** A binding that is sewn on: of strips, or of tape as it is sold. */
export interface Binding {
  style: SewnStyle
  length: Sum
  strip: Inches
  strips: Sum
  /** In the order of sewing; none of bias, which is cut in one go, and of tape. */
  dealt: DealtStrip[]
  buy: Sum
  /** On the front, and what the back shows of it. */
  visible: Sum
  back: Sum
  loss: Inches
  /** Of the two ends where they are joined last. */
  overlap: Sum
  placed: PlacedJoins
  flange: Flange | null
  /** Squares to be cut on the bias. */
  square: { side: Sum; count: number } | null
}

export interface Flange {
  strip: Inches
  cloth: string
  strips: Sum
  dealt: DealtStrip[]
  length: Sum
  visible: Sum
  buy: Sum
}

/** The back brought round to the front. */
export interface SelfBinding {
  style: BackStyle
  extra: Inches
  visible: Sum
}

/**
 * The binding of a quilt of this size, finished. Length = raw perimeter + 12″; strips = ⌈(length − loss) ÷ (usable −
 * loss)⌉, where a diagonal join takes one strip width and a straight one two seams. Source: handbook §11.
 */
export function planBinding(
  quilt: Quilt,
  { width, height }: { width: Inches; height: Inches },
): Binding | SelfBinding | null {
  const { binding } = quilt
  if (!binding) return null
  const rules = bindingRules(binding.style)
  if (!isSewnOn(binding)) {
    const extra = binding.extra ?? UNIT_DEFAULTS[quilt.units].selfBinding
    return { style: BACK_ROUND, extra, visible: sumOf([{ what: 'half-of-the-extra', value: extra / 2 }]) }
  }
  const { style, strip, join, isBias } = binding
  const length = sumOf([
    { what: sideName(quilt, 'width'), count: 2, each: width },
    { what: sideName(quilt, 'height'), count: 2, each: height },
    ...beyondFinished(quilt, 8),
    { what: 'binding-spare', value: BINDING_SPARE },
  ])
  const isTape = rules.of === 'tape'
  const loss = join === 'diagonal' ? strip : 2 * quilt.seam
  const square = isBias && !isTape ? bias(quilt, length.total, strip, loss) : null
  const dealt = isTape || isBias ? [] : dealtStrips(length.total, clothsOf(quilt, binding.cloths), loss)
  const flange = rules.hasFlange && binding.flange ? planFlange(quilt, binding.flange, length) : null
  const edge = { width: width + beyond(quilt), height: height + beyond(quilt) }
  const round = 2 * (edge.width + edge.height)
  const joined = (strips: readonly DealtStrip[], lost: Inches) => ({
    joins: joinsAlong(strips, lost),
    spare: joinedLength(strips, lost) - round - lost,
  })
  const flangeLoss = flange ? lossOf(quilt, flange.strip) : 0
  return {
    style,
    length,
    strip,
    strips: isTape || isBias ? sumOf([{ what: 'one-strip', value: 1 }]) : stripCount(quilt, dealt, length.total, loss),
    dealt,
    buy: square
      ? sumOf([{ what: 'squares', count: square.count, each: square.side.total }])
      : isTape
        ? sumOf([{ what: 'binding-length', value: length.total }])
        : sumOf([{ what: 'strips', count: dealt.length, each: strip }]),
    ...foldOf(quilt),
    loss,
    overlap: sumOf([
      join === 'diagonal' ? { what: 'strip-width', value: strip } : { what: 'seams', count: 2, each: quilt.seam },
    ]),
    placed: placedJoins(edge, joined(dealt, loss), flange ? joined(flange.dealt, flangeLoss) : null),
    flange,
    square,
  }
}

function beyond(quilt: Quilt): Inches {
  return addTerms(beyondFinished(quilt, 2))
}

function lossOf({ binding, seam }: Quilt, strip: Inches): Inches {
  return binding!.join === 'diagonal' ? strip : 2 * seam
}

function clothsOf(quilt: Quilt, cloths: readonly string[]) {
  return cloths.map(cloth => ({ cloth, usable: clothOf(quilt, cloth).longestStrip }))
}

/** Of one cloth counted by the rule; of several dealt in turn, counted cloth by cloth. */
function stripCount(quilt: Quilt, dealt: readonly DealtStrip[], length: Inches, loss: Inches): Sum {
  const cloths = [...new Set(dealt.map(({ cloth }) => cloth))]
  if (cloths.length > 1) {
    const terms = cloths.map((cloth): Term => ({
      what: 'strips-of-cloth',
      value: dealt.filter(strip => strip.cloth === cloth).length,
      of: clothOf(quilt, cloth).name,
    }))
    return sumOf(terms)
  }
  const usable = clothOf(quilt, cloths[0] ?? quilt.binding!.cloth).longestStrip
  const exact = length <= usable ? length / usable : (length - loss) / (usable - loss)
  const count = usable > loss ? stripsToReach(length, usable, loss) : 0
  return {
    ...roundedSum([{ what: 'strips-exactly', value: exact }], count),
    from: [
      { what: 'binding-length', value: length },
      { what: 'lost-per-join', value: loss },
      { what: 'usable-width', value: usable },
    ],
  }
}

/**
 * The second colour: as long as the binding, joined with it by a seam and folded raw edges together, so that half of
 * what it is wider shows. Source: handbook §11.
 */
function planFlange(quilt: Quilt, { strip, cloth }: { strip: Inches; cloth: string }, length: Sum): Flange {
  const loss = lossOf(quilt, strip)
  const dealt = dealtStrips(length.total, clothsOf(quilt, [cloth]), loss)
  return {
    strip,
    cloth,
    dealt,
    length,
    strips: stripCount(quilt, dealt, length.total, loss),
    visible: sumOf([
      { what: 'half-of-the-flange', value: strip / 2 },
      { what: 'half-of-the-strip', value: -quilt.binding!.strip / 2 },
    ]),
    buy: sumOf([{ what: 'strips', count: dealt.length, each: strip }]),
  }
}

function bias(quilt: Quilt, length: Inches, strip: Inches, loss: Inches): Binding['square'] {
  const ruler = quilt.ruler || UNIT_DEFAULTS[quilt.units].ruler
  const usable = clothOf(quilt, quilt.binding!.cloth).longestStrip
  const found = biasSquares(length, strip, { seam: quilt.seam, ruler, loss, usable })
  if (!found) return null
  return {
    count: found.count,
    side: {
      ...sumOf([{ what: 'side-of-the-square', value: found.side }]),
      from: [
        { what: 'binding-length', value: length },
        { what: 'strip-width', value: strip },
        { what: 'seams', count: 4, each: quilt.seam },
      ],
    },
  }
}
