// In: the joints beside a long sash. Out: strips of paper at true size to mark it by, in parts that fit a page.
import type { Inches } from '../measure/ruler'
import { line, outline, text, type Drawing, type Mark } from './sheet'

/** Across the strip. */
const DEEP: Inches = 1.35
/** One part of it; the shortest page has a little more room. */
const PART: Inches = 8
/** Beyond its end, under the next part. */
const FLAP: Inches = 0.4
/** How far a mark reaches in from the edge. */
const TICK: Inches = 0.3

export interface StripMarks {
  /** Raw, of the whole sash. */
  length: Inches
  above: readonly Inches[]
  below: readonly Inches[]
}

export interface StripWords {
  title: string
  above: string
  below: string
  part: (number: number, of: number) => string
  mark: (at: Inches) => string
  glue: (number: number) => string
}

/**
 * The strip stands upright on the page, its left end at the top: joints of the row above on its right edge, of the row
 * below on its left. Each part but the last has a flap that the next one is glued on, line to line.
 */
export function stripDrawings({ length, above, below }: StripMarks, words: StripWords): Drawing[] {
  const parts = Math.max(1, Math.ceil((length - 1e-9) / PART))
  return Array.from({ length: parts }, (_, i): Drawing => {
    const from = i * PART
    const to = Math.min(length, from + PART)
    const flap = i < parts - 1 ? FLAP : 0
    const inside = (at: Inches) => at > from - 1e-9 && at < to + 1e-9
    const top = 0.5
    const down = (at: Inches) => top + at - from
    const marks: Mark[] = [
      text([0, 0.16], words.part(i + 1, parts), 0.13, 'left', true),
      text([0, 0.4], words.below, 0.11),
      text([DEEP - 0.45, 0.4], words.above, 0.11),
      outline('cut', [
        [0, top],
        [DEEP, top],
        [DEEP, down(to) + flap],
        [0, down(to) + flap],
      ]),
    ]
    for (const at of below.filter(inside)) marks.push(line('seam', [0, down(at)], [TICK, down(at)]))
    for (const at of above.filter(inside)) marks.push(line('seam', [DEEP - TICK, down(at)], [DEEP, down(at)]))
    for (const at of new Set([...above, ...below].filter(inside)))
      marks.push(text([DEEP / 2, down(at) + 0.05], words.mark(at), 0.13, 'middle'))
    if (i === 0) marks.push(text([DEEP / 2, top + 0.25], words.title, 0.13, 'middle'))
    if (flap > 0) {
      marks.push(line('match', [0, down(to)], [DEEP, down(to)]))
      marks.push(text([DEEP / 2, down(to) + 0.25], words.glue(i + 2), 0.11, 'middle'))
    }
    return { width: DEEP, height: down(to) + flap, marks }
  })
}
