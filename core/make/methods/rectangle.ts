import type { PartName } from './partName'
import { boundingBox } from '../../geometry/polygon'
import { box, cloth, outline, picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { plainSide } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Method, MethodContext } from './method'
import type { DressedUnit } from '../units/dressedUnit'
import type { MethodId } from '../../file/methodNames'
import { panelPiece, panelSteps } from './panel'
import { plainPiece } from './pieces'

/** Squares, rectangles and logs cut to finished + 2·seam and sewn as cut; a row of them can be cut singly too. */
function singlePieces(id: MethodId, part: (unit: DressedUnit) => PartName): Method {
  return {
    id,
    sewnAsCut: 'patches',
    isForPanels: true,
    fits: () => true,
    make(unit, count, room) {
      return {
        pieces: unit.patches.map(patch => {
          const b = boundingBox(patch.polygon)
          if (unit.panel) return panelPiece(patch, unit.panel, b, count, room)
          return plainPiece(patch, part(unit), b.width, b.height, count, [patch.slot], room)
        }),
        made: count,
        trim: false,
        seams: unit.patches.length - 1,
        cuts: 0,
        biasEdges: 0,
        steps: () =>
          unit.panel
            ? panelSteps(unit, unit.panel, room)
            : unit.patches.length === 1
              ? cutSteps(unit, room)
              : [...rowSteps(unit, room), ...pressAndTrim(unit, room, null)],
      }
    },
  }
}

export const rectangle = singlePieces('rectangle', unit =>
  unit.kind === 'rectangle' && Math.abs(unit.width - unit.height) < 1e-6 ? 'squares' : 'rectangles',
)
export const log = singlePieces('log', () => 'logs')

function cutSteps(unit: DressedUnit, room: MethodContext): Step[] {
  const width = plainSide(unit.width, room)
  const height = plainSide(unit.height, room)
  return [
    {
      do: 'cut',
      code: unit.kind === 'log' ? 'cut-log' : 'cut-plain',
      data: { width, height },
      expect: { width: width.total, height: height.total },
      picture: picture(
        [cloth(unit.patches[0]!.cloth, box(0, 0, width.total, height.total))],
        outline('cut', 0, 0, width.total, height.total),
      ),
    },
  ]
}

function rowSteps(unit: DressedUnit, room: MethodContext): Step[] {
  const beside = unit.patches.every(patch => Math.abs(boundingBox(patch.polygon).height - unit.height) < 1e-6)
  const gap = Math.min(unit.width, unit.height) * 0.08
  return [
    {
      do: 'sew',
      code: 'sew-row',
      data: { seam: room.seam, pieces: unit.patches.length },
      picture: picture(
        unit.patches.map((patch, i) =>
          cloth(
            patch.cloth,
            patch.polygon.map(([x, y]) => [x + (beside ? i * gap : 0), y + (beside ? 0 : i * gap)] as const),
          ),
        ),
      ),
    },
  ]
}
