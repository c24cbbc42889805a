import { clothsOfCell, stripesOfPatch } from '~~/core/file/clothsOfCell'
import { finishedPatches } from '~~/core/designs/design'
import { placedAngle } from '~~/core/designs/stripeDirection'
import type { Box, Polygon } from '~~/core/geometry/polygon'
import { placePolygon } from '~~/core/geometry/placement'
import { drawnTop } from '~~/core/top/parts'
import type { Region } from '~~/core/top/regions/region'
import { stripAngle } from '~~/core/top/regions/stripAngle'
import type { Dimensions } from '~~/core/top/dimensions'
import { blockOf, clothOf, designOf, type Cell, type Quilt } from '~~/core/file/quilt'
import { clothFill } from './clothPaint'
import { loadedPicture, loadedPictures } from './loadedPictures'

export interface PaintView {
  /** Pixels to the inch, and where the top's corner lies, in pixels. */
  scale: number
  left: number
  top: number
  /** What lies outside of it, in pixels, need not be painted. */
  seen?: Box
}

/** Draws a quilt, or what of it is seen, at a scale. */
export type QuiltPainter = (context: CanvasRenderingContext2D, view: PaintView) => void

/** Bitmaps of blocks are no larger than this: nobody sees more of a block at once. */
const MAX_PX = 2048

/**
 * Paints a quilt, once or piece by piece. Each distinct block (design, cloths, turn, mirror) is painted once as a
 * bitmap and copied to its places: hundreds of blocks take as long as a few.
 */
export function quiltPainter(quilt: Quilt, dimensions: Dimensions, grey?: (colour: string) => string): QuiltPainter {
  // a picture that comes later is painted then
  void loadedPictures.value
  // places alike are one cell
  const bitmaps = new Map<Cell, Map<string, HTMLCanvasElement>>()
  const fills = new Map<string, ReturnType<typeof clothFill>>()
  let scale = 0
  const bitmapOf = (cell: Cell, width: number, height: number) => {
    const sizes = bitmaps.get(cell) ?? new Map<string, HTMLCanvasElement>()
    bitmaps.set(cell, sizes)
    const key = `${width} ${height}`
    const less = Math.min(1, MAX_PX / Math.max(width, height))
    const bitmap = sizes.get(key) ?? paintBlock(quilt, cell, Math.ceil(width * less), Math.ceil(height * less), grey)
    sizes.set(key, bitmap)
    return bitmap
  }
  const whole = drawnTop(dimensions)
  return (context, view) => {
    if (view.scale !== scale) {
      bitmaps.clear()
      fills.clear()
    }
    scale = view.scale
    const cloth = (id: string, turnDeg = 0) => {
      const found = clothOf(quilt, id)
      const key = `${id} ${turnDeg}`
      const plain = grey && { colour: grey(found.colour), pattern: 'plain' }
      const fill = fills.get(key) ?? clothFill(context, plain ?? found, { turnDeg, scale })
      fills.set(key, fill)
      return fill
    }
    const box = (inches: Box) => pixelsOf(inches, view)
    if (quilt.binding) {
      const edge = quilt.seam
      context.fillStyle = cloth(quilt.binding.cloth)
      context.fillRect(...box({ x: -edge, y: -edge, width: whole.width + 2 * edge, height: whole.height + 2 * edge }))
    }
    for (const region of dimensions.top.regions) {
      const [x, y, width, height] = box(region)
      if (view.seen && !meets(view.seen, x, y, width, height)) continue
      if ('cloth' in region.fabric) {
        context.fillStyle = cloth(region.fabric.cloth, stripAngle(quilt, region))
        if (region.outline) fillOutline(context, region.outline, view)
        else context.fillRect(x, y, width, height)
        continue
      }
      if (width < 1 || height < 1) continue
      const { cell } = region.fabric
      if (region.own) {
        const side = Math.max(1, Math.round(region.own.width * view.scale))
        const bitmap = bitmapOf(cell, side, Math.max(1, Math.round(region.own.height * view.scale)))
        drawLeaning(context, bitmap, region, view)
        continue
      }
      context.drawImage(bitmapOf(cell, width, height), x, y, width, height)
    }
  }
}

/** Paints a whole quilt. */
export function paintQuilt(
  context: CanvasRenderingContext2D,
  quilt: Quilt,
  dimensions: Dimensions,
  { grey, ...view }: PaintView & { grey?: (colour: string) => string },
) {
  quiltPainter(quilt, dimensions, grey)(context, view)
}

/** In whole pixels, so that neighbours meet without a hairline between them. */
function pixelsOf({ x, y, width, height }: Box, { left, top, scale }: PaintView) {
  const [l, t] = [Math.round(left + x * scale), Math.round(top + y * scale)]
  return [l, t, Math.round(left + (x + width) * scale) - l, Math.round(top + (y + height) * scale) - t] as const
}

function meets(seen: Box, x: number, y: number, width: number, height: number): boolean {
  return x <= seen.x + seen.width && seen.x <= x + width && y <= seen.y + seen.height && seen.y <= y + height
}

/** A block that stands on a corner: turned by 45° counterclockwise about its middle. */
function drawLeaning(
  context: CanvasRenderingContext2D,
  bitmap: HTMLCanvasElement,
  { x, y, width, height, own }: Region,
  { left, top, scale }: PaintView,
) {
  context.save()
  context.translate(left + (x + width / 2) * scale, top + (y + height / 2) * scale)
  context.rotate(-Math.PI / 4)
  // a hair larger, so that neighbours meet
  const [w, h] = [own!.width * scale + HAIR, own!.height * scale + HAIR]
  context.drawImage(bitmap, -w / 2, -h / 2, w, h)
  context.restore()
}

const HAIR = 0.6

function fillOutline(context: CanvasRenderingContext2D, outline: Polygon, { left, top, scale }: PaintView) {
  context.beginPath()
  for (const [x, y] of outline) context.lineTo(left + x * scale, top + y * scale)
  context.closePath()
  context.fill()
  // a hair of the same cloth closes the seam that smoothing leaves between neighbours
  context.strokeStyle = context.fillStyle
  context.lineWidth = HAIR
  context.stroke()
}

function paintBlock(
  quilt: Quilt,
  cell: Cell,
  width: number,
  height: number,
  grey?: (colour: string) => string,
): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const context = canvas.getContext('2d')!
  const block = blockOf(quilt, cell.block)
  const design = designOf(quilt, block)
  const finished = finishedPatches(design, block.width, block.height)
  const cloths = clothsOfCell(quilt, cell)
  const sideways = cell.turn % 180 !== 0
  const sx = width / (sideways ? design.height : design.width)
  const sy = height / (sideways ? design.width : design.height)
  for (const [i, patch] of design.patches.entries()) {
    const cloth = clothOf(quilt, cloths[patch.role]!)
    const stripes = stripesOfPatch(quilt, block, patch.role, cloth.id, finished[i]!)
    const turnDeg = stripes === undefined ? 0 : placedAngle(stripes, cell)
    const shown = grey ? { colour: grey(cloth.colour), pattern: 'plain' } : cloth
    const fill = clothFill(context, shown, { turnDeg, scale: width / (sideways ? block.height : block.width) })
    context.beginPath()
    placePolygon(patch.points, cell, design.width, design.height).forEach(([x, y], k) =>
      k === 0 ? context.moveTo(x * sx, y * sy) : context.lineTo(x * sx, y * sy),
    )
    context.closePath()
    context.fillStyle = fill
    context.fill()
    const picture = cloth.tray === undefined || !cloth.picture || grey ? null : loadedPicture(cloth.picture)
    if (picture) drawPicture(context, picture, cell, width, height)
    // a hair of the same cloth closes the seam that smoothing leaves between patches
    context.strokeStyle = fill
    context.lineWidth = 0.7
    context.stroke()
    // and a shadow of a line marks it
    context.strokeStyle = 'rgb(0 0 0 / 10%)'
    context.lineWidth = 0.6
    if (width > 40) context.stroke()
  }
  return canvas
}

/** A picture that fills its block, lying as the block lies. */
function drawPicture(
  context: CanvasRenderingContext2D,
  picture: ImageBitmap,
  cell: Cell,
  width: number,
  height: number,
) {
  const [across, down] = cell.turn % 180 === 0 ? [width, height] : [height, width]
  context.save()
  context.translate(width / 2, height / 2)
  context.rotate((cell.turn * Math.PI) / 180)
  if (cell.mirror) context.scale(-1, 1)
  context.drawImage(picture, -across / 2, -down / 2, across, down)
  context.restore()
}
