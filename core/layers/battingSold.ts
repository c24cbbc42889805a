// In: how large the batting must be and how it is sold. Out: how many pieces are joined, what to buy, what is left.
import { roundUpToRuler, TOLERANCE, type Inches } from '../measure/ruler'
import { addTerms, roundedSum, sumOf, termValue, type Sum, type Term } from '../measure/sum'

export interface BattingSold {
  /** Pieces that are joined edge to edge: packets, or lengths of what is sold by the length. */
  packets: number
  /** Of what is sold by the length: how much of it is needed, and the same as a shop sells it. */
  need: Sum | null
  buy: Sum | null
  /** What is left of one packet, or beside the lengths: rectangles, the largest there can be first. */
  left: { width: Sum; height: Sum }[]
}

/** Less than this is a shred. */
const MIN_LEFT: Inches = 1

/**
 * Out of packets of `across` × `length`, either way round, or of what is sold `across` wide by the length, the way
 * that needs least: pieces butted edge to edge lose nothing. `buyStep`: a shop sells by so much at a time.
 */
export function battingSold(
  width: Sum,
  height: Sum,
  across: Inches,
  length: Inches | undefined,
  buyStep: Inches,
): BattingSold {
  const wide: Term = { what: 'packet-width', value: across }
  const long: Term = { what: 'packet-height', value: length ?? Infinity }
  const [upright, turned] =
    length === undefined
      ? [byTheLength(width, height, across, buyStep), byTheLength(height, width, across, buyStep)]
      : [inPackets(width, height, wide, long), inPackets(width, height, long, wide)]
  return needOf(turned) < needOf(upright) - TOLERANCE ? turned : upright
}

function needOf({ packets, need }: BattingSold): number {
  return need?.total ?? packets
}

function beside(side: Inches, each: Inches): number {
  return Math.max(1, Math.ceil(side / each - TOLERANCE))
}

/** Lengths as long as `along`, side by side until they are as wide as `wide`. */
function byTheLength(wide: Sum, along: Sum, across: Inches, buyStep: Inches): BattingSold {
  const packets = beside(wide.total, across)
  const beyond = less({ what: 'lengths-of-batting', count: packets, each: across }, wide)
  const need = sumOf([{ what: 'lengths-of-batting', count: packets, each: along.total }])
  const buy = roundedSum(need.terms, roundUpToRuler(need.total, buyStep))
  const end = sumOf([
    { what: 'length-bought', value: buy.total },
    { what: 'batting-needed', value: -need.total },
  ])
  return {
    packets,
    need,
    buy,
    left: [
      { width: beyond, height: along },
      { width: sumOf([{ what: 'width-as-sold', value: across }]), height: end },
    ]
      .filter(isWorthKeeping)
      .sort((a, b) => areaOf(b) - areaOf(a)),
  }
}

/** `across`, `down`: how the packet lies. */
function inPackets(width: Sum, height: Sum, across: Term, down: Term): BattingSold {
  const packets = beside(width.total, termValue(across)) * beside(height.total, termValue(down))
  if (packets > 1) return { packets, need: null, buy: null, left: [] }
  const [besideIt, belowIt] = [less(across, width), less(down, height)]
  // the first cut goes through the whole packet, where it leaves the larger piece
  const ways = [
    [
      { width: besideIt, height: sumOf([down]) },
      { width, height: belowIt },
    ],
    [
      { width: sumOf([across]), height: belowIt },
      { width: besideIt, height },
    ],
  ].map(pieces => pieces.filter(isWorthKeeping).sort((a, b) => areaOf(b) - areaOf(a)))
  const largest = (pieces: readonly { width: Sum; height: Sum }[]) => (pieces[0] ? areaOf(pieces[0]) : 0)
  const [alongFirst, acrossFirst] = ways as [(typeof ways)[number], (typeof ways)[number]]
  const isAcross = largest(acrossFirst) > largest(alongFirst) + TOLERANCE
  return { packets, need: null, buy: null, left: isAcross ? acrossFirst : alongFirst }
}

function less(whole: Term, taken: Sum): Sum {
  return sumOf([whole, { what: 'batting-needed', value: -addTerms(taken.terms) }])
}

function isWorthKeeping({ width, height }: { width: Sum; height: Sum }): boolean {
  return Math.min(width.total, height.total) >= MIN_LEFT - TOLERANCE
}

function areaOf({ width, height }: { width: Sum; height: Sum }): number {
  return width.total * height.total
}
