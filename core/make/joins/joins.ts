// In: a block in its cloths. Out: its seams as steps, in order, each with the way it is pressed.
import type { BlockMake } from '../units/blockMake'
import type { UnitTree } from '../units/unitTree'
import { shortHash } from '../../measure/shortHash'
import { boundingBox, movePolygon, type Box, type Point, type Polygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import { cloth, line, picture, type PictureShape } from '../steps/picture'
import type { JoinedPart, Step } from '../steps/step'

/** A seam that joins two parts of a block; those that look alike are one. */
export interface RecipeJoin {
  /** For ticks: what is joined, so that it outlives a change of order. */
  id: string
  step: Step
  times: number
  /** Where the size after it stands in the plan. */
  path: string
}

/** A block as it is sewn and seen. */
interface Sewn {
  make: BlockMake
  clothOfPatch: (patch: number) => string
  /** Lightness of a cloth, 0 to 100. */
  light: (cloth: string) => number
  seam: Inches
  /** Where its sewing stands in the plan. */
  path: string
}

type Join = Extract<UnitTree, { join: unknown }>
interface Patch {
  polygon: Polygon
  cloth: string
}
type Press = 'up' | 'down' | 'left' | 'right' | 'open'

/** The joins of a block in the order of sewing; like parts are sewn together and said once. */
export function joinSteps(sewn: Sewn): RecipeJoin[] {
  const rows = partsInLine(sewn.make.units, 'level')
  // rows set the way for all seams in them; columns only for those that end on the long seams between them
  const columns = rows.length > 0 ? [] : partsInLine(sewn.make.units, 'upright')
  const distinct = new Map<string, RecipeJoin>()
  // number of the join that gave a part, as it is said
  const given = new Map<UnitTree, number>()
  const visit = (node: UnitTree, line: number | null, path: string): void => {
    if ('unit' in node) return
    const at = Math.max(rows.indexOf(node), columns.indexOf(node))
    const own = line ?? (at >= 0 ? at : null)
    node.join.forEach((child, i) => visit(child, own, `${path}.join.${i}`))
    const turn = columns.length > 0 && !liesThat('level', node) ? null : own
    const { key, step } = joinStep(sewn, node, turn, child => partOf(child, given, sewn.clothOfPatch))
    const known = distinct.get(key)
    if (known) known.times += 1
    else distinct.set(key, { id: `join.${sewn.make.block.id}.${shortHash(key)}`, step, times: 1, path })
    given.set(node, [...distinct.keys()].indexOf(key) + 1)
  }
  visit(sewn.make.units, null, sewn.path)
  return [...distinct.values()]
}

function partOf(node: UnitTree, given: ReadonlyMap<UnitTree, number>, clothOfPatch: Sewn['clothOfPatch']): JoinedPart {
  if ('join' in node) return { join: given.get(node)! }
  const { kind, patches } = node.unit
  return { unit: kind, ...(patches.length === 1 ? { cloth: clothOfPatch(patches[0]!.patch) } : {}) }
}

function joinStep(
  sewn: Sewn,
  node: Join,
  line: number | null,
  named: (child: UnitTree) => JoinedPart,
): { key: string; step: Step } {
  const { make, seam } = sewn
  const [first, second] = node.join.map(child => patchesOf(child, sewn)) as [Patch[], Patch[]]
  const press = pressTowards(sewn, node, line, first, second)
  const all = boundingBox([...first, ...second].flatMap(patch => patch.polygon))
  const paper = paperOf(make, node)
  const code = paper
    ? 'foundation-add'
    : node.kind === 'partial'
      ? 'join-partial'
      : node.kind === 'set-in'
        ? 'join-set-in'
        : isLogJoin(node)
          ? 'join-log'
          : 'join-parts'
  return {
    key: `${paper ? `${paper.section} ${paper.number} ` : ''}${lookOfJoin(node, [first, second], press)}`,
    step: {
      do: 'sew',
      code,
      joins: [named(node.join[0]), named(node.join[1])],
      data: { seam, press, ...(paper ? { section: paper.section, number: paper.number } : {}) },
      picture: joinPicture(make, node, first, second, press),
      expect: { width: all.width + 2 * seam, height: all.height + 2 * seam },
    },
  }
}

/** Both parts a little apart, the seam on each, and which way it is pressed. */
function joinPicture(
  make: BlockMake,
  node: Join,
  first: readonly Patch[],
  second: readonly Patch[],
  press: Press,
): Step['picture'] {
  const sx = make.block.width / make.design.width
  const sy = make.block.height / make.design.height
  const inInches = ([x, y]: Point): Point => [x * sx, y * sy]
  const [from, to] = node.seam.map(inInches) as [Point, Point]
  const upright = isUpright(from, to)
  const all = boundingBox([...first, ...second].flatMap(patch => patch.polygon))
  const gap = Math.max(all.width, all.height) * 0.07
  const across = ([x, y]: Point): Point => (upright ? [x + gap, y] : [x, y + gap])
  const near = (part: readonly Patch[]): PictureShape[] => part.map(patch => cloth(patch.cloth, patch.polygon))
  const far = (part: readonly Patch[]) =>
    part.map(patch => cloth(patch.cloth, movePolygon(patch.polygon, upright ? gap : 0, upright ? 0 : gap)))
  const legs = [node.seam, ...(node.bent ?? [])].map(leg => leg.map(inInches) as [Point, Point])
  const lines = legs.flatMap(([start, end]) => [line('sew', start, end), line('sew', across(start), across(end))])
  const dots = (node.dots ?? []).map(inInches).flatMap(dot => [dot, across(dot)])
  const shapes = isLater(first, second, upright) ? [...near(first), ...far(second)] : [...near(second), ...far(first)]
  const middle: Point = [
    (from[0] + to[0]) / 2 + (upright ? gap / 2 : 0),
    (from[1] + to[1]) / 2 + (upright ? 0 : gap / 2),
  ]
  return picture(
    shapes,
    lines,
    press === 'open' ? [] : [arrowAt(middle, press, Math.max(all.width, all.height) * 0.16)],
    dots,
  )
}

const WAYS: Readonly<Record<Exclude<Press, 'open'>, Point>> = {
  up: [0, -1],
  down: [0, 1],
  left: [-1, 0],
  right: [1, 0],
}

/** Across the seam to the side on which the allowance comes to lie. */
function arrowAt([x, y]: Point, press: Exclude<Press, 'open'>, reach: number): { from: Point; to: Point } {
  const [dx, dy] = WAYS[press]
  return { from: [x - (dx * reach) / 2, y - (dy * reach) / 2], to: [x + dx * reach, y + dy * reach] }
}

/**
 * Rows or columns of a block by turns, so that seams which end on the same long seam lie opposite ways and lock; a
 * single patch takes the allowance from a part with seams of its own; else the darker part; of equals the one that
 * follows clockwise round the block's middle, so that equal seams on its two sides lie opposite ways where they meet.
 */
function pressTowards(
  { light, make }: Sewn,
  node: Join,
  line: number | null,
  first: readonly Patch[],
  second: readonly Patch[],
): Press {
  const [from, to] = node.seam
  const upright = isUpright(from, to)
  const later: Press = upright ? 'right' : 'down'
  const earlier: Press = upright ? 'left' : 'up'
  if (line !== null) return line % 2 === 0 ? later : earlier
  const [firstIsWhole, secondIsWhole] = node.join.map(child => 'unit' in child && child.unit.patches.length === 1)
  const shade = (part: readonly Patch[]) => part.reduce((sum, patch) => sum + light(patch.cloth), 0) / part.length
  if (firstIsWhole === secondIsWhole && Math.abs(shade(first) - shade(second)) < 1e-6) {
    const [x, y] = middleBetween(from, to)
    const clockwise = upright ? make.design.height / 2 - y : x - make.design.width / 2
    return clockwise >= -1e-6 ? later : earlier
  }
  const toSecond = firstIsWhole !== secondIsWhole ? secondIsWhole : shade(second) < shade(first)
  return toSecond === isLater(first, second, upright) ? later : earlier
}

function middleBetween([ax, ay]: Point, [bx, by]: Point): Point {
  return [(ax + bx) / 2, (ay + by) / 2]
}

function isUpright(from: Point, to: Point): boolean {
  return Math.abs(from[0] - to[0]) < Math.abs(from[1] - to[1])
}

/** Whether the second part lies to the right of the first, or below it. */
function isLater(first: readonly Patch[], second: readonly Patch[], upright: boolean): boolean {
  const [a, b] = [first, second].map(part => middleOf(boundingBox(part.flatMap(patch => patch.polygon)))) as [
    Point,
    Point,
  ]
  return upright ? b[0] > a[0] : b[1] > a[1]
}

/** The paper a join is sewn on, and the number of the patch it adds; null for a join of papers, or without papers. */
function paperOf({ papers }: BlockMake, node: Join): { section: string; number: number } | null {
  const patches = patchesUnder(node)
  const paper = papers?.sections.find(({ order }) => patches.every(patch => order.includes(patch)))
  return paper ? { section: paper.section, number: patches.length } : null
}

/** The same for joins that look alike, however the parts lie: sewn one after the other they need be said only once. */
function lookOfJoin(node: Join, parts: readonly (readonly Patch[])[], press: Press): string {
  const turns: readonly Press[] = ['up', 'right', 'down', 'left']
  return outlinesOf(node, parts)
    .map((outlines, turn) => {
      const looks = parts.map((part, p) =>
        part
          .map((patch, i) => `${outlines[p]![i]}:${patch.cloth}`)
          .sort()
          .join('|'),
      )
      const way = press === 'open' ? press : turns[(turns.indexOf(press) + turn) % 4]
      return `${looks.sort().join(' + ')} ${way}`
    })
    .sort()[0]!
}

const known = new WeakMap<Join, readonly (readonly (readonly string[])[])[]>()

/** For each quarter turn of a join the outlines of the patches of both its parts, as text: the same in any cloths. */
function outlinesOf(node: Join, parts: readonly (readonly Patch[])[]) {
  const found = known.get(node)
  if (found) return found
  let turned = parts.map(part => part.map(({ polygon }) => polygon))
  const outlines = [0, 1, 2, 3].map(() => {
    const box = boundingBox(turned.flat(2))
    const written = turned.map(part => part.map(polygon => outlineIn(box, polygon)))
    turned = turned.map(part => part.map(polygon => polygon.map(([x, y]): Point => [-y, x])))
    return written
  })
  known.set(node, outlines)
  return outlines
}

function outlineIn({ x, y }: Box, polygon: Polygon): string {
  return movePolygon(polygon, -x, -y)
    .map(point => point.map(value => (value + 0).toFixed(3)).join())
    .sort()
    .join(' ')
}

function middleOf(box: Box): Point {
  return [box.x + box.width / 2, box.y + box.height / 2]
}

function patchesOf(node: UnitTree, { make, clothOfPatch }: Sewn): Patch[] {
  return patchesUnder(node).map(patch => ({ polygon: make.polygons[patch]!, cloth: clothOfPatch(patch) }))
}

function patchesUnder(tree: UnitTree): number[] {
  return 'unit' in tree
    ? tree.unit.patches.map(patch => patch.patch)
    : [...patchesUnder(tree.join[0]), ...patchesUnder(tree.join[1])]
}

function isLogJoin(node: Join): boolean {
  return node.join.some(child => 'unit' in child && child.unit.kind === 'log')
}

type Lie = 'level' | 'upright'

function liesThat(lie: Lie, { seam: [from, to] }: Join): boolean {
  const axis = lie === 'level' ? 1 : 0
  return Math.abs(from[axis] - to[axis]) < 1e-6
}

/**
 * Parts of the block between level seams, its rows, or between upright ones, its columns. None for a block of one
 * part.
 */
function partsInLine(tree: UnitTree, lie: Lie): UnitTree[] {
  const flatten = (node: UnitTree): UnitTree[] =>
    'unit' in node || !liesThat(lie, node) ? [node] : node.join.flatMap(flatten)
  const parts = flatten(tree)
  return parts.length > 1 ? parts : []
}
