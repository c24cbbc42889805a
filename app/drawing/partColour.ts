import { blockOf, clothOf, type Quilt } from '~~/core/file/quilt'
import type { TopPart } from '~~/core/top/regions/region'

/** For what wears more than one cloth. */
const MADDER = '#a0392a'

/** The colour by which the tape shows a part: that of its cloth. */
export function partColour(quilt: Quilt, part: TopPart): string {
  const { setting, borders } = quilt
  const colour = (cloth: string) => clothOf(quilt, cloth).colour
  switch (part.kind) {
    case 'border':
      return colour(borders[part.border - 1]!.cloth)
    case 'sash':
    case 'cornerstone':
    case 'half-cornerstone': {
      const { cloth, cornerstones } = setting.sashing!
      return colour(cornerstones && 'cloth' in cornerstones ? cornerstones.cloth : cloth)
    }
    case 'frame': {
      const { frame } = blockOf(quilt, setting.cells[part.row]![part.column]!.block)
      return colour(frame.at(-1)!.cloth)
    }
    case 'side-triangle':
    case 'corner-triangle':
      return colour(setting.settingCloth!)
    case 'end':
      return typeof setting.ends === 'object' ? colour(setting.ends.cloth) : MADDER
    case 'block':
    case 'half-block':
    case 'binding':
      return MADDER
  }
}
