// In: a motif and where it is wanted. Out: its lines in each block, or along each border.
import { boundingBox, type Point, type Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import { motifPath } from './motifPath'
import { isInScope, type QuiltedTop, type QuiltingLine, type QuiltedPart, type Where } from './quiltingLine'

/** Motifs that ship, drawn for Wren; each in one line without stopping. */
export const MOTIFS: Readonly<Record<string, string>> = {
  petals:
    'M5 5C3 3.5 3 1 5 0C7 1 7 3.5 5 5C6.5 3 9 3 10 5C9 7 6.5 7 5 5C7 6.5 7 9 5 10C3 9 3 6.5 5 5'
    + 'C3.5 7 1 7 0 5C1 3 3.5 3 5 5',
  leaf: 'M0 5C2.5 0 7.5 0 10 5C7.5 10 2.5 10 0 5L10 5',
  wave: 'M0 5C2 0 3 0 5 5C7 10 8 10 10 5',
  spiral:
    'M5 5C5.5 4.4 6.4 4.8 6.3 5.7C6.1 7 4.2 7.2 3.6 5.8C2.9 4 4.4 2.6 6 2.8C8.2 3 9 5.4 8.1 7.3C7 9.6 3.6 9.8 1.9 7.7',
}

/** A motif's path: one that ships by its name, or the quilter's own. */
export function pathOf(motif: string): string {
  return MOTIFS[motif] ?? motif
}

/** Nearer to the edge of its part nothing is drawn. */
const FREE: Inches = 1 / 4

/** Where a motif is wanted: its middle, whether it lies level, and how large its longer side is. */
export interface MotifPlace {
  part: QuiltedPart
  at: Point
  across: boolean
  scale: Inches
}

type MotifEntry = { motif: string; size: Inches; where: Where }

/** Where a motif stands in each part that is quilted with it. */
export function motifPlaces(top: QuiltedTop, { size, where }: MotifEntry): MotifPlace[] {
  const parts = top.parts.filter(part => isInScope(part, where === 'all' ? 'blocks' : where))
  return parts.flatMap(part => placesIn(part.outline, size, part.kind === 'border').map(place => ({ part, ...place })))
}

/** The lines of a motif at all its places; none where its path cannot be read. */
export function motifLines(top: QuiltedTop, entry: MotifEntry): QuiltingLine[] {
  const found = motifPath(pathOf(entry.motif))
  if ('fault' in found) return []
  return motifPlaces(top, entry).flatMap(({ at, across, scale }) =>
    found.lines.map((line): QuiltingLine => ({
      kind: 'motif',
      points: line.map(([x, y]): Point => {
        const [u, v] = across ? [x, y] : [-y, x]
        return [at[0] + u * scale, at[1] + v * scale]
      }),
    })),
  )
}

/** In the middle of a block; along a border as often as it goes. No larger than there is room. */
function placesIn(outline: Polygon, size: Inches, isBorder: boolean): Omit<MotifPlace, 'part'>[] {
  const { x, y, width, height } = boundingBox(outline)
  // a block that stands on a corner has an upright square of half its box in its middle
  const room = Math.min(width, height) * (isUprightBox(outline) ? 1 : 1 / 2) - 2 * FREE
  const scale = Math.min(size, room)
  if (scale < 2 * FREE) return []
  const middle: Point = [x + width / 2, y + height / 2]
  if (!isBorder) return [{ at: middle, across: true, scale }]
  const across = width >= height
  const long = Math.max(width, height)
  const count = Math.max(1, Math.floor((long - 2 * FREE) / scale))
  return Array.from({ length: count }, (_, i) => {
    const off = (i - (count - 1) / 2) * scale
    return { at: across ? [middle[0] + off, middle[1]] : [middle[0], middle[1] + off], across, scale }
  })
}

function isUprightBox(outline: Polygon): boolean {
  return outline.every(([x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!
    return Math.abs(x - u) < 1e-6 || Math.abs(y - v) < 1e-6
  })
}
