import { meanColour } from '~~/core/pictures/meanColour'
import { HEADER_BYTES, readImageHeader, type ImageHeader } from '~~/core/pictures/imageHeader'

/** A part of a photograph, in hundredths of its sides. */
export interface PhotoPart {
  across: readonly [number, number]
  down: readonly [number, number]
}
/** Pixels of the longer side. */
const SIDE = 256
/** Characters that are kept of one: a quilt has many cloths. */
const MOST = 40_000
const QUALITIES = [0.85, 0.7, 0.55, 0.4]
const LEAST_QUALITY = 0.25

/** A photograph to be cut from, or why it is none. What would fill the memory is never decoded. */
export async function openPhoto(
  file: Blob,
): Promise<ImageBitmap | Extract<ImageHeader, { ok: false }> | { code: 'unreadable' }> {
  try {
    const header = readImageHeader(new Uint8Array(await file.slice(0, HEADER_BYTES).arrayBuffer()))
    if (!header.ok) return header
    return await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    return { code: 'unreadable' }
  }
}

/** In pixels of the photograph. */
export function pixelsOfPart(image: { width: number; height: number }, { across, down }: PhotoPart) {
  const [x, y] = [(image.width * across[0]) / 100, (image.height * down[0]) / 100]
  const width = Math.max(1, (image.width * (across[1] - across[0])) / 100)
  const height = Math.max(1, (image.height * (down[1] - down[0])) / 100)
  return { x, y, width, height }
}

/**
 * The part made small, and the colour that it has from afar. It is drawn anew, so that nothing of what the camera
 * wrote beside it is kept.
 */
export function smallPart(image: ImageBitmap, part: PhotoPart): { picture: string; colour: string } {
  const { x, y, width, height } = pixelsOfPart(image, part)
  const scale = Math.min(1, SIDE / Math.max(width, height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(width * scale))
  canvas.height = Math.max(1, Math.round(height * scale))
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  // where a picture is not all there, paper shows
  context.fillStyle = '#ffffff'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.imageSmoothingQuality = 'high'
  context.drawImage(image, x, y, width, height, 0, 0, canvas.width, canvas.height)
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
  const fits = (quality: number) => canvas.toDataURL('image/jpeg', quality).length <= MOST
  const picture = canvas.toDataURL('image/jpeg', QUALITIES.find(fits) ?? LEAST_QUALITY)
  return { picture, colour: meanColour(data, canvas.width, canvas.height) }
}
