import type { Expectation, Path, Problem, Unfitting } from '../core/file/problem'
import { formatFigure } from './length'

/** `setting.across`; the whole file is `file`. */
export function pathText(path: Path): string {
  return path.length === 0 ? 'file' : path.map(step => oneLine(String(step))).join('.')
}

/** A whole line: the path of the field, then what is wrong with it. */
export function problemLine(problem: Problem): string {
  return `${pathText(problem.path)}: ${problemText(problem)}`
}

/** Why a file or a change was refused, after the name of its field. */
export function problemText(problem: Problem): string {
  switch (problem.code) {
    case 'expected':
      return `expected ${expectationText(problem.expected)}, got ${shown(problem.got)}`
    case 'unknown-reference':
      return problem.to === 'method'
        ? `the method ${shown(problem.got)} does not make this kind of unit`
        : `there is no ${problem.to} ${shown(problem.got)}${
            problem.known.length > 0
              ? `; there ${problem.known.length === 1 ? 'is' : 'are'} ${listed(problem.known)}`
              : ''
          }`
    case 'repeated':
      return `${shown(problem.got)} is there already; every id may stand once`
    case 'missing-size':
      return 'expected a size, or both of its sides'
    case 'undressed-role':
      return `no cloth for the role ${shown(problem.role)}`
    case 'wrong-count':
      return `expected ${problem.expected} places, got ${problem.got}`
    case 'tiling':
      return tilingText(problem.fault)
    case 'sizes-differ':
      return sizesDifferText(problem)
    case 'not-together':
      return UNFITTING[problem.what]
    case 'too-much':
      return tooMuchText(problem)
    case 'not-json':
      return 'this is not a quilt file: the text cannot be read as JSON'
    case 'too-big':
      return (
        `this file is too large for a quilt (${Math.round(problem.bytes / 1024 / 1024)} MB; at most `
        + `${Math.round(problem.most / 1024 / 1024)} MB)`
      )
    case 'too-deep':
      return `this file is nested more than ${problem.most} deep, which no quilt file is`
    case 'forbidden-key':
      return `the name ${shown(problem.key)} is not allowed in a quilt file`
  }
}

const UNFITTING: Readonly<Record<Unfitting, string>> = {
  'sashing-with-half-blocks': 'with half blocks at the ends there is no sashing; fill the ends with cloth: { cloth }',
  'stones-not-had': 'in this setting sashing has no cornerstones: corners of blocks do not meet',
  'sashes-both-ways-only': 'strips of blocks, with sashes one way only, are set straight',
  'stones-with-between': 'with sashes one way only there are no crossings for cornerstones',
  'sashing-without-stones': 'in this setting the sashing has cornerstones',
  'sashing-not-outer': 'in this setting the sashing runs round every block: outer must be true',
  'sashing-with-float': 'sashed, the edge of this setting runs through the cornerstones: there is no float',
  'shift-with-half-blocks': 'half blocks fill the ends only where every second row is shifted by half a block',
  'on-corner-not-square': 'blocks that stand on a corner must be square',
  'pieced-border-without-corners': 'a pieced border has corners of their own: { cloth } or { design, cloths }',
  'as-you-go-not-side-by-side':
    'as you go, blocks stand side by side in straight rows: without sashes and borders, the backs give both',
  'as-you-go-without-back': 'as you go, every block has its back: a backing must be named',
  'pieced-sashes-not-had': 'pieced sashes stand between blocks that are set straight, with sashes both ways',
  'pieced-stones-not-had': 'in this setting cornerstones are of one cloth, for those on the edge are cut in half',
  'self-binding-without-back': 'the back is brought round to bind it: there must be a backing',
  'panel-of-patches': 'only a block of one patch can be worked first; take the panel away or choose a plain block',
  'panel-without-room': 'the margins leave no room to work in; make them narrower',
  'frames-with-half-blocks': 'a framed block is not halved; fill the ends with cloth: { cloth }',
  'sashes-between-rows-only': 'in this setting sashes run between the rows only: between must be "rows"',
  'half-blocks-of-one': 'a shifted row between half blocks needs at least one whole block: two across, or two down',
}

function sizesDifferText({ place, at, sizes }: Extract<Problem, { code: 'sizes-differ' }>): string {
  const [one, other] = sizes.map(size => `${formatFigure(size, { units: 'in' })}″`)
  const found = `${one} and ${other}`
  switch (place) {
    case 'column':
      return `blocks of one column must be equally wide: column ${at + 1} has ${found}`
    case 'row':
      return `blocks of one row must be equally high: row ${at + 1} has ${found}`
    case 'all':
      return `in this setting all blocks must be of one size: there are ${found}`
    case 'row-length':
      return `rows must be equally long: row 1 is ${one}, row ${at + 1} ${other}`
    case 'column-length':
      return `columns must be equally long: column 1 is ${one}, column ${at + 1} ${other}`
  }
}

function tooMuchText({ what, got, most }: Extract<Problem, { code: 'too-much' }>): string {
  const figure = (count: number) => Math.round(count).toLocaleString('en-US')
  switch (what) {
    case 'corners':
      return `the designs have ${figure(got)} corners together; at most ${figure(most)} can be read`
    case 'patches':
      return `the quilt would have ${figure(got)} patches; at most ${figure(most)} can be planned`
    case 'different':
      return (
        `blocks that differ in drawing or cloth have ${figure(got)} patches together; `
        + `at most ${figure(most)} can be planned`
      )
    case 'block':
      return `the block has ${figure(got)} patches; at most ${figure(most)} can be planned`
    case 'squares':
      return `the picture has ${figure(got)} squares; at most ${figure(most)} can be planned`
    case 'measures':
      return `there are ${figure(got)} measures; at most ${figure(most)} can be reckoned with`
    case 'inches':
      return `the quilt would be ${figure(got)}″ long; at most ${figure(most)}″ can be planned`
  }
}

function tilingText(fault: Extract<Problem, { code: 'tiling' }>['fault']): string {
  switch (fault.code) {
    case 'not-a-polygon':
      return 'the corners make no patch: the outline crosses itself or has no area'
    case 'outside':
      return `the patch reaches beyond the block, at ${fault.at.join(', ')}`
    case 'gap-or-overlap':
      return (
        `the patches leave a gap or lie over each other, at `
        + `${fault.at.map(v => Math.round(v * 1000) / 1000).join(', ')}`
      )
  }
}

function expectationText(expected: Expectation): string {
  switch (expected.kind) {
    case 'length':
      return (
        'a length such as 12 1/2'
        + (expected.least !== undefined && expected.least > 0
          ? ` (at least ${formatFigure(expected.least, { units: 'in' })}″)`
          : '')
      )
    case 'whole-number':
      return `a whole number from ${expected.least} to ${expected.most}`
    case 'number':
      return `a number from ${expected.least} to ${expected.most}`
    case 'one-of':
      return `one of ${listed(expected.options.map(String))}`
    case 'text':
      return expected.most === undefined ? 'text' : `text of at most ${expected.most} characters`
    case 'id':
      return expected.most === undefined ? 'a short name' : `a short name of at most ${expected.most} characters`
    case 'colour':
      return 'a colour such as #a8402c'
    case 'picture':
      return 'a small picture as a data URL (data:image/jpeg;base64, …)'
    case 'yes-no':
      return 'true or false'
    case 'list':
      return [
        'a list',
        expected.least ? ` of at least ${expected.least}` : '',
        expected.most === undefined ? '' : `${expected.least ? ' and' : ' of'} at most ${expected.most}`,
      ].join('')
    case 'object':
      return 'a group of fields in braces'
    case 'date':
      return 'a date such as 2026-03-01 or 2026-03-01T10:00:00Z'
    case 'point':
      return 'a point [x, y]'
    case 'letters':
      return `${expected.count} letters, one for each square`
    case 'nothing':
      return 'nothing here, since the other says it'
    case 'something-else':
      return 'something else here'
  }
}

function listed(names: readonly string[]): string {
  const few = names.slice(0, 8).map(name => `"${name}"`)
  return few.join(', ') + (names.length > 8 ? ' …' : '')
}

/** Whatever breaks a line, or moves a cursor, is shown as what it is. */
function oneLine(text: string): string {
  return text
    .slice(0, 80)
    .replace(/[\p{Cc}\u2028\u2029]/gu, character => `\\u${character.charCodeAt(0).toString(16).padStart(4, '0')}`)
}

/** What was there, cut short: it came from a stranger's file. */
function shown(value: unknown): string {
  if (value === undefined) return 'nothing'
  const text =
    typeof value === 'string'
      ? `"${oneLine(value)}"`
      : Array.isArray(value)
        ? 'a list'
        : value !== null && typeof value === 'object'
          ? 'a group of fields'
          : String(value)
  return text.length > 60 ? `${text.slice(0, 57)}…` : text
}
