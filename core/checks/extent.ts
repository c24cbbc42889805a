import { ownBlocks } from '../file/quilt'
import { rulesOf } from '../file/settings'
import { TOLERANCE, type Inches } from '../measure/ruler'
import type { Checker } from './check'
import { inSetting } from './place'

/** Beyond this a quilt is a slip of the finger, or a year of work. Source: the agreement on settings. */
const LONGEST: Inches = 200
const MAX_PATCHES = 40_000

/** A quilt larger than any bed, or of more patches than anybody sews. */
export const tooLarge: Checker = ({ plan }) => {
  const { width, height, patches } = plan.quilt
  if (Math.max(width, height) <= LONGEST && patches <= MAX_PATCHES) return []
  return [{ id: 'very-large', severity: 'warn', ...inSetting(), data: { width, height, patches } }]
}

/** A row that begins further in than a block is long leaves a hole to fill with cloth. */
export const shiftTooLong: Checker = ({ quilt }) => {
  const { ends, shifts } = quilt.setting
  const side = rulesOf(quilt.setting).shifted
  if (!side || ends === 'half-blocks') return []
  const block = Math.min(...ownBlocks(quilt).map(({ outer }) => outer[side]))
  const shift = Math.max(...shifts)
  return shift > block + TOLERANCE
    ? [{ id: 'shift-too-long', severity: 'note', ...inSetting('shift'), data: { shift, block } }]
    : []
}

/** One block on its corner has corners only: that is a block with four triangles round it. */
export const oneOnPoint: Checker = ({ quilt }) => {
  const { across, down } = quilt.setting
  return rulesOf(quilt.setting).standing === 'on-corner' && across === 1 && down === 1
    ? [{ id: 'one-on-point', severity: 'note', ...inSetting('across'), data: {} }]
    : []
}
