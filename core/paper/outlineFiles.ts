import { boundingBox, movePolygon, type Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import type { Template } from './templates'

/** Between shapes on the cutting machine's bed. */
const GAP: Inches = 0.25

/** Templates side by side in rows, as a machine cuts them: cut lines and seam lines, in inches. */
export function layFlat(
  templates: readonly Template[],
  bed: Inches = 12,
): { width: Inches; height: Inches; cut: Polygon[]; seam: Polygon[] } {
  let x = 0
  let y = 0
  let deep = 0
  let width = 0
  const cut: Polygon[] = []
  const seam: Polygon[] = []
  for (const { cutLine, seamLine } of templates) {
    const box = boundingBox(cutLine)
    if (x > 0 && x + box.width > bed) [x, y, deep] = [0, y + deep + GAP, 0]
    cut.push(movePolygon(cutLine, x, y))
    seam.push(movePolygon(seamLine, x, y))
    x += box.width + GAP
    deep = Math.max(deep, box.height)
    width = Math.max(width, x - GAP)
  }
  return { width, height: y + deep, cut, seam }
}

/** Templates as a drawing in true inches. */
export function templatesToSvg(templates: readonly Template[]): string {
  const { width, height, cut, seam } = layFlat(templates)
  const path = (kind: string, polygon: Polygon) =>
    `  <polygon class="${kind}" fill="none" stroke="${kind === 'cut' ? '#d00' : '#00d'}" stroke-width="0.01" `
    + `points="${polygon.map(([x, y]) => `${tidy(x)},${tidy(y)}`).join(' ')}"/>`
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${tidy(width)}in" height="${tidy(height)}in" viewBox="0 0 `
    + `${tidy(width)} `
    + `${tidy(height)}">\n${[...cut.map(p => path('cut', p)), ...seam.map(p => path('seam', p))].join('\n')}\n</svg>\n`
  )
}

function tidy(value: number): number {
  return Math.round(value * 1e6) / 1e6
}
