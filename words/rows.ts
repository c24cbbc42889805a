import type { QuiltRow, RowPart } from '../core/top/rows'
import { capital } from './names'
import { plural, type Speech } from './speech'
import { sizeParts, type TextPart } from './textPart'

const PRESS = { left: 'to the left', right: 'to the right', sashes: 'to the sashes' } as const

export function rowTitle({ kind, row }: Pick<QuiltRow, 'kind' | 'row'>): string {
  return kind === 'sash' ? `Sash row ${row}` : `Row ${row}`
}

export function pressOfRow({ press }: Pick<QuiltRow, 'press'>): string {
  return `press all seams ${PRESS[press]}`
}

/** One row in words: what stands in it from left to right, and how it is pressed. `path`: of the row in the plan. */
export function rowParts(
  row: QuiltRow,
  blockNames: ReadonlyMap<string, string>,
  speech: Speech,
  path: string,
): TextPart[] {
  const [only] = row.parts
  if (row.kind === 'sash' && row.parts.length === 1 && only) {
    return [
      `${rowTitle(row)}: one long sash, `,
      ...sizeParts(row.width, row.height, speech, path),
      '. Mark it at every joint of the rows beside it before you pin.',
    ]
  }
  return [`${rowTitle(row)}: `, ...runs(row.parts, blockNames, speech), `. ${capital(pressOfRow(row))}.`]
}

/** Parts in their order, what repeats told once: `5 × sash, star, then sash`. */
function runs(parts: readonly RowPart[], blockNames: ReadonlyMap<string, string>, speech: Speech): TextPart[] {
  const sash = parts.find(part => part.what === 'sash')
  const stone = parts.find(part => part.what === 'cornerstone')
  const names = parts.map(part => (part.what === 'block' ? (blockNames.get(part.block) ?? part.block) : part.what))
  const sized = (part: RowPart | undefined, count: number): TextPart[] =>
    part && count > 0
      ? [
          ` (${plural(count, part.what, part.what === 'sash' ? 'sashes' : 'cornerstones')} of `,
          ...sizeParts(part.width, part.height, speech),
          ')',
        ]
      : []
  const count = (what: string) => parts.filter(part => part.what === what).length
  return [names.join(', '), ...sized(sash, count('sash')), ...sized(stone, count('cornerstone'))]
}
