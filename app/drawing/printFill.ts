import type { Cloth } from '~~/core/file/quilt'
import { loadedPicture } from './loadedPictures'

/** A picture of which it is not said how large a repeat is counts as one so wide and high, in inches. */
const UNSAID = 4
/** A repeat of fewer pixels shows nothing but its colour. */
const LEAST_PX = 4
/** Sizes of one picture that are kept: the drawing, small pictures of it. */
const MOST_SIZES = 8

const tiles = new WeakMap<ImageBitmap, Map<string, HTMLCanvasElement>>()

/** The print of a cloth at its true scale, turned as its stripes run; null: there is none, or it is not loaded yet. */
export function printFill(
  context: CanvasRenderingContext2D,
  { picture, repeat }: Pick<Cloth, 'picture' | 'repeat'>,
  pixelsPerInch: number,
  turnDeg: number,
): CanvasPattern | null {
  const image = picture === undefined ? null : loadedPicture(picture)
  if (!image) return null
  const width = (repeat?.across ?? UNSAID) * pixelsPerInch
  const height = (repeat?.down ?? (UNSAID * image.height) / image.width) * pixelsPerInch
  if (width < LEAST_PX || height < LEAST_PX) return null
  const tile = tileOf(image, Math.ceil(width), Math.ceil(height))
  const pattern = context.createPattern(tile, 'repeat')
  pattern?.setTransform(new DOMMatrix().rotate(turnDeg).scale(width / tile.width, height / tile.height))
  return pattern
}

/** Made small well, once for each size: a pattern by itself is made small badly. */
function tileOf(image: ImageBitmap, width: number, height: number): HTMLCanvasElement {
  const sizes = tiles.get(image) ?? new Map<string, HTMLCanvasElement>()
  tiles.set(image, sizes)
  const key = `${width} ${height}`
  const known = sizes.get(key)
  if (known) return known
  const tile = document.createElement('canvas')
  tile.width = width
  tile.height = height
  const paint = tile.getContext('2d')!
  paint.imageSmoothingQuality = 'high'
  paint.drawImage(image, 0, 0, width, height)
  if (sizes.size >= MOST_SIZES) sizes.delete(sizes.keys().next().value!)
  sizes.set(key, tile)
  return tile
}
