import type { Point } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'

/** Lines of a quilt in the order of sewing, from its raw top left. */
export interface LinesToSave {
  width: Inches
  height: Inches
  lines: readonly { points: readonly Point[] }[]
}

/** As a drawing in true inches, the raw edge round them; a tie is a small cross. */
export function quiltingToSvg({ width, height, lines }: LinesToSave): string {
  const tidy = (value: number) => Math.round(value * 1e5) / 1e5
  const paths = lines.map(({ points }) => {
    const whole = points.length > 1 ? points : crossAt(points[0]!)
    return (
      `  <polyline fill="none" stroke="#00d" stroke-width="0.02" `
      + `points="${whole.map(([x, y]) => `${tidy(x)},${tidy(y)}`).join(' ')}"/>`
    )
  })
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${tidy(width)}in" height="${tidy(height)}in" viewBox="0 0 `
    + `${tidy(width)} ${tidy(height)}">\n  <rect class="edge" fill="none" stroke="#d00" stroke-width="0.02" `
    + `width="${tidy(width)}" height="${tidy(height)}"/>\n${paths.join('\n')}\n</svg>\n`
  )
}

const ARM: Inches = 0.1

/** In one line: across, back to the middle, down. */
export function crossAt([x, y]: Point): Point[] {
  return [
    [x - ARM, y],
    [x + ARM, y],
    [x, y],
    [x, y - ARM],
    [x, y + ARM],
  ]
}
