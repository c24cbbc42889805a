// What the stash says of its cloths, and of a table that is read into it.
import type { StashCloth, StashPiece } from '../core/stash/stashCloth'
import type { RowProblem, StashField } from '../core/stash/stashTable'
import { formatLength, formatSize } from './length'
import { plural, type Speech } from './speech'

/** `60″ in one length; 3 of 10 × 18″`. */
export function freeText({ length, pieces }: Pick<StashCloth, 'length' | 'pieces'>, speech: Speech): string {
  const parts = [
    ...(length > 0 ? [`${formatLength(length, speech)} in one length`] : []),
    ...pieces.map(piece => pieceText(piece, speech)),
  ]
  return parts.length === 0 ? 'none free' : parts.join('; ')
}

/** `3 of 10 × 18″`. */
export function pieceText({ width, length, count }: StashPiece, speech: Speech): string {
  return `${count} of ${formatSize(width, length, speech)}`
}

/** `Berth four: 40″ in one length`. */
export function asideText(aside: StashCloth['asides'][number], speech: Speech): string {
  return `${aside.name}: ${freeText(aside, speech)}`
}

/** What is called what in a table. */
export function fieldName(field: StashField, { english }: Speech): string {
  return field === 'colour' && english === 'us' ? 'color' : NAMES[field]
}

const NAMES: Readonly<Record<StashField, string>> = {
  name: 'name',
  colour: 'colour',
  length: 'length',
  width: 'width',
  price: 'price',
  from: 'where from',
}

/** A row that was not taken, or taken without something. */
export function rowProblemText({ line, field, text }: RowProblem, speech: Speech): string {
  if (field === 'name') return `Row ${line} has no name: left out.`
  return `Row ${line}: “${text}” is no ${fieldName(field, speech)}; taken without it.`
}

/** What reading a table came to. */
export function tableText(cloths: number, problems: readonly RowProblem[]): string {
  const doubts = problems.length > 0 ? `, ${plural(problems.length, 'thing')} to look at` : ''
  return `${plural(cloths, 'cloth')} to put in${doubts}.`
}
