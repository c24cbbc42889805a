// In: how a binding is sewn on. Out: its corner, step by step, as the quilter sees it.
import type { Inches } from '../../measure/ruler'
import { box, cloth, line, picture, type Picture } from '../../make/steps/picture'

/** How much of the quilt is drawn. */
const SIDE: Inches = 4

/**
 * The corner of a binding that is sewn round: stop a seam short of the corner, fold up, fold down, sew on; and how it
 * looks when it is folded over. `quilt`: its outermost cloth; `wide`: of the strip as it is sewn on.
 */
export function cornerPictures(
  quilt: string,
  binding: string,
  { seam, wide, visible }: { seam: Inches; wide: Inches; visible: Inches },
): Picture[] {
  const top = cloth(quilt, box(0, 0, SIDE, SIDE))
  const along = (end: Inches) => cloth(binding, box(0, 0, end, wide))
  const sewn = line('sew', [0, seam], [SIDE - seam, seam])
  const beyond = SIDE * 0.4
  return [
    picture([top, along(SIDE + beyond)], [sewn], [], [[SIDE - seam, seam]]),
    picture(
      [
        top,
        cloth(binding, [
          [0, 0],
          [SIDE, 0],
          [SIDE - wide, wide],
          [0, wide],
        ]),
        cloth(binding, [
          [SIDE, 0],
          [SIDE, -beyond],
          [SIDE - wide, -beyond],
          [SIDE - wide, wide],
        ]),
      ],
      [sewn, line('mark', [SIDE, 0], [SIDE - wide, wide])],
    ),
    picture(
      [top, along(SIDE - wide), cloth(binding, box(SIDE - wide, 0, wide, SIDE))],
      [sewn, line('sew', [SIDE - seam, 0], [SIDE - seam, SIDE])],
      [],
      [[SIDE - seam, 0]],
    ),
    picture([
      top,
      cloth(binding, [
        [0, 0],
        [SIDE, 0],
        [SIDE - visible, visible],
        [0, visible],
      ]),
      cloth(binding, [
        [SIDE, 0],
        [SIDE, SIDE],
        [SIDE - visible, SIDE],
        [SIDE - visible, visible],
      ]),
    ]),
  ]
}
