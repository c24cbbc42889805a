import { dimensionsOf } from '../top/dimensions'
import type { Inches } from '../measure/ruler'
import { roundToRuler } from '../measure/ruler'
import type { Quilt } from '../file/quilt'
import { LEAST_FINISHED } from '../file/schema'
import { setBlocksHeight, setBlocksWidth } from './blocks'
import { setBorder } from './edge'
import type { Edit } from './edit'
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
  const blocks = terms.find(term => term.what === 'blocks')
  const sashes = terms.find(term => term.what === 'sashing')
  const ways: WayToReach[] = []
  const offer = (way: Pick<WayToReach, 'part' | 'border' | 'from' | 'count'>, edit: (to: Inches) => Edit) => {
    const to = roundToRuler(way.from + (target - now) / way.count, quilt.ruler)
    if (to >= LEAST_FINISHED && Math.abs(to - way.from) > 1e-9)
      ways.push({ ...way, to, total: now + (to - way.from) * way.count, edit: edit(to) })
  }
  if (blocks && 'count' in blocks)
    offer(
      { part: 'blocks', from: blocks.each, count: blocks.count },
      side === 'width' ? setBlocksWidth : setBlocksHeight,
    )
  if (sashes && 'count' in sashes)
    offer({ part: 'sashing', from: sashes.each, count: sashes.count }, width => setSashing({ width }))
  quilt.borders.forEach((border, i) => {
    const from = side === 'width' ? border.sides : border.ends
    offer({ part: 'border', border: i + 1, from, count: 2 }, to =>
      setBorder(i, side === 'width' ? { sides: to } : { ends: to }),
    )
  })
  return ways
}
