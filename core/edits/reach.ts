import { dimensionsOf } from '../top/dimensions'
import type { Inches } from '../measure/ruler'
import { roundToRuler } from '../measure/ruler'
import type { Quilt } from '../file/quilt'
import { MIN_FINISHED } from '../file/entries/entryParts'
import { setBlocksHeight, setBlocksSize, setBlocksWidth } from './blocks'
import { setBorder } from './edge'
import type { Edit } from './edit'
import { rulesOf } from '../file/settings'
import { setSashing } from './setting'

/** One part that could take up a change of the whole size. */
export interface WayToReach {
  part: 'blocks' | 'sashing' | 'border'
  /** Which border, counted from 1. */
  border?: number
  from: Inches
  to: Inches
  /** How many there are across. */
  count: number
  edit: Edit
  /** What the whole comes to when the part is rounded to the ruler. */
  total: Inches
}

/**
 * The parts that could make the top `target` wide (or high), each by itself, rounded to the ruler. Parts that would
 * vanish are left out.
 */
export function waysToReach(quilt: Quilt, side: 'width' | 'height', target: Inches): WayToReach[] {
  const { setting, top } = dimensionsOf(quilt)
  const now = top.stages.at(-1)![side].total
  const terms = side === 'width' ? setting.across : setting.down
  const isOnPoint = rulesOf(quilt.setting).standing === 'on-corner'
  const blocks = terms.find(term => term.what === 'blocks' || term.what === 'diagonals')
  const ways: WayToReach[] = []
  /** `gain`: what an inch more of the part adds to the whole. */
  const offer = (
    way: Pick<WayToReach, 'part' | 'border' | 'from' | 'count'>,
    edit: (to: Inches) => Edit,
    gain: number = way.count,
  ) => {
    const to = roundToRuler(way.from + (target - now) / gain, quilt.ruler)
    if (to >= MIN_FINISHED && Math.abs(to - way.from) > 1e-9)
      ways.push({ ...way, to, total: now + (to - way.from) * gain, edit: edit(to) })
  }
  const sash = quilt.setting.sashing?.width ?? 0
  if (blocks && 'count' in blocks) {
    const { count } = blocks
    const own = side === 'width' ? ownRows(quilt, now, target, blocks.each) : null
    if (own) {
      const { to, total } = own
      if (to >= MIN_FINISHED && Math.abs(to - blocks.each) > 1e-9)
        ways.push({ part: 'blocks', from: blocks.each, count, to, total, edit: setBlocksWidth(to) })
    } else if (isOnPoint)
      offer({ part: 'blocks', from: blocks.each / Math.SQRT2 - sash, count }, setBlocksSize, count * Math.SQRT2)
    else
      offer(
        { part: 'blocks', from: blocks.each, count },
        side === 'width' ? setBlocksWidth : setBlocksHeight,
        count + gainOfEnds(quilt, side),
      )
  }
  const sashes = isOnPoint ? blocks : terms.find(term => term.what === 'sashing')
  if (sash > 0 && sashes && 'count' in sashes) {
    const { count } = sashes
    offer(
      { part: 'sashing', from: sash, count },
      width => setSashing({ width }),
      isOnPoint ? count * Math.SQRT2 : count,
    )
  }
  quilt.borders.forEach((border, i) => {
    const from = side === 'width' ? border.sides : border.ends
    offer({ part: 'border', border: i + 1, from, count: 2 }, to =>
      setBorder(i, side === 'width' ? { sides: to } : { ends: to }),
    )
  })
  return ways
}

/** Rows of their own are as wide as the widest of them, which may be another when blocks grow; else null. */
function ownRows(
  { setting, ruler }: Quilt,
  now: Inches,
  target: Inches,
  each: Inches,
): { to: Inches; total: Inches } | null {
  const { rows } = setting
  if (!rulesOf(setting).hasOwnRows || !rows) return null
  const widest = (block: Inches) => Math.max(...rows.map(({ cells, shift }) => cells.length * block + shift))
  const rest = now - widest(each)
  const largest = Math.min(...rows.map(({ cells, shift }) => (target - rest - shift) / cells.length))
  const to = roundToRuler(largest, ruler)
  return { to, total: rest + widest(to) }
}

/** Rows that are shifted by half a block, because nothing else was said, grow by that half at their ends. */
function gainOfEnds({ setting }: Quilt, side: 'width' | 'height'): number {
  const { ends, shift, across, down } = setting
  const isShifted = (side === 'width' ? down : across) > 1
  const isAlong = isShifted && rulesOf(setting).shifted === side
  return isAlong && ends !== 'half-blocks' && shift === undefined ? 1 / 2 : 0
}
