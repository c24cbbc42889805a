// In: a block in its cloths. Out: where two of its cloths melt into each other, along the edges that touch.
import { letterContacts } from '../charts/contacts'
import { numbered } from '../charts/numbered'
import type { Design } from '../designs/design'
import { sharedEdges } from '../geometry/adjacency'
import { blockOf, clothOf, designOf, type Cell, type Quilt } from '../file/quilt'
import { clothsOfCell } from '../file/clothsOfCell'
import { labOf, meltingOf, type Melting } from '../measure/lightness'

/** Two roles whose patches touch in cloths too near in value. */
export interface MeltingPair extends Melting {
  roles: readonly [string, string]
  cloths: readonly [string, string]
  /** Edges along which they touch, in one block. */
  edges: number
}

interface TouchingRoles {
  roles: readonly [string, string]
  edges: number
}

const touching = new WeakMap<Design, readonly TouchingRoles[]>()

/** Pairs of roles in other cloths whose difference in L* is under the least contrast. Source: handbook §5. */
export function meltingPairs(quilt: Quilt, cell: Cell): MeltingPair[] {
  const cloths = clothsOfCell(quilt, cell)
  return touchingRoles(designOf(quilt, blockOf(quilt, cell.block))).flatMap(({ roles, edges }): MeltingPair[] => {
    const [a, b] = [clothOf(quilt, cloths[roles[0]]!), clothOf(quilt, cloths[roles[1]]!)]
    const melting = a.id === b.id ? null : meltingOf(labOf(a.colour), labOf(b.colour))
    return melting ? [{ roles, edges, cloths: [a.id, b.id], ...melting }] : []
  })
}

/** Pairs of roles whose patches meet along an edge, and along how many. */
export function touchingRoles(design: Design): readonly TouchingRoles[] {
  const known = touching.get(design)
  if (known) return known
  const found = design.picture ? touchingLetters(design) : touchingPatches(design)
  touching.set(design, found)
  return found
}

function touchingPatches({ patches }: Design): TouchingRoles[] {
  const pairs = new Map<string, { roles: readonly [string, string]; edges: number }>()
  for (const { first, second } of sharedEdges(patches.map(patch => patch.points))) {
    const roles = [patches[first]!.role, patches[second]!.role].sort() as [string, string]
    if (roles[0] === roles[1]) continue
    const pair = pairs.get(roles.join('|')) ?? { roles, edges: 0 }
    pair.edges += 1
    pairs.set(roles.join('|'), pair)
  }
  return [...pairs.values()]
}

/** The same for squares: their edges are the lines of their grid. */
function touchingLetters({ patches, width: columns, height: rows }: Design): TouchingRoles[] {
  const { names, places } = numbered(patches.map(({ role }) => role))
  return letterContacts({ columns, rows }, places).map(({ one, other, edges }) => ({
    roles: [names[one]!, names[other]!].sort() as [string, string],
    edges,
  }))
}
