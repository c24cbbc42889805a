// In: a part of a block that joins have given. Out: what a hand would call it: by where it lies, or by what it is of.
import { boundingBox, type Box } from '../../geometry/polygon'
import type { PartPlace, PartSort } from '../steps/joinedPart'
import type { UnitTree } from '../units/unitTree'
import { middleOf, patchesUnder, type SewnBlock } from './sewnBlock'

/** Parts of this of a side that differ by less lie alike. */
const SLACK = 0.02

/** Where a part lies in its block as it is drawn. */
export function placeOf(node: UnitTree, { make }: SewnBlock): PartPlace {
  const { width, height } = make.block
  const box = boxOf(node, make.polygons)
  const across = spanOf(box.x / width, box.width / width)
  const down = spanOf(box.y / height, box.height / height)
  if (across === 'whole') return down === 'whole' ? 'whole' : ROWS[down]
  if (down === 'whole') return COLUMNS[across]
  // a log cabin grows from its middle: until it reaches an edge that is all there is to say
  if (across === 'middle' && down === 'middle') return 'middle middle'
  const [x, y] = middleOf(box)
  return `${thirdOf(y / height, 'top', 'bottom')} ${thirdOf(x / width, 'left', 'right')}`
}

type Span = 'whole' | 'first-half' | 'last-half' | 'first' | 'last' | 'first-most' | 'last-most' | 'middle'

/** How a part lies along one side of its block, in parts of the side. */
function spanOf(from: number, long: number): Span {
  const begins = from < SLACK
  const ends = from + long > 1 - SLACK
  if (begins && ends) return 'whole'
  if (!begins && !ends) return 'middle'
  if (Math.abs(long - 0.5) < SLACK) return begins ? 'first-half' : 'last-half'
  if (long > 0.5) return begins ? 'first-most' : 'last-most'
  return begins ? 'first' : 'last'
}

function thirdOf<A extends string>(at: number, first: A, last: A): A | 'middle' {
  if (Math.abs(at - 0.5) < SLACK) return 'middle'
  return at < 0.5 ? first : last
}

const ROWS: Readonly<Record<Exclude<Span, 'whole'>, PartPlace>> = {
  'first-half': 'top half',
  'last-half': 'bottom half',
  'first': 'top row',
  'last': 'bottom row',
  'first-most': 'upper rows',
  'last-most': 'lower rows',
  'middle': 'middle row',
}
const COLUMNS: Readonly<Record<Exclude<Span, 'whole'>, PartPlace>> = {
  'first-half': 'left half',
  'last-half': 'right half',
  'first': 'left column',
  'last': 'right column',
  'first-most': 'left columns',
  'last-most': 'right columns',
  'middle': 'middle column',
}

/** What a part is of, however it lies: two units, units side by side, two by two, three by three, or so many. */
export function sortOf(node: UnitTree, { make, clothOfPatch }: SewnBlock): PartSort {
  const units = unitsOf(node)
  const kinds = units.map(({ kind, patches }) => ({
    unit: kind,
    ...(patches.length === 1 ? { cloth: clothOfPatch(patches[0]!.patch) } : {}),
  }))
  if (units.length === 2) return { shape: 'pair', units: kinds }
  const box = boxOf(node, make.polygons)
  const boxes = units.map(({ patches }) => boundingBox(patches.flatMap(({ patch }) => make.polygons[patch]!)))
  const { shape } = SHAPES.find(({ holds }) => holds(box, boxes)) ?? { shape: 'part' as const }
  return { shape, units: kinds }
}

const SHAPES: readonly { shape: PartSort['shape']; holds: (box: Box, units: readonly Box[]) => boolean }[] = [
  {
    shape: 'row',
    holds: ({ width, height }, units) =>
      units.every(unit => unit.height > height * (1 - SLACK)) || units.every(unit => unit.width > width * (1 - SLACK)),
  },
  { shape: 'four-patch', holds: (box, units) => isGrid(box, units, 2) },
  { shape: 'nine-patch', holds: (box, units) => isGrid(box, units, 3) },
]

function isGrid({ width, height }: Box, units: readonly Box[], side: number): boolean {
  const isCell = (unit: Box) =>
    Math.abs(unit.width * side - width) < width * SLACK && Math.abs(unit.height * side - height) < height * SLACK
  return units.length === side * side && units.every(isCell)
}

function unitsOf(node: UnitTree): Extract<UnitTree, { unit: unknown }>['unit'][] {
  return 'unit' in node ? [node.unit] : node.join.flatMap(unitsOf)
}

function boxOf(node: UnitTree, polygons: SewnBlock['make']['polygons']): Box {
  return boundingBox(patchesUnder(node).flatMap(patch => polygons[patch]!))
}
