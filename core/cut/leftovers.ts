import { explained, type Explainable } from '../measure/explained'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { sumOf } from '../measure/sum'
import type { Cut, Strip } from './cutPiece'

export interface Leftover {
  x: Inches
  y: Inches
  width: Inches
  height: Inches
  sheet: number
}

/** Large enough to feed the back, a scrappy border or a later block. Source: handbook §6. */
export function isWorthKeeping({ width, height }: Pick<Leftover, 'width' | 'height'>): boolean {
  return width >= 2 && height >= 2
}

/** What is narrower is dust. */
const DUST: Inches = 0.5

/** In: a strip. Out: what stays of it, its end, and what lies above each column that is less deep than the strip. */
export function leftovers(strip: Strip): Explainable<Leftover>[] {
  const right = Math.max(...strip.cuts.map(cut => cut.x + cut.width))
  const tops = new Map<number, { x: Inches; width: Inches; bottom: Inches }>()
  for (const cut of strip.cuts) {
    const top = tops.get(cut.x)
    const [width, bottom] = [Math.max(top?.width ?? 0, cut.width), Math.max(top?.bottom ?? 0, cut.y + cut.height)]
    tops.set(cut.x, { x: cut.x, width, bottom })
  }
  const { y, sheet } = strip
  const end = {
    x: right,
    y,
    sheet,
    width: explained(
      sumOf([
        { what: 'length-of-strip', value: strip.width },
        { what: 'cut-from-it', value: strip.x - right },
      ]),
    ),
    height: explained(sumOf([{ what: 'depth-of-strip', value: strip.height }])),
  }
  const above = [...tops.values()]
    .filter(({ width, bottom }) => isMoreThanDust(width, strip.height + y - bottom))
    .map(({ x, width, bottom }) => ({
      x,
      y: bottom,
      sheet,
      width: explained(sumOf([{ what: 'width-of-the-piece', value: width }])),
      height: explained(
        sumOf([
          { what: 'depth-of-strip', value: strip.height },
          { what: 'cut-from-it', value: y - bottom },
        ]),
      ),
    }))
  const beside = strip.cuts.flatMap(cut => {
    const column = tops.get(cut.x)!
    return isMoreThanDust(column.width - cut.width, cut.height) ? [trimmedOff(cut, column.width, sheet)] : []
  })
  const rest = [...above, ...beside]
  return isMoreThanDust(strip.width + strip.x - right, strip.height) ? [end, ...rest] : rest
}

/** What lies beside a piece that is narrower than its column. */
function trimmedOff(cut: Cut, column: Inches, sheet: number): Explainable<Leftover> {
  const width = sumOf([
    { what: 'width-of-column', value: column },
    { what: 'cut-from-it', value: -cut.width },
  ])
  const height = sumOf([{ what: 'depth-of-the-piece', value: cut.height }])
  return { x: cut.x + cut.width, y: cut.y, sheet, width: explained(width), height: explained(height) }
}

function isMoreThanDust(width: Inches, height: Inches): boolean {
  return width >= DUST - TOLERANCE && height >= DUST - TOLERANCE
}

/** In: how much of a piece of cloth `cut` takes. Out: what is left at its end, if anything. */
export function endOfSheet(sheet: number, cut: Inches, length: Inches, usable: Inches): Explainable<Leftover>[] {
  const height = sumOf([
    { what: 'length-of-cloth', value: length },
    { what: 'cut-from-it', value: -cut },
  ])
  const width = sumOf([{ what: 'usable-width', value: usable }])
  return height.total >= DUST - TOLERANCE
    ? [{ x: 0, y: cut, width: explained(width), height: explained(height), sheet }]
    : []
}
