// In: a pressed quilt and its rows. Out: what comes of every point at which its seams meet, and where.
import { makingRules } from '../file/makings'
import type { Quilt } from '../file/quilt'
import type { Point } from '../geometry/polygon'
import { turnOf } from '../make/pressing/costs'
import { crossed, hubOutcome, outcomeOf, type CrossedMeeting, type Outcome } from '../make/pressing/pressBlock'
import type { BlockMake } from '../make/units/blockMake'
import { pointInTop } from '../make/units/pointInTop'
import type { QuiltRow } from '../top/rows'
import type { Setting } from '../top/settings/setting'
import { outerOutcome, type QuiltPressing } from '../pressing/quiltPressing'
import { jointCrossings } from './rowCrossings'

/** How many points come to what; the places of those that do not nest, from the setting's top left. */
export interface MeetingsInTop {
  counts: Record<Outcome, number>
  places: ReadonlyMap<Outcome, readonly Point[]>
}

/** Of these the places are wanted. */
const TOLD: ReadonlySet<Outcome> = new Set(['clash', 'hub-mixed'])

/** Within blocks, between two blocks, and at the corners of four parts of two rows. */
export function meetingsInTop(
  quilt: Quilt,
  pressing: QuiltPressing,
  makes: ReadonlyMap<string, BlockMake>,
  { setting, pressOf }: { setting: Setting; pressOf: readonly QuiltRow['press'][] },
): MeetingsInTop {
  const counts = noneYet()
  const places = new Map<Outcome, Point[]>()
  const place = (outcome: Outcome, at: Point) => {
    const list = places.get(outcome) ?? []
    places.set(outcome, list)
    list.push(at)
  }
  const add = (outcome: Outcome, at: () => Point) => {
    counts[outcome] += 1
    if (TOLD.has(outcome)) place(outcome, at())
  }
  const within = pressing.versions.map(meetingsWithin)
  pressing.regions.forEach((region, i) => {
    const { cell } = region.fabric
    const inBlock = within[pressing.versionOf[i]!]!
    for (const outcome of OUTCOMES) counts[outcome] += inBlock.counts[outcome]
    for (const { at, outcome } of inBlock.told)
      place(outcome, pointInTop(region, makes.get(cell.block)!, pressing.signatures.get(cell)!, at))
  })
  for (const crossing of pressing.outer) add(outerOutcome(pressing, crossing), () => crossing.at)
  // as you go rows are joined by their backs
  if (!makingRules(quilt.making).hasTop) return { counts, places }
  const cornerEnds = seamsInCorners(pressing, makes)
  for (const { at, turns } of jointCrossings(setting.rows, pressOf)) {
    const more = cornerEnds.get(keyOf(at)) ?? []
    if (more.length === 0) add(crossed(...turns), () => at)
    else add(hubOutcome([...turns, ...more.map(({ turn }) => turn)], [turns, ...straightOn(more)]), () => at)
  }
  return { counts, places }
}

const noneYet = (): Record<Outcome, number> => ({ 'nest': 0, 'open': 0, 'clash': 0, 'hub-nests': 0, 'hub-mixed': 0 })
const OUTCOMES = Object.keys(noneYet()) as Outcome[]

/** Counted once for all blocks pressed alike: a picture has tens of thousands. `told`: in grid units of the block. */
function meetingsWithin({ signature, press }: QuiltPressing['versions'][number]) {
  const counts = noneYet()
  const told: { at: Point; outcome: Outcome }[] = []
  for (const meeting of signature.seams.meetings) {
    if (meeting.kind === 'tee') continue
    const outcome = outcomeOf(meeting as CrossedMeeting, press)
    counts[outcome] += 1
    if (TOLD.has(outcome)) told.push({ at: meeting.at, outcome })
  }
  return { counts, told }
}

interface CornerSeam {
  way: Point
  turn: number
}

/** Seams of blocks that end in the corners of their blocks, by place. */
function seamsInCorners(
  { regions, signatures, versions, versionOf }: QuiltPressing,
  makes: ReadonlyMap<string, BlockMake>,
): Map<string, CornerSeam[]> {
  const found = new Map<string, CornerSeam[]>()
  regions.forEach((region, i) => {
    const { cell } = region.fabric
    const { signature, ...placement } = signatures.get(cell)!
    const make = makes.get(cell.block)!
    const { press } = versions[versionOf[i]!]!
    for (const { join, sense, at, way } of signature.seams.corners) {
      const [from, to] = [at, [at[0] + way[0], at[1] + way[1]] as const].map(point =>
        pointInTop(region, make, placement, point),
      ) as [Point, Point]
      const length = Math.hypot(to[0] - from[0], to[1] - from[1])
      const seam = {
        way: [(to[0] - from[0]) / length, (to[1] - from[1]) / length] as const,
        turn: turnOf(press[join]!) * sense * (placement.mirror ? -1 : 1),
      }
      found.set(keyOf(from), [...(found.get(keyOf(from)) ?? []), seam])
    }
  })
  return found
}

/** Of those that end in one point the pairs that lie in one line. */
function straightOn(seams: readonly CornerSeam[]): [number, number][] {
  return seams.flatMap((one, i) =>
    seams
      .slice(i + 1)
      .filter(other => Math.hypot(one.way[0] + other.way[0], one.way[1] + other.way[1]) < 1e-4)
      .map((other): [number, number] => [one.turn, other.turn]),
  )
}

function keyOf([x, y]: Point): string {
  return `${(x + 0.00037).toFixed(2)} ${(y + 0.00037).toFixed(2)}`
}
