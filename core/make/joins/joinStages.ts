// In: a join of a block. Out: what hands do within it, where a straight seam from edge to edge would not do.
import { cornerMean, type Point, type Polygon } from '../../geometry/polygon'
import { dot, direction } from '../../geometry/vector'
import type { Press } from '../steps/press'
import { cloth, line, picture, type PictureLine, type PictureShape } from '../steps/picture'
import type { SewingStage } from '../steps/stage'
import type { JoinedPart } from '../steps/joinedPart'
import { handsOfHub, hubsOn } from './hub'
import { inInches, isAt, runsOf, type JoinRun } from './joinRun'
import { topOf } from './onTop'
import { bothParts, type Join, type SewnPatch, type SewnBlock } from './sewnBlock'

/** A join with all that its stages speak of and show. */
interface Handled {
  block: SewnBlock
  join: Join
  press: Press
  over: readonly SewnPatch[]
  under: readonly SewnPatch[]
  /** The parts as they are told: the one on top first. */
  told: [JoinedPart, JoinedPart]
  /** Whether the first part of the join lies on top. */
  isFirstOver: boolean
}

/**
 * The stages of a join: set in round dots, stopped at a dot, sewn in part or closed, or through a point where many
 * patches meet. None where it is a plain seam. `pressOf`: how each seam of the block is pressed.
 */
export function joinStages(
  block: SewnBlock,
  join: Join,
  press: Press,
  [first, second]: readonly [JoinedPart, JoinedPart],
  pressOf: (join: Join) => Press,
): SewingStage[] {
  const parts = bothParts(join, block)
  const isFirstOver = topOf(join, block) !== 'second'
  const handled: Handled = {
    block,
    join,
    press,
    isFirstOver,
    over: parts[isFirstOver ? 0 : 1],
    under: parts[isFirstOver ? 1 : 0],
    told: isFirstOver ? [first, second] : [second, first],
  }
  return [...seamStages(handled, pressOf), ...(join.closes ?? []).map(closed => closeStage(handled, closed))]
}

function seamStages(handled: Handled, pressOf: (join: Join) => Press): SewingStage[] {
  const { block, join } = handled
  const runs = runsOf(join, bothParts(join, block), block.make)
  if (join.kind === 'set-in') return setInStages(handled, runs)
  const [run] = runs as [JoinRun]
  if (join.kind === 'partial') return [partialStage(handled)]
  const hubs = hubsOn(run, bothParts(join, block))
  const marks = run.from === 'dot' || run.to === 'dot' ? [markStage(handled, runs)] : []
  if (hubs.length > 0) return [...marks, ...hubs.flatMap(hub => hubStages(handled, run, hub, pressOf))]
  if (marks.length > 0) return [...marks, stopStage(handled, run)]
  return join.closes ? [wholeStage(handled, run)] : []
}

function setInStages(handled: Handled, runs: readonly JoinRun[]): SewingStage[] {
  const legs = runs.flatMap(run =>
    run.points.slice(1).map((to, i): SewingStage => {
      const isLast = i === run.points.length - 2
      return {
        code: i === 0 ? 'sew-leg' : 'turn-leg',
        joins: handled.told,
        data: { seam: handled.block.seam, from: i === 0 ? run.from : 'turn', to: isLast ? run.to : 'turn' },
        picture: laidAlong(handled, [run.points[i]!, to], dotsOf(run)),
      }
    }),
  )
  return [markStage(handled, runs), ...legs, pressStage(handled, runs)]
}

function markStage(handled: Handled, runs: readonly JoinRun[]): SewingStage {
  const dots = runs.flatMap(dotsOf)
  const shapes = [...handled.over, ...handled.under].map(({ cloth: name, polygon }) => cloth(name, polygon, 'wrong'))
  return {
    code: 'mark-dots',
    data: { seam: handled.block.seam, count: dots.length },
    // turned over sideways: dots are marked on the wrong side
    picture: picture(shapes.map(turnedOver), [], [], dots.map(overSideways)),
  }
}

function stopStage(handled: Handled, run: JoinRun): SewingStage {
  return {
    code: 'sew-to-stop',
    joins: handled.told,
    data: { seam: handled.block.seam, from: run.from, to: run.to },
    picture: laidAlong(handled, ends(run), dotsOf(run)),
  }
}

function wholeStage(handled: Handled, run: JoinRun): SewingStage {
  return {
    code: 'sew-whole-seam',
    joins: handled.told,
    data: { seam: handled.block.seam },
    picture: laidAlong(handled, ends(run), []),
  }
}

/** Sewn from its closed end to the middle of the stretch that is cut. */
function partialStage(handled: Handled): SewingStage {
  const { block, join } = handled
  const begun = join.begun!.map(point => inInches(point, block.make)) as [Point, Point]
  const seam = join.seam.map(point => inInches(point, block.make))
  return {
    code: 'leave-open',
    joins: handled.told,
    data: { seam: block.seam },
    picture: laidAlong(
      handled,
      begun,
      begun.filter(point => !seam.some(end => isAt(end, point))),
    ),
  }
}

function closeStage(handled: Handled, [from, to]: readonly [Point, Point]): SewingStage {
  const { block, over, under } = handled
  const [a, b] = [inInches(from, block.make), inInches(to, block.make)]
  return {
    code: 'close-seam',
    data: { seam: block.seam },
    picture: picture(
      [...over, ...under].map(({ cloth: name, polygon }) => cloth(name, polygon)),
      [line('sew', a, b)],
    ),
  }
}

/** Pressed to one part; the legs' allowances lie like a fan round each dot. */
function pressStage({ press, told, isFirstOver, over, under, block }: Handled, runs: readonly JoinRun[]): SewingStage {
  const isToOver = press !== 'open' && (press === 'first') === isFirstOver
  const joins: [JoinedPart, JoinedPart] = isToOver ? told : [told[1], told[0]]
  const target = isToOver ? over : under
  const reach = block.seam * 2
  const arrows = runs.flatMap(({ points }) =>
    points.slice(1).map((to, i) => {
      const from = points[i]!
      const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
      const [nx, ny] = intoPart(target, from, to)
      return {
        from: [middle[0] - nx * reach, middle[1] - ny * reach] as Point,
        to: [middle[0] + nx * reach, middle[1] + ny * reach] as Point,
      }
    }),
  )
  return {
    code: 'press-round-dot',
    joins,
    data: { ...(press === 'open' ? { press } : {}) },
    picture: picture(
      [...over, ...under].map(({ cloth: name, polygon }) => cloth(name, polygon)),
      [],
      press === 'open' ? [] : arrows,
      runs.flatMap(({ points }) => points.slice(1, -1)),
    ),
  }
}

function hubStages(handled: Handled, run: JoinRun, hub: Point, pressOf: (join: Join) => Press): SewingStage[] {
  const { told, block, join, over, under } = handled
  const spun = handsOfHub(hub, block, join, pressOf)
  const laid = laidAlong(handled, ends(run), [hub, ...dotsOf(run)])
  return [
    {
      code: 'match-centre',
      joins: told,
      picture: { ...laid, lines: laid.lines.map(({ from, to }) => line('mark', from, to)) },
    },
    {
      code: 'sew-through-centre',
      joins: told,
      data: { seam: block.seam, from: run.from, to: run.to },
      picture: laid,
    },
    {
      code: 'spin-centre',
      picture: picture(
        [
          ...[...over, ...under].map(({ cloth: name, polygon }) => cloth(name, polygon, 'wrong')),
          ...spun.map(({ cloth: name, polygon }) => cloth(name, polygon, 'wrong')),
        ].map(turnedOver),
        [],
        [],
        [overSideways(hub)],
      ),
    },
  ]
}

/** The part on top folded over the seam, wrong side up, on the other. */
function laidAlong({ over, under }: Handled, leg: readonly [Point, Point], dots: readonly Point[]) {
  const folded = over.map(({ cloth: name, polygon }) => cloth(name, foldedOver(polygon, leg), 'wrong'))
  // a single patch that is hidden below shows through
  const hidden = under.length === 1 ? under[0]!.polygon : []
  const lines: PictureLine[] = [
    ...hidden.map((corner, i) => line('mark', corner, hidden[(i + 1) % hidden.length]!)),
    line('sew', leg[0], leg[1]),
  ]
  return picture([...under.map(({ cloth: name, polygon }) => cloth(name, polygon)), ...folded], lines, [], [...dots])
}

/** In the mirror of a line. */
export function foldedOver(polygon: Polygon, [from, to]: readonly [Point, Point]): Polygon {
  const along = direction(from, to)
  return polygon.map(([x, y]): Point => {
    const t = dot([x - from[0], y - from[1]], along)
    const foot: Point = [from[0] + along[0] * t, from[1] + along[1] * t]
    return [2 * foot[0] - x, 2 * foot[1] - y]
  })
}

function overSideways([x, y]: Point): Point {
  return [-x, y]
}

function turnedOver(shape: PictureShape): PictureShape {
  return { ...shape, points: shape.points.map(overSideways) }
}

/** Across a leg, to the side of a part. */
function intoPart(part: readonly SewnPatch[], from: Point, to: Point): Point {
  const [ax, ay] = direction(from, to)
  const beside = part.find(({ polygon }) =>
    polygon.some(corner => Math.hypot(corner[0] - to[0], corner[1] - to[1]) < 1e-3),
  )
  const [mx, my] = cornerMean((beside ?? part[0]!).polygon)
  const side = (mx - from[0]) * -ay + (my - from[1]) * ax
  return side >= 0 ? [-ay, ax] : [ay, -ax]
}

function dotsOf({ points, from, to }: JoinRun): Point[] {
  return [...(from === 'dot' ? [points[0]!] : []), ...points.slice(1, -1), ...(to === 'dot' ? [points.at(-1)!] : [])]
}

function ends({ points }: JoinRun): [Point, Point] {
  return [points[0]!, points.at(-1)!]
}
