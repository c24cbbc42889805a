// In: a picture by its segments or panels. Out: the strip sets it takes, and how many cuts and seams there are to do.
import { panelsOf } from '../charts/panels'
import { squareCounts } from '../charts/rows'
import type { Segment } from '../charts/words'
import type { SquarePicture } from '../designs/chart'
import type { Block, Quilt } from '../file/quilt'
import { clothsOfLetter } from '../file/scraps'
import { plainSide } from '../make/methods/cutSize'
import { TOLERANCE } from '../measure/ruler'

/** What there is to do. */
export interface ChartWork {
  cuts: number
  seams: number
}

export interface ChartWord {
  word: string
  sets: number
  segments: number
  spare: number
}

/** How many squares, or segments of a set, come from strips of these letters: the narrowest cloth says. */
export type SquaresOfStrip = (letters: Iterable<string>) => number

/** For a block that is a picture, in its own cloths. */
export function squaresOfStrip(quilt: Quilt, block: Block, { rows }: SquarePicture): SquaresOfStrip {
  const side = plainSide(block.height / rows.length, quilt).total
  return letters => {
    const cloths = [...letters].flatMap(letter => clothsOfLetter(quilt, block, letter))
    const usable = Math.min(...cloths.map(cloth => cloth.usable))
    return Math.max(1, Math.floor((usable + TOLERANCE) / side))
  }
}

/** Strip sets of one picture, those with the most segments first. */
export function wordsOf(
  { chart }: SquarePicture,
  segments: readonly (readonly Segment[])[],
  perStrip: SquaresOfStrip,
): ChartWord[] {
  if (chart.way !== 'strip-sets') return []
  const counts = new Map<string, number>()
  for (const row of segments) for (const { word } of row) if (word) counts.set(word, (counts.get(word) ?? 0) + 1)
  return [...counts]
    .sort(([a, m], [b, n]) => n - m || (a < b ? -1 : 1))
    .map(([word, count]) => {
      const perSet = perStrip(word)
      const sets = Math.ceil(count / perSet)
      return { word, sets, segments: count, spare: sets * perSet - count }
    })
}

/** How many squares of each letter are cut by themselves. */
export function countsAlone({ rows }: SquarePicture, segments: readonly (readonly Segment[])[]): Map<string, number> {
  const counts = new Map<string, number>()
  segments.forEach((row, y) => {
    const letters = [...rows[y]!]
    for (const { x, word } of row) if (word === null) counts.set(letters[x]!, (counts.get(letters[x]!) ?? 0) + 1)
  })
  return counts
}

/** Squares cut over what is sewn, of each letter: none where all of them come from strip sets. */
export function spareOf(picture: SquarePicture, segments: readonly (readonly Segment[])[]): (letter: string) => number {
  const alone = countsAlone(picture, segments)
  return letter => (alone.has(letter) ? picture.chart.spare : 0)
}

/** Strips for squares, and the squares cut from them; a seam between neighbours, and between rows. */
export function workByRows(counts: ReadonlyMap<string, number>, perStrip: SquaresOfStrip): ChartWork {
  const squares = [...counts.values()].reduce((sum, count) => sum + count, 0)
  const strips = [...counts].reduce((sum, [letter, count]) => sum + Math.ceil(count / perStrip(letter)), 0)
  return { cuts: squares + strips, seams: squares - 1 }
}

/** By the way that its chart says. */
export function workChosen(
  picture: SquarePicture,
  segments: readonly (readonly Segment[])[],
  words: readonly ChartWord[],
  perStrip: SquaresOfStrip,
): ChartWork {
  const plain = workByRows(squareCounts(picture), perStrip)
  const { way } = picture.chart
  if (way === 'rows') return plain
  if (way === 'panels') {
    const panels = panelsOf(picture)
    const within = panels.reduce((sum, { across, down }) => sum + across - 1 + down - 1, 0)
    return { cuts: plain.cuts, seams: within + panels.length - 1 }
  }
  const rest = workByRows(countsAlone(picture, segments), perStrip)
  const pieces = segments.reduce((sum, row) => sum + row.length, 0)
  const sum = (of: (word: ChartWord) => number) => words.reduce((total, word) => total + of(word), 0)
  return {
    cuts: rest.cuts + sum(({ word, sets, segments: count }) => sets * word.length + count),
    seams: pieces - 1 + sum(({ word, sets }) => sets * (word.length - 1)),
  }
}
