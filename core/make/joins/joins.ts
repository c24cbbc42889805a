// In: a block in its cloths. Out: its seams as steps, in order, each with the way it is pressed.
import type { BlockMake } from '../units/blockMake'
import { partsSinceTrim } from '../units/seamsSinceTrim'
import type { UnitTree } from '../units/unitTree'
import { shortHash } from '../../measure/shortHash'
import { boundingBox, cornerMean, type Point } from '../../geometry/polygon'
import { seamsBetweenParts } from '../../geometry/seamsAcross'
import type { Inches } from '../../measure/ruler'
import type { Press } from '../steps/press'
import type { JoinedPart } from '../steps/joinedPart'
import type { Step } from '../steps/step'
import { joinPicture } from './joinPicture'
import { hasDots, runsOf } from './joinRun'
import { joinStages } from './joinStages'
import { lookOfJoin } from './lookOfJoin'
import { unitJoinNumbers } from './joinNumbers'
import { placeOf, sortOf } from './partNames'
import { paperStages } from './paperStages'
import { directionOf } from './pressing'
import { bothParts, joinsOf, patchesUnder, type BothParts, type Join, type SewnBlock } from './sewnBlock'

/** A seam that joins two parts of a block; those that look alike are one. */
export interface RecipeJoin {
  /** For ticks: what is joined, so that it outlives a change of order. */
  id: string
  step: Step
  times: number
  /** These seams by their numbers in the block's sewing, each with the side to which it is pressed. */
  seams: { number: number; press: Press }[]
  /** Where the size after it stands in the plan. */
  path: string
  /** Seams that run across the part it gives, along its width, and that no trim has reset. */
  across: number
  /** Of a log: how long the block is where it lies along it, raw, and the seams across that. */
  log?: { length: Inches; across: number }
}

/** The joins of a block in the order of sewing; like parts are sewn together and said once. */
export function joinSteps(block: SewnBlock): RecipeJoin[] {
  const numbers = unitJoinNumbers(block.make.tree, block.make.units)
  const distinct = new Map<string, RecipeJoin>()
  const pressOf = (join: Join) => block.press[numbers.get(join)!]!
  // number of the join that gave a part, as it is said
  const given = new Map<UnitTree, number>()
  for (const { join, path } of joinsOf(block.make.units, block.path)) {
    const named = join.join.map(child => partOf(child, given, block)) as [JoinedPart, JoinedPart]
    const number = numbers.get(join)!
    const press = pressOf(join)
    const key = joinKey(block, join, press)
    const known = distinct.get(key)
    if (known) {
      known.times += 1
      known.seams.push({ number, press })
    } else {
      const step = joinStep(block, join, named, pressOf)
      distinct.set(key, {
        id: joinId(block, join, press),
        step,
        times: 1,
        seams: [{ number, press }],
        path,
        across: seamsBetweenParts(partsSinceTrim(block.make, join, block.isTrimmed)),
        ...(step.code === 'join-log' ? { log: besideLog(block, join) } : {}),
      })
    }
    given.set(join, [...distinct.keys()].indexOf(key) + 1)
  }
  const joins = [...distinct.values()]
  dropUnclearPlaces(joins)
  return joins
}

/** A step that stands for several joins says no place, nor do parts that lie in like places at one time. */
function dropUnclearPlaces(joins: readonly RecipeJoin[]) {
  const placed = joins.flatMap(({ step, times }, at) =>
    step.joins!.flatMap(part => ('join' in part ? [{ part, from: part.join - 1, to: at, times, ...part }] : [])),
  )
  for (const one of placed) {
    const isOneOfTwo = placed.some(
      ({ place, from, to }) => place === one.place && from !== one.from && from < one.to && one.from < to,
    )
    if (one.times > 1 || isOneOfTwo) delete one.part.place
  }
}

function partOf(node: UnitTree, given: ReadonlyMap<UnitTree, number>, block: SewnBlock): JoinedPart {
  const { clothOfPatch } = block
  if ('join' in node) return { join: given.get(node)!, sort: sortOf(node, block), place: placeOf(node, block) }
  const { kind, patches } = node.unit
  return { unit: kind, ...(patches.length === 1 ? { cloth: clothOfPatch(patches[0]!.patch) } : {}) }
}

/** For ticks: what is joined and how it is pressed. */
export function joinId(block: SewnBlock, join: Join, press: Press): string {
  const ids = knownIds.get(block) ?? new Map<Join, string>()
  knownIds.set(block, ids)
  const id = ids.get(join) ?? `join.${block.make.block.id}.${shortHash(joinKey(block, join, press))}`
  ids.set(join, id)
  return id
}

/** A seam is named when it is sewn and again when it is pressed; it is pressed one way in a block. */
const knownIds = new WeakMap<SewnBlock, Map<Join, string>>()

function joinKey(block: SewnBlock, join: Join, press: Press): string {
  const parts = bothParts(join, block)
  const paper = paperOf(block.make, join)
  const place = paper ? `${paper.section} ${paper.number} ` : ''
  return `${place}${lookOfJoin(join, parts, directionOf(press, join, parts))}${handlingOf(block, join, parts)}`
}

/** Where the needle stops short of an edge, and what it closes: the same for joins that are handled alike. */
function handlingOf(block: SewnBlock, join: Join, parts: BothParts): string {
  const stops = stopsOf(block, join).map(stop =>
    parts
      .map(part => {
        const [x, y] = cornerMean(part.flatMap(({ polygon }) => polygon))
        return Math.hypot(stop[0] - x, stop[1] - y).toFixed(2)
      })
      .join('-'),
  )
  return stops.length + (join.closes?.length ?? 0) === 0
    ? ''
    : ` stops ${stops.sort().join()} closes ${join.closes?.length ?? 0}`
}

/** Ends of a straight join that stop at a dot, where something is set in. */
function stopsOf(block: SewnBlock, join: Join): Point[] {
  if (join.kind === 'set-in' || !hasDots(block.make)) return []
  return runsOf(join, bothParts(join, block), block.make).flatMap(({ points, from, to }) => [
    ...(from === 'dot' ? [points[0]!] : []),
    ...(to === 'dot' ? [points.at(-1)!] : []),
  ])
}

function joinStep(block: SewnBlock, join: Join, joins: [JoinedPart, JoinedPart], pressOf: (join: Join) => Press): Step {
  const { make, seam } = block
  const press = pressOf(join)
  const parts = bothParts(join, block)
  const way = directionOf(press, join, parts)
  const all = boundingBox(parts.flat().flatMap(patch => patch.polygon))
  const paper = paperOf(make, join)
  const code = paper
    ? 'foundation-add'
    : join.kind === 'partial'
      ? 'join-partial'
      : join.kind === 'set-in'
        ? 'join-set-in'
        : isLogJoin(join)
          ? 'join-log'
          : 'join-parts'
  const stops = stopsOf(block, join).length
  const closes = join.closes?.length ?? 0
  const stages = paper ? paperStages(block, join, parts) : joinStages(block, join, press, joins, pressOf)
  return {
    do: 'sew',
    code,
    joins,
    data: {
      seam,
      press: way,
      ...(paper ? { section: paper.section, number: paper.number } : {}),
      ...(stops > 0 ? { stops } : {}),
      ...(closes > 0 ? { closes } : {}),
    },
    ...(stages.length > 0 ? { stages } : {}),
    picture: joinPicture(block, join, parts, way),
    expect: { width: all.width + 2 * seam, height: all.height + 2 * seam },
  }
}

/** The paper a join is sewn on, and the number of the patch it adds; null for a join of papers, or without papers. */
export function paperOf({ papers }: BlockMake, node: Join): { section: string; number: number } | null {
  const patches = patchesUnder(node)
  const paper = papers?.sections.find(({ order }) => patches.every(patch => order.includes(patch)))
  return paper ? { section: paper.section, number: patches.length } : null
}

function isLogJoin(node: Join): boolean {
  return node.join.some(child => 'unit' in child && child.unit.kind === 'log')
}

/** The part that a log is sewn to, measured along the log. */
function besideLog(block: SewnBlock, join: Join): { length: Inches; across: number } {
  const isLog = (child: UnitTree) => 'unit' in child && child.unit.kind === 'log'
  const [first, second] = bothParts(join, block)
  const part = partsSinceTrim(block.make, join.join[isLog(join.join[0]) ? 1 : 0], block.isTrimmed)
  const { width, height } = boundingBox(part.flat(2))
  const isUpright = ['left', 'right'].includes(directionOf('first', join, [first, second]))
  return isUpright
    ? {
        length: height + 2 * block.seam,
        across: seamsBetweenParts(
          part.map(polygons => polygons.map(polygon => polygon.map(([x, y]): Point => [y, x]))),
        ),
      }
    : { length: width + 2 * block.seam, across: seamsBetweenParts(part) }
}
