import { roundToRuler, roundUpToRuler, TOLERANCE, type Inches } from '../measure/ruler'

/** One pair of a border's strips each way. */
export interface BorderWidths {
  sides: Inches
  ends: Inches
}

/**
 * Borders that together have this width, in the proportion they have now, on the ruler; inside out. None shrinks below
 * `least`, and one that is fixed stays. Null: that cannot be.
 */
export function proportioned(
  borders: readonly (BorderWidths & { isFixed: boolean })[],
  total: BorderWidths,
  least: Inches,
  ruler: Inches,
): BorderWidths[] | null {
  const isFixed = borders.map(border => border.isFixed)
  const along = (side: keyof BorderWidths) =>
    shared(
      borders.map(border => border[side]),
      isFixed,
      total[side],
      { least, ruler },
    )
  const [sides, ends] = [along('sides'), along('ends')]
  return sides && ends && borders.map((_, i) => ({ sides: sides[i]!, ends: ends[i]! }))
}

function shared(
  widths: readonly Inches[],
  isFixed: readonly boolean[],
  total: Inches,
  { least, ruler }: { least: Inches; ruler: Inches },
): Inches[] | null {
  const floor = (i: number) => Math.min(widths[i]!, roundUpToRuler(least, ruler))
  const held = new Map(widths.flatMap((width, i) => (isFixed[i] ? [[i, width] as const] : [])))
  for (;;) {
    const free = widths.map((_, i) => i).filter(i => !held.has(i))
    const room = total - [...held.values()].reduce((a, b) => a + b, 0)
    const last = free.at(-1)
    if (last === undefined) return Math.abs(room) < TOLERANCE ? widths.map((_, i) => held.get(i)!) : null
    const scale = room / free.reduce((sum, i) => sum + widths[i]!, 0)
    // what would shrink too far stays as narrow as it may be, and the others give way
    const tooNarrow = free.filter(i => widths[i]! * scale < floor(i) - TOLERANCE)
    if (tooNarrow.length > 0) {
      for (const i of tooNarrow) held.set(i, floor(i))
      continue
    }
    const rounded = new Map(free.map(i => [i, Math.max(floor(i), roundToRuler(widths[i]! * scale, ruler))]))
    // the outermost of them takes what rounding leaves
    const others = free.slice(0, -1).reduce((sum, i) => sum + rounded.get(i)!, 0)
    rounded.set(last, room - others)
    if (rounded.get(last)! < floor(last) - TOLERANCE) return null
    return widths.map((_, i) => held.get(i) ?? rounded.get(i)!)
  }
}
