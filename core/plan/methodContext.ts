import { lightness } from '../measure/lightness'
import { PRESSING } from '../make/joins/pressing'
import type { MethodContext } from '../make/methods/method'
import { clothOf, type Quilt } from '../file/quilt'

/** What the methods need to know of this quilt. */
export function methodContextOf(quilt: Quilt): MethodContext {
  const lightnessOf = (cloth: string) => lightness(clothOf(quilt, cloth).colour)
  const isDarker = (cloth: string, than: string) => lightnessOf(cloth) < lightnessOf(than)
  return {
    seam: quilt.seam,
    ruler: quilt.ruler,
    usableWidth: cloth => clothOf(quilt, cloth).usable,
    longestStrip: cloth => clothOf(quilt, cloth).longestStrip,
    isInPieces: cloth => clothOf(quilt, cloth).form === 'piece',
    isDirectional: cloth => clothOf(quilt, cloth).directional,
    isDarker,
    trimsClosed: quilt.halfSquares === 'closed',
    pressed: (first, second) => (quilt.press === 'open' ? 'open' : PRESSING.unit(isDarker(first, second))),
  }
}
