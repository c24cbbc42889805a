// In: a quilt and an order of cloths. Out: its blocks dressed so that the colours climb from block to block.
import { finishedPatches, rolesOf, type Design } from '../designs/design'
import { blockOf, designOf, type Block, type Quilt } from '../file/quilt'
import { rulesOf } from '../file/settings'
import { area, cornerMean } from '../geometry/polygon'
import type { Placement } from '../geometry/placement'
import { sameLength } from '../measure/ruler'
import type { Edit } from './edit'
import { asCells, withCells } from './setting'

/** Corners of a block as it lies in a straight setting, clockwise from the upper left. */
export const CLIMB_CORNERS = ['nw', 'ne', 'se', 'sw'] as const
export type ClimbCorner = (typeof CLIMB_CORNERS)[number]

export interface Climb {
  block: string
  /** Its roles that take part, leading first, each a step ahead of the one before. */
  roles: readonly string[]
  /** Cloths in the order in which they climb. */
  cloths: readonly string[]
  /** The corner that the steps begin at. On point, where corners stand up, nw is the left one and ne the top. */
  from: ClimbCorner
  /** What comes after the last cloth: the first, or the one before it. */
  after: 'again' | 'back'
}

/** Middles of blocks, which the logs are laid round: they keep their cloth. */
const MIDDLES = new Set(['centre', 'corner'])

/** Roles that can climb, in the order of the design; none where fewer than two are left. */
export function climbingRoles(design: Design): string[] {
  const roles = rolesOf(design).filter(role => !MIDDLES.has(role))
  return roles.length > 1 ? roles : []
}

/**
 * A block so many steps from the corner wears the cloth of that step in its leading role, the next one in the role that
 * follows; so what follows in one block and leads in the next is one cloth, and it runs on across the seam. Blocks are
 * turned to have their following side away from the corner. Source: handbook §4.
 */
export function setClimb(quilt: Quilt, climb: Climb): Edit {
  const block = blockOf(quilt, climb.block)
  const turn = turnFor(block, designOf(quilt, block), climb)
  return file => {
    const places = asCells(file)
    const steps = stepsFrom(climb.from, rulesOf(quilt.setting).standing === 'on-corner', places)
    const cells = places.map((line, r) =>
      line.map((cell, c) => {
        if (cell.block !== climb.block) return cell
        const { turn: _t, mirror: _m, cloths, ...rest } = cell
        const worn = climb.roles.map((role, i) => [role, clothAt(climb, steps(r, c) + i)] as const)
        return { ...rest, ...(turn === 0 ? {} : { turn }), cloths: { ...cloths, ...Object.fromEntries(worn) } }
      }),
    )
    const { fill: _, ...setting } = file.setting
    return withCells({ ...file, setting }, cells)
  }
}

function clothAt({ cloths, after }: Climb, step: number): string {
  const count = cloths.length
  if (after === 'again' || count < 2) return cloths[step % count]!
  const around = step % (2 * count - 2)
  return cloths[around < count ? around : 2 * count - 2 - around]!
}

/** How many seams lie between a place and the corner, counted the shortest way. */
function stepsFrom(
  from: ClimbCorner,
  isOnPoint: boolean,
  lines: readonly (readonly unknown[])[],
): (row: number, column: number) => number {
  const lastRow = lines.length - 1
  const lastColumn = Math.max(...lines.map(line => line.length)) - 1
  if (isOnPoint) {
    // rows and columns of half blocks: neighbours across a seam lie one of each apart
    const right = (row: number, column: number) => 2 * column + (row % 2)
    return {
      nw: right,
      ne: (row: number) => row,
      se: (row: number, column: number) => 2 * lastColumn - right(row, column),
      sw: (row: number) => lastRow - row,
    }[from]
  }
  return (row, column) =>
    (from === 'nw' || from === 'ne' ? row : lastRow - row)
    + (from === 'nw' || from === 'sw' ? column : lastColumn - column)
}

/** The turn that brings a block's following side away from the corner; one that is not square is turned by halves. */
function turnFor(block: Block, design: Design, { roles, from }: Climb): Placement['turn'] {
  const [x, y] = ahead(block, design, roles)
  const turns = sameLength(block.outer.width, block.outer.height) ? ([0, 90, 180, 270] as const) : ([0, 180] as const)
  const away = { nw: [1, 1], ne: [-1, 1], se: [-1, -1], sw: [1, -1] }[from]
  const turned = { 0: [x, y], 90: [-y, x], 180: [-x, -y], 270: [y, -x] }
  const reach = (turn: Placement['turn']) => turned[turn][0]! * away[0]! + turned[turn][1]! * away[1]!
  return turns.reduce((best, turn) => (reach(turn) > reach(best) + 1e-9 ? turn : best), turns[0] as Placement['turn'])
}

/** From the middle of what leads to the middle of what follows last. */
function ahead(block: Block, design: Design, roles: readonly string[]): readonly [number, number] {
  const middle = (role: string) => {
    let [x, y, whole] = [0, 0, 0]
    finishedPatches(design, block.width, block.height).forEach((polygon, i) => {
      if (design.patches[i]!.role !== role) return
      const size = area(polygon)
      const [px, py] = cornerMean(polygon)
      x += size * px
      y += size * py
      whole += size
    })
    return [x / whole, y / whole] as const
  }
  const [first, last] = [middle(roles[0]!), middle(roles.at(-1)!)]
  return [last[0] - first[0], last[1] - first[1]]
}
