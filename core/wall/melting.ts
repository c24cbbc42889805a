// In: a block in its cloths. Out: where two of its cloths melt into each other, along the edges that touch.
import type { Design } from '../designs/design'
import { sharedEdges } from '../geometry/adjacency'
import { blockOf, clothOf, designOf, type Cell, type Quilt } from '../file/quilt'
import { clothsOfCell } from '../file/clothsOfCell'
import { farApart, labOf, MIN_CONTRAST } from '../measure/lightness'

/** From across the room colour alone still holds a shape that has no contrast in value, from here on. */
const HELD_BY_COLOUR = 2

/** Two roles whose patches touch in cloths too near in value. */
export interface MeltingPair {
  roles: readonly [string, string]
  cloths: readonly [string, string]
  /** Of their L*. */
  difference: number
  /** Edges along which they touch, in one block. */
  edges: number
  /** Seen from across the room, colour keeps them apart. */
  isHeld: boolean
}

const touching = new WeakMap<Design, readonly { roles: readonly [string, string]; edges: number }[]>()

/** Pairs of roles in other cloths whose difference in L* is under the least contrast. Source: handbook §5. */
export function meltingPairs(quilt: Quilt, cell: Cell): MeltingPair[] {
  const cloths = clothsOfCell(quilt, cell)
  return touchingRoles(designOf(quilt, blockOf(quilt, cell.block))).flatMap(({ roles, edges }): MeltingPair[] => {
    const [a, b] = [clothOf(quilt, cloths[roles[0]]!), clothOf(quilt, cloths[roles[1]]!)]
    const [one, other] = [labOf(a.colour), labOf(b.colour)]
    const difference = Math.abs(one.l - other.l)
    if (a.id === b.id || difference >= MIN_CONTRAST) return []
    return [{ roles, edges, cloths: [a.id, b.id], difference, isHeld: farApart(one, other) >= HELD_BY_COLOUR }]
  })
}

/** Pairs of roles whose patches meet along an edge, and along how many. */
function touchingRoles(design: Design): readonly { roles: readonly [string, string]; edges: number }[] {
  const known = touching.get(design)
  if (known) return known
  const { patches } = design
  const pairs = new Map<string, { roles: readonly [string, string]; edges: number }>()
  for (const { first, second } of sharedEdges(patches.map(patch => patch.points))) {
    const roles = [patches[first]!.role, patches[second]!.role].sort() as [string, string]
    if (roles[0] === roles[1]) continue
    const pair = pairs.get(roles.join('|')) ?? { roles, edges: 0 }
    pair.edges += 1
    pairs.set(roles.join('|'), pair)
  }
  const found = [...pairs.values()]
  touching.set(design, found)
  return found
}
