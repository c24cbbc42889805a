import { measuredThing } from '../core/file/measuredThing'
import type { Quilt } from '../core/file/quilt'
import type { Piece } from '../core/cut/piece'
import { sameLength } from '../core/measure/ruler'
import type { PartName } from '../core/make/methods/partName'
import type { UnitKind } from '../core/file/unitKinds'

const KINDS: Readonly<Record<UnitKind, [string, string]>> = {
  'rectangle': ['patch', 'patches'],
  'half-square': ['half-square triangle', 'half-square triangles'],
  'quarter-square': ['hourglass', 'hourglasses'],
  'goose': ['flying goose', 'flying geese'],
  'flip-corner': ['square with flipped corners', 'squares with flipped corners'],
  'square-in-square': ['square in a square', 'squares in squares'],
  'three-patch': ['three-patch triangle unit', 'three-patch triangle units'],
  'strip-set': ['strip-set segment', 'strip-set segments'],
  'wedge': ['wedge', 'wedges'],
  'diamond': ['diamond', 'diamonds'],
  'log': ['log', 'logs'],
  'template': ['patch by template', 'patches by template'],
}

/** Single patches that other ways than a template make have names of their own. */
const PATCHES: Readonly<Record<string, [string, string]>> = {
  'triangle-single': ['triangle', 'triangles'],
  'half-rectangle-single': ['triangle', 'triangles'],
  'foundation': ['patch for the papers', 'patches for the papers'],
}

/** What a unit is called, one or several. */
export function unitName({ kind, method }: { kind: UnitKind; method: string }, count = 2): string {
  const name = kind === 'template' ? (PATCHES[method] ?? KINDS.template) : KINDS[kind]
  return name[count === 1 ? 0 : 1]
}

const METHODS: Readonly<Record<string, string>> = {
  'rectangle': 'cut singly',
  'hst-single': 'one at a time, from triangles',
  'hst-2': 'two at a time',
  'hst-4': 'four at a time',
  'hst-8': 'eight at a time',
  'qst-2': 'two at a time',
  'qst-single': 'one at a time, from triangles',
  'goose-flip': 'one at a time, flipped corners',
  'goose-4': 'four at a time',
  'goose-triangles': 'one at a time, from triangles',
  'flip-corner': 'flipped corners',
  'square-in-square-triangles': 'corner triangles',
  'square-in-square-flip': 'flipped corners',
  'strip-set': 'from a strip set',
  'strip-angle': 'from strips cut at an angle',
  'strip-nest': 'by template, along strips',
  'wedge-strip-set': 'with their corners, from a strip set',
  'three-patch-pairs': 'in mirrored pairs',
  'three-patch-alike': 'all alike, by half lines',
  'triangle-single': 'from squares cut into triangles',
  'half-rectangle-single': 'from rectangles cut off the diagonal',
  'foundation': 'on foundation papers',
  'log': 'log by log',
  'template': 'by template',
}

/** What a way of making is called. */
export function methodName(method: string): string {
  return METHODS[method] ?? method
}

const PARTS: Readonly<Record<PartName, string>> = {
  'squares': 'squares',
  'rectangles': 'rectangles',
  'logs': 'logs',
  'panels': 'panels',
  'half-squares': 'for half-square triangles',
  'quarters': 'for hourglasses',
  'geese': 'for geese',
  'points': 'for points',
  'bases': 'bases',
  'corners': 'corners',
  'centres': 'centers',
  'strips': 'strips for strip sets',
  'wedge-strips': 'strips for sets to cut in wedges',
  'angled-strips': 'strips to cut at an angle',
  'nested-strips': 'strips to cut by template',
  'foundation': 'for the papers',
  'triangles': 'for triangles',
  'quarter-pairs': 'for quarters',
  'large-triangles': 'for large triangles',
  'templates': 'by template',
  'sashes': 'sashes',
  'long-sashes': 'long sashes',
  'long-sashes-joined': 'strips to join for long sashes',
  'cornerstones': 'cornerstones',
  'border': 'border strips',
  'border-joined': 'strips to join for the border',
  'binding': 'binding strips',
  'bias-square': 'squares for a bias binding',
  'flange': 'flange strips',
  'backs': 'backs of blocks',
  'sleeve': 'for the hanging sleeve',
  'hanging-corners': 'for hanging corners',
  'label': 'for the label',
  'side triangles': 'side triangles',
  'corner triangles': 'corner triangles',
  'half cornerstones': 'half cornerstones',
  'ends': 'end pieces',
  'corner': 'corners',
  'frame-strips': 'strips for frames',
}

/** `Sawtooth star: for points`, `Border 1: border strips`, `Sashes`; blocks by their names. */
export function useName(
  piece: NamedPiece & Pick<Piece, 'places'>,
  blockNames: ReadonlyMap<string, string> = new Map(),
): string {
  const names = piece.places.flatMap(place =>
    'block' in place
      ? [blockNames.get(place.block) ?? place.block]
      : 'border' in place
        ? [`Border ${place.border}`]
        : [],
  )
  const name = partName(piece)
  return names.length > 0 ? `${names.join(', ')}: ${name}` : capital(name)
}

/** A piece by its part, and by its size where that is known. */
type NamedPiece = Pick<Piece, 'part'> & Partial<Pick<Piece, 'width' | 'height'>>

/** `for points`: what the pieces are, without where they go. A rectangle of equal sides is a square to a hand. */
export function partName({ part, width, height }: NamedPiece): string {
  const isSquare = width !== undefined && height !== undefined && sameLength(width, height)
  return PARTS[part === 'rectangles' && isSquare ? 'squares' : part]
}

const SETTINGS: Readonly<Record<Quilt['setting']['kind'], string>> = {
  'straight': 'straight',
  'on-point': 'on point',
  'offset-rows': 'shifted rows',
  'offset-columns': 'shifted columns',
  'rows': 'rows of their own',
}

/** What a way of setting is called. */
export function settingName(kind: Quilt['setting']['kind']): string {
  return SETTINGS[kind]
}

const AIMS: Readonly<Record<string, string>> = {
  'least-cloth': 'least cloth',
  'fewest-steps': 'fewest steps',
  'most-exact': 'most exact',
  'from-precuts': 'from my precuts',
}

/** What a quilter aims at in making units. */
export function aimName(aim: string): string {
  return AIMS[aim] ?? aim
}

/** `setting`, `border-1`, `border-1-first` as a quilter says them. */
export function stageName(what: string): string {
  if (what === 'rows') return 'the rows'
  const thing = measuredThing(what)
  switch (thing.kind) {
    case 'setting':
      return 'the center'
    case 'trimmed':
      return 'the trimmed quilt'
    case 'border':
      return thing.isFirst
        ? `the top with the first pair of border ${thing.border} on`
        : `the top with border ${thing.border}`
    default:
      return what
  }
}

/** With a capital first letter. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
