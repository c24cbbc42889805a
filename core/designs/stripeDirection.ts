import type { Point, Polygon } from '../geometry/polygon'
import type { Placement } from '../geometry/placement'

/**
 * How stripes are to run in the patches of a role: up the block or across it, along each patch's own length or across
 * that, or so many degrees clockwise from upright.
 */
export type StripeDirection = 'upright' | 'level' | 'lengthwise' | 'crosswise' | number

/** The direction of stripes in a patch as drawn: degrees clockwise from upright, from 0 to less than 180. */
export function stripeAngle(direction: StripeDirection, patch: Polygon): number {
  switch (direction) {
    case 'upright':
      return 0
    case 'level':
      return 90
    case 'lengthwise':
      return lengthOf(patch)
    case 'crosswise':
      return asAngle(lengthOf(patch) + 90)
    default:
      return asAngle(direction)
  }
}

/** The same stripes in a drawing that is mirrored left to right, then turned. */
export function placedAngle(angle: number, { turn, mirror }: Placement): number {
  return asAngle((mirror ? -angle : angle) + turn)
}

/** Stripes look alike upside down. Rounded, so that directions found in different places are equal. */
function asAngle(degrees: number): number {
  const angle = Math.round((((degrees % 180) + 180) % 180) * 1e5) / 1e5
  return angle === 180 ? 0 : angle
}

/**
 * The direction in which a patch is long: the axis about which its area lies closest (the one of least second
 * moment). A figure that is equally long every way, such as a square, is taken along its longest side. Source: second
 * moments of a polygon about its centroid, summed over the triangles from the origin.
 */
function lengthOf(patch: Polygon): number {
  let twice = 0
  let cx = 0
  let cy = 0
  const edges = patch.map((p, i) => [p, patch[(i + 1) % patch.length]!] as const)
  for (const [[ax, ay], [bx, by]] of edges) {
    const cross = ax * by - bx * ay
    twice += cross
    cx += (ax + bx) * cross
    cy += (ay + by) * cross
  }
  const [mx, my]: Point = [cx / (3 * twice), cy / (3 * twice)]
  let xx = 0
  let yy = 0
  let xy = 0
  for (const [p, q] of edges) {
    const [ax, ay, bx, by] = [p[0] - mx, p[1] - my, q[0] - mx, q[1] - my]
    const cross = (ax * by - bx * ay) / twice
    xx += (ax * ax + ax * bx + bx * bx) * cross
    yy += (ay * ay + ay * by + by * by) * cross
    xy += ((2 * ax * ay + ax * by + bx * ay + 2 * bx * by) * cross) / 2
  }
  const spread = Math.hypot((xx - yy) / 2, xy)
  if (spread < 1e-6 * (xx + yy)) {
    const [from, to] = edges.reduce((a, b) => (lengthSquared(b) > lengthSquared(a) * (1 + 1e-9) ? b : a))
    return clockwiseFromUp(to[0] - from[0], to[1] - from[1])
  }
  const along = Math.atan2(2 * xy, xx - yy) / 2
  return clockwiseFromUp(Math.cos(along), Math.sin(along))
}

function lengthSquared([[ax, ay], [bx, by]]: readonly [Point, Point]): number {
  return (bx - ax) ** 2 + (by - ay) ** 2
}

function clockwiseFromUp(x: number, y: number): number {
  return asAngle((Math.atan2(x, -y) * 180) / Math.PI)
}

/** The directions of slanted sides of these patches, each once: those along which stripes might run. */
export function slantedSides(patches: readonly Polygon[]): number[] {
  const angles = patches.flatMap(patch =>
    patch.map(([ax, ay], i) => {
      const [bx, by] = patch[(i + 1) % patch.length]!
      return clockwiseFromUp(bx - ax, by - ay)
    }),
  )
  return [...new Set(angles)].filter(angle => angle % 90 !== 0).sort((a, b) => a - b)
}
