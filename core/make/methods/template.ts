import { atOrigin, handedOutline, type Hand } from '../../geometry/handOf'
import { boundingBox, movePolygon, scalePolygon, type Polygon } from '../../geometry/polygon'
import { sumOf } from '../../measure/sum'
import { cloth, line, picture, type Picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { pressAndTrim } from './finishing'
import type { Method, PieceDraft } from './method'
import type { DressedPatch } from '../units/dressedUnit'

/**
 * Any patch by its template: the offset of the finished patch, its tips cut to fit, exact, sewn as cut. Serves every
 * kind of unit.
 */
export const template: Method = {
  id: 'template',
  isLastResort: true,
  takesSlantedStripes: true,
  fits: () => true,
  make(unit, count, room, mirrored = 0) {
    const pieces = unit.patches.map(patch => pieceByTemplate(patch, count))
    const [only] = pieces
    const pairs = pieces.length === 1 && only!.hand !== 'either' ? Math.min(count, mirrored) : 0
    const cut = (): Step[] => {
      const each = pieces.map((piece): Step => ({
        do: 'cut',
        code: 'cut-template',
        data: { ...piece.why, hand: piece.hand ?? 'either', pairs },
        picture: picture([cloth(piece.cloth, piece.outline!)]),
      }))
      if (pairs === 0) return each
      const alone = count > mirrored ? only!.hand! : only!.hand === 'left' ? 'right' : 'left'
      const layer: Step = {
        do: 'layer',
        code: 'layer-both-hands',
        data: { pairs, alone: Math.abs(count - mirrored), hand: alone },
        picture: bothHands(only!.outline!, only!.cloth),
      }
      return [layer, ...each]
    }
    return {
      pieces,
      made: count,
      isBothHands: pairs > 0,
      trim: false,
      seams: unit.patches.length - 1,
      cuts: unit.patches.length,
      biasEdges: 0,
      steps: () =>
        unit.patches.length === 1
          ? cut()
          : [
              ...cut(),
              {
                do: 'sew',
                code: 'sew-patches',
                data: { seam: room.seam },
                picture: picture(unit.patches.map(p => cloth(p.cloth, p.polygon))),
              },
              ...pressAndTrim(unit, room, null),
            ],
    }
  },
}

function pieceByTemplate(patch: DressedPatch, count: number): PieceDraft {
  const { outline, hand } = outlineOf(patch)
  const { width, height } = boundingBox(outline)
  return {
    cloth: patch.cloth,
    part: 'templates',
    shape: 'template',
    width,
    height,
    exact: { width, height },
    why: outlineReasons(outline),
    cuts: 'angle',
    hand,
    outline,
    turn: !patch.isUpright,
    count,
    perUnit: 1,
    slots: [patch.slot],
  }
}

/** A template is as large as the box of its outline: nothing is rounded. */
export function outlineReasons(outline: Polygon): PieceDraft['why'] {
  const { width, height } = boundingBox(outline)
  const reason = (value: number) => sumOf([{ what: 'outline-box', value }])
  return { width: reason(width), height: reason(height) }
}

/**
 * A patch that may be turned has one outline for all its turns; one with an up lies as it lies. Its hand is its own
 * in any cloth, and however its tips are cut: two congruent triangles are of one hand.
 */
function outlineOf({ polygon, cutLine, isUpright, stripes }: DressedPatch): { outline: Polygon; hand: Hand } {
  const { outline } = handedOutline(cutLine)
  const { hand } = handedOutline(polygon)
  // on stripes it is turned afterwards, and rounded then
  if (stripes !== undefined) return { outline: cutLine, hand }
  return { outline: isUpright ? atOrigin(cutLine) : outline, hand }
}

/**
 * Two layers right sides together, the upper one a little aside, the template cut through both; and beside them the
 * two pieces that come of it.
 */
function bothHands(outline: Polygon, name: string): Picture {
  const { width, height } = boundingBox(outline)
  const room = Math.max(width, height) * 0.14
  const sheet = (x: number, y: number): Polygon => [
    [x, y],
    [x + width + 2 * room, y],
    [x + width + 2 * room, y + height + 2 * room],
    [x, y + height + 2 * room],
  ]
  const laid = movePolygon(outline, room * 1.5, room)
  const beside = width + 5 * room
  return picture(
    [
      cloth(name, sheet(0, room / 2)),
      cloth(name, sheet(room / 2, 0), 'wrong'),
      cloth(name, movePolygon(outline, beside, room)),
      cloth(name, movePolygon(scalePolygon(outline, -1, 1), beside + 2 * width + room, room)),
    ],
    laid.map((from, i) => line('cut', from, laid[(i + 1) % laid.length]!)),
  )
}
