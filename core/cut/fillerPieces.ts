// In: the setting. Out: the pieces that fill its edge: triangles on point, ends of shifted rows, half cornerstones.
import { longSideSquare, legSquare, plainSide, type CutSize } from '../make/methods/cutSize'
import type { MethodContext } from '../make/methods/method'
import type { PartName } from '../make/methods/partName'
import { pieceOf, trianglePiece } from '../make/methods/pieces'
import { sameLength, type Inches } from '../measure/ruler'
import type { TopPart, Region } from '../top/regions/region'
import type { Setting } from '../top/settings/setting'
import type { PieceOrder } from './piece'
import type { PiecePlace } from './place'

/** Fillers of the setting, cloth by cloth. */
export function fillerOrders(setting: Setting, room: MethodContext): PieceOrder[] {
  // most settings have none: a quilt of thousands of places is looked through once
  if (!setting.regions.some(({ part }) => FILLERS.has(part.kind))) return []
  return [
    ...sideTriangles(setting, room),
    ...cornerTriangles(setting, room),
    ...halfCornerstones(setting, room),
    ...ends(setting, room),
  ]
}

const FILLERS: ReadonlySet<TopPart['kind']> = new Set(['side-triangle', 'corner-triangle', 'half-cornerstone', 'end'])

function fillers(setting: Setting, kind: TopPart['kind']): (Region & { cloth: string })[] {
  return setting.regions.flatMap(region =>
    region.part.kind === kind && 'cloth' in region.fabric ? [{ ...region, cloth: region.fabric.cloth }] : [],
  )
}

/** Cut to be trimmed when the top is whole: up to the ruler, with nothing to spare besides. */
const ONLY_UP: Inches = 0

/**
 * Triangles with their long side on the edge, four from a square. With float they are longer by what the blocks'
 * corners stand from the edge, at both ends. Source: handbook §3 and §4, b√2 + 2·float + 1.2071·4s.
 */
function sideTriangles(setting: Setting, room: MethodContext): PieceOrder[] {
  const sides = fillers(setting, 'side-triangle')
  const block = blockSide(setting)
  const size = longSideSquare(block * Math.SQRT2 + 2 * floatOf(setting), { ...room, care: 'little' }, ONLY_UP)
  return triangles(sides, 'side triangles', size, 'two-diagonals', room)
}

/** Triangles with their right angle in the corner, two from a square. Source: handbook §3, b ÷ √2 + 0.8536·4s. */
function cornerTriangles(setting: Setting, room: MethodContext): PieceOrder[] {
  const corners = fillers(setting, 'corner-triangle')
  const leg = blockSide(setting) / Math.SQRT2 + 2 * floatOf(setting)
  const size = legSquare(leg, { ...room, care: 'little' }, 1, ONLY_UP)
  return triangles(corners, 'corner triangles', size, 'one-diagonal', room)
}

/** On the edge of a sashed set, four from a square. Source: handbook §4, w√2 + 1.207 at ¼″. */
function halfCornerstones(setting: Setting, room: MethodContext): PieceOrder[] {
  const halves = fillers(setting, 'half-cornerstone')
  const sash = setting.regions.find(({ run }) => run === 'upright')?.own?.width ?? 0
  const size = longSideSquare(sash * Math.SQRT2, { ...room, care: 'little' }, ONLY_UP)
  return triangles(halves, 'half cornerstones', size, 'two-diagonals', room, {
    part: 'sashing',
  })
}

function triangles(
  regions: readonly (Region & { cloth: string })[],
  part: PartName,
  size: CutSize,
  cuts: 'one-diagonal' | 'two-diagonals',
  room: MethodContext,
  place: PiecePlace = { part: 'setting' },
): PieceOrder[] {
  const [first] = regions
  if (!first) return []
  const order = (needed: number, corner?: string): PieceOrder => ({
    draft: trianglePiece(first.cloth, part, size, needed, [], cuts, corner),
    method: 'triangle-single',
    places: [place],
    feeds: [],
    times: 0,
  })
  if (!room.isDirectional(first.cloth)) return [order(regions.length)]
  // a print with an up: a square gives one triangle for each way it may lie
  const lies = new Map<string, number>()
  for (const region of regions) lies.set(lieOf(region), (lies.get(lieOf(region)) ?? 0) + 1)
  return [...lies].map(([lie, needed]) => order(needed, lie))
}

function ends(setting: Setting, room: MethodContext): PieceOrder[] {
  const groups: { width: Inches; height: Inches; cloth: string; count: number }[] = []
  for (const { width, height, cloth } of fillers(setting, 'end')) {
    const known = groups.find(group => sameLength(group.width, width) && sameLength(group.height, height))
    if (known) known.count += 1
    else groups.push({ width, height, cloth, count: 1 })
  }
  return groups.map(({ width, height, cloth, count }): PieceOrder => {
    const draft = pieceOf(plainSide(width, room), plainSide(height, room), {
      cloth,
      part: 'ends',
      shape: 'rectangle',
      cuts: 'none',
      turn: !room.isDirectional(cloth),
      count,
      counted: [{ what: 'ends', count, each: 1 }],
      slots: [],
    })
    return { draft, method: 'rectangle', places: [{ part: 'filler' }], feeds: [], times: 0 }
  })
}

/** Finished side of the blocks on point, frames and all. */
function blockSide({ rows }: Setting): Inches {
  for (const { regions } of rows) {
    const block = regions.find(({ part }) => part.kind === 'block')
    if (block) return block.own?.width ?? 0
  }
  return 0
}

function floatOf({ across }: Setting): Inches {
  const term = across.find(({ what }) => what === 'float')
  return term && 'each' in term ? term.each : 0
}

/** Which way a triangle lies: on which edge, or in which corner. */
function lieOf({ part }: Region): string {
  return 'edge' in part ? part.edge : 'corner' in part ? part.corner : ''
}
