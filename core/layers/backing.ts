// In: the finished size of the top. Out: panels of the back, and what to buy.
import { makingRules } from '../file/makings'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { roundedSum, sumOf, type Sum } from '../measure/sum'
import { beyondFinished } from '../top/regions/rawEdge'
import type { ClothNeed } from '../cut/need'
import type { BackingWay } from './leftovers/backingWay'
import { clothToBuy } from '../cut/clothToBuy'
import { pieceBack, type PiecedBack } from './leftovers/pieceBack'
import { thingsInHand } from './leftovers/things'
import type { TermName } from '../measure/termName'
import { clothOf, type Quilt } from '../file/quilt'

/** What a join of two panels takes: two seams of ½″, the selvages gone. Source: handbook §9. */
const JOIN_LOSS: Inches = 1

export interface Backing extends BackingWay {
  width: Sum
  height: Sum
  /** All ways of laying panels of new cloth. */
  ways: readonly BackingWay[]
  /** From leftovers, where it is wanted so. */
  pieced?: PiecedBack
}

/**
 * Backing panels for a top of this finished size, their seams upright or level, whichever needs less cloth (upright
 * when equal), or as asked. n = ⌈((W + 2o) − j) ÷ (usable − j)⌉ on the raw top with overhang o; an even number of them
 * with no seam in the middle has one join more. A print with an up runs up the quilt. Source: handbook §9. Bought like
 * any cloth: with a margin, an end to square up, and what shrinks.
 */
export function planBacking(
  quilt: Quilt,
  { width: topWidth, height: topHeight }: { width: Inches; height: Inches },
  needs: readonly ClothNeed[],
): Backing | null {
  if (!quilt.backing || !makingRules(quilt.making).hasTop) return null
  const { overhang, way: asked } = quilt.backing
  const cloth = clothOf(quilt, quilt.backing.cloth)
  const side = (what: TermName, finished: Inches): Sum =>
    sumOf([{ what, value: finished }, ...beyondFinished(quilt, 2), { what: 'overhang', count: 2, each: overhang }])
  const width = side('top-width', topWidth)
  const height = side('top-height', topHeight)
  const upright = panelWay(quilt, 'vertical', width, height)
  const level = panelWay(quilt, 'horizontal', height, width)
  const ways = cloth.directional ? [upright] : [upright, level]
  const lengthOf = ({ panels, panelLength }: BackingWay) => panels.total * panelLength.total
  const least = ways.reduce((one, other) => (lengthOf(other) < lengthOf(one) - TOLERANCE ? other : one))
  if (asked === 'leftovers') {
    const pieced = pieceBack(quilt, { width, height }, thingsInHand(quilt, needs))
    return { ...pieced.way, width, height, ways, pieced }
  }
  const taken = asked === 'horizontal' && ways.includes(level) ? level : asked === 'vertical' ? upright : least
  return { ...taken, width, height, ways }
}

function panelWay(quilt: Quilt, seams: 'vertical' | 'horizontal', spanned: Sum, length: Sum): BackingWay {
  const { usable, shrink, repeat } = clothOf(quilt, quilt.backing!.cloth)
  const isOne = spanned.total <= usable + TOLERANCE
  const exact = isOne ? spanned.total / usable : (spanned.total - JOIN_LOSS) / (usable - JOIN_LOSS)
  const plain = isOne ? 1 : Math.max(2, Math.ceil(exact - TOLERANCE))
  const hasMiddle = quilt.backing!.offCentre && plain % 2 === 0
  // one panel in two halves at the sides: one join more; an odd number has none in the middle
  const isSplit = hasMiddle && plain * usable - plain * JOIN_LOSS >= spanned.total - TOLERANCE
  const count = hasMiddle && !isSplit ? plain + 1 : plain
  // panels are cut at the same place of the print, so that it goes on across the join
  const panelLength = isOne || !repeat ? length : toWholeRepeats(length, repeat.down)
  return {
    seams: isOne ? 'none' : seams,
    isSplit,
    panelLength,
    panels: {
      ...roundedSum([{ what: 'panels-exactly', value: exact }], count),
      from: [
        { what: 'to-span', value: spanned.total },
        { what: 'lost-per-join', value: JOIN_LOSS },
        { what: 'usable-width', value: usable },
      ],
    },
    buy: clothToBuy(quilt, shrink, [{ what: 'panels', count, each: panelLength.total }]),
  }
}

function toWholeRepeats(length: Sum, repeat: Inches): Sum {
  const whole = Math.ceil(length.total / repeat - TOLERANCE) * repeat
  return sumOf([...length.terms, { what: 'to-whole-repeats', value: whole - length.total }])
}
