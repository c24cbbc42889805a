// In: a picture and its segments. Out: its order of sewing: rows and then row to row, or panel by panel.
import { panelsOf, type ChartPanel } from '../../charts/panels'
import type { Segment } from '../../charts/words'
import type { SquarePicture } from '../../designs/chart'
import type { Point } from '../../geometry/polygon'
import type { SewingTree } from './sewingTree'

/** What a picture is sewn from: a tree over squares that are numbered row by row from the top. */
export interface PictureTree<Leaf> {
  leaf: (segment: { x: number; y: number; length: number }) => Leaf
  join: (one: Leaf, other: Leaf, seam: [Point, Point]) => Leaf
}

/**
 * A picture row by row; where it is sewn in panels, each panel so and then panel to panel. Halves first, so that no
 * part grows long before its time. `segments`: of each row, from the left.
 */
export function pictureTree<Leaf>(
  picture: SquarePicture,
  segments: readonly (readonly Segment[])[],
  { leaf, join }: PictureTree<Leaf>,
): Leaf {
  const rowOf = (y: number, row: readonly Pick<Segment, 'x' | 'length'>[]) =>
    halves(row.length, (i, k) => {
      const x = row[k]!.x
      return i === k ? leaf({ ...row[i]!, y }) : [[x, y] as const, [x, y + 1] as const]
    })
  const halves = (count: number, at: (from: number, middle: number) => Leaf | [Point, Point]): Leaf => {
    const visit = (from: number, to: number): Leaf => {
      if (to - from === 1) return at(from, from) as Leaf
      const middle = from + Math.floor((to - from) / 2)
      return join(visit(from, middle), visit(middle, to), at(from, middle) as [Point, Point])
    }
    return visit(0, count)
  }
  const panelOf = ({ x, y, across, down }: ChartPanel) =>
    halves(down, (i, k) => {
      if (i !== k) return level(x, x + across, y + k)
      return rowOf(
        y + i,
        segments[y + i]!.filter(segment => segment.x >= x && segment.x < x + across),
      )
    })
  const [width, height] = [[...picture.rows[0]!].length, picture.rows.length]
  if (picture.chart.way !== 'panels') return panelOf({ x: 0, y: 0, across: width, down: height })
  const panels = panelsOf(picture)
  const bands = [...new Set(panels.map(({ y }) => y))].map(y => panels.filter(panel => panel.y === y))
  return halves(bands.length, (b, k) => {
    if (b !== k) return level(0, width, bands[k]![0]!.y)
    const band = bands[b]!
    return halves(band.length, (i, m) => {
      const { x, y, down } = band[m]!
      return i === m ? panelOf(band[i]!) : [[x, y] as const, [x, y + down] as const]
    })
  })
}

function level(left: number, right: number, y: number): [Point, Point] {
  return [
    [right, y],
    [left, y],
  ]
}

/** The order of sewing of a picture. */
export function pictureOrder(picture: SquarePicture, segments: readonly (readonly Segment[])[]): SewingTree {
  const columns = [...picture.rows[0]!].length
  const join = (one: SewingTree, other: SewingTree, seam: [Point, Point]): SewingTree => ({
    join: [one, other],
    seam,
    kind: 'straight',
  })
  return pictureTree<SewingTree>(picture, segments, {
    join,
    leaf({ x, y, length }) {
      let tree: SewingTree = { patch: y * columns + x }
      for (let i = 1; i < length; i++)
        tree = join(tree, { patch: y * columns + x + i }, [
          [x + i, y],
          [x + i, y + 1],
        ])
      return tree
    },
  })
}
