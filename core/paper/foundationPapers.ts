import { finishedPatches, type Design } from '../designs/design'
import type { Foundation, FoundationSection } from '../make/order/foundation'
import { unite } from '../drafting/unite'
import { offsetPolygon } from '../geometry/offset'
import { boundingBox, contains, movePolygon, withoutIdleCorners, type Point, type Polygon } from '../geometry/polygon'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { line, outline, text, type Drawing, type Mark } from './sheet'

/** One paper: the mirror image of its section, seam lines to sew on, numbers in order, a seam allowance round it. */
export interface FoundationPaper {
  section: string
  /** Patches in order, mirrored, from the top left of the cut line. */
  patches: { patch: number; role: string; points: Polygon }[]
  edge: Polygon
  cutLine: Polygon
  /** Corners of other sections along this one's edge, to be matched when papers are joined. */
  matches: Point[]
}

/**
 * The papers of a block at its finished size. Cloth lies on the other side of the paper, so the drawing is mirrored;
 * the words are not.
 */
export function foundationPapers(
  design: Design,
  foundation: Foundation,
  width: Inches,
  height: Inches,
  seam: Inches,
): FoundationPaper[] {
  const mirrored = finishedPatches(design, width, height).map(patch => patch.map(([x, y]): Point => [width - x, y]))
  const edges = foundation.sections.map(section => edgeOf(section, mirrored))
  return foundation.sections.map(({ section, order }, i) => {
    const edge = edges[i]!
    const cutLine = offsetPolygon(edge, seam)
    const { x, y } = boundingBox(cutLine)
    const others = edges.flatMap((other, k) => (k === i ? [] : [...other]))
    return {
      section,
      edge: movePolygon(edge, -x, -y),
      cutLine: movePolygon(cutLine, -x, -y),
      patches: order.map(patch => ({
        patch,
        role: design.patches[patch]!.role,
        points: movePolygon(mirrored[patch]!, -x, -y),
      })),
      matches: [
        ...movePolygon(
          others.filter(corner => liesOn(edge, corner)),
          -x,
          -y,
        ),
      ],
    }
  })
}

function edgeOf({ order }: FoundationSection, patches: readonly Polygon[]): Polygon {
  const [first, ...rest] = order
  const whole = rest.reduce((sum, patch) => {
    const both = unite(sum, patches[patch]!)
    if (!both) throw new Error(`paper: patch ${patch} does not lie along those before it`)
    return both
  }, patches[first!]!)
  return withoutIdleCorners(whole, TOLERANCE)
}

function liesOn(polygon: Polygon, [x, y]: Point): boolean {
  return polygon.some(([ax, ay], i) => {
    const [bx, by] = polygon[(i + 1) % polygon.length]!
    const length = Math.hypot(bx - ax, by - ay)
    const along = ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length
    return (
      Math.abs((x - ax) * (by - ay) - (y - ay) * (bx - ax)) / length < 1e-6 && along > -1e-6 && along < length + 1e-6
    )
  })
}

export interface PaperWords {
  title: (paper: FoundationPaper) => string
  cloth: (role: string) => string
}

/** A paper as it is printed. */
export function paperDrawing(paper: FoundationPaper, words: PaperWords): Drawing {
  const box = boundingBox(paper.cutLine)
  const marks: Mark[] = [outline('cut', paper.cutLine), outline('sew', paper.edge)]
  paper.patches.forEach(({ points, role }, i) => {
    if (i > 0) marks.push(outline('sew', points))
    const at = insideOf(points)
    const size = Math.min(
      0.2,
      Math.sqrt(Math.max(0.001, boundingBox(points).width * boundingBox(points).height)) * 0.22,
    )
    marks.push(
      text([at[0], at[1] + size * 0.1], String(i + 1), size, 'middle', true),
      text([at[0], at[1] + size * 0.95], words.cloth(role), size * 0.7, 'middle'),
    )
  })
  for (const at of paper.matches) marks.push(...matchMark(paper.edge, at))
  marks.push(text([0, box.height + 0.2], words.title(paper), 0.14, 'left', true))
  return { width: Math.max(box.width, 1.4), height: box.height + 0.28, marks }
}

/** A small cross stroke over the edge of the paper. */
function matchMark(edge: Polygon, [x, y]: Point): Mark[] {
  const i = edge.findIndex((a, k) => liesOn([a, edge[(k + 1) % edge.length]!], [x, y]))
  const [ax, ay] = edge[Math.max(0, i)]!
  const [bx, by] = edge[(Math.max(0, i) + 1) % edge.length]!
  const length = Math.hypot(bx - ax, by - ay)
  const nx = (-(by - ay) / length) * 0.1
  const ny = ((bx - ax) / length) * 0.1
  return [line('match', [x - nx, y - ny], [x + nx, y + ny])]
}

function insideOf(points: Polygon): Point {
  const mean: Point = [
    points.reduce((sum, p) => sum + p[0], 0) / points.length,
    points.reduce((sum, p) => sum + p[1], 0) / points.length,
  ]
  return contains(points, mean) ? mean : points[0]!
}
