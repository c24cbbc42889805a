// In: a picture, and how many segments a strip set gives. Out: which squares of its rows come from strip sets.
import type { SquarePicture } from '../designs/chart'
import { rowNumber } from './rows'

/** More kinds of strip sets than this make a muddle on the table. */
export const MAX_WORDS = 8
/** Strips of one set: more are hard to keep straight. */
const LONGEST = 8
/** Words that are weighed in the last rounds. */
const SHORT_LIST = 40

/** Squares of a row that are one segment of a strip set, or one square alone. */
export interface Segment {
  /** Its first square, from the left as seen in the picture. */
  x: number
  length: number
  /** The letters as its set is sewn; null: a square alone. */
  word: string | null
}

export interface WordSettings {
  /** Segments that a full set gives. */
  perSet: number
  /** Letters that are cut as squares only: of several scraps, or of a print with an up. */
  alone: ReadonlySet<string>
}

/**
 * The segments of each row, from the top. A strip set is sewn once, its seams pressed one way. Rows are pressed by
 * turns, so in even rows a segment lies turned half round: a word reads backwards there. At most eight words are
 * taken, those that save the most cuts and seams; squares are covered at the least price, row by row.
 */
export function segmentsOf(picture: SquarePicture, settings: WordSettings): Segment[][] {
  if (!areAllShort(picture)) return squaresAlone(picture)
  const lines = picture.rows.map((row, at) => ({ text: isTurnedRow(picture, at) ? backwards(row) : row, at }))
  const words = chosenWords(
    lines.map(({ text }) => text),
    settings,
  )
  const prices = new Map(words)
  return lines.map(({ text, at }) => {
    const segments = covered(text, prices, settings)
    if (!isTurnedRow(picture, at)) return segments
    return segments.map(segment => ({ ...segment, x: text.length - segment.x - segment.length })).reverse()
  })
}

/** Every square by itself. */
export function squaresAlone({ rows }: Pick<SquarePicture, 'rows'>): Segment[][] {
  return rows.map(row => [...row].map((_, x) => ({ x, length: 1, word: null })))
}

/** Letters that take two characters each are cut as squares alone. */
function areAllShort({ rows }: SquarePicture): boolean {
  return rows.every(row => row.length === [...row].length)
}

/** Whether segments lie turned half round in a row, counted from the top. */
export function isTurnedRow(picture: SquarePicture, at: number): boolean {
  return rowNumber(picture, at) % 2 === 0
}

export function backwards(word: string): string {
  return [...word].reverse().join('')
}

/** What one square costs by itself: its share of a strip, its cut, and the seam to the next. */
function priceAlone({ perSet }: WordSettings): number {
  return 1 / perSet + 2
}

/** What one segment costs of so many: strips and long seams of its sets shared, its cut, and the seam to the next. */
function priceOf(length: number, segments: number, { perSet }: WordSettings): number {
  return (Math.ceil(segments / perSet) * (2 * length - 1)) / segments + 2
}

/** Words with what a segment of each costs, as many as are used. */
function chosenWords(lines: readonly string[], settings: WordSettings): [string, number][] {
  const { perSet } = settings
  const all = candidates(lines, settings)
  // at first as if every set were full
  let prices = new Map(all.map(word => [word, (2 * word.length - 1) / perSet + 2]))
  let best = { cost: costOf(lines, new Map(), settings), prices: new Map<string, number>() }
  for (const most of [Infinity, SHORT_LIST, 2 * MAX_WORDS, MAX_WORDS, MAX_WORDS, MAX_WORDS]) {
    const used = uses(lines, prices, settings)
    const gains = [...used].map(([word, segments]) => {
      const price = priceOf(word.length, segments, settings)
      return { word, price, gain: segments * (word.length * priceAlone(settings) - price) }
    })
    const kept = gains
      .filter(({ gain }) => gain > 1e-9)
      .sort((a, b) => b.gain - a.gain || (a.word < b.word ? -1 : 1))
      .slice(0, most)
    prices = new Map(kept.map(({ word, price }) => [word, price]))
    if (prices.size > MAX_WORDS) continue
    const cost = costOf(lines, prices, settings)
    if (cost < best.cost - 1e-9) best = { cost, prices }
  }
  return [...best.prices]
}

/** Words of two to eight squares that stand often enough to pay for a set. */
function candidates(lines: readonly string[], settings: WordSettings): string[] {
  const counts = new Map<string, number>()
  for (const line of lines) {
    for (let x = 0; x < line.length; x++) {
      for (let n = 1; n <= LONGEST && x + n <= line.length; n++) {
        if (settings.alone.has(line[x + n - 1]!)) break
        if (n === 1) continue
        const word = line.slice(x, x + n)
        counts.set(word, (counts.get(word) ?? 0) + 1)
      }
    }
  }
  return [...counts].flatMap(([word, count]) =>
    priceOf(word.length, count, settings) < word.length * priceAlone(settings) ? [word] : [],
  )
}

/** A row covered by words and single squares at the least price. */
function covered(line: string, prices: ReadonlyMap<string, number>, settings: WordSettings): Segment[] {
  const alone = priceAlone(settings)
  const costs = new Float64Array(line.length + 1)
  const lengths = new Uint8Array(line.length + 1)
  for (let end = 1; end <= line.length; end++) {
    costs[end] = costs[end - 1]! + alone
    lengths[end] = 1
    for (let n = 2; n <= Math.min(LONGEST, end); n++) {
      const price = prices.get(line.slice(end - n, end))
      if (price === undefined || costs[end - n]! + price >= costs[end]! - 1e-9) continue
      costs[end] = costs[end - n]! + price
      lengths[end] = n
    }
  }
  const segments: Segment[] = []
  for (let end = line.length; end > 0; end -= lengths[end]!) {
    const length = lengths[end]!
    const x = end - length
    segments.unshift({ x, length, word: length > 1 ? line.slice(x, end) : null })
  }
  return segments
}

function uses(
  lines: readonly string[],
  prices: ReadonlyMap<string, number>,
  settings: WordSettings,
): Map<string, number> {
  const used = new Map<string, number>()
  for (const line of lines)
    for (const { word } of covered(line, prices, settings)) if (word) used.set(word, (used.get(word) ?? 0) + 1)
  return used
}

/** What the rows cost with these words and whole sets, as they are really sewn. */
function costOf(lines: readonly string[], prices: ReadonlyMap<string, number>, settings: WordSettings): number {
  const used = [...uses(lines, prices, settings)]
  const squares = lines.reduce((sum, line) => sum + line.length, 0)
  const inWords = used.reduce((sum, [word, segments]) => sum + word.length * segments, 0)
  const words = used.reduce((sum, [word, segments]) => sum + segments * priceOf(word.length, segments, settings), 0)
  return (squares - inWords) * priceAlone(settings) + words
}
