// In: the top and its quilting. Out: motifs, and blocks with their lines, at true size, to be traced or cut out.
import { boundingBox, type Point, type Polygon } from '../geometry/polygon'
import { lengthKey, type Inches } from '../measure/ruler'
import { motifPath } from '../quilting/motifPath'
import { motifPlaces, pathOf } from '../quilting/motifs'
import type { QuiltedTop, QuiltingLine, QuiltedPart, Where } from '../quilting/quiltingLine'
import { line, outline, text, type Drawing, type Mark } from './sheet'

/** Kept free above a drawing for its title. */
const TITLE: Inches = 0.35
/** Arms of the cross that marks the middle. */
const ARM: Inches = 0.2

/** One drawing for each motif and size in the quilt, with its middle. `isMirrored`: to be traced from the back. */
export function motifDrawings(
  top: QuiltedTop,
  entries: readonly { kind: string; motif: string; size: Inches; where: Where }[],
  titleOf: (motif: string, size: Inches, count: number) => string,
  isMirrored: boolean,
): Drawing[] {
  const found = new Map<string, { motif: string; scale: Inches; count: number }>()
  for (const entry of entries) {
    if (entry.kind !== 'motif') continue
    for (const { scale } of motifPlaces(top, entry)) {
      const key = `${entry.motif} ${lengthKey(scale)}`
      const known = found.get(key) ?? { motif: entry.motif, scale, count: 0 }
      known.count += 1
      found.set(key, known)
    }
  }
  return [...found.values()].flatMap(({ motif, scale, count }) => {
    const path = motifPath(pathOf(motif))
    if ('fault' in path) return []
    const lines = path.lines.map(points => points.map(([x, y]): Point => [x * scale, y * scale]))
    const cross = [line('match', [-ARM, 0], [ARM, 0]), line('match', [0, -ARM], [0, ARM])]
    return drawingOf(
      [...lines.map(points => line('sew', ...points)), ...cross],
      titleOf(motif, scale, count),
      isMirrored,
    )
  })
}

/** Each block of the quilt where it first stands, with the lines that run through it, cut off at its edge. */
export function blockDrawings(
  top: QuiltedTop,
  lines: readonly QuiltingLine[],
  titleOf: (block: string) => string,
  isMirrored: boolean,
): Drawing[] {
  const first = new Map<string, QuiltedPart>()
  for (const part of top.parts) if (part.block !== undefined && !first.has(part.block)) first.set(part.block, part)
  return [...first].flatMap(([block, part]) => {
    const inside = lines.flatMap(({ points }) =>
      points.slice(1).flatMap((to, i) => {
        const kept = insideOf(points[i]!, to, part.outline)
        return kept ? [line('sew', ...kept)] : []
      }),
    )
    return inside.length === 0 ? [] : drawingOf([outline('fine', part.outline), ...inside], titleOf(block), isMirrored)
  })
}

/** Marks as they lie, moved to a corner of their own under a title; turned over where they are to be mirrored. */
function drawingOf(marks: readonly Mark[], title: string, isMirrored: boolean): Drawing[] {
  const points = marks.flatMap(mark => ('points' in mark ? mark.points : []))
  const { x, y, width, height } = boundingBox(points)
  const laid = (size: { width: Inches; height: Inches }, place: (point: Point) => Point): Drawing => ({
    width: size.width,
    height: size.height + TITLE,
    marks: [
      text([0.45, 0.2], title, 0.15, 'left', true),
      ...marks.flatMap((mark): Mark[] => ('points' in mark ? [{ ...mark, points: mark.points.map(place) }] : [])),
    ],
  })
  const flat = ([px, py]: Point): Point => [isMirrored ? x + width - px : px - x, py - y]
  const upright = laid({ width, height }, point => [flat(point)[0], flat(point)[1] + TITLE])
  const turned = laid({ width: height, height: width }, point => [height - flat(point)[1], flat(point)[0] + TITLE])
  return [{ ...upright, turned }]
}

/** What of a line lies in a convex outline. */
function insideOf(from: Point, to: Point, polygon: Polygon): [Point, Point] | null {
  let [start, end] = [0, 1]
  const middle: Point = [
    polygon.reduce((sum, p) => sum + p[0], 0) / polygon.length,
    polygon.reduce((sum, p) => sum + p[1], 0) / polygon.length,
  ]
  for (const [i, a] of polygon.entries()) {
    const b = polygon[(i + 1) % polygon.length]!
    const side = ([px, py]: Point) => (b[0] - a[0]) * (py - a[1]) - (b[1] - a[1]) * (px - a[0])
    const sign = Math.sign(side(middle))
    const [one, other] = [sign * side(from), sign * side(to)]
    if (one < 0 && other < 0) return null
    if (one < 0) start = Math.max(start, one / (one - other))
    else if (other < 0) end = Math.min(end, one / (one - other))
  }
  const at = (t: number): Point => [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])]
  return end - start < 1e-9 ? null : [at(start), at(end)]
}
