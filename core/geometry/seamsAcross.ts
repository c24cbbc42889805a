import type { Polygon } from './polygon'

/** The most seams that a level line through the block crosses. */
export function seamsAcross(polygons: readonly Polygon[]): number {
  const spans = polygons.map(polygon => {
    const heights = polygon.map(([, y]) => y)
    return {
      top: Math.min(...heights),
      bottom: Math.max(...heights),
      middle: heights.reduce((sum, y) => sum + y, 0) / heights.length,
    }
  })
  return Math.max(
    0,
    ...spans.map(({ middle }) => spans.filter(({ top, bottom }) => top < middle && middle < bottom).length - 1),
  )
}
