import type { Inches } from '../measure/ruler'
import { boundingBox, scalePolygon, type Point, type Polygon } from './polygon'

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

/**
 * One outline for a patch however it is turned by quarters, and its hand: of a figure and its mirror image the one
 * whose outline sorts first is the left, the other the right.
 */
export function handedOutline(polygon: Polygon): HandedOutline {
  const own = firstOfTurns(polygon)
  const mirrored = firstOfTurns(scalePolygon(polygon, -1, 1))
  return {
    outline: own.outline,
    key: own.key,
    mirrored: mirrored.key,
    hand: own.key === mirrored.key ? 'either' : own.key < mirrored.key ? 'left' : 'right',
  }
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

export function atOrigin(polygon: Polygon): Polygon {
  const { x, y } = boundingBox(polygon)
  // like outlines from unlike places are to be the same number for number
  const clean = (value: Inches) => Math.round(value * 1e6) / 1e6
  return polygon.map(([px, py]): Point => [clean(px - x), clean(py - y)])
}
