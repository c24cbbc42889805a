import { clip } from '../geometry/clip'
import { area, type Point, type Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'

/**
 * What of the quilt lies to the right of the needle while a line is begun, and what part of it that is: it is rolled
 * under the machine's arm. The quilt is fed so that the line runs towards the quilter.
 */
export function underArm(
  [first, second]: readonly Point[],
  { width, height }: { width: Inches; height: Inches },
): { outline: Polygon; share: number } | null {
  if (!first || !second) return null
  const length = Math.hypot(second[0] - first[0], second[1] - first[1])
  if (length === 0) return null
  const [nx, ny] = [(second[1] - first[1]) / length, (first[0] - second[0]) / length]
  const quilt: Polygon = [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ]
  const outline = clip(quilt, [{ a: -nx, b: -ny, most: -(first[0] * nx + first[1] * ny) }])
  return { outline, share: outline.length < 3 ? 0 : area(outline) / (width * height) }
}
