// In: the quilt and its top. Out: the piles that sashes, fillers and border strips are taken from.
import { borderOrders, roughLength } from '../cut/edgePieces'
import { pieceId } from '../cut/gather'
import { useOf } from '../cut/place'
import type { PieceOrder } from '../cut/piece'
import { settingOrders } from '../cut/settingPieces'
import { joinedSide } from '../file/joinedSide'
import type { Quilt } from '../file/quilt'
import { isJoinedPart, type PartName } from '../make/methods/partName'
import { sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import type { Dimensions } from '../top/dimensions'
import { ownSize, type Region } from '../top/regions/region'
import { methodContextOf } from '../plan/methodContext'
import type { Operations } from './operation'
import { cutApart, type Source } from './unitLots'

/** Of borders: the number of a strip in the order of sewing, or a piece of its own in a corner. */
export type InBorder = number | 'corner'

/** Where a part of the top comes from that is no block. */
export type CutParts = (region: Region, inBorder?: InBorder) => Source

const PART_NAMES: Partial<Record<Region['part']['kind'], PartName>> = {
  'cornerstone': 'cornerstones',
  'half-cornerstone': 'half cornerstones',
  'side-triangle': 'side triangles',
  'corner-triangle': 'corner triangles',
  'end': 'ends',
}

/** Where the parts of sashing, ends and borders come from: piles, or strips that are joined first. */
export function cutParts(
  quilt: Quilt,
  { dimensions, planned }: { dimensions: Dimensions; planned: Dimensions },
  operations: Operations,
): CutParts {
  const room = methodContextOf(quilt)
  const orders = [...settingOrders(quilt, dimensions.setting, room), ...borderOrders(quilt, planned.top, room)]
  const strips = new JoinedStrips(orders, operations)
  return (region, inBorder) => {
    const order =
      region.part.kind === 'border'
        ? borderOrder(quilt, orders, region.part.border, inBorder!, planned.top)
        : settingOrder(quilt, orders, region)
    const { draft } = order
    if (draft.cuts !== 'none') return cutApart(pieceId(order), draft.cuts, 1, operations)
    return isJoinedPart(draft.part) ? strips.sourceOf(order, region) : pieceId(order)
  }
}

function borderOrder(
  quilt: Quilt,
  orders: readonly PieceOrder[],
  border: number,
  inBorder: InBorder,
  { strips }: Dimensions['top'],
): PieceOrder {
  const mine = orders.filter(({ places }) => places.some(place => 'border' in place && place.border === border))
  if (inBorder === 'corner') return mine.find(({ draft }) => draft.part === 'corner')!
  // strips are cut by the plan before anything was measured
  const strip = strips[inBorder]!
  const pair = strip.side === 'left' || strip.side === 'right' ? 'sides' : 'ends'
  const candidates = mine.filter(
    order => order.draft.part !== 'corner' && (order.pair === undefined || order.pair === pair),
  )
  return longStrip(quilt, candidates, strip.finishedWidth + strip.beyond, roughLength(strip).total)
}

function settingOrder(quilt: Quilt, orders: readonly PieceOrder[], region: Region): PieceOrder {
  const { part, run } = region
  const { width, height } = ownSize(region)
  const raw = (finished: Inches) => finished + 2 * quilt.seam
  const named = (...parts: PartName[]) => orders.filter(({ draft }) => parts.includes(draft.part))
  if (run === 'long') {
    const [depth, length] = joinedSide(quilt.setting) === 'height' ? [width, height] : [height, width]
    return longStrip(quilt, named('long-sashes', 'long-sashes-joined'), depth, raw(length))
  }
  const lie = 'edge' in part ? part.edge : 'corner' in part ? part.corner : undefined
  const fits = named(part.kind === 'sash' ? 'sashes' : PART_NAMES[part.kind]!).filter(
    ({ draft }) => draft.pool?.corner === undefined || draft.pool.corner === lie,
  )
  const off = ({ draft }: PieceOrder) => {
    const asItLies = Math.abs(draft.width - raw(width)) + Math.abs(draft.height - raw(height))
    const turned = Math.abs(draft.height - raw(width)) + Math.abs(draft.width - raw(height))
    // stripes lie as they do whichever way the sash does
    return draft.turn || draft.isStriped ? Math.min(asItLies, turned) : asItLies
  }
  return fits.sort((a, b) => off(a) - off(b))[0]!
}

/** Of long strips of this depth those that are cut in one, where the cloth is long enough; else those to join. */
function longStrip(quilt: Quilt, candidates: readonly PieceOrder[], depth: Inches, length: Inches): PieceOrder {
  const offDepth = ({ draft }: PieceOrder) => Math.abs(draft.height - (depth + 2 * quilt.seam))
  const nearest = Math.min(...candidates.map(offDepth))
  const mine = candidates.filter(order => offDepth(order) <= nearest + TOLERANCE)
  const off = ({ draft }: PieceOrder) => Math.abs(draft.width - length)
  const inOne = mine
    .filter(order => !isJoinedPart(order.draft.part) && off(order) <= quilt.ruler / 2 + TOLERANCE)
    .sort((a, b) => off(a) - off(b))[0]
  return inOne ?? mine.find(({ draft }) => isJoinedPart(draft.part))!
}

/** Strips joined end to end, pressed and cut to length: all that are wanted of them in one go. */
class JoinedStrips {
  private readonly joined = new Set<string>()

  constructor(
    private readonly orders: readonly PieceOrder[],
    private readonly operations: Operations,
  ) {}

  sourceOf({ draft, places, pair }: PieceOrder, { part }: Region): Source {
    const name = `joined.${draft.cloth}.${useOf(places, draft.part)}.${draft.height.toFixed(4)}${pair ?? ''}`
    // all are joined when the first is asked for
    const all = this.joined.has(name)
      ? []
      : this.orders.filter(
          order =>
            useOf(order.places, order.draft.part) === useOf(places, draft.part)
            && order.pair === pair
            && sameLength(order.draft.height, draft.height),
        )
    this.joined.add(name)
    const uses = all.map(order => ({ id: pieceId(order), count: order.draft.count }))
    const count = uses.reduce((sum, use) => sum + use.count, 0)
    const one = count > 0 ? 1 : 0
    const task = { strips: part.kind === 'border' ? part.border : ('sashing' as const) }
    const first = pieceId({ draft })
    this.operations.add({
      id: name,
      at: 'machine',
      what: 'join',
      task,
      count: Math.max(0, count - 1),
      uses,
      parts: [first, first],
      gives: one,
    })
    const pressed = this.operations.press(name, task, one)
    return this.operations.add({
      id: `${name}.cut`,
      at: 'mat',
      what: 'cut-apart',
      task,
      count: one,
      uses: [{ id: pressed, count: one }],
      parts: [pressed],
      gives: 1,
    })
  }
}
