// In: a block that is worked first, and how its places stand now. Out: what to cut it to when it is worked.
import { explained, type Explainable } from '../measure/explained'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import type { Block, Quilt } from '../file/quilt'
import type { Setting } from '../top/settings/setting'
import { ownSize } from '../top/regions/region'

/** Raw: to meet the blocks beside it as they were measured, not as they were planned. */
export interface PlannedPanel {
  width: Inches
  height: Inches
  /** Whether what was measured has changed it. */
  isMeasured: boolean
}

/** Nothing for blocks that are not worked first. Of several places the smallest counts. */
export function plannedPanel(
  { seam }: Quilt,
  { id, panel, width, height }: Block,
  { regions }: Setting,
): { panel?: Explainable<PlannedPanel> } {
  if (!panel) return {}
  const stands = regions.flatMap(region => {
    const { fabric } = region
    if (!('cell' in fabric) || fabric.cell.block !== id || region.part.kind !== 'block') return []
    const size = ownSize(region)
    return [fabric.cell.turn % 180 === 0 ? size : { width: size.height, height: size.width }]
  })
  const least = (side: 'width' | 'height', planned: Inches) => Math.min(planned, ...stands.map(size => size[side]))
  const raw = (finished: Inches): Sum =>
    sumOf([
      { what: 'its-place', value: finished },
      { what: 'seams', count: 2, each: seam },
    ])
  const [wide, high] = [least('width', width), least('height', height)]
  const isMeasured = Math.abs(wide - width) > TOLERANCE || Math.abs(high - height) > TOLERANCE
  return { panel: { width: explained(raw(wide)), height: explained(raw(high)), isMeasured } }
}
