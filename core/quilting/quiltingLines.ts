// In: the top and how it is to be quilted. Out: all lines, entry by entry.
import type { Quilt } from '../file/quilt'
import { diagonalLines, gridLines, parallelLines, randomLines } from './straight'
import { ditchLines } from './ditch'
import { echoLines } from './echo'
import { motifLines } from './motifs'
import type { QuiltingKind } from '../file/quiltingEntry'
import type { QuiltedTop, QuiltingLine } from './quiltingLine'
import { ties } from './ties'

type Entry = Quilt['quilting'][number]

const BY_KIND: Readonly<Record<QuiltingKind, (top: QuiltedTop, entry: Entry) => QuiltingLine[]>> = {
  ditch: (top, { where }) => ditchLines(top, where),
  echo: echoLines,
  diagonal: (top, { where }) => diagonalLines(top, where),
  grid: gridLines,
  lines: (top, entry) => parallelLines(top, { ...entry, kind: 'lines' }),
  random: randomLines,
  motif: motifLines,
  ties,
}

export function quiltingLines(top: QuiltedTop, entries: readonly Entry[]): QuiltingLine[] {
  return entries.flatMap(entry => BY_KIND[entry.kind](top, entry))
}
