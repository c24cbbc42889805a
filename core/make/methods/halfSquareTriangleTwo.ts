import { legSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { layeredSteps } from './layeredSteps'
import { lighterOnTop } from './layers'
import type { Method } from './method'
import { isDirectional } from '../units/dressedUnit'
import { squarePiece } from './pieces'

/**
 * Half-square triangles two at a time: squares of f + (2 + √2)·seam, one of each cloth, sewn a seam away on both
 * sides of a marked diagonal and cut on it. Source: offset rule (see `LEG_GAIN`); at ¼″ f + 0.854″, usually f + ⅞″.
 */
export const halfSquareTriangleTwo: Method = {
  id: 'hst-2',
  fits: unit => !isDirectional(unit),
  make(unit, count, room) {
    const size = legSquare(unit.width, room)
    const pairs = Math.ceil(count / 2)
    const layers = lighterOnTop(unit.patches[0]!.cloth, unit.patches[1]!.cloth, room)
    const square = { side: size, of: pairs, aside: size.total * 0.05, seam: room.seam }
    return {
      pieces: unit.patches.map(patch =>
        squarePiece(patch.cloth, 'half-squares', size, { count: pairs, perUnit: 1 / 2 }, [patch.slot]),
      ),
      made: pairs * 2,
      trim: true,
      seams: 1,
      cuts: 0.5,
      biasEdges: 0,
      steps: () => [...layeredSteps(layers, square, 'cut-on-line'), ...pressAndTrim(unit, room, 'half-square')],
    }
  },
}
