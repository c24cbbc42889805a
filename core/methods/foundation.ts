import { UNIT_KINDS } from '../block/unit'
import { boundingBox } from '../geometry/polygon'
import { roundUpToRuler, type Inches } from '../measure/ruler'
import { box, cloth, picture } from '../sewing/picture'
import type { Method, PieceDraft } from './method'

/** Cloth beyond the finished box of a patch, on every side: it is laid down slanted and trimmed to the paper. Source: handbook §3. */
export const FOUNDATION_EXTRA: Inches = 3 / 4

/** A patch sewn onto a printed paper: cut generously, whatever its shape and grain, and trimmed by the paper. */
export const foundation: Method = {
  id: 'foundation', kinds: UNIT_KINDS,
  fits: unit => unit.patches.length === 1,
  make(unit, count, room) {
    const [patch] = unit.patches
    const b = boundingBox(patch!.polygon)
    const exact = { width: b.width + 2 * FOUNDATION_EXTRA, height: b.height + 2 * FOUNDATION_EXTRA }
    const width = roundUpToRuler(exact.width, room.ruler), height = roundUpToRuler(exact.height, room.ruler)
    const piece: PieceDraft = {
      cloth: patch!.cloth, part: 'foundation', shape: Math.abs(width - height) < 1e-6 ? 'square' : 'rectangle', width, height, exact, cuts: 'none', turn: !patch!.isUpright, count, slots: [patch!.slot],
    }
    return {
      pieces: [piece], made: count, trim: true, seams: 1, cuts: 1, biasEdges: 0,
      steps: [{ do: 'cut', code: 'cut-generously', data: { width, height }, picture: picture([cloth(patch!.cloth, box(0, 0, width, height))]) }],
    }
  },
}
