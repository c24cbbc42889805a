import { cutLines } from '../block/cutLines'
import { finishedPatches, type Design } from '../block/design'
import { sewingOrderOf } from '../block/howSewn'
import type { SewingTree } from '../block/sewingTree'
import { boundingBox, movePolygon, scalePolygon, withoutIdleCorners, type Point, type Polygon } from '../geometry/polygon'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { letterAt } from '../quilt/letters'
import { line, outline, text, type Drawing, type Mark } from './sheet'

/** A shape to cut by: as it lies in the block, seen from the right side. */
export interface Template {
  letter: string
  /** Roles that are cut by it. */
  roles: string[]
  /** In one block, as drawn and turned over. */
  count: number
  reversed: number
  /** Seam line and cut line, from the top left of the cut line. */
  seamLine: Polygon
  cutLine: Polygon
  /** Corners of set-in joints: sew to the dot and no further. */
  dots: Point[]
}

/**
 * Every shape of a block once, however it is turned or mirrored, with how many of each hand one block takes. Patches that differ
 * only in how their tips are cut to fit their neighbours are shapes of their own.
 */
export function templatesOf(design: Design, width: Inches, height: Inches, seam: Inches): Template[] {
  const sx = width / design.width, sy = height / design.height
  const { tree } = sewingOrderOf(design)
  const finished = finishedPatches(design, width, height)
  const cuts = cutLines(tree, finished, seam)
  const dots = dotsOf(tree).map(([x, y]): Point => [x * sx, y * sy])
  const templates = new Map<string, Template>()
  finished.forEach((patch, i) => {
    const seamLine = withoutIdleCorners(patch, TOLERANCE)
    const role = design.patches[i]!.role
    const cutLine = cuts[i]!
    const own = lookOf(cutLine), over = lookOf(scalePolygon(cutLine, -1, 1))
    const known = templates.get(own) ?? templates.get(over)
    if (known) {
      if (templates.has(own)) known.count += 1
      else known.reversed += 1
      if (!known.roles.includes(role)) known.roles.push(role)
      return
    }
    const { x, y } = boundingBox(cutLine)
    const move = (points: Polygon) => movePolygon(points, -x, -y)
    templates.set(own, {
      letter: letterAt(templates.size), roles: [role], count: 1, reversed: 0, seamLine: move(seamLine), cutLine: move(cutLine),
      dots: [...move(dots.filter(dot => seamLine.some(corner => Math.hypot(corner[0] - dot[0], corner[1] - dot[1]) < 1e-6)))],
    })
  })
  return [...templates.values()]
}

/** The same for a shape however it is turned by quarters. */
function lookOf(polygon: Polygon): string {
  let turned = polygon
  return [0, 1, 2, 3].map(() => {
    const { x, y } = boundingBox(turned)
    const key = turned.map(([px, py]) => `${(px - x).toFixed(4)},${(py - y).toFixed(4)}`).sort().join(' ')
    turned = turned.map(([px, py]): Point => [-py, px])
    return key
  }).sort()[0]!
}

function dotsOf(tree: SewingTree): Point[] {
  return 'patch' in tree ? [] : [...(tree.dots ?? []), ...tree.join.flatMap(dotsOf)]
}

export interface TemplateWords { name: (template: Template) => string, count: (template: Template) => string }

/** A template as it is printed: cut line, seam line, grain, dots, and what it is. */
export function templateDrawing(template: Template, words: TemplateWords): Drawing {
  const box = boundingBox(template.cutLine), inner = boundingBox(template.seamLine)
  const cx = inner.x + inner.width / 2, cy = inner.y + inner.height / 2
  const reach = Math.min(inner.height * 0.35, 1.2)
  const arrow: Mark[] = [
    line('arrow', [cx, cy + reach], [cx, cy - reach]), line('arrow', [cx - 0.06, cy - reach + 0.1], [cx, cy - reach], [cx + 0.06, cy - reach + 0.1]), line('arrow', [cx - 0.06, cy + reach - 0.1], [cx, cy + reach], [cx + 0.06, cy + reach - 0.1]),
  ]
  // the name stands below the shape: small shapes have no room inside
  return {
    width: Math.max(box.width, 1.6), height: box.height + 0.42,
    marks: [
      outline('cut', template.cutLine), outline('seam', template.seamLine), ...arrow, ...template.dots.map((at): Mark => ({ kind: 'dot', at })),
      text([0, box.height + 0.18], words.name(template), 0.14, 'left', true), text([0, box.height + 0.37], words.count(template), 0.12),
    ],
  }
}
