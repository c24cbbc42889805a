import type { Corner } from '../core/top/regions/region'
import type { RowClips } from '../core/top/clips'
import { isAlike, linksOf, type QuiltRow, type RowPart } from '../core/top/rows'
import { sameLength, type Inches } from '../core/measure/ruler'
import { formatLength } from './length'
import { capital } from './names'
import type { Speech } from './speech'
import { sizeParts, type TextPart } from './textPart'

const PRESS: Readonly<Record<QuiltRow['press'], string>> = {
  left: 'to the left',
  right: 'to the right',
  up: 'upwards',
  down: 'downwards',
  sashes: 'to the sashes',
}

const TITLES: Readonly<Record<QuiltRow['kind'], string>> = {
  row: 'Row',
  column: 'Column',
  diagonal: 'Diagonal',
  sash: 'Sash row',
  corner: 'Corner',
}

/** A row by its number: row, column or diagonal. */
export function rowTitle({ kind, row }: Pick<QuiltRow, 'kind' | 'row'>): string {
  return `${TITLES[kind]} ${row}`
}

/** How the seams of a row are pressed. */
export function pressOfRow({ press }: Pick<QuiltRow, 'press'>): string {
  return `press all seams ${PRESS[press]}`
}

/** How wide a row of its own blocks is, and what it lacks to the widest. */
export function ownRowText({ width, missing }: { width: Inches; missing: Inches }, speech: Speech): string {
  const wide = `${formatLength(width, speech)} wide`
  return sameLength(missing, 0)
    ? `${wide}: the widest.`
    : `${wide}; ${formatLength(missing, speech)} of cloth fill it at its right end.`
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
  if (row.kind === 'corner') {
    const at = CORNERS[only && 'at' in only ? (only.at as Corner) : 'nw']
    return [
      `${rowTitle(row)}: a triangle in the ${at} corner, its middle on the middle of the block. It reaches beyond; `
        + 'trim when the top is whole.',
    ]
  }
  const order = row.kind === 'diagonal' ? ', from lower left' : row.kind === 'column' ? ', from the top' : ''
  return [`${rowTitle(row)}${order}: `, ...runs(row.parts, blockNames, speech), `. ${capital(pressOfRow(row))}.`]
}

const CORNERS: Readonly<Record<Corner, string>> = {
  nw: 'upper left',
  ne: 'upper right',
  se: 'lower right',
  sw: 'lower left',
}

const PARTS: Readonly<Record<Exclude<RowPart['what'], 'block' | 'half-block'>, [string, string]>> = {
  'sash': ['sash', 'sashes'],
  'cornerstone': ['cornerstone', 'cornerstones'],
  'half-cornerstone': ['half cornerstone', 'half cornerstones'],
  'end': ['end piece', 'end pieces'],
  'side-triangle': ['side triangle', 'side triangles'],
  'corner-triangle': ['corner triangle', 'corner triangles'],
}

/** A part of a row by its name: blocks by theirs, halves by that of their block. */
export function partOfRow(part: RowPart, blockNames: ReadonlyMap<string, string>, count = 1): string {
  if ('cell' in part && (part.what === 'block' || part.what === 'half-block')) {
    // the letter of its pressing, where the block is pressed in more than one way
    const name = `${blockNames.get(part.block) ?? part.block}${part.version ? ` ${part.version}` : ''}`
    return part.what === 'block' ? name : `half of ${name}`
  }
  return PARTS[part.what][count === 1 ? 0 : 1]
}

/** Parts in their order, and the sizes of those that are no blocks: `sash, star, sash (2 sashes of 2 × 9½)`. */
function runs(parts: readonly RowPart[], blockNames: ReadonlyMap<string, string>, speech: Speech): TextPart[] {
  const sized = linksOf({ parts: [...parts] }).flatMap((k): TextPart[] => {
    const part = parts[k]!
    const count = parts.filter(other => isAlike(other, part)).length
    return [` (${count} ${partOfRow(part, blockNames, count)} of `, ...sizeParts(part.width, part.height, speech), ')']
  })
  return [parts.map(part => partOfRow(part, blockNames)).join(', '), ...sized]
}

/** In which direction its parts are read. */
export function readFrom({ kind }: Pick<QuiltRow, 'kind'>): string {
  if (kind === 'column') return 'From the top down:'
  return kind === 'diagonal' ? 'From its lower left:' : 'From left to right:'
}

/** What stands in a row, part after part, numbered: blocks with their turns. */
export function cardLines({ parts }: Pick<QuiltRow, 'parts'>, blockNames: ReadonlyMap<string, string>): string[] {
  return parts.map((part, i) => {
    const placed = 'turn' in part ? placing(part) : ''
    return `${i + 1}. ${partOfRow(part, blockNames)}${placed}`
  })
}

const TURNS = { 0: '', 90: ', a quarter turn', 180: ', a half turn', 270: ', three quarter turns' } as const

function placing({ turn, mirror }: { turn: keyof typeof TURNS; mirror: boolean }): string {
  return `${mirror ? ', mirrored' : ''}${TURNS[turn]}`
}

/** `two red clips, each with one dot` */
export function clipsText({ colour, dots }: RowClips): string {
  return `two ${colour} clips${dots === 0 ? '' : `, each with ${dots === 1 ? 'one dot' : `${dots} dots`}`}`
}
