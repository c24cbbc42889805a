// Pictures made by a script, for tests and the bench: nothing of anybody's.
import type { LightGrid } from '../pictures/averaged'

type Colour = readonly [red: number, green: number, blue: number]

const PICTURES: Record<string, (x: number, y: number) => Colour> = {
  sky: (x, y) => [
    0.15 + 0.6 * y + 0.1 * Math.sin(9 * x),
    0.3 + 0.4 * y * y,
    0.75 - 0.35 * y + 0.08 * Math.sin(14 * x * y),
  ],
  portrait: (x, y) => {
    const face = Math.hypot((x - 0.5) / 0.28, (y - 0.45) / 0.36)
    const shade = 0.3 * (x - 0.5) + 0.1 * y
    return face < 1 ? [0.75 - shade, 0.52 - shade, 0.4 - shade] : [0.12 + 0.1 * y, 0.15, 0.2 + 0.15 * x]
  },
  lamp: (x, y) => {
    const glow = Math.exp(-18 * ((x - 0.5) ** 2 + (y - 0.4) ** 2))
    return [0.04 + 0.95 * glow, 0.05 + 0.75 * glow, 0.13 + 0.25 * glow]
  },
  lines: (x, y) => {
    const isInk = Math.abs(((x * 7 + y * 3) % 1) - 0.5) < 0.12 || Math.abs(Math.hypot(x - 0.5, y - 0.5) - 0.3) < 0.02
    return isInk ? [0.02, 0.02, 0.05] : [0.9, 0.86, 0.74]
  },
  texture: (x, y) => {
    const leaf = Math.sin(61 * x + 17 * y) + Math.sin(43 * y + 29 * x * y) + Math.sin(37 * x - 53 * y)
    return [0.3 + 0.08 * leaf, 0.36 + 0.09 * leaf + 0.05 * Math.sin(90 * x), 0.22 + 0.05 * leaf]
  },
}

/** Names of the pictures there are. */
export const SCRIPTED = Object.keys(PICTURES)

/** Where a square is looked at, so that edges are as soft as on a photograph. */
const POINTS = [1, 3, 5].flatMap(x => [1, 3, 5].map(y => [x / 6, y / 6] as const))

/** One of them in squares. */
export function scriptedPicture(name: string, columns: number, rows: number): LightGrid {
  const light = new Float32Array(columns * rows * 3)
  for (let y = 0; y < rows; y++)
    for (let x = 0; x < columns; x++) {
      for (const [dx, dy] of POINTS) {
        const colour = PICTURES[name]!((x + dx) / columns, (y + dy) / rows)
        colour.forEach((part, i) => {
          light[3 * (y * columns + x) + i]! += Math.min(1, Math.max(0, part)) ** 2.2 / POINTS.length
        })
      }
    }
  return { columns, rows, light }
}
