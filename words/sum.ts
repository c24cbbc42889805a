import { termValue, type Sum, type Term } from '../core/measure/sum'
import type { TermName } from '../core/measure/termName'
import { stageName } from './names'
import { formatArea, formatBought, formatCount, formatExactLength, formatYards } from './length'
import { inEnglish, plural, type Speech } from './speech'

/**
 * What the total is: a length, a length of cloth to buy, a long length such as a thread's, a number of things, or a
 * part of the whole in per cent, or a sum of money.
 */
export type SumKind = 'length' | 'cloth' | 'yards' | 'count' | 'part' | 'money'

/** One line of a slip: what it is, and its figure. */
export interface SumLine {
  label: string
  value: string
}

const NAMES: Readonly<Record<TermName, string>> = {
  'blocks': 'blocks',
  'edged-width': 'width of the quilt with its edge',
  'gap-in-the-middle': 'left free in the middle',
  'half-the-girth': 'half of what the rod measures round',
  'hems': 'hem, turned twice',
  'half-of-the-allowance': 'half of what the back has beyond',
  'kept-in': 'kept in from the side',
  'line-in-one-thread': 'along the lines',
  'needlefuls': 'knots and ends, of needlefuls',
  'pieces-to-cut': 'pieces',
  'play': 'play',
  'square-as-chosen': 'square, as chosen',
  'turned-under': 'turned under',
  'twice-the-depth': 'front and back of the tube',
  'from-the-end': 'from the end of the strip',
  'its-place': 'its place',
  'last-mark': 'at the last mark',
  'lengths-between-joints': 'lengths between joints',
  'rows-joined': 'rows joined',
  'ruler-laid-at': 'the ruler begins at',
  'share-of-each-length': 'share of each length',
  'diagonals': 'blocks from corner to corner',
  'ends': 'end piece',
  'corners': 'corners',
  'frames': 'strips of frames',
  'half-blocks': 'half block',
  'float': 'float',
  'sashing': 'sashes',
  'border': 'borders',
  'seams': 'seam allowances',
  'binding-edge': 'binding edges',
  'bias-squares': 'squares for the bias binding',
  'flange-strips': 'strips for the flange',
  'half-of-the-extra': 'half of what the back is larger',
  'half-of-the-flange': 'half of the flange',
  'half-of-the-strip': 'half of the strip',
  'one-strip': 'strip in one length',
  'bobbins-exactly': 'bobbins, exactly',
  'thread-from-bobbins': 'half of the thread, from bobbins',
  'full-bobbin': 'on a full bobbin',
  'left-on-the-bobbin': 'left on it when it is changed',
  'line-top-and-bobbin': 'threads along the line',
  'corner-to-corner': 'from corner to corner',
  'lines-across': 'lines across',
  'lines-down': 'lines down',
  'lines-of': 'lines',
  'rows-of-pins': 'rows of pins',
  'tails-inside': 'tails at starts and stops',
  'tails-outside': 'tails in the trimmings',
  'through-the-layers': 'through the layers at each stitch',
  'seam-of-the-flange': 'seam that joins flange and strip',
  'side-of-the-square': 'side of the square',
  'squares': 'squares',
  'strips-of-cloth': 'strips',
  'turn-over-the-edge': 'turn over the edge',
  'binding-seam': 'seam of the binding',
  'for-wide-binding': 'cut wider for the wide seam of the binding',
  'measured-mean': 'mean of the measures',
  'measure': 'measured',
  'rough-extra': 'extra, to be trimmed',
  'top-width': 'width of the top',
  'top-height': 'height of the top',
  'trimmed-width': 'width as it was trimmed, less seams',
  'trimmed-height': 'height as it was trimmed, less seams',
  'overhang': 'overhang',
  'binding-spare': 'for corners and closing',
  'strips-exactly': 'strips, exactly',
  'strips-deep': 'strips',
  'ties': 'ties',
  'binding-length': 'length of the binding',
  'lost-per-join': 'lost at each join',
  'usable-width': 'usable width of the cloth',
  'panels-exactly': 'panels, exactly',
  'to-span': 'to be spanned',
  'to-whole-repeats': 'to whole repeats of the print',
  'panels': 'panels',
  'packet-width': 'width of the packet',
  'packet-height': 'length of the packet',
  'batting-needed': 'needed for the quilt',
  'length-bought': 'bought',
  'lengths-of-batting': 'lengths side by side',
  'strips': 'strips',
  'long-pieces': 'long strips along the cloth',
  'margin': 'margin',
  'margins': 'margins kept free',
  'for-working': 'to work on, to be cut off',
  'square-up': 'squaring up the end',
  'shrinkage': 'shrinkage',
  'finished': 'finished',
  'length': 'length',
  'outline-box': 'box of the template',
  'outline-across-the-strip': 'template, across the strip',
  'outline-along-the-strip': 'template, along the strip',
  'reach-of-the-last': 'the last one beyond its step',
  'lies-into-the-next': 'lies into the next one',
  'rows-of-blocks': 'rows of blocks',
  'patches-of': 'blocks',
  'units-in-blocks': 'blocks',
  'pieces-of-cloth': 'pieces of cloth opened',
  'whole': 'the whole cloth',
  'area-used': 'in the pieces',
  'area-of-pieces': 'area of the pieces',
  'area-of-cloth': 'area of the cloth they take',
  'corner-square': 'square sewn on',
  'lost-at-both-seams': 'lost to seams and the cut',
  'generous': 'to spare on a side',
  'width-as-sold': 'width as sold',
  'selvages': 'selvages',
  'strip-width': 'width of the strip',
  'largest': 'the largest',
  'smallest': 'the smallest',
  'mean': 'mean',
  'expected': 'expected',
  'tips': 'for the slanted ends',
  'half-the-width': 'half the width',
  'half-the-slant': 'half of what the cut slants',
  'height-of-the-wedge': 'height of the wedge',
  'depth-of-the-corner': 'depth of the corner',
  'to-be-trimmed': 'to be trimmed off',
  'width-of-the-tip': 'width of the blunt tip',
  'slant-over-the-depth': 'slant of both sides over its depth',
  'units-made': 'made',
  'units-wanted': 'wanted',
  'share-of-each-allowance': 'what strips lose, shared among the allowances',
  'allowances-in-seams': 'allowances in the seams',
  'seam-sewn': 'seam as sewn',
  'allowance': 'seam allowance',
  'half-the-spread': 'half of what they differ',
  'from-the-mean': 'farthest from the mean',
  'scatter': 'how far they lie about their mean',
  'seam-wanted': 'seam wanted',
  'limit-of-chance': 'as far as chance alone goes',
  'needle-step': 'what a step adds, from two tests',
  'needle-steps': 'steps between them',
  'strips-laid': 'strips laid out',
  'usable-there': 'usable width there',
  'length-of-strip': 'length of the strip',
  'length-of-cloth': 'length of the cloth',
  'depth-of-strip': 'depth of the strip',
  'cut-from-it': 'cut from it',
  'cuts-for-strips': 'strips cut from the cloth',
  'cuts-for-columns': 'cuts across strips; like strips lie on each other, up to four, and are cut up as one',
  'cuts-between-pieces': 'cuts between pieces on top of each other',
  'cuts-to-trim': 'trims, where a piece is smaller than its place',
  'width-of-the-piece': 'width of the piece cut there',
  'width-of-column': 'width of the column it is cut from',
  'depth-of-the-piece': 'depth of the piece beside it',
  'part-of-the-least': 'what it takes, as a part of the least that is possible',
  'least-itself': 'the least itself',
  'least-length': 'no layout takes less than',
  'length-taken': 'its strips take',
  'strips-of-their-own': 'each size in full strips of its own',
  'spare-to-trim': 'to spare, trimmed off later',
  'base-between-its-leg-lines': 'base between the lines of its legs',
  'slant-shared-with-the-next': 'slant shared with the next one',
  'depth-over-the-sine': 'depth of the strip, along the slant',
  'height-of-the-patch': 'height of the patch, finished',
  'reach-of-the-tip': 'what its tip reaches further',
  'advance-of-each': 'pieces along the strip',
  'slant-of-the-end': 'slant of the end',
  'squaring-the-end': 'to clean up the end',
  'segments': 'segments',
  'width-at-the-corner': 'width at its corner',
  'more-wedges': 'more wedges',
  'strip-as-chosen': 'strip as chosen',
  'long-strips': 'all strips together',
  'whole-strips': 'whole strips',
  'lost-in-joins': 'joins',
  'strips-of': 'strips',
  'units': 'units',
  'shared-by': 'parts',
  'whole-batches': 'up to whole batches',
  'strips-wanted': 'strips',
  'strips-joined': 'strips to join',
  'upright-sashes': 'upright sashes',
  'level-sashes': 'level sashes',
  'cornerstones': 'cornerstones',
  'binding-strips': 'strips for the binding',
  'deepest-piece': 'the deepest piece in it',
  'piece-of-the-stack': 'a piece of its deepest column',
  'pieces-of': 'pieces of',
  'spare': 'spare',
  'cloth': 'cloth',
  'backing': 'backing',
  'at-hand': 'at hand',
  'at-price': 'at its price',
  'price': 'price',
  'pieces-exactly': 'pieces, exactly',
  'width-along-the-strip': 'what each takes along the strip',
  'taken-from-it': 'cut from it',
}

/** The lines of the slip behind a number: figures it starts from, then what is added up. Here figures stand in full. */
export function sumLines(
  sum: Sum,
  kind: SumKind,
  speech: Speech,
  names: ReadonlyMap<string, string> = new Map(),
): { from: SumLine[]; terms: SumLine[] } {
  const lines = (terms: readonly Term[]) =>
    terms.map((term): SumLine => ({
      label: termLabel(term, kind, speech, names),
      value: figure(termValue(term), kindOf(term, kind), speech),
    }))
  return { from: lines(sum.from ?? []), terms: lines(sum.terms) }
}

/** What a sum comes to, as it is said of that kind of number. */
export function sumTotal(sum: Sum, kind: SumKind, speech: Speech): string {
  const total = figure(sum.total, kind === 'cloth' || kind === 'yards' ? 'length' : kind, speech)
  if (kind === 'cloth') return `${total} = ${formatBought(sum.total, speech)}`
  return kind === 'yards' ? `${total} = ${formatYards(sum.total, speech)}` : total
}

/** Per cent, whole. */
export function formatPart(part: number): string {
  return `${Math.round(part * 100)} %`.replace('-', '−')
}

/** In whatever money the prices are. */
export function formatMoney(value: number): string {
  return value.toFixed(2).replace('-', '−')
}

type FigureKind = Exclude<SumKind, 'cloth'> | 'area'

function figure(value: number, kind: FigureKind, speech: Speech): string {
  switch (kind) {
    case 'area':
      return formatArea(value, speech)
    case 'part':
      return formatPart(value)
    case 'count':
      return formatCount(value)
    case 'money':
      return formatMoney(value)
    case 'yards':
      return formatYards(value, speech)
    case 'length':
      return formatExactLength(value, speech)
  }
}

const AREAS = new Set(['area-of-pieces', 'area-of-cloth'])
/** Terms that are lengths even in the slip of a number of things. */
const LENGTHS = new Set([
  'binding-length',
  'lost-per-join',
  'usable-width',
  'to-span',
  'measure',
  'depth-of-strip',
  'least-length',
  'length-taken',
  'length-bought',
  'width-along-the-strip',
])

/** Terms that are long lengths in the slip of a number of things. */
const YARDS = new Set(['thread-from-bobbins', 'full-bobbin', 'left-on-the-bobbin'])
/** Terms that are numbers of things even in the slip of a length. */
const COUNTS = new Set(['allowances-in-seams', 'pieces-of-cloth'])

function kindOf({ what }: Term, kind: SumKind): FigureKind {
  if (COUNTS.has(what)) return 'count'
  if (YARDS.has(what)) return 'yards'
  if (AREAS.has(what)) return 'area'
  if (LENGTHS.has(what) || kind === 'cloth' || kind === 'yards') return 'length'
  return kind
}

function termLabel(term: Term, kind: SumKind, speech: Speech, names: ReadonlyMap<string, string>): string {
  const name = term.what === 'rounding' ? '' : inEnglish(NAMES[term.what], speech)
  const of = term.of === undefined ? '' : (names.get(term.of) ?? term.of)
  if (term.what === 'rounding' && 'from' in term) {
    const rounded = kind === 'count' ? 'count' : kind === 'part' ? 'part' : 'length'
    return `rounded from ${figure(term.from, rounded, speech)} to ${figure(term.to, rounded, speech)}`
  }
  switch (term.what) {
    case 'measured-mean':
      return inEnglish(`mean of the measures of ${stageName(of)}`, speech)
    case 'pieces-of':
      return `pieces of ${of}`
    case 'cloth':
      return of
    case 'seam-sewn':
      return of === '' ? name : `${name}, needle at ${of}`
    case 'deepest-piece':
    case 'piece-of-the-stack':
      return `${name}, ${of}`
  }
  return 'count' in term ? countedLabel(term, name, of, kind, speech) : name
}

function countedLabel(
  { what, count, each }: Extract<Term, { count: number }>,
  name: string,
  of: string,
  kind: SumKind,
  speech: Speech,
): string {
  const one = figure(each, kindOf({ what, count, each }, kind), speech)
  switch (what) {
    case 'patches-of':
      return `${count} × ${of}, ${one} patches each`
    case 'units-in-blocks':
      return `${count} × ${of}, ${one} in each`
    case 'rows-of-pins':
      return `${count} rows of ${one} pins`
    case 'rows-of-blocks':
      return `${count} rows of ${one} blocks`
    case 'units':
      return `${plural(count, 'unit')}, ${share(each)}`
    case 'shared-by':
      return `${plural(count, 'part')}, ${share(each)}`
    case 'border':
      return `${count} × border ${of}, ${one}`
    case 'strips-of':
      return `${formatCount(count)} strips of ${one}, ${of}`
    case 'seams':
      return `${count < 0 ? 'less ' : ''}${Math.abs(count)} seam allowances of ${one}`
    case 'whole-strips':
      return `less ${-count} ${name} of ${one}`
    default:
      return COUNTED.has(what) ? name : `${formatCount(count)} ${name} of ${one}`
  }
}

/** Things that are counted one by one: their number stands in the other column. */
const COUNTED = new Set([
  'strips-wanted',
  'strips-joined',
  'upright-sashes',
  'level-sashes',
  'cornerstones',
  'binding-strips',
  'bias-squares',
  'flange-strips',
])

/** How pieces go with units: `8 from each piece`, `2 pieces each`. */
function share(perUnit: number): string {
  if (Math.abs(perUnit - 1) < 1e-9) return 'one piece each'
  return perUnit < 1 ? `${formatCount(1 / perUnit)} from each piece` : `${formatCount(perUnit)} pieces each`
}
