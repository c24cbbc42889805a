import { gatherPieces, type Piece } from '../cutting/gather'
import { unitDemands } from '../block/demands'
import { waysFor } from '../methods/choose'
import type { PlanWork } from '../quilt/plan'
import { workroomOf } from '../quilt/workroom'

/** What to cut for one block alone, to sew and measure before the rest is cut. Ways and letters are those of the plan. */
export function testBlockPieces({ quilt, makes, choices }: PlanWork, block: string, pieces: readonly Piece[]): Piece[] {
  const cell = quilt.setting.cells.flat().find(candidate => candidate.block === block)
  if (!cell) return []
  const one = { ...quilt, setting: { ...quilt.setting, cells: [[cell]] } }
  const room = workroomOf(quilt)
  return gatherPieces(unitDemands(one, makes).flatMap((demand) => {
    const chosen = choices.find(choice => choice.demand.unit.key === demand.unit.key)?.way.method
    const way = waysFor(demand, quilt, room).find(candidate => candidate.method === chosen) ?? waysFor(demand, quilt, room)[0]!
    // one block does not fill a strip set: cut its patches singly
    const method = way.method.id === 'strip-set' ? waysFor(demand, quilt, room).find(candidate => candidate.method.id === 'rectangle') ?? way : way
    return method.made.pieces.map(draft => ({ draft, method: method.method.id, where: [block], feeds: demand.feeds, times: demand.count }))
  }), 0, pieces)
}
