// What a print that repeats gives of pieces with its motif in the middle.
import type { betweenMotifs, Motifs } from '../core/cut/motifs'
import type { Inches } from '../core/measure/ruler'
import { formatBought, formatLength, formatSize } from './length'
import { plural, type Speech } from './speech'

/** What a length gives. */
export function motifsText({ least, most, across, rows }: Motifs, length: Inches, speech: Speech): string {
  const from = formatLength(length, speech)
  if (most === 0) return `On ${from} there is room for none.`
  if (least === most) return `${from} gives ${least}: ${plural(rows.least, 'row')} of ${across.least}.`
  const surely = least === 0 ? 'perhaps none' : `at least ${least}`
  return `${from} gives ${surely}, and ${most} if the print lies well: where it begins is as the shop cut it.`
}

/** What a number of pieces takes; `length` null: none fits across the cloth. */
export function motifLengthText(count: number, length: Inches | null, speech: Speech): string {
  if (length === null) return 'So wide a piece with a whole motif may find no room across the cloth.'
  const pieces = `${plural(count, 'piece')} ${count === 1 ? 'takes' : 'take'}`
  return `${pieces} ${formatLength(length, speech)} for sure; buy ${formatBought(length, speech)} for them.`
}

/** What the rest is good for; null: nothing is left between. */
export function betweenText(
  { rows, pieces }: ReturnType<typeof betweenMotifs>,
  height: Inches,
  speech: Speech,
): string | null {
  const parts = [
    ...(rows > 0 ? [`strips of ${formatLength(rows, speech)} across the cloth between rows`] : []),
    ...(pieces > 0 ? [`pieces of ${formatSize(pieces, height, speech)} between motifs`] : []),
  ]
  return parts.length === 0 ? null : `Left for other pieces: ${parts.join(', ')}.`
}
