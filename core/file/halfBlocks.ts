// In: blocks and places. Out: the halves that fill the ends of shifted rows, as blocks with designs of their own.
import polygonClipping, { type Pair } from 'polygon-clipping'
import type { Design, Patch } from '../designs/design'
import { placePoint, type Placement } from '../geometry/placement'
import { area, movePolygon, type Box, type Point, type Polygon } from '../geometry/polygon'
import type { Block, Cell, HalfSide } from './quilt'

const OPPOSITE = { left: 'right', right: 'left', top: 'bottom', bottom: 'top' } as const
const MIDDLES: Readonly<Record<HalfSide, Point>> = { left: [0, 0.5], right: [1, 0.5], top: [0.5, 0], bottom: [0.5, 1] }

/**
 * The half of a block as it stands in this place that fills the end of a row: at the left end its right part, as if the
 * block ran on beyond the quilt's edge.
 */
export function halfCell(cell: Cell, end: HalfSide): Cell {
  const halves = known.get(cell) ?? new Map<HalfSide, Cell>()
  known.set(cell, halves)
  const half = halves.get(end) ?? { ...cell, block: halfId(cell.block, ownSide(OPPOSITE[end], cell)) }
  halves.set(end, half)
  return half
}

/** Places alike are one and the same cell. */
const known = new WeakMap<Cell, Map<HalfSide, Cell>>()

/** A slash stands in no id that Wren makes for a block. */
function halfId(block: string, side: HalfSide): string {
  return `${block}/${side}`
}

/** The block of which it is a half. */
export function halvedBlock({ block }: Cell): string {
  return block.slice(0, block.lastIndexOf('/'))
}

/** The side of the block as drawn that lies on this side when it is placed. */
function ownSide(side: HalfSide, placement: Placement): HalfSide {
  const [x, y] = MIDDLES[side]
  const sides = Object.keys(MIDDLES) as HalfSide[]
  return sides.find(own => {
    const [px, py] = placePoint(MIDDLES[own], placement, 1, 1)
    return px === x && py === y
  })!
}

const SAID = { left: 'left', right: 'right', top: 'upper', bottom: 'lower' } as const

/** All four halves of a block; those that stand nowhere cost nothing. */
export function halvesOf(block: Block, design: Design): { block: Block; design: Design }[] {
  return (Object.keys(MIDDLES) as HalfSide[]).map(side => {
    const isLevel = side === 'left' || side === 'right'
    const half = halfDesign(design, side)
    const width = isLevel ? block.width / 2 : block.width
    const height = isLevel ? block.height : block.height / 2
    const { size: _, ...rest } = block
    return {
      design: half,
      block: {
        ...rest,
        id: halfId(block.id, side),
        name: `${block.name}, ${SAID[side]} half`,
        design: half.id,
        width,
        height,
        outer: { width, height },
        derived: { what: 'half', of: block.id, side },
      },
    }
  })
}

const cut = new WeakMap<Design, Map<HalfSide, Design>>()

/** The design clipped at its middle. */
function halfDesign(design: Design, side: HalfSide): Design {
  const halves = cut.get(design) ?? new Map<HalfSide, Design>()
  cut.set(design, halves)
  const found = halves.get(side) ?? clipped(design, side)
  halves.set(side, found)
  return found
}

function clipped(design: Design, side: HalfSide): Design {
  const isLevel = side === 'left' || side === 'right'
  const width = isLevel ? design.width / 2 : design.width
  const height = isLevel ? design.height : design.height / 2
  const box: Box = {
    x: side === 'right' ? width : 0,
    y: side === 'bottom' ? height : 0,
    width,
    height,
  }
  const { diamond: _, ...rest } = design
  return {
    ...rest,
    id: halfId(design.id, side),
    name: `Half of ${design.name}`,
    width,
    height,
    patches: design.patches.flatMap(({ role, points }) =>
      within(points, box).map((part): Patch => ({ role, points: movePolygon(part, -box.x, -box.y) })),
    ),
  }
}

/** The parts of a patch that lie in a box, clockwise. */
function within(polygon: Polygon, { x, y, width, height }: Box): Polygon[] {
  const ring = polygon.map(([px, py]): Pair => [px, py])
  const window: Pair[] = [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]
  return polygonClipping
    .intersection([ring], [window])
    .map(([outer]) => outer!.slice(0, -1).map(([px, py]): Point => [px, py]))
    .filter(part => area(part) > 1e-9)
}
