// In: rows of a table from elsewhere. Out: cloths, and what is wrong with a row. And the way back.
import { parseLength } from '../measure/length'
import { fromInches, UNIT_DEFAULTS, type Units } from '../measure/units'
import { freshStashCloth, type Stash, type StashCloth } from './stashCloth'

/** What a column can mean. */
export const STASH_FIELDS = ['name', 'colour', 'length', 'width', 'price', 'from'] as const
export type StashField = (typeof STASH_FIELDS)[number]
/** For each field the number of its column; null: it has none. */
export type ColumnMap = Record<StashField, number | null>

const HINTS: Readonly<Record<StashField, RegExp>> = {
  name: /name|cloth|fabric|title/i,
  colour: /colou?r|hex/i,
  length: /length|yard|metre|meter|amount|have|hand/i,
  width: /width|wide/i,
  price: /price|cost/i,
  from: /from|shop|store|source|bought/i,
}

/** The columns as their heads suggest; each is used once. */
export function guessColumns(heads: readonly string[]): ColumnMap {
  const used = new Set<number>()
  const guess = (field: StashField) => {
    const at = heads.findIndex((head, i) => !used.has(i) && HINTS[field].test(head))
    if (at >= 0) used.add(at)
    return at < 0 ? null : at
  }
  // `price of a yard` is no length
  const price = guess('price')
  const colour = guess('colour')
  const from = guess('from')
  const width = guess('width')
  const length = guess('length')
  return { price, colour, from, width, length, name: guess('name') ?? (used.has(0) ? null : 0) }
}

/** Why a row is not taken, or taken without something; lines counted from 1 below the heads. */
export interface RowProblem {
  line: number
  field: StashField
  text: string
}

/** A cloth of no colour is as plain as unbleached cloth. */
const NO_COLOUR = '#cfc6b4'

/** Rows without a name are no cloth; a length that is none is left out and told. Numbers alone are in `units`. */
export function clothsFromTable(
  rows: readonly (readonly string[])[],
  columns: ColumnMap,
  units: Units,
  idOf: (row: number) => string,
): { cloths: StashCloth[]; problems: RowProblem[] } {
  const problems: RowProblem[] = []
  const cloths = rows.flatMap((row, i): StashCloth[] => {
    const cell = (field: StashField) => (columns[field] === null ? '' : (row[columns[field]] ?? '').trim())
    const lengthOf = (field: 'length' | 'width') => {
      const inches = cell(field) === '' ? null : parseLength(cell(field), units)
      if (cell(field) !== '' && (inches === null || inches > 4000))
        problems.push({ line: i + 1, field, text: cell(field) })
      return inches !== null && inches <= 4000 ? inches : null
    }
    if (row.every(text => text.trim() === '')) return []
    if (cell('name') === '') {
      problems.push({ line: i + 1, field: 'name', text: '' })
      return []
    }
    const colour = /^#?[0-9a-f]{6}$/i.test(cell('colour')) ? `#${cell('colour').replace('#', '').toLowerCase()}` : null
    if (colour === null && cell('colour') !== '') problems.push({ line: i + 1, field: 'colour', text: cell('colour') })
    const price = cell('price') === '' ? null : Number(cell('price').replace(',', '.'))
    if (price !== null && !(price >= 0)) problems.push({ line: i + 1, field: 'price', text: cell('price') })
    const width = lengthOf('width') || UNIT_DEFAULTS[units].clothWidth
    const fresh = freshStashCloth(idOf(i), width, units, cell('name').slice(0, 200), colour ?? NO_COLOUR)
    return [
      {
        ...fresh,
        from: cell('from').slice(0, 200),
        length: lengthOf('length') ?? 0,
        ...(price !== null && price >= 0 ? { price } : {}),
      },
    ]
  })
  return { cloths, problems }
}

/** The stash as a table: a row for what is in one length, one for each kind of piece. */
export function tableOfStash(stash: Stash, units: Units): { heads: string[]; rows: (string | number)[][] } {
  const unit = units === 'cm' ? 'cm' : 'in'
  const long = (inches: number) => Math.round(fromInches(inches, units) * 1000) / 1000
  const heads = ['name', 'colour', `length (${unit})`, `width (${unit})`, 'count', 'price', 'from', 'set aside for']
  const rows = stash.flatMap(cloth => {
    const row = (length: number, width: number, count: number, price: number | '', aside: string) => [
      cloth.name,
      cloth.colour,
      `${long(length)} ${unit}`,
      `${long(width)} ${unit}`,
      count,
      price,
      cloth.from,
      aside,
    ]
    return [
      ...(cloth.length > 0 ? [row(cloth.length, cloth.width, 1, cloth.price ?? '', '')] : []),
      ...cloth.pieces.map(({ length, width, count }) => row(length, width, count, '', '')),
      ...cloth.asides.flatMap(aside => [
        ...(aside.length > 0 ? [row(aside.length, cloth.width, 1, '', aside.name)] : []),
        ...aside.pieces.map(({ length, width, count }) => row(length, width, count, '', aside.name)),
      ]),
    ]
  })
  return { heads, rows }
}
