import { termValue, type Sum, type Term } from '../core/measure/sum'
import { stageName } from './names'
import { formatArea, formatCloth, formatFigure, formatLength } from './length'
import type { Speech } from './speech'

/** What the total is: a length, a length of cloth to buy, a number of things, or a part of the whole in per cent. */
export type SumKind = 'length' | 'cloth' | 'count' | 'part'

/** One line of a slip: what it is, and its figure. */
export interface SumLine { label: string, value: string }

const NAMES: Readonly<Record<string, string>> = {
  'blocks': 'blocks', 'sashing': 'sashes', 'border': 'borders', 'seams': 'seam allowances', 'binding-edge': 'binding edges', 'measured-mean': 'mean of the measures', 'measure': 'measured',
  'rounding': 'rounded', 'rounding-up': 'rounded up', 'rough-extra': 'extra, to be trimmed', 'top-width': 'width of the top', 'top-height': 'height of the top', 'overhang': 'overhang',
  'binding-spare': 'for corners and closing', 'strips-exactly': 'strips, exactly', 'binding-length': 'length of the binding', 'lost-per-join': 'lost at each join', 'usable-width': 'usable width of the cloth',
  'panels-exactly': 'panels, exactly', 'to-span': 'to be spanned', 'panels': 'panels', 'strips': 'strips', 'long-pieces': 'long strips along the cloth', 'margin': 'margin', 'square-up': 'squaring up the end',
  'shrinkage': 'shrinkage', 'finished': 'finished', 'length': 'length', 'outline-box': 'box of the template', 'counted': 'counted', 'patches-fed': 'patches', 'rows-of-blocks': 'rows of blocks', 'patches-of': 'blocks',
  'units-in-blocks': 'blocks', 'units-counted': 'counted in the quilt', 'pieces-of-cloth': 'pieces of cloth opened', 'whole': 'the whole cloth', 'area-used': 'in the pieces', 'area-of-pieces': 'area of the pieces', 'area-of-cloth': 'area of the cloth they take',
  'corner-square': 'square sewn on', 'lost-at-both-seams': 'lost to seams and the cut', 'strips-for-this': 'strips for this alone',
  'generous': 'to spare on a side', 'width-as-sold': 'width as sold', 'selvages': 'selvages', 'strip-width': 'width of the strip',
  'largest': 'the largest', 'smallest': 'the smallest', 'mean': 'mean', 'expected': 'expected', 'tips': 'for the slanted ends', 'half-the-width': 'half the width', 'half-the-slant': 'half of what the cut slants', 'height-of-the-wedge': 'height of the wedge', 'depth-of-the-corner': 'depth of the corner', 'to-be-trimmed': 'to be trimmed off', 'depth-with-allowance': 'depth of the shape, allowances within', 'half-base-of-the-cut': 'half its base as cut', 'half-tip-of-the-cut': 'half its tip as cut', 'width-of-the-tip': 'width of the blunt tip', 'slant-over-the-depth': 'slant of both sides over its depth', 'units-left-over': 'made beyond those needed',
  'share-of-each-allowance': 'what strips lose, shared among the allowances', 'allowances-in-seams': 'allowances in the seams', 'seam-sewn': 'seam as sewn', 'seam-wanted': 'seam wanted',
  'strips-laid': 'strips laid out', 'usable-there': 'usable width there', 'length-of-strip': 'length of the strip', 'depth-of-strip': 'depth of the strip', 'cut-from-it': 'cut from it', 'width-of-the-piece': 'width of the piece cut there',
  'deepest-piece': 'the deepest piece in it', 'pieces-of': 'pieces of', 'spare': 'spare', 'cloth': 'cloth', 'backing': 'backing',
}

/** The lines of the slip behind a number: figures it starts from, then what is added up. */
export function sumLines(sum: Sum, kind: SumKind, speech: Speech, names: ReadonlyMap<string, string> = new Map()): { from: SumLine[], terms: SumLine[] } {
  const figure = (value: number, what: string) => AREAS.has(what) ? formatArea(value, speech) : kind === 'part' ? formatPart(value) : kind === 'count' && !LENGTHS.has(what) ? formatFigure(value, { units: 'in' }) : formatLength(value, speech)
  return {
    from: (sum.from ?? []).map(term => ({ label: termLabel(term, speech, names, kind), value: figure(termValue(term), term.what) })),
    terms: sum.terms.map(term => ({ label: termLabel(term, speech, names, kind), value: figure(termValue(term), term.what) })),
  }
}

export function sumTotal(sum: Sum, kind: SumKind, speech: Speech): string {
  return kind === 'part' ? formatPart(sum.total) : kind === 'count' ? formatFigure(sum.total, { units: 'in' }) : kind === 'cloth' ? `${formatLength(sum.total, speech)} = ${formatCloth(sum.total, speech)}` : formatLength(sum.total, speech)
}

const AREAS = new Set(['area-of-pieces', 'area-of-cloth'])

/** Per cent, whole. */
export function formatPart(part: number): string {
  return `${Math.round(part * 100)} %`.replace('-', '−')
}

/** Terms that are lengths even in the slip of a number of things. */
const LENGTHS = new Set(['binding-length', 'lost-per-join', 'usable-width', 'to-span', 'measure'])

function termLabel(term: Term, speech: Speech, names: ReadonlyMap<string, string>, kind: SumKind): string {
  const name = NAMES[term.what] ?? term.what
  const of = term.of === undefined ? '' : names.get(term.of) ?? term.of
  if (term.what === 'measured-mean') return `mean of the measures of ${stageName(of)}`
  if (term.what === 'pieces-of') return `pieces of ${of}`
  if (term.what === 'cloth') return of
  if (term.what === 'deepest-piece') return `${name}, ${of}`
  if (!('count' in term)) return name
  const each = kind === 'count' ? formatFigure(term.each, { units: 'in' }) : formatLength(term.each, speech)
  switch (term.what) {
    case 'patches-of': return `${term.count} × ${of}, ${each} patches each`
    case 'units-in-blocks': return `${term.count} × ${of}, ${each} in each`
    case 'rows-of-blocks': return `${term.count} rows of ${each} blocks`
    case 'patches-fed': return term.each === 1 ? `${term.count} patches, one each` : `${term.count} patches, ${Math.round(1 / term.each)} from each piece`
    case 'border': return `${term.count} × border ${of}, ${each}`
    case 'seams': return `${term.count < 0 ? 'less ' : ''}${Math.abs(term.count)} seam allowances of ${each}`
    default: return `${term.count} ${name} of ${each}`
  }
}
