// In: a cell. Out: how its block looks where it lies: its patches, what lies along each side, how much of each cloth.
import { finishedPatches, type Design, type Patch } from '../designs/design'
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
  const shares = new Map<string, number>()
  const { width, height } = block.outer
  const share = (cloth: string, part: number) => shares.set(cloth, (shares.get(cloth) ?? 0) + part / (width * height))
  const drawn = (patches: readonly Patch[]) =>
    finishedPatches({ ...design, patches }, block.width, block.height).map((polygon, i): DrawnPatch => {
      const cloth = cloths[patches[i]!.role]!
      return { polygon, cloth }
    })
  // of a picture only the squares along its edge touch anything
  const inside = drawn(design.picture ? edgeSquares(design) : design.patches)
  const framed = framePairs(block).reduce(withFramePair, inside)
  if (design.picture) {
    const square = (block.width * block.height) / design.patches.length
    for (const [role, count] of countedRoles(design)) share(cloths[role]!, count * square)
    for (const { polygon, cloth } of framed.slice(inside.length)) share(cloth, area(polygon))
  } else for (const { polygon, cloth } of framed) share(cloth, area(polygon))
  const patches = framed.map(patch => ({ ...patch, polygon: placePolygon(patch.polygon, cell, width, height) }))
  const lying = cell.turn % 180 === 0 ? { width, height } : { width: height, height: width }
  return { ...lying, sides: sidesOf(patches, lying), shares }
}

function edgeSquares({ patches, width, height }: Design): Patch[] {
  return patches.filter((_, i) => {
    const [x, y] = [i % width, Math.floor(i / width)]
    return x === 0 || y === 0 || x === width - 1 || y === height - 1
  })
}

function countedRoles({ patches }: Design): Map<string, number> {
  const counts = new Map<string, number>()
  for (const { role } of patches) counts.set(role, (counts.get(role) ?? 0) + 1)
  return counts
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
