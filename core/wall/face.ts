// In: a cell. Out: how its block looks where it lies: its patches, what lies along each side, how much of each cloth.
import { finishedPatches } from '../designs/design'
import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, designOf, type Cell, type Quilt } from '../file/quilt'
import { placePolygon } from '../geometry/placement'
import { area, type Polygon } from '../geometry/polygon'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { framePairs, withFramePair, type DrawnPatch } from '../top/regions/framePairs'

/** A stretch of a side in one cloth, along the side from the corner where it begins. */
export interface Stretch {
  cloth: string
  from: Inches
  to: Inches
}

/** A block with its frames as it lies. Sides run round clockwise, the first along the top. */
export interface Face {
  width: Inches
  height: Inches
  sides: readonly (readonly Stretch[])[]
  /** Of each cloth, its part of the area. */
  shares: ReadonlyMap<string, number>
}

const known = new WeakMap<Quilt, Map<Cell, Face>>()

/** Found once for each distinct cell of a quilt. */
export function faceOf(quilt: Quilt, cell: Cell): Face {
  const faces = known.get(quilt) ?? new Map<Cell, Face>()
  known.set(quilt, faces)
  const face = faces.get(cell) ?? drawnFace(quilt, cell)
  faces.set(cell, face)
  return face
}

function drawnFace(quilt: Quilt, cell: Cell): Face {
  const block = blockOf(quilt, cell.block)
  const design = designOf(quilt, block)
  const cloths = clothsOfCell(quilt, cell)
  const inside = finishedPatches(design, block.width, block.height).map((polygon, i): DrawnPatch => {
    const cloth = cloths[design.patches[i]!.role]!
    return { polygon, cloth }
  })
  const { width, height } = block.outer
  const patches = framePairs(block)
    .reduce(withFramePair, inside)
    .map(patch => ({ ...patch, polygon: placePolygon(patch.polygon, cell, width, height) }))
  const lying = cell.turn % 180 === 0 ? { width, height } : { width: height, height: width }
  const shares = new Map<string, number>()
  for (const { polygon, cloth } of patches)
    shares.set(cloth, (shares.get(cloth) ?? 0) + area(polygon) / (width * height))
  return { ...lying, sides: sidesOf(patches, lying), shares }
}

/** What lies along each side, in order. */
function sidesOf(patches: readonly DrawnPatch[], { width, height }: Pick<Face, 'width' | 'height'>): Stretch[][] {
  const sides: Stretch[][] = [[], [], [], []]
  for (const { polygon, cloth } of patches)
    for (const [side, from, to] of edgesOnSides(polygon, width, height))
      sides[side]!.push({ cloth, from: Math.min(from, to), to: Math.max(from, to) })
  return sides.map(stretches => joined(stretches.sort((a, b) => a.from - b.from)))
}

function edgesOnSides(
  polygon: Polygon,
  width: Inches,
  height: Inches,
): (readonly [side: number, from: Inches, to: Inches])[] {
  const near = (a: number, b: number) => Math.abs(a - b) < TOLERANCE
  return polygon.flatMap(([x, y], i) => {
    const [u, v] = polygon[(i + 1) % polygon.length]!
    return [
      ...(near(y, 0) && near(v, 0) ? [[0, x, u] as const] : []),
      ...(near(x, width) && near(u, width) ? [[1, y, v] as const] : []),
      ...(near(y, height) && near(v, height) ? [[2, width - x, width - u] as const] : []),
      ...(near(x, 0) && near(u, 0) ? [[3, height - y, height - v] as const] : []),
    ]
  })
}

/** Stretches of one cloth that follow each other are one. */
function joined(stretches: readonly Stretch[]): Stretch[] {
  const whole: Stretch[] = []
  for (const stretch of stretches) {
    const last = whole.at(-1)
    if (last?.cloth === stretch.cloth) last.to = stretch.to
    else whole.push({ ...stretch })
  }
  return whole
}
