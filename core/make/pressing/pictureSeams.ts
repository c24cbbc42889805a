// In: a picture and its order of sewing. Out: where its seams meet, read off the grid, and how each is pressed.
import { panelsOf } from '../../charts/panels'
import { pressOfRow, rowNumber } from '../../charts/rows'
import type { SquarePicture } from '../../designs/chart'
import type { Point } from '../../geometry/polygon'
import type { SewingTree } from '../order/sewingTree'
import type { Press } from '../steps/press'
import type { NumberedJoin } from './joinTree'
import type { BlockSeams, EdgeEnd, Ray, SeamEdge, SeamMeeting } from './meetings'

/** Numbers of joins on the lines of a grid: beside each square to its right, and below it. */
interface GridJoins {
  columns: number
  rows: number
  joins: NumberedJoin[]
  upright: Int32Array
  level: Int32Array
}

/**
 * All seams of a picture, as `blockSeams` would find them in its patches: every line of the grid is a seam, and at
 * every point two that run on end at one that runs through.
 */
export function pictureSeams({ rows }: SquarePicture, tree: SewingTree): BlockSeams {
  const grid = gridJoins(tree, [...rows[0]!].length, rows.length)
  return {
    joins: grid.joins,
    meetings: gridMeetings(grid),
    ends: gridEnds(grid),
    corners: [],
    // asked for by drawings alone
    get edges() {
      return gridEdges(grid)
    },
  }
}

function gridJoins(tree: SewingTree, columns: number, rows: number): GridJoins {
  const grid: GridJoins = {
    columns,
    rows,
    joins: [],
    upright: new Int32Array(columns * rows),
    level: new Int32Array(columns * rows),
  }
  const visit = (node: SewingTree): void => {
    if ('patch' in node) return
    node.join.forEach(visit)
    const join = grid.joins.push({ node, legs: [node.seam] }) - 1
    const [[x0, y0], [x1, y1]] = node.seam
    if (x0 === x1) for (let y = Math.min(y0, y1); y < Math.max(y0, y1); y++) grid.upright[y * columns + x0 - 1] = join
    else for (let x = Math.min(x0, x1); x < Math.max(x0, x1); x++) grid.level[(y0 - 1) * columns + x] = join
  }
  visit(tree)
  return grid
}

/** Seams by the way they leave a point: the first part lies to the left of an upright seam and above a level one. */
const north = (join: number): Ray => ({ join, sense: -1 })
const south = (join: number): Ray => ({ join, sense: 1 })
const east = (join: number): Ray => ({ join, sense: -1 })
const west = (join: number): Ray => ({ join, sense: 1 })

function gridMeetings({ columns, rows, upright, level }: GridJoins): SeamMeeting[] {
  const meetings: SeamMeeting[] = []
  for (let y = 1; y < rows; y++) {
    for (let x = 1; x < columns; x++) {
      const above = upright[(y - 1) * columns + x - 1]!
      const below = upright[y * columns + x - 1]!
      const before = level[(y - 1) * columns + x - 1]!
      const after = level[(y - 1) * columns + x]!
      const isLevel = before === after
      const rays = isLevel ? [north(above), south(below)] : [west(before), east(after)]
      meetings.push({
        kind: 'crossing',
        at: [x, y],
        through: isLevel ? before : above,
        rays,
        onFirst: [rays[0]!],
        straight: [[rays[0]!, rays[1]!]],
      })
    }
  }
  return meetings
}

function gridEnds({ columns, rows, upright, level }: GridJoins): EdgeEnd[] {
  const ends: EdgeEnd[] = []
  for (let x = 1; x < columns; x++) {
    ends.push({ ...south(upright[x - 1]!), at: [x, 0] })
    ends.push({ ...north(upright[(rows - 1) * columns + x - 1]!), at: [x, rows] })
  }
  for (let y = 1; y < rows; y++) {
    ends.push({ ...east(level[(y - 1) * columns]!), at: [0, y] })
    ends.push({ ...west(level[(y - 1) * columns + columns - 1]!), at: [columns, y] })
  }
  return ends
}

function gridEdges({ columns, rows, upright, level }: GridJoins): SeamEdge[] {
  const edges: SeamEdge[] = []
  for (let y = 0; y < rows; y++) {
    for (let x = 0; x < columns; x++) {
      const first = y * columns + x
      const corner: Point = [x + 1, y + 1]
      if (x + 1 < columns) edges.push({ join: upright[first]!, from: [x + 1, y], to: corner, first, second: first + 1 })
      if (y + 1 < rows)
        edges.push({ join: level[first]!, from: [x, y + 1], to: corner, first, second: first + columns })
    }
  }
  return edges
}

/**
 * How the seams of a picture are pressed: within a row all one way, odd rows to the right and even rows to the left;
 * rows down, in every other panel up; panels right and left by turns. So every crossing nests.
 */
export function pictureFolds(picture: SquarePicture, joins: readonly NumberedJoin[]): Press[] {
  const columns = [...picture.rows[0]!].length
  const panels = picture.chart.way === 'panels' ? panelsOf(picture) : []
  const lefts = [...new Set(panels.map(({ x }) => x))]
  const tops = [...new Set(panels.map(({ y }) => y))]
  const isWhole = (line: readonly number[], at: number) => line.includes(at)
  return joins.map(({ node }) => {
    const [[x0, y0], [x1, y1]] = node.seam
    if (x0 === x1) {
      if (isWhole(lefts, x0)) return tops.indexOf(Math.min(y0, y1)) % 2 === 0 ? 'second' : 'first'
      return pressOfRow(rowNumber(picture, Math.min(y0, y1))) === 'right' ? 'second' : 'first'
    }
    const left = Math.min(x0, x1)
    const spansAll = left === 0 && Math.max(x0, x1) === columns
    if (spansAll || isWhole(tops, y0)) return 'second'
    return lefts.indexOf(left) % 2 === 0 ? 'second' : 'first'
  })
}
