import { areaAverage, type LightGrid } from '~~/core/pictures/averaged'
import { HEADER_BYTES, readImageHeader, type ImageHeader, type ImageNote } from '~~/core/pictures/imageHeader'
import { reducedPicture, type Reduction } from '~~/core/pictures/reduced'
import { hexOf } from '~~/core/measure/lightness'

/** How a photograph is cut out: quarter turns clockwise, then parts of its sides left away, 0 to 1. */
export interface Cutting {
  turns: 0 | 1 | 2 | 3
  left: number
  right: number
  top: number
  bottom: number
}
export interface PictureWish extends Cutting {
  columns: number
  rows: number
  reduction: Reduction
}
export type ToPictureWorker = { kind: 'open'; file: Blob } | ({ kind: 'reduce'; id: number } & PictureWish)
export type FromPictureWorker =
  | { kind: 'opened'; width: number; height: number; notes: ImageNote[] }
  | { kind: 'refused'; why: Extract<ImageHeader, { ok: false }> | { code: 'unreadable' } }
  | { kind: 'reduced'; id: number; cloth: Uint8Array; colours: string[]; own: number[] | null }

/** Rows of pixels that are looked at in one go. */
const STRIP = 128

let bitmap: ImageBitmap | null = null
/** The last grid: other colours of the same squares need no new look at the pixels. */
let averaged: { key: string; grid: LightGrid } | null = null
const answer = (message: FromPictureWorker) => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<ToPictureWorker>) => {
  if (data.kind === 'open') void open(data.file)
  else reduce(data)
})

/** The size is read from the header first: what would fill the memory is never decoded. */
async function open(file: Blob) {
  bitmap?.close()
  bitmap = averaged = null
  const bytes = new Uint8Array(await file.slice(0, HEADER_BYTES).arrayBuffer())
  const header = readImageHeader(bytes)
  if (!header.ok) return answer({ kind: 'refused', why: header })
  try {
    // turned as its camera says
    bitmap = await createImageBitmap(file)
  } catch {
    return answer({ kind: 'refused', why: { code: 'unreadable' } })
  }
  answer({ kind: 'opened', width: bitmap.width, height: bitmap.height, notes: header.notes })
}

function reduce({ id, reduction, ...wish }: { id: number } & PictureWish) {
  if (!bitmap) return
  const key = JSON.stringify(wish)
  if (averaged?.key !== key) averaged = { key, grid: squaresOf(bitmap, wish) }
  const { cloth, colours, own } = reducedPicture(averaged.grid, reduction)
  answer({ kind: 'reduced', id, cloth, colours: colours.map(hexOf), own })
}

/** The picture strip by strip, turned and cut out, on squares. */
function squaresOf(
  image: ImageBitmap,
  { turns, left, right, top, bottom, columns, rows }: Omit<PictureWish, 'reduction'>,
) {
  const isSideways = turns % 2 === 1
  const [width, height] = isSideways ? [image.height, image.width] : [image.width, image.height]
  const x = Math.floor(left * width)
  const y = Math.floor(top * height)
  const across = Math.max(1, Math.round(width * (1 - right)) - x)
  const down = Math.max(1, Math.round(height * (1 - bottom)) - y)
  const average = areaAverage(across, down, columns, rows)
  const canvas = new OffscreenCanvas(across, Math.min(STRIP, down))
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  for (let from = 0; from < down; from += STRIP) {
    const count = Math.min(STRIP, down - from)
    context.resetTransform()
    context.clearRect(0, 0, across, count)
    context.translate(-x, -y - from)
    context.translate(width / 2, height / 2)
    context.rotate((turns * Math.PI) / 2)
    context.drawImage(image, -image.width / 2, -image.height / 2)
    average.add(context.getImageData(0, 0, across, count).data, count)
  }
  return average.grid()
}
