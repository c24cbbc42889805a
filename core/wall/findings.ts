// In: a quilt and where its blocks lie. Out: what the eye would catch in its layout.
import type { CellPlace } from '../file/settings/settingRules'
import type { Quilt } from '../file/quilt'
import type { Dimensions } from '../top/dimensions'
import { offBalance, type OffBalance } from './balance'
import { crowdedColours } from './crowded'
import { lonelyBright } from './lonely'
import { meltingPairs } from './melting'
import { alikeSeams } from './touching'
import { wallOf } from './wall'

/** What the eye would catch; places as row and column, both from 0. */
export interface PlannedWall {
  alike: { a: CellPlace; b: CellPlace; deltaE: number; cloths: readonly [string, string] }[]
  /** `share`: what part of the colour lies there. */
  crowded: { cloth: string; cells: CellPlace[]; share: number }[]
  lonely: CellPlace[]
  /** `edges` along which cloths melt in value, the two that do most; `isHeld`: colour still tells all of them apart. */
  melts: { cell: CellPlace; edges: number; cloths: readonly [string, string]; isHeld: boolean }[]
  balance: OffBalance[]
}

/** Of more blocks than this no eye catches one, and each is a pixel: they are a picture. */
const MOST_BLOCKS = 10_000

/** All that the eye would catch, each in its list; of a quilt of more than ten thousand blocks nothing. */
export function wallFindings(quilt: Quilt, dimensions: Dimensions): PlannedWall {
  if (quilt.setting.cells.reduce((sum, line) => sum + line.length, 0) > MOST_BLOCKS)
    return { alike: [], crowded: [], lonely: [], melts: [], balance: [] }
  const wall = wallOf(quilt, dimensions)
  const at = (i: number): CellPlace => [wall.places[i]!.row, wall.places[i]!.column]
  return {
    alike: alikeSeams(wall).map(({ a, b, deltaE, cloths }) => ({ a: at(a), b: at(b), deltaE, cloths })),
    crowded: crowdedColours(wall).map(({ cells, ...crowd }) => ({ ...crowd, cells: cells.map(at) })),
    lonely: lonelyBright(wall).map(at),
    melts: wall.places.flatMap(({ cell, row, column }) => {
      const pairs = meltingPairs(quilt, cell)
      if (pairs.length === 0) return []
      const edges = pairs.reduce((sum, pair) => sum + pair.edges, 0)
      const { cloths } = pairs.reduce((most, pair) => (pair.edges > most.edges ? pair : most))
      return [{ cell: [row, column] as const, edges, cloths, isHeld: pairs.every(pair => pair.isHeld) }]
    }),
    balance: offBalance(wall),
  }
}
