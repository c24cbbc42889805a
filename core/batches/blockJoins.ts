// In: a block in its cloths, as it is pressed, and where its units come from. Out: what is done to sew so many of it.
import type { Source } from './unitLots'
import { boundingBox, cornerMean, type Box, type Point } from '../geometry/polygon'
import { hasDots, inInches, runsOf } from '../make/joins/joinRun'
import { joinId, paperOf } from '../make/joins/joins'
import { legsOf, liesOn, topOf } from '../make/joins/onTop'
import { unitJoinNumbers } from '../make/joins/joinNumbers'
import { bothParts, patchesUnder, type Join, type SewnBlock } from '../make/joins/sewnBlock'
import type { Unit } from '../make/units/unit'
import type { UnitTree } from '../make/units/unitTree'
import type { Operations } from './operation'
import { partSignature, type Member, type PartSignature } from './partSignature'

export interface BatchedBlock extends SewnBlock {
  count: number
  /** Where a unit comes from, and what it is. */
  sourceOf: (unit: Unit) => { id: Source; key: string }
  /** Quarter turns by which a print with an up points aside in the block; undefined: none in it has one. */
  upOf: (patch: number) => 0 | 1 | 2 | 3 | undefined
}

/** A part of the block so far. */
interface SoFar {
  source: Source
  signature: PartSignature
  box: Box
  /** Seams that are sewn, and not pressed yet. */
  unpressed: readonly { join: Join; number: number }[]
}

/**
 * The joins of a block, leaf by leaf. A part is pressed before it is joined on only where one of its seams ends on the
 * next one; else it is pressed when all of it is sewn, so that a row of squares is sewn without pressing between.
 */
export function blockJoins(block: BatchedBlock, operations: Operations): Source {
  const numbers = unitJoinNumbers(block.make.tree, block.make.units)
  const visit = (node: UnitTree): SoFar => {
    if ('unit' in node) return unitSoFar(node.unit, block)
    const parts = node.join
      .map(visit)
      .map(part => (mustBePressed(part, node, block) ? pressed(part, block, operations, '') : part)) as [SoFar, SoFar]
    return joined(node, parts, numbers.get(node)!, block, operations)
  }
  const whole = visit(block.make.units)
  return whole.unpressed.length === 0 ? whole.source : pressed(whole, block, operations, block.make.block.id).source
}

function unitSoFar(unit: Unit, block: BatchedBlock): SoFar {
  const { id, key } = block.sourceOf(unit)
  const polygons = unit.patches.map(({ patch }) => block.make.polygons[patch]!)
  const members = unit.patches.flatMap(({ patch }, i): Member[] => {
    const up = block.upOf(patch)
    const cloth = block.clothOfPatch(patch)
    const corners = polygons[i]!.map((at): Member => ({ what: cloth, at }))
    return up === undefined ? corners : [...corners, { what: 'up', points: up, at: cornerMean(polygons[i]!) }]
  })
  const box = boundingBox(polygons.flat())
  return { source: id, signature: partSignature(key, members, box), box, unpressed: [] }
}

function mustBePressed({ unpressed }: SoFar, join: Join, { make }: BatchedBlock): boolean {
  if (unpressed.length === 0) return false
  if (
    join.kind !== 'straight'
    || join.closes
    || unpressed.some(seam => seam.join.kind !== 'straight')
    || paperOf(make, join)
  )
    return true
  const legs = legsOf(join)
  return unpressed.some(seam => seam.join.seam.some(end => legs.some(leg => liesOn(end, leg))))
}

function joined(join: Join, parts: [SoFar, SoFar], number: number, block: BatchedBlock, operations: Operations): SoFar {
  const box = boundingBox(parts.flatMap(part => corners(part.box)))
  const signature = partSignature(`join ${join.kind}`, [...parts.map(memberOf), ...handling(join, block)], box)
  const id = `join.${signature.key}`
  const { count } = block
  const press = block.press[number]!
  const isNew = operations.get(id) === undefined
  const top = isNew ? topOf(join, block) : undefined
  const [first, second] = parts.map(({ source }) => source) as [Source, Source]
  operations.add({
    id,
    at: 'machine',
    what: 'join',
    task: { block: block.make.block.id, joins: isNew ? [joinId(block, join, press)] : [] },
    count,
    uses:
      first === second
        ? [{ id: first, count: 2 * count }]
        : [
            { id: first, count },
            { id: second, count },
          ],
    parts: [first, second],
    gives: count,
    ...(top ? { top } : {}),
  })
  const unpressed = [...parts.flatMap(part => part.unpressed), { join, number }]
  return { source: id, signature, box, unpressed }
}

/** Where the needle stops short, turns, leaves a seam open, or closes it: parts that look alike may differ in that. */
function handling(join: Join, block: BatchedBlock): Member[] {
  const { make } = block
  const isPlain = join.kind === 'straight' && !join.closes && !hasDots(make)
  if (isPlain) return []
  const dots = runsOf(join, bothParts(join, block), make).flatMap(({ points, from, to }) => [
    ...(from === 'dot' ? [points[0]!] : []),
    ...points.slice(1, -1),
    ...(to === 'dot' ? [points.at(-1)!] : []),
  ])
  const opened = (join.begun ?? []).map(point => inInches(point, make))
  const closed = (join.closes ?? []).map(([from]) => inInches(from, make))
  const member = (what: string) => (at: Point) => ({ what, at })
  return [...dots.map(member('dot')), ...opened.map(member('open')), ...closed.map(member('close'))]
}

/** Pressed, all its seams in one go. `name`: what is whole with it. */
function pressed(part: SoFar, block: BatchedBlock, operations: Operations, name: string): SoFar {
  const { unpressed, box, source } = part
  const seams = unpressed.map(({ join, number }) => pressedTo(join, block.press[number]!, block))
  const signature = partSignature(`press ${name}`, [memberOf(part), ...seams], box)
  const id = `press.${signature.key}`
  const { count } = block
  const isNew = operations.get(id) === undefined
  operations.add({
    id,
    at: 'iron',
    what: 'press',
    task: {
      block: block.make.block.id,
      joins: isNew ? unpressed.map(({ join, number }) => joinId(block, join, block.press[number]!)) : [],
    },
    count,
    uses: [{ id: source, count }],
    parts: [source],
    gives: count,
    ...(name ? { ready: { what: 'block', id: name } } : {}),
  })
  return { source: id, signature, box, unpressed: [] }
}

function memberOf({ signature, box }: SoFar): Member {
  return { what: signature.key, turn: signature, at: [box.x + box.width / 2, box.y + box.height / 2] }
}

/** Where a seam lies, a little towards the side to which it is pressed. */
function pressedTo(join: Join, press: 'first' | 'second' | 'open', { make }: BatchedBlock): Member {
  const [from, to] = join.seam.map(point => inInches(point, make)) as [Point, Point]
  const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  if (press === 'open') return { what: 'open', at: middle }
  const part = patchesUnder(join.join[press === 'first' ? 0 : 1]).map(patch => make.polygons[patch]!)
  const [x, y] = cornerMean(part.flat())
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const side = Math.sign((x - from[0]) * -dy + (y - from[1]) * dx)
  const reach = (side * make.block.width) / 100 / Math.hypot(dx, dy)
  return { what: 'to', at: [middle[0] - dy * reach, middle[1] + dx * reach] }
}

function corners({ x, y, width, height }: Box): Point[] {
  return [
    [x, y],
    [x + width, y + height],
  ]
}
