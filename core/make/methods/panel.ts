// A patch that is embroidered or appliquéd before it is cut to size: for work draws the cloth in, and frays its edge.
import type { Box } from '../../geometry/polygon'
import type { Panel, DressedPatch, DressedUnit } from '../units/dressedUnit'
import { roundToRuler } from '../../measure/ruler'
import { plus, roundedSum, sumOf, type Sum } from '../../measure/sum'
import { box, cloth, outline, picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { plainSide, type CutSize } from './cutSize'
import type { PieceDraft, MethodContext } from './method'
import { pieceOf } from './pieces'

/** The cloth to work on: as it will be cut, and so much more all round. */
export function panelPiece(
  { cloth: id, isUpright, slot }: Pick<DressedPatch, 'cloth' | 'isUpright' | 'slot'>,
  panel: Panel,
  { width, height }: Pick<Box, 'width' | 'height'>,
  count: number,
  room: MethodContext,
): PieceDraft {
  const sides = [roughSide(width, panel, room), roughSide(height, panel, room)] as const
  const [across, along] = isUpright || width >= height ? sides : [sides[1], sides[0]]
  return pieceOf(across, along, {
    cloth: id,
    part: 'panels',
    cuts: 'none',
    turn: !isUpright,
    count,
    perUnit: 1,
    slots: [slot],
  })
}

function roughSide(finished: number, { extra }: Panel, room: MethodContext): CutSize {
  const { total, terms } = plus(plainSide(finished, room), { what: 'for-working', count: 2, each: extra })
  return { exact: total, ...roundedSum(terms, roundToRuler(total, room.ruler / 2)) }
}

/** Cut generously, marked, worked inside its margins, pressed, and only then cut to size round the work. */
export function panelSteps(unit: DressedUnit, panel: Panel, room: MethodContext): Step[] {
  const { cloth: id } = unit.patches[0]!
  const [width, height] = [plainSide(unit.width, room), plainSide(unit.height, room)]
  const [wide, deep] = [roughSide(unit.width, panel, room), roughSide(unit.height, panel, room)]
  const inside = (finished: number): Sum =>
    sumOf([
      { what: 'finished', value: finished },
      { what: 'margins', count: -2, each: panel.margin },
    ])
  const rough = cloth(id, box(0, 0, wide.total, deep.total))
  const at = (w: number, h: number) => [(wide.total - w) / 2, (deep.total - h) / 2, w, h] as const
  const [insideWidth, insideHeight] = [inside(unit.width), inside(unit.height)]
  const marks = [
    ...outline('mark', ...at(width.total, height.total)),
    ...outline('sew', ...at(insideWidth.total, insideHeight.total)),
  ]
  return [
    {
      do: 'cut',
      code: 'cut-to-work-on',
      data: { width: wide, height: deep },
      picture: picture([rough], outline('cut', 0, 0, wide.total, deep.total)),
    },
    {
      do: 'mark',
      code: 'mark-panel',
      adds: unit.patches.map(({ slot }) => slot),
      data: { width, height, wide: insideWidth, depth: insideHeight },
      picture: picture([rough], marks),
    },
    { do: 'press', code: 'press-panel', picture: picture([rough], marks) },
    {
      do: 'trim',
      code: 'cut-panel',
      data: { width, height },
      expect: { width: width.total, height: height.total },
      picture: picture([rough], outline('cut', ...at(width.total, height.total))),
    },
  ]
}
