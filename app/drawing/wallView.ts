import type { Quilt } from '~~/core/file/quilt'
import { greyOf } from '~~/core/measure/lightness'
import type { Dimensions } from '~~/core/top/dimensions'
import { drawnTop } from '~~/core/top/parts'
import { paintQuilt, type PaintView } from './paintQuilt'

/** How the wall is looked at: as it is, without colour, from across the room, through half-closed eyes. */
export type WallView = 'colour' | 'grey' | 'far' | 'squint'

/** From 3 m about half an inch melts together. */
export const FAR_INCHES = 1 / 2

/** Paints the quilt as it is looked at; where one squints so many inches are `melted` into each other. */
export function paintWall(
  context: CanvasRenderingContext2D,
  quilt: Quilt,
  dimensions: Dimensions,
  { look, melted, ...view }: PaintView & { look: WallView; melted: number },
) {
  if (look === 'colour' || look === 'grey')
    return paintQuilt(context, quilt, dimensions, { ...view, ...(look === 'grey' ? { grey: greyOf } : {}) })
  // made small and large again: each small pixel is the mean of what it covers
  const whole = drawnTop(dimensions)
  const inches = look === 'far' ? FAR_INCHES : melted
  let [width, height] = [Math.ceil(whole.width * view.scale), Math.ceil(whole.height * view.scale)]
  let small = canvasOf(width, height)
  paintQuilt(small.getContext('2d')!, quilt, dimensions, { scale: view.scale, left: 0, top: 0 })
  const least = Math.max(2, Math.round(whole.width / inches))
  // by halves, for one step would skip most of what it should take the mean of
  while (width > least) {
    const next = [Math.max(least, Math.ceil(width / 2)), Math.max(2, Math.ceil(height / 2))] as const
    const smaller = canvasOf(...next)
    const target = smaller.getContext('2d')!
    target.imageSmoothingQuality = 'high'
    target.drawImage(small, 0, 0, ...next)
    ;[width, height] = next
    small = smaller
  }
  context.imageSmoothingQuality = 'high'
  context.drawImage(small, view.left, view.top, whole.width * view.scale, whole.height * view.scale)
}

function canvasOf(width: number, height: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, width)
  canvas.height = Math.max(1, height)
  return canvas
}

/** The layout as a picture, its rows numbered at both sides; for the way from the wall to the machine. */
export function layoutPicture(quilt: Quilt, dimensions: Dimensions): HTMLCanvasElement {
  const whole = drawnTop(dimensions)
  const [long, margin] = [1800, 90]
  const scale = long / Math.max(whole.width, whole.height)
  const canvas = canvasOf(Math.round(whole.width * scale) + 2 * margin, Math.round(whole.height * scale) + 2 * margin)
  const context = canvas.getContext('2d')!
  context.fillStyle = '#fff'
  context.fillRect(0, 0, canvas.width, canvas.height)
  paintQuilt(context, quilt, dimensions, { scale, left: margin, top: margin })
  context.fillStyle = '#000'
  context.font = '600 44px sans-serif'
  context.textAlign = 'center'
  context.textBaseline = 'middle'
  for (const { number, y } of rowNumbers(dimensions))
    for (const x of [margin / 2, canvas.width - margin / 2]) context.fillText(String(number), x, margin + y * scale)
  return canvas
}

/** The number of each row, and where its middle is in the top. */
export function rowNumbers(dimensions: Dimensions): { number: number; y: number }[] {
  const middles = new Map<number, number[]>()
  for (const { part, y, height } of dimensions.top.regions)
    if (part.kind === 'block') middles.set(part.row, [...(middles.get(part.row) ?? []), y + height / 2])
  return [...middles]
    .map(([row, ys]) => ({ number: row + 1, y: ys.reduce((sum, y) => sum + y, 0) / ys.length }))
    .sort((a, b) => a.number - b.number)
}
