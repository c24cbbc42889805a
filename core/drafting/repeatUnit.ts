import { boundingBox, type Box, type Point } from '../geometry/polygon'
import { placePoint, type Placement } from '../geometry/placement'
import { GRID_TOLERANCE } from '../geometry/tiling'
import { boxPolygon, type Draft } from './draft'
import { splitByLine } from './splitByLine'

/**
 * Picks up what lies in a box and puts a copy of it elsewhere, turned or mirrored as wished; what lay there goes.
 * Lines are cut round both boxes first. `to`: top left of the copy, whose box is turned with it. A copy that would
 * reach out is refused: null.
 */
export function repeatUnit(draft: Draft, from: Box, to: Point, placement: Placement): Draft | null {
  const sideways = placement.turn % 180 !== 0
  const target: Box = {
    x: to[0],
    y: to[1],
    width: sideways ? from.height : from.width,
    height: sideways ? from.width : from.height,
  }
  if (
    target.x < 0
    || target.y < 0
    || target.x + target.width > draft.width + GRID_TOLERANCE
    || target.y + target.height > draft.height + GRID_TOLERANCE
  )
    return null
  const cut = [from, target].reduce(cutRound, draft)
  const copy = cut.patches
    .filter(patch => isInside(boundingBox(patch.points), from))
    .map(patch => ({
      ...patch,
      points: patch.points.map(([x, y]): Point => {
        const [px, py] = placePoint([x - from.x, y - from.y], placement, from.width, from.height)
        return [px + target.x, py + target.y]
      }),
    }))
  return { ...cut, patches: [...cut.patches.filter(patch => !isInside(boundingBox(patch.points), target)), ...copy] }
}

function cutRound(draft: Draft, box: Box): Draft {
  const corners = boxPolygon(box.x, box.y, box.width, box.height)
  // each side is drawn right through the block: a patch that only its corner reaches could not be split along the
  // side alone
  return corners.reduce((now, corner, i) => {
    const next = corners[(i + 1) % 4]!
    return corner[1] === next[1]
      ? splitByLine(now, [0, corner[1]], [now.width, corner[1]])
      : splitByLine(now, [corner[0], 0], [corner[0], now.height])
  }, draft)
}

function isInside(inner: Box, outer: Box): boolean {
  return (
    inner.x >= outer.x - GRID_TOLERANCE
    && inner.y >= outer.y - GRID_TOLERANCE
    && inner.x + inner.width <= outer.x + outer.width + GRID_TOLERANCE
    && inner.y + inner.height <= outer.y + outer.height + GRID_TOLERANCE
  )
}
