import { cutLines } from '../make/order/cutLines'
import { finishedPatches, type Design } from '../designs/design'
import { stripesOfPatch } from '../file/clothsOfCell'
import { sewingOrderOf } from '../make/order/howSewn'
import type { SewingTree } from '../make/order/sewingTree'
import { placedAngle } from '../designs/stripeDirection'
import {
  boundingBox,
  contains,
  cornerMean,
  movePolygon,
  scalePolygon,
  withoutIdleCorners,
  type Point,
  type Polygon,
} from '../geometry/polygon'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { designOf, type Block, type Quilt } from '../file/quilt'
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
  /** How the grain, and with it the stripes of a striped cloth, runs in it: degrees clockwise from upright. */
  grain: number
}

/** The templates of a block of this quilt, their grain along the stripes where its cloths have any. */
export function templatesForBlock(quilt: Quilt, block: Block): Template[] {
  return templatesOf(designOf(quilt, block), block.width, block.height, quilt.seam, (role, polygon) =>
    stripesOfPatch(quilt, block, role, block.cloths[role]!, polygon),
  )
}

/**
 * Every shape of a block once, however it is turned or mirrored, with how many of each hand one block takes. Patches
 * that differ only in how their tips are cut to fit their neighbours, or in how their stripes run, are shapes of
 * their own.
 */
export function templatesOf(
  design: Design,
  width: Inches,
  height: Inches,
  seam: Inches,
  stripesOf: (role: string, polygon: Polygon) => number | undefined = () => undefined,
): Template[] {
  const sx = width / design.width
  const sy = height / design.height
  const { tree } = sewingOrderOf(design)
  const finished = finishedPatches(design, width, height)
  const cuts = cutLines(tree, finished, seam)
  const dots = dotsOf(tree).map(([x, y]): Point => [x * sx, y * sy])
  const templates = new Map<string, Template>()
  finished.forEach((patch, i) => {
    const seamLine = withoutIdleCorners(patch, TOLERANCE)
    const role = design.patches[i]!.role
    const cutLine = cuts[i]!
    const stripes = stripesOf(role, patch)
    const own = lookOf(cutLine, stripes)
    const over = lookOf(
      scalePolygon(cutLine, -1, 1),
      stripes === undefined ? undefined : placedAngle(stripes, { turn: 0, mirror: true }),
    )
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
      grain: stripes ?? 0,
      letter: `T${templates.size + 1}`,
      roles: [role],
      count: 1,
      reversed: 0,
      seamLine: move(seamLine),
      cutLine: move(cutLine),
      dots: [
        ...move(dots.filter(dot => seamLine.some(corner => Math.hypot(corner[0] - dot[0], corner[1] - dot[1]) < 1e-6))),
      ],
    })
  })
  return [...templates.values()]
}

/** The same for a shape, and its stripes, however it is turned by quarters. */
function lookOf(polygon: Polygon, stripes: number | undefined): string {
  let turned = polygon
  return ([0, 90, 180, 270] as const)
    .map(turn => {
      const { x, y } = boundingBox(turned)
      const key = turned
        .map(([px, py]) => `${(px - x).toFixed(4)},${(py - y).toFixed(4)}`)
        .sort()
        .join(' ')
      turned = turned.map(([px, py]): Point => [-py, px])
      return stripes === undefined ? key : `${key} ${placedAngle(stripes, { turn, mirror: false })}`
    })
    .sort()[0]!
}

function dotsOf(tree: SewingTree): Point[] {
  return 'patch' in tree ? [] : [...(tree.dots ?? []), ...tree.join.flatMap(dotsOf)]
}

export interface TemplateWords {
  name: (template: Template) => string
  count: (template: Template) => string
}

/** A template as it is printed: cut line, seam line, grain, dots, and what it is. */
export function templateDrawing(template: Template, words: TemplateWords): Drawing {
  const box = boundingBox(template.cutLine)
  // the name stands below the shape: small shapes have no room inside
  return {
    width: Math.max(box.width, 1.6),
    height: box.height + 0.42,
    marks: [
      outline('cut', template.cutLine),
      outline('seam', template.seamLine),
      ...grainArrow(template),
      ...template.dots.map((at): Mark => ({ kind: 'dot', at })),
      text([0, box.height + 0.18], words.name(template), 0.14, 'left', true),
      text([0, box.height + 0.37], words.count(template), 0.12),
    ],
  }
}

/** Along the grain through the middle of the shape, well inside its seam line. */
function grainArrow({ seamLine, grain }: Template): Mark[] {
  const turn = (grain * Math.PI) / 180
  const up: Point = [Math.sin(turn), -Math.cos(turn)]
  const { x, y, width, height } = boundingBox(seamLine)
  const middle =
    [cornerMean(seamLine), [x + width / 2, y + height / 2] as const].find(point => contains(seamLine, point))
    ?? cornerMean(seamLine)
  const [ahead, behind] = [reachTo(seamLine, middle, up), reachTo(seamLine, middle, [-up[0], -up[1]])]
  const reach = Math.min((ahead + behind) * 0.35, 1.2)
  const at = (aside: number, along: number): Point => {
    const by = along + (ahead - behind) / 2
    return [middle[0] + up[0] * by - up[1] * aside, middle[1] + up[1] * by + up[0] * aside]
  }
  return [1, -1]
    .map(end => line('arrow', at(-0.06, end * (reach - 0.1)), at(0, end * reach), at(0.06, end * (reach - 0.1))))
    .concat(line('arrow', at(0, -reach), at(0, reach)))
}

/** How far it is from a point to the outline in a direction of length one. */
function reachTo(polygon: Polygon, [x, y]: Point, [dx, dy]: Point): Inches {
  const hits = polygon.flatMap((from, i) => {
    const to = polygon[(i + 1) % polygon.length]!
    const [ex, ey] = [to[0] - from[0], to[1] - from[1]]
    const cross = dx * ey - dy * ex
    if (Math.abs(cross) < TOLERANCE) return []
    const along = ((from[0] - x) * ey - (from[1] - y) * ex) / cross
    const share = ((from[0] - x) * dy - (from[1] - y) * dx) / cross
    return along > TOLERANCE && share >= 0 && share <= 1 ? [along] : []
  })
  return hits.length > 0 ? Math.min(...hits) : 0
}
