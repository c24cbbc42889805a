import { stripStripes } from '../../file/stripRun'
import type { Quilt } from '../../file/quilt'
import type { Region } from './region'

/** How stripes of a border strip or sash run in the quilt, degrees clockwise from upright; as they fall: upright. */
export function stripAngle(quilt: Quilt, { part, width, height, fabric }: Region): 0 | 90 {
  if (!('cloth' in fabric)) return 0
  const asked =
    part.kind === 'border'
      ? quilt.borders[part.border - 1]!.stripes
      : part.kind === 'sash'
        ? quilt.setting.sashing?.stripes
        : undefined
  const stripes = stripStripes(quilt, fabric.cloth, asked)
  const isLevel = width > height
  return stripes !== null && (stripes === 'along') === isLevel ? 90 : 0
}
