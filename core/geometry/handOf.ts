import type { Inches } from '../measure/ruler'
import { boundingBox, clockwise, scalePolygon, type Point, type Polygon } from './polygon'

export type Hand = 'either' | 'left' | 'right'

/** A figure however it is turned by quarters. */
export interface HandedOutline {
  /** The same for all turns of a figure, from its own top left. */
  outline: Polygon
  hand: Hand
  /** The same for two figures that are turned alike; `mirrored`: that of its mirror image. */
  key: string
  mirrored: string
}

/** One outline for a patch however it is turned by quarters, and its hand. */
export function handedOutline(polygon: Polygon): HandedOutline {
  const text = atOrigin(polygon).join(' ')
  const found = known.get(text) ?? handedOutlineOf(polygon)
  if (known.size >= MAX_KNOWN) known.clear()
  known.set(text, found)
  return found
}

/** A picture has thousands of squares, and few shapes: worked out once for each, as it lies. */
const known = new Map<string, HandedOutline>()
const MAX_KNOWN = 5000

function handedOutlineOf(polygon: Polygon): HandedOutline {
  const own = firstOfTurns(polygon)
  const mirrored = firstOfTurns(scalePolygon(polygon, -1, 1))
  const isRight = own.key > mirrored.key
  return {
    // the right hand lies as the left one in the mirror: both take the same box
    outline: isRight ? atOrigin(scalePolygon(mirrored.outline, -1, 1)) : own.outline,
    key: own.key,
    mirrored: mirrored.key,
    hand: handOf(polygon),
  }
}

/**
 * Of a figure and its mirror image the one whose sides and corners, read clockwise, sort first is the left, the other
 * the right; a figure that can be laid on its mirror image, however it is turned, is of either hand.
 */
export function handOf(polygon: Polygon): Hand {
  const [own, mirrored] = [polygon, scalePolygon(polygon, -1, 1)].map(figure => readClockwise(clockwise(figure)))
  return own! === mirrored! ? 'either' : own! < mirrored! ? 'left' : 'right'
}

/** Each side with the distance over its end, from the corner that makes the text sort first. */
function readClockwise(corners: Polygon): string {
  const at = (i: number) => corners[i % corners.length]!
  const written = ([ax, ay]: Point, [bx, by]: Point) => (Math.hypot(bx - ax, by - ay) + 1e-7).toFixed(4)
  const parts = corners.map((_, i) => `${written(at(i), at(i + 1))}<${written(at(i), at(i + 2))}`)
  const texts = parts.map((_, i) => [...parts.slice(i), ...parts.slice(0, i)].join(' '))
  return texts.sort()[0]!
}

function firstOfTurns(polygon: Polygon): { outline: Polygon; key: string } {
  let turned = polygon
  let best: { outline: Polygon; key: string } | null = null
  for (let quarter = 0; quarter < 4; quarter++) {
    const outline = atOrigin(turned)
    const key = outline
      .map(([x, y]) => `${x.toFixed(4)},${y.toFixed(4)}`)
      .sort()
      .join(' ')
    if (best === null || key < best.key) best = { outline, key }
    turned = turned.map(([x, y]) => [-y, x] as const)
  }
  return best!
}

/** Moved so that its box begins at 0, 0; the dust of other places taken off. */
export function atOrigin(polygon: Polygon): Polygon {
  const { x, y } = boundingBox(polygon)
  // like outlines from unlike places are to be the same number for number
  const clean = (value: Inches) => Math.round(value * 1e6) / 1e6
  return polygon.map(([px, py]): Point => [clean(px - x), clean(py - y)])
}
