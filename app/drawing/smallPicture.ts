/** A small picture of a block, cut from a photograph, and the colour that it has on the whole. */
export interface SmallPicture {
  picture: string
  colour: string
}

/** Why there is none. */
export type NoPicture = 'too-large' | 'unreadable' | 'blank'

const MAX_BYTES = 30 * 2 ** 20
/** Pixels of the longer side. */
const SIDE = 160
const QUALITY = 0.8
/** Differences of light below which a picture shows nothing. */
const BLANK = 3

/**
 * The middle of a photograph, as wide and high as the block is, made small; it is drawn anew, so that nothing of what
 * the camera wrote beside it is kept. Nothing leaves the machine.
 */
export async function smallPicture(
  file: Blob,
  shape: { width: number; height: number },
): Promise<SmallPicture | NoPicture> {
  if (file.size > MAX_BYTES) return 'too-large'
  const image = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null)
  if (!image) return 'unreadable'
  const scale = Math.min(image.width / shape.width, image.height / shape.height)
  const [width, height] = [shape.width * scale, shape.height * scale]
  const small = SIDE / Math.max(shape.width, shape.height)
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(shape.width * small))
  canvas.height = Math.max(1, Math.round(shape.height * small))
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  // where a picture is not all there, paper shows
  context.fillStyle = '#ffffff'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.imageSmoothingQuality = 'high'
  const [left, top] = [(image.width - width) / 2, (image.height - height) / 2]
  context.drawImage(image, left, top, width, height, 0, 0, canvas.width, canvas.height)
  image.close()
  const { mean, spread } = lookedOver(context.getImageData(0, 0, canvas.width, canvas.height).data)
  if (spread < BLANK) return 'blank'
  return { picture: canvas.toDataURL('image/jpeg', QUALITY), colour: mean }
}

function lookedOver(data: Uint8ClampedArray): { mean: string; spread: number } {
  const sums = [0, 0, 0]
  let [light, squares] = [0, 0]
  for (let i = 0; i < data.length; i += 4) {
    for (let k = 0; k < 3; k++) sums[k]! += data[i + k]!
    const value = 0.299 * data[i]! + 0.587 * data[i + 1]! + 0.114 * data[i + 2]!
    light += value
    squares += value * value
  }
  const count = data.length / 4
  const hex = (sum: number) =>
    Math.round(sum / count)
      .toString(16)
      .padStart(2, '0')
  const spread = Math.sqrt(Math.max(0, squares / count - (light / count) ** 2))
  return { mean: `#${sums.map(hex).join('')}`, spread }
}
