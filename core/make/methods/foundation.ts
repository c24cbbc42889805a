import { boundingBox } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import { box, cloth, picture } from '../steps/picture'
import { trimmedLater } from './cutSize'
import type { Method } from './method'
import { pieceOf } from './pieces'

/**
 * Cloth beyond the finished box of a patch, on every side: it is laid down slanted and trimmed to the paper. Source:
 * handbook §3.
 */
export const FOUNDATION_EXTRA: Inches = 3 / 4

/** A patch sewn onto a printed paper: cut generously, whatever its shape and grain, and trimmed by the paper. */
export const foundation: Method = {
  id: 'foundation',
  isForWholeBlocks: true,
  care: 'never',
  fits: unit => unit.patches.length === 1,
  make(unit, count, room) {
    const [patch] = unit.patches
    const b = boundingBox(patch!.polygon)
    const side = (finished: Inches) =>
      trimmedLater(
        [
          { what: 'finished', value: finished },
          { what: 'generous', count: 2, each: FOUNDATION_EXTRA },
        ],
        { ruler: room.ruler },
      )
    const width = side(b.width)
    const height = side(b.height)
    const piece = pieceOf(width, height, {
      cloth: patch!.cloth,
      part: 'foundation',
      cuts: 'none',
      turn: !patch!.isUpright,
      count,
      perUnit: 1,
      slots: [patch!.slot],
    })
    return {
      pieces: [piece],
      made: count,
      trim: true,
      seams: 1,
      cuts: 1,
      biasEdges: 0,
      steps: () => [
        {
          do: 'cut',
          code: 'cut-generously',
          data: { width, height },
          picture: picture([cloth(patch!.cloth, box(0, 0, width.total, height.total))]),
        },
      ],
    }
  },
}
