import type { Polygon } from './polygon'

/** The most seams that a level line through the patches crosses. */
export function seamsAcross(polygons: readonly Polygon[]): number {
  return seamsBetweenParts(polygons.map(polygon => [polygon]))
}

/** The same, seams inside one part left out: each part is some patches that count as one piece. */
export function seamsBetweenParts(parts: readonly (readonly Polygon[])[]): number {
  const spans = parts.map(part =>
    part.map(polygon => {
      const heights = polygon.map(([, y]) => y)
      return { top: Math.min(...heights), bottom: Math.max(...heights) }
    }),
  )
  const ends = [...new Set(spans.flat().flatMap(({ top, bottom }) => [top, bottom]))].sort((a, b) => a - b)
  // between two ends every line crosses the same patches
  const middles = ends.slice(1).map((end, i) => (end + ends[i]!) / 2)
  return Math.max(
    0,
    ...middles.map(
      middle => spans.filter(part => part.some(({ top, bottom }) => top < middle && middle < bottom)).length - 1,
    ),
  )
}
