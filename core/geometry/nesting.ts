import { boundingBox, type Point, type Polygon } from './polygon'

/** How copies of an outline lie side by side in a band: the first from 0, 0, each later one moved along it. */
export interface Nesting {
  /** As the first lies, and as every second one does. */
  outlines: readonly [Polygon, Polygon]
  depth: number
  /** Along the band, of one outline alone. */
  length: number
  /** From the first to the second, from the second to the third, and so on in turn. */
  advances: readonly [number, number]
}

/**
 * The ways in which an outline, as it lies or turned by a quarter, can be repeated along a band, every one alike or
 * every second one turned end for end: neighbours touch and never overlap, and the grain stays as it was. Source: at
 * each height the right edge of one and the left edge of the next; between corners both are straight, so that corners
 * decide.
 */
export function nestings(outline: Polygon): Nesting[] {
  return [outline, outline.map(([x, y]): Point => [-y, x])].flatMap(laid => {
    const { x: left, y: top, width: length, height: depth } = boundingBox(laid)
    const plain = laid.map(([x, y]): Point => [x - left, y - top])
    const turned = plain.map(([x, y]): Point => [length - x, depth - y])
    const alike = advance(plain, plain)
    const [there, back] = [advance(plain, turned), advance(turned, plain)]
    return [
      { outlines: [plain, plain], depth, length, advances: [alike, alike] },
      // the closer pair first: an even number reaches less far
      there <= back
        ? { outlines: [plain, turned], depth, length, advances: [there, back] }
        : { outlines: [turned, plain], depth, length, advances: [back, there] },
    ] as const
  })
}

/** How far so many copies reach along the band. */
export function nestedLength({ length, advances: [first, second] }: Nesting, count: number): number {
  return length + Math.ceil((count - 1) / 2) * first + Math.floor((count - 1) / 2) * second
}

/** How many copies lie in a band of this length, and none beyond `most`. */
export function nestedIn(nesting: Nesting, room: number, most = 10_000): number {
  let count = 0
  while (count < most && nestedLength(nesting, count + 1) <= room + 1e-9) count++
  return count
}

/** How far an outline must be moved to lie to the right of another and just touch it. */
function advance(left: Polygon, right: Polygon): number {
  const heights = [...left, ...right].map(([, y]) => y)
  return Math.max(
    ...heights.map(height => {
      const [one, other] = [reachAt(left, height), reachAt(right, height)]
      return one && other ? one[1] - other[0] : -Infinity
    }),
  )
}

/** From where to where an outline reaches at a height. */
function reachAt(polygon: Polygon, height: number): [number, number] | null {
  const hits: number[] = []
  polygon.forEach(([x, y], i) => {
    const [toX, toY] = polygon[(i + 1) % polygon.length]!
    const [low, high] = y < toY ? [y, toY] : [toY, y]
    if (height < low - 1e-9 || height > high + 1e-9) return
    if (high - low < 1e-9) hits.push(x, toX)
    else hits.push(x + (toX - x) * Math.min(1, Math.max(0, (height - y) / (toY - y))))
  })
  return hits.length === 0 ? null : [Math.min(...hits), Math.max(...hits)]
}
