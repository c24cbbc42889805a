import { lengthKey } from '../measure/ruler'
import type { Strip } from './cutPiece'
import { mixedColumns } from './mixedColumns'
import type { Piece } from './piece'

/** Strips that are cut alike and cut up alike: one line of the sheet. */
export interface StripGroup {
  /** One of them. */
  strip: Strip
  /** Their places among the strips of the cloth. */
  places: number[]
}

/**
 * Like strips together, in the order of the work: borders and other long pieces while the cloth is whole, then the
 * deepest strips. Source: handbook §6.
 */
export function stripGroups(strips: readonly Strip[], pieces: ReadonlyMap<string, Piece>): StripGroup[] {
  const groups = new Map<string, StripGroup>()
  strips.forEach((strip, i) => {
    const key = lookOf(strip)
    const group = groups.get(key)
    if (group) group.places.push(i)
    else groups.set(key, { strip, places: [i] })
  })
  const isLong = ({ strip }: StripGroup) =>
    strip.run === 'along' || strip.cuts.some(cut => LONG.test(pieces.get(cut.piece)?.part ?? ''))
  const depth = ({ strip }: StripGroup) => (strip.run === 'along' ? strip.width : strip.height)
  return [...groups.values()].sort(
    (a, b) => Number(isLong(b)) - Number(isLong(a)) || depth(b) - depth(a) || a.places[0]! - b.places[0]!,
  )
}

/** Parts that are cut from the whole cloth first. */
const LONG = /^(border|long-sashes)/

function lookOf(strip: Strip): string {
  const { run, width, height, cuts } = strip
  const counts = new Map<string, number>()
  for (const cut of cuts) {
    const key = `${cut.piece} ${lengthKey(cut.width)}`
    counts.set(key, (counts.get(key) ?? 0) + 1)
  }
  return [
    run,
    lengthKey(width),
    lengthKey(height),
    ...[...counts].map(([key, count]) => `${count} ${key}`).sort(),
    ...mixedColumns(strip)
      .map(column => column.cuts.map(({ piece, width: wide }) => `${piece} ${lengthKey(wide)}`).join(' on '))
      .sort(),
  ].join('|')
}
