import type { Quilt } from '../../file/quilt'
import { derivedCell } from './derivedCell'
import type { Region } from './region'

/** What a cornerstone wears: a design of its own, or one cloth. */
export function cornerstoneFabric(quilt: Quilt): Region['fabric'] {
  const { stoneBlock, sashing } = quilt.setting
  if (stoneBlock !== null) return { cell: derivedCell(quilt, stoneBlock) }
  const stones = sashing!.cornerstones!
  return { cloth: 'cloth' in stones ? stones.cloth : sashing!.cloth }
}
