// In: the rows and how they are pressed. Out: the order in which they are joined, and what must be eased.
import { makingRules } from '../file/makings'
import { easedBlocks, easedRow, type Eased, type EasedMeeting } from '../made/easing'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf } from '../measure/sum'
import { joinedSide } from '../file/joinedSide'
import type { Quilt } from '../file/quilt'
import { measuredBlock, measuredRows } from '../made/measures'
import type { Dimensions } from '../top/dimensions'
import { joiningOrder } from '../top/joiningOrder'
import { ownSize } from '../top/regions/region'
import type { QuiltRow } from '../top/rows'
import { rowArea, type SettingRow } from '../top/settings/setting'
import type { QuiltPressing } from '../pressing/quiltPressing'
import { rowCrossings } from './rowCrossings'

/** Two neighbouring sections of rows, joined: `from` to `middle` and on to `to`, by their places in `rows`, from 1. */
export interface PlannedJoin {
  from: number
  middle: number
  to: number
  /** Across the joined rows, raw; left out for diagonals, which grow shorter towards the corners. */
  deep?: Inches
  /** Seams that cross it, and those that lock of themselves; the others want a pin. */
  crossings: number
  locking: number
}

export interface PlannedEasing {
  what: 'block' | 'row' | 'column'
  /** The block, or the row among its kind. */
  block?: string
  row?: number
  count: number
  measured: Inches
  place: Inches
  off: Inches
  each: Inches
  do: EasedMeeting
}

/** The corners of a setting on point are not rows: they are sewn on last. */
const isRow = ({ kind }: Pick<SettingRow, 'kind'>) => kind !== 'corner'

/** How rows are joined, as the plan tells it. */
export function plannedJoining(
  quilt: Quilt,
  { setting }: Dimensions,
  rows: readonly Explainable<QuiltRow>[],
  pressing: QuiltPressing,
): Explainable<PlannedJoin>[] {
  // joins of backs have an order of their own
  if (!makingRules(quilt.making).hasTop) return []
  const mine = setting.rows.filter(isRow)
  const crossings = rowCrossings(
    mine,
    rows.map(({ press }) => press),
    pressing,
  )
  const depths = mine.map(({ kind, regions }) => {
    const { width, height } = regions[0]!.run === 'long' ? regions[0]! : ownSize(regions[0]!)
    const isAcross = kind === 'column' || (kind === 'sash' && mine.some(other => other.kind === 'column'))
    return isAcross ? width : height
  })
  const isLevel = mine.every(({ kind }) => kind !== 'diagonal')
  return joiningOrder(mine.map(({ regions }) => rowArea(regions))).map(({ from, middle, to }) => {
    const deep = sumOf([
      { what: 'rows-joined', value: depths.slice(from - 1, to).reduce((sum, depth) => sum + depth, 0) },
      { what: 'seams', count: 2, each: quilt.seam },
    ])
    const { count, locking } = crossings[middle - 1]!
    return { from, middle, to, ...(isLevel ? { deep: explained(deep) } : {}), crossings: count, locking }
  })
}

/** All that was measured and is still to be sewn to something of a settled size. */
export function plannedEasing(quilt: Quilt, { setting }: Dimensions): Explainable<PlannedEasing>[] {
  const side = joinedSide(quilt.setting)
  const measured = side && measuredRows(quilt, side)
  const rows = (measured ? setting.rows : [])
    .flatMap(({ kind, regions }) => (kind === 'row' || kind === 'column' ? [{ kind, regions }] : []))
    .flatMap(({ kind, regions }, r) => {
      const values = quilt.made.findLast(({ what }) => what === `row-${r + 1}`)?.[side!]
      if (!values || values.length === 0) return []
      const place = sumOf([{ what: 'measured-mean', value: measured!.mean }])
      const mean = values.reduce((sum, value) => sum + value, 0) / values.length
      return [{ what: kind, row: r + 1, ...reasoned(easedRow(mean, place, regions.length)) }]
    })
  const blocks = quilt.blocks.flatMap(block => {
    const stands = measuredBlock(quilt, block)
    if (!stands) return []
    const finished = sumOf([
      { what: 'finished', value: stands.width },
      { what: 'seams', count: 2, each: quilt.seam },
    ])
    return easedBlocks(quilt, block, finished).map(eased => ({
      what: 'block' as const,
      block: block.id,
      ...reasoned(eased),
    }))
  })
  return [...blocks, ...rows]
}

function reasoned({ place, off, each, ...rest }: Eased) {
  return { ...rest, place: explained(place), off: explained(off), each: explained(each) }
}
