// In: the regions of a setting, and its blocks sewn many times. Out: how often seams of neighbours miss each other.
import { placePoint, type Placement } from '../geometry/placement'
import type { Point } from '../geometry/polygon'
import type { Chance } from '../measure/chance'
import { sameLength } from '../measure/ruler'
import { ownSize, type Region } from '../top/regions/region'
import { MISS, type PartEdge, type SewnPart } from './part'

/** One mark of a block as it lies on the seam to its neighbour. */
interface NeighbourMeeting {
  block: string
  edge: PartEdge
  mark: number
  /** Whether it runs the other way along the seam than along its own edge. */
  isReversed: boolean
}

/** Two marks that should meet, and how often in the quilt. */
export interface MeetingPair {
  one: NeighbourMeeting
  other: NeighbourMeeting
  count: number
}

/**
 * Marks of blocks that stand side by side or one above the other, where the plan says that they meet. Seams of shifted
 * rows, across sashes, and of blocks on point are not looked at.
 */
export function meetingPairs(regions: readonly Region[], parts: ReadonlyMap<string, SewnPart>): MeetingPair[] {
  const waiting = new Map<string, NeighbourMeeting & { middle: Point }>()
  const pairs = new Map<string, MeetingPair>()
  for (const region of regions) {
    if (!('cell' in region.fabric) || region.own || region.part.kind !== 'block') continue
    const part = parts.get(region.fabric.cell.block)
    if (!part) continue
    for (const { at, ...meeting } of marksOf(region, region.fabric.cell, part)) {
      const place = at.map(value => value.toFixed(3)).join()
      const known = waiting.get(place)
      if (!known) {
        waiting.set(place, meeting)
        continue
      }
      const isAligned = sameLength(known.middle[0], meeting.middle[0]) || sameLength(known.middle[1], meeting.middle[1])
      if (!isAligned) continue
      const { middle: _, ...one } = known
      const { middle: __, ...other } = meeting
      const key = `${nameOf(one)} ${nameOf(other)}`
      const pair = pairs.get(key) ?? { one, other, count: 0 }
      pair.count += 1
      pairs.set(key, pair)
    }
  }
  return [...pairs.values()]
}

function nameOf({ block, edge, mark, isReversed }: NeighbourMeeting): string {
  return `${block} ${edge} ${mark} ${isReversed}`
}

/** The marks of a block in its place, each with the middle of its region. */
function marksOf(
  region: Region,
  { block, turn, mirror }: Placement & { block: string },
  part: SewnPart,
): (NeighbourMeeting & { at: Point; middle: Point })[] {
  const { width, height } = part.planned
  const placed = ownSize(region)
  const isLying = turn % 180 !== 0
  const middle: Point = [region.x + placed.width / 2, region.y + placed.height / 2]
  // a frame stands between it and its neighbours
  if (!sameLength(placed.width, isLying ? height : width)) return []
  return (['left', 'right', 'top', 'bottom'] as const).flatMap(edge =>
    part.marks[edge].map(({ planned }, mark) => {
      const along = (distance: number): Point => {
        const point: Point =
          edge === 'left'
            ? [0, distance]
            : edge === 'right'
              ? [width, distance]
              : edge === 'top'
                ? [distance, 0]
                : [distance, height]
        const [x, y] = placePoint(point, { turn, mirror }, width, height)
        return [region.x + x, region.y + y]
      }
      const at = along(planned)
      const on = along(planned + 0.01)
      return { block, edge, mark, isReversed: on[0] - at[0] + on[1] - at[1] < 0, at, middle }
    }),
  )
}

/** How many of them miss each other by more than is not seen, in all the times together. Middles are matched. */
export function missedBetween(
  pairs: readonly MeetingPair[],
  parts: ReadonlyMap<string, SewnPart>,
  times: number,
  chance: Chance,
): number {
  let missed = 0
  for (const { one, other, count } of pairs) {
    const [a, b] = [offMiddle(one, parts), offMiddle(other, parts)]
    // another of the blocks sewn, so that no block is its own neighbour
    const shift = 1 + Math.floor(chance.even() * Math.max(1, times - 1))
    for (let i = 0; i < times; i++) if (Math.abs(a(i) - b((i + shift) % times)) > MISS) missed += count
  }
  return missed
}

/** How far a mark lies from where the plan has it, when middles are matched. */
function offMiddle(
  { block, edge, mark, isReversed }: NeighbourMeeting,
  parts: ReadonlyMap<string, SewnPart>,
): (i: number) => number {
  const part = parts.get(block)!
  const isUpright = edge === 'left' || edge === 'right'
  const { planned, at } = part.marks[edge][mark]!
  const length = isUpright ? part.height : part.width
  const should = planned - (isUpright ? part.planned.height : part.planned.width) / 2
  const sign = isReversed ? -1 : 1
  return i => sign * (at[i]! - length[i]! / 2 - should)
}
