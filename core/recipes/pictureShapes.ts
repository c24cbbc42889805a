import type { Polygon } from '../geometry/polygon'

/** More shapes than this are slow to draw, and none of them is seen. */
const MOST = 4000

/**
 * The squares of a picture as few shapes: those of one cloth that follow each other in a row are one. None where they
 * are too many. `polygons`: row by row, finished.
 */
export function pictureShapes(
  polygons: readonly Polygon[],
  columns: number,
  clothOf: (patch: number) => string,
): { polygon: Polygon; cloth: string }[] {
  const shapes: { polygon: Polygon; cloth: string }[] = []
  for (let from = 0; from < polygons.length;) {
    const cloth = clothOf(from)
    let to = from
    while ((to + 1) % columns !== 0 && clothOf(to + 1) === cloth) to += 1
    shapes.push({ polygon: spanned(polygons[from]!, polygons[to]!), cloth })
    from = to + 1
  }
  return shapes.length > MOST ? [] : shapes
}

/** The box from one square to another in its row, in whichever direction they lie. */
function spanned(one: Polygon, other: Polygon): Polygon {
  const corners = [...one, ...other]
  const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)]
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  return [
    [left, top],
    [right, top],
    [right, bottom],
    [left, bottom],
  ]
}
