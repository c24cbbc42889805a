import Flatbush from 'flatbush'
import type { PlannedQuilting } from '~~/core/plan/plannedQuilting'
import type { TilePainter } from './tiledPicture'

const THREAD = '#26282b'
const PALE = '#fffdf8'
const TIE = '#a0392a'

/** Paints lines of quilting and ties. `ratio`: pixels of the picture to those of the screen's measure. */
export function quiltingPainter({ lines }: Pick<PlannedQuilting, 'lines'>, ratio: number): TilePainter {
  // stretch by stretch: a tile looks only at those that cross it
  const stretches = lines.flatMap(({ points }) =>
    points.length === 1 ? [[...points[0]!, ...points[0]!]] : points.slice(1).map((to, i) => [...points[i]!, ...to]),
  )
  const index = stretches.length > 0 ? new Flatbush(stretches.length) : null
  for (const [ax, ay, bx, by] of stretches as [number, number, number, number][])
    index!.add(Math.min(ax, bx), Math.min(ay, by), Math.max(ax, bx), Math.max(ay, by))
  index?.finish()
  return (context, scale, tile) => {
    const slack = (5 * ratio) / scale
    const [x, y] = [tile.x / scale, tile.y / scale]
    const near = index?.search(x - slack, y - slack, x + tile.width / scale + slack, y + tile.height / scale + slack)
    if (!near || near.length === 0) return
    const path = new Path2D()
    const ties = new Path2D()
    for (const i of near) {
      const [ax, ay, bx, by] = stretches[i]!.map(value => value * scale) as [number, number, number, number]
      if (ax === bx && ay === by) {
        ties.moveTo(ax + 3 * ratio, ay)
        ties.arc(ax, ay, 3 * ratio, 0, 2 * Math.PI)
        continue
      }
      path.moveTo(ax, ay)
      path.lineTo(bx, by)
    }
    context.lineCap = 'round'
    // pale beside the thread, so that it is seen on dark cloth
    context.globalAlpha = 0.75
    context.strokeStyle = PALE
    context.lineWidth = 3 * ratio
    context.stroke(path)
    context.globalAlpha = 1
    context.strokeStyle = THREAD
    context.lineWidth = 1.2 * ratio
    context.stroke(path)
    context.fillStyle = TIE
    context.fill(ties)
  }
}
