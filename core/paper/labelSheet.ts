import type { Inches } from '../measure/ruler'
import { boxOutline, text, type Drawing } from './sheet'

/** A letter is about so wide for its height; a line takes so much of it. */
const LETTER = 0.6
const LEADING = 1.35
/** Part of the label that is written on. */
const FILLED = 0.86

/** A label at true size: what is written on it, its finished edge, and its cut edge round it. */
export function labelDrawing(
  words: string,
  finished: { width: Inches; height: Inches },
  cut: { width: Inches; height: Inches },
): Drawing {
  const lines = words.split('\n').map(line => line.trim())
  const longest = Math.max(1, ...lines.map(line => line.length))
  const size = Math.min(
    (FILLED * finished.height) / (lines.length * LEADING),
    (FILLED * finished.width) / (longest * LETTER),
    0.6,
  )
  const [left, top] = [(cut.width - finished.width) / 2, (cut.height - finished.height) / 2]
  const first = cut.height / 2 - ((lines.length - 1) * LEADING * size) / 2 + size * 0.35
  return {
    width: cut.width,
    height: cut.height,
    marks: [
      boxOutline('cut', { x: 0, y: 0, ...cut }),
      boxOutline('fine', { x: left, y: top, ...finished }),
      ...lines.map((line, i) => text([cut.width / 2, first + i * LEADING * size], line, size, 'middle')),
    ],
  }
}
