// In: the plan and what it was made from. Out: what to cut for one block alone.
import { frameOrders } from '../cut/framePieces'
import { blockOf } from '../file/quilt'
import { gatherBeside } from '../cut/gather'
import type { Piece, PieceOrder } from '../cut/piece'
import { unitDemands, variants } from '../make/units/demands'
import { waysFor } from './choose'
import type { PlanWork } from './planWork'
import { methodContextOf } from './methodContext'

/** Patches of a block that is sewn for a trial. */
const MAX_TESTED = 1000

/**
 * What to cut for one block alone, to sew and measure before the rest is cut. Ways and numbers are those of the plan.
 */
export function testBlockPieces({ quilt, makes, choices }: PlanWork, block: string, pieces: readonly Piece[]): Piece[] {
  const first = variants(quilt).find(({ cell }) => cell.block === block)
  if (!first) return []
  // what is sewn already need not be tried
  if (blockOf(quilt, block).tray !== undefined) return []
  // a picture is the whole quilt: nothing is cut after it
  if (makes.get(block)!.polygons.length > MAX_TESTED) return []
  const room = methodContextOf(quilt)
  const orders = unitDemands(quilt, makes, [{ ...first, count: 1 }]).flatMap((demand): PieceOrder[] => {
    const chosen = choices.find(choice => choice.demand.key === demand.key)?.way.method
    const ways = waysFor(demand, quilt, room)
    const way = ways.find(candidate => candidate.method === chosen) ?? ways[0]!
    // one block does not fill a strip set: cut its patches singly
    const taken = ways.find(candidate => candidate.method.id === way.method.singly) ?? way
    return taken.made.pieces.map(draft => ({
      draft,
      method: taken.method.id,
      places: [{ block }],
      feeds: demand.feeds,
      times: demand.count,
    }))
  })
  return gatherBeside([...orders, ...frameOrders(quilt, [[first.cell, 1]], room)], pieces)
}
