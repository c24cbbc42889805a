// In: a quilt and the size wanted of it. Out: ways to make it that large, each one edit.
import { ownBlocks, type Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { roundToRuler, roundUpToRuler, sameLength, type Inches } from '../measure/ruler'
import { dimensionsOf } from '../top/dimensions'
import { borderCloth } from './borderCloth'
import { setBlocksSize } from './blocks'
import { addBorder, setBorder } from './edge'
import { inTurn, type Edit } from './edit'
import { editedQuilt } from './editedQuilt'
import { proportioned, type BorderWidths } from './fitBorders'
import { setCounts, setSashing } from './setting'

/** Common mattresses, width by length. Source: handbook §4. */
export const MATTRESSES = [
  { name: 'cot', width: 27, length: 52 },
  { name: 'twin', width: 39, length: 75 },
  { name: 'full', width: 54, length: 75 },
  { name: 'queen', width: 60, length: 80 },
  { name: 'king', width: 76, length: 80 },
] as const

export interface Bed {
  width: Inches
  length: Inches
  /** Thickness of the mattress. */
  depth: Inches
  /** How far the quilt hangs down at each side, at the foot, and how much is tucked under the pillows. */
  drop: Inches
  foot: Inches
  tuck: Inches
}

export interface WantedSize {
  width: Inches
  height: Inches
}

/** Mattress and drops on three sides, and the pillow tuck. Source: handbook §4. */
export function sizeForBed({ width, length, drop, foot, tuck }: Bed): WantedSize {
  return { width: width + 2 * drop, height: length + foot + tuck }
}

/** Who the quilt is for, and the bed. */
export function setFor(change: NonNullable<QuiltFile['for']>): Edit {
  return file => ({ ...file, for: { ...file.for, ...change } })
}

export type FitWay = 'borders' | 'counts' | 'block-size' | 'sashing' | 'more-blocks' | 'fewer-blocks'

export interface Fit {
  way: FitWay
  /** What it comes to. */
  size: WantedSize
  across: number
  down: number
  block: Inches
  /** Inside out. */
  borders: BorderWidths[]
  /** What the way does not touch. */
  kept: FitKept[]
  edit: Edit
}

/** Parts of a quilt that a way leaves as they are. */
export type FitKept = 'counts' | 'block-size' | 'sashing' | 'pieced-borders'

/** A border narrower than this is no border, nor than so much of a sash; wider than so many blocks it is the quilt. */
const MIN_BORDER: Inches = 1
const OF_A_SASH = 3 / 4
const WIDEST_BORDER = 1.5
const MAX_COUNT = 40

/**
 * Ways to the size: by other counts, another block size, both, another sashing, or as it is, each with borders in their
 * proportion that take up what is left, so that the size is reached to the ruler step. Pieced borders stay as they
 * are. Ways whose borders would be too narrow or too wide are left out.
 */
export function fitsFor(file: QuiltFile, quilt: Quilt, wanted: WantedSize): Fit[] {
  return waysTo(file, quilt, wanted).flatMap(({ way, edit }): Fit[] => {
    const made = withoutBorders(file, edit)
    if (!made) return []
    const top = topOf(made)
    const [sides, ends] = [wanted.width - top.width, wanted.height - top.height].map(gap =>
      roundToRuler(gap / 2, quilt.ruler),
    ) as [number, number]
    const block = ownBlocks(made)[0]!.outer.width
    const now = quilt.borders.map(border => ({ ...border, isFixed: border.pieced !== undefined }))
    const borders =
      now.length === 0 ? [{ sides, ends }] : proportioned(now, { sides, ends }, leastBorder(made), quilt.ruler)
    if (!borders) return []
    const isNew = now.length === 0
    if (isNew && Math.min(sides, ends) < MIN_BORDER) return []
    if (Math.max(borders.at(-1)!.sides, borders.at(-1)!.ends) > WIDEST_BORDER * block) return []
    const whole: Edit = old => withBorders(edit(old), borders, borderCloth(quilt))
    const fitted = editedQuilt(file, whole)
    if (!fitted) return []
    const { across, down } = fitted.setting
    return [{ way, size: topOf(fitted), across, down, block, borders, kept: keptBy(quilt, fitted), edit: whole }]
  })
}

/** A border narrower than most of a sash looks like one that went wrong. */
function leastBorder({ setting }: Quilt): Inches {
  return Math.max(MIN_BORDER, OF_A_SASH * (setting.sashing?.width ?? 0))
}

function keptBy(before: Quilt, after: Quilt): FitKept[] {
  const isKept: Readonly<Record<FitKept, boolean>> = {
    'counts': before.setting.across === after.setting.across && before.setting.down === after.setting.down,
    'block-size': sameLength(ownBlocks(before)[0]!.outer.width, ownBlocks(after)[0]!.outer.width),
    'sashing':
      before.setting.sashing?.width !== undefined
      && sameLength(before.setting.sashing.width, after.setting.sashing?.width ?? 0),
    'pieced-borders': before.borders.some(({ pieced }) => pieced !== undefined),
  }
  return (Object.keys(isKept) as FitKept[]).filter(part => isKept[part])
}

/** Each way as large as leaves room for a border. */
function waysTo(file: QuiltFile, quilt: Quilt, wanted: WantedSize): { way: FitWay; edit: Edit }[] {
  const { across, down, sashing } = quilt.setting
  const block = ownBlocks(quilt)[0]!.outer.width
  const step = quilt.ruler || 1 / 8
  // a framed block keeps half an inch inside its frames
  const least = Math.max(1, ...ownBlocks(quilt).map(({ outer, width }) => outer.width - width + 1 / 2))
  const largest = (least: number, most: number, unit: number, edit: (value: number) => Edit) =>
    largestThat(value => isRoomy(withoutBorders(file, edit(value)), wanted, quilt), least, most, unit)
  const ways: { way: FitWay; edit: Edit }[] = [{ way: 'borders', edit: same }]
  const wide = largest(1, MAX_COUNT, 1, count => setCounts(count, 1))
  const high = largest(1, MAX_COUNT, 1, count => setCounts(1, count))
  if (wide !== null && high !== null && (wide !== across || high !== down))
    ways.push({ way: 'counts', edit: setCounts(wide, high) })
  const size = largest(least, 60, step, setBlocksSize)
  if (size !== null && Math.abs(size - block) > 1e-9) ways.push({ way: 'block-size', edit: setBlocksSize(size) })
  if (sashing) {
    const sash = largest(1 / 4, block / 2, step, width => setSashing({ width }))
    if (sash !== null && Math.abs(sash - sashing.width) > 1e-9)
      ways.push({ way: 'sashing', edit: setSashing({ width: sash }) })
  }
  // one more or one fewer across, as large as leaves room, and as many down as fit
  for (const [way, count] of [
    ['more-blocks', (wide ?? across) + 1],
    ['fewer-blocks', (wide ?? across) - 1],
  ] as const) {
    const wideAs = (value: number) => inTurn(setCounts(count, 1), setBlocksSize(value))
    const side = count > 0 ? largest(least, 60, step, wideAs) : null
    if (side === null) continue
    const rows = largest(1, MAX_COUNT, 1, high => inTurn(setCounts(count, high), setBlocksSize(side)))
    if (rows !== null) ways.push({ way, edit: inTurn(setCounts(count, rows), setBlocksSize(side)) })
  }
  return ways
}

/** The edited quilt without its borders; null: it cannot be. */
function withoutBorders(file: QuiltFile, edit: Edit): Quilt | null {
  return editedQuilt(file, old => ({ ...edit(old), borders: [], made: [] }))
}

/** Whether the narrowest borders fit between this top and the size wanted. */
function isRoomy(made: Quilt | null, wanted: WantedSize, { borders, ruler }: Quilt): boolean {
  if (!made) return false
  const { width, height } = topOf(made)
  const least = roundUpToRuler(leastBorder(made), ruler)
  const room = (side: keyof BorderWidths) =>
    borders.length === 0
      ? MIN_BORDER
      : borders.reduce((sum, border) => sum + (border.pieced ? border[side] : Math.min(border[side], least)), 0)
  return wanted.width - width >= 2 * room('sides') - 1e-9 && wanted.height - height >= 2 * room('ends') - 1e-9
}

/** The largest multiple of the unit that fits, by halving: where one fits, all smaller ones do. null: none does. */
function largestThat(fits: (value: number) => boolean, least: number, most: number, unit: number): number | null {
  let [low, high] = [Math.ceil(least / unit), Math.floor(most / unit)]
  if (low > high || !fits(low * unit)) return null
  while (low < high) {
    const middle = Math.ceil((low + high) / 2)
    if (fits(middle * unit)) low = middle
    else high = middle - 1
  }
  return low * unit
}

const same: Edit = file => file

/** Planned: what was measured says nothing of a quilt that is made anew. */
function topOf(quilt: Quilt): WantedSize {
  const { width, height } = dimensionsOf({ ...quilt, made: [] }).top.stages.at(-1)!
  return { width: width.total, height: height.total }
}

function withBorders(file: QuiltFile, widths: readonly BorderWidths[], cloth: string): QuiltFile {
  const [first] = widths
  const bordered = file.borders?.length ? file : addBorder(first!.sides, cloth)(file)
  return widths.reduce((now, width, i) => setBorder(i, width)(now), bordered)
}
