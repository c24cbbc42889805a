import type { Quilt } from '../file/quilt'
import { TOLERANCE, type Inches } from '../measure/ruler'

export interface SewnSize {
  width: Inches
  height: Inches
}

/** A kind of sewn block, and what it is trimmed to. */
export interface SewnKind {
  /** Its id in the tray. */
  tray: string
  name: string
  count: number
  /** From raw edge to raw edge. */
  measured: SewnSize
  /** Finished, trimmed to the smallest of its group and to the ruler. */
  finished: SewnSize
  /** Finished where rows are of one height: trimmed in height alone. */
  rowSize: SewnSize
}

/** Blocks so near in size are trimmed to the smallest of them; more would take their points. */
const NEAR: Inches = 1 / 2

/**
 * The kinds of the tray, those of nearly one size trimmed to the smallest of them. Source: handbook §4, blocks that
 * exist already: trim to the smallest of a group, frame or sash the rest.
 */
export function grouped({ tray, seam, ruler }: Quilt): SewnKind[] {
  const measured = tray.map(({ id, name, width, height = width, count }) => ({
    tray: id,
    name: name ?? id,
    count,
    measured: { width, height },
    // the ruler lies on its marks
    finished: { width: downToRuler(width - 2 * seam, ruler), height: downToRuler(height - 2 * seam, ruler) },
  }))
  const square = trimmedTogether(measured.map(({ finished }) => [finished.width, finished.height]))
  const level = trimmedTogether(measured.map(({ finished }) => [finished.height]))
  return measured.map((kind, i) => ({
    ...kind,
    finished: { width: square[i]![0]!, height: square[i]![1]! },
    rowSize: { width: kind.finished.width, height: level[i]![0]! },
  }))
}

/** Sides that are each a little longer than those of the smallest become as long as they; from the smallest up. */
function trimmedTogether(sizes: readonly (readonly Inches[])[]): (readonly Inches[])[] {
  const sum = (size: readonly Inches[]) => size.reduce((a, b) => a + b, 0)
  const trimmed: (readonly Inches[])[] = [...sizes]
  const isFree = sizes.map(() => true)
  for (const [i, base] of [...sizes.entries()].sort(([, a], [, b]) => sum(a) - sum(b))) {
    if (!isFree[i]) continue
    sizes.forEach((size, k) => {
      const isNear = size.every((side, n) => side >= base[n]! - TOLERANCE && side <= base[n]! + NEAR + TOLERANCE)
      if (!isFree[k] || !isNear) return
      trimmed[k] = base
      isFree[k] = false
    })
  }
  return trimmed
}

function downToRuler(length: Inches, ruler: Inches): Inches {
  return ruler > 0 ? Math.floor(length / ruler + TOLERANCE) * ruler : length
}

/** How a quilt is best proportioned: a little longer than wide. */
export const LONGER = 1.25

/** Rows and columns for so many blocks: few places left over, and a quilt a little longer than wide. */
export function placedIn(count: number, isOnPoint: boolean): { across: number; down: number; places: number } {
  const places = (across: number, down: number) => across * down + (isOnPoint ? (across - 1) * (down - 1) : 0)
  const options = Array.from({ length: Math.ceil(Math.sqrt(count)) }, (_, i) => i + 1).flatMap(across => {
    let down = 1
    while (places(across, down) < count) down += 1
    return [{ across, down, places: places(across, down) }]
  })
  const cost = (option: (typeof options)[number]) =>
    option.places - count + 6 * Math.abs(Math.log(option.down / option.across / LONGER))
  return options.reduce((a, b) => (cost(b) < cost(a) - 1e-9 ? b : a))
}
