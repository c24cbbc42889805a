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
  const worn = polygons.map((_, patch) => clothOf(patch))
  const starts = [...worn.keys()].filter(patch => patch % columns === 0 || worn[patch] !== worn[patch - 1])
  if (starts.length > MOST) return []
  return starts.map((from, i) => {
    const to = (starts[i + 1] ?? polygons.length) - 1
    return { polygon: spanned(polygons[from]!, polygons[to]!), cloth: worn[from]! }
  })
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
