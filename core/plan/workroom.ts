import { lightness } from '../measure/lightness'
import type { Workroom } from '../make/methods/method'
import { clothOf, type Quilt } from '../file/quilt'

/** What the methods need to know of this quilt. */
export function workroomOf(quilt: Quilt): Workroom {
  return {
    seam: quilt.seam,
    ruler: quilt.ruler,
    usableWidth: cloth => clothOf(quilt, cloth).usable,
    longestStrip: cloth => clothOf(quilt, cloth).longestStrip,
    isInPieces: cloth => clothOf(quilt, cloth).form === 'piece',
    isDirectional: cloth => clothOf(quilt, cloth).directional,
    isDarker: (cloth, than) => lightness(clothOf(quilt, cloth).colour) < lightness(clothOf(quilt, than).colour),
  }
}
