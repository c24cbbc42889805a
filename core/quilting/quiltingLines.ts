// In: the top and how it is to be quilted. Out: all lines, entry by entry.
import type { Quilt } from '../file/quilt'
import { diagonalLines, gridLines, parallelLines, randomLines } from './straight'
import { ditchLines } from './ditch'
import { echoLines } from './echo'
import { motifPath } from './motifPath'
import { motifLines, pathOf } from './motifs'
import type { QuiltingKind } from '../file/entries/quiltingEntry'
import { isInScope, type QuiltedTop, type QuiltingLine } from './quiltingLine'
import { ties } from './ties'

type QuiltingWish = Quilt['quilting'][number]

const BY_KIND: Readonly<Record<QuiltingKind, (top: QuiltedTop, entry: QuiltingWish) => QuiltingLine[]>> = {
  ditch: (top, { where }) => ditchLines(top, where),
  echo: echoLines,
  diagonal: (top, { where }) => diagonalLines(top, where),
  grid: gridLines,
  lines: (top, entry) => parallelLines(top, { ...entry, kind: 'lines' }),
  random: randomLines,
  motif: motifLines,
  ties,
}

/** More points than this nobody sews, and no screen shows. */
export const MAX_POINTS = 50_000

/** Null where there would be more of them than can be sewn. */
export function quiltingLines(top: QuiltedTop, entries: readonly QuiltingWish[]): QuiltingLine[] | null {
  const found: QuiltingLine[] = []
  let left = MAX_POINTS
  for (const entry of entries) {
    if (leastPoints(top, entry) > left) return null
    for (const line of BY_KIND[entry.kind](top, entry)) {
      left -= line.points.length
      found.push(line)
    }
    if (left < 0) return null
  }
  return found
}

/** Of what may come to very many, about how many points before they are made. */
function leastPoints({ width, height, parts }: QuiltedTop, { kind, spacing, motif, where }: QuiltingWish): number {
  if (kind === 'ties' && where === 'all') return (width / spacing - 2) * (height / spacing - 2)
  if (kind !== 'motif') return 0
  const path = motifPath(pathOf(motif))
  const each = 'fault' in path ? 0 : path.lines.reduce((sum, line) => sum + line.length, 0)
  return where === 'borders'
    ? each
    : each * parts.filter(part => isInScope(part, where === 'all' ? 'blocks' : where)).length
}
