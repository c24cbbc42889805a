import { numbered } from '~~/core/charts/numbered'
import type { GridSize } from '~~/core/charts/drawing'
import type { Design } from '~~/core/designs/design'

/** Squares as they are seen through a window. */
export interface SquaresView {
  size: GridSize
  squares: Uint8Array | Uint16Array
  /** For each place of the list of letters. */
  colours: readonly string[]
  letters: readonly string[]
  hasLetters: boolean
  /** Pixels of a square, and where the window begins in the picture. */
  scale: number
  left: number
  top: number
  width: number
  height: number
  /** Pairs of letters whose common edges are marked, as `place place`, the smaller first. */
  marked: ReadonlySet<string>
}

/** Smaller than this, lines or letters would be all that is seen. */
const LINED_PX = 5
const LETTERED_PX = 13
/** Every tenth line is strong, for counting. */
const TENTH = 10

const rgbOf = (colour: string) => [1, 3, 5].map(at => parseInt(colour.slice(at, at + 2), 16))

/** The squares as a small picture, one point each. */
export function squaresImage({ size, squares, colours }: Pick<SquaresView, 'size' | 'squares' | 'colours'>) {
  const canvas = new OffscreenCanvas(size.columns, size.rows)
  const context = canvas.getContext('2d')!
  const image = context.createImageData(size.columns, size.rows)
  const inks = colours.map(rgbOf)
  squares.forEach((place, i) => {
    const [red, green, blue] = inks[place]!
    image.data[4 * i] = red!
    image.data[4 * i + 1] = green!
    image.data[4 * i + 2] = blue!
    image.data[4 * i + 3] = 255
  })
  context.putImageData(image, 0, 0)
  return canvas
}

/** The squares of a design that is a picture as a data URL, a point each. */
export function squaresUrl(design: Design, colourOf: (role: string) => string): string {
  const { patches, width: columns, height: rows } = design
  const { names, places } = numbered(patches.map(({ role }) => role))
  const canvas = document.createElement('canvas')
  canvas.width = columns
  canvas.height = rows
  const image = squaresImage({ size: { columns, rows }, squares: places, colours: names.map(colourOf) })
  canvas.getContext('2d')!.drawImage(image, 0, 0)
  return canvas.toDataURL('image/png')
}

/** Paints what the window shows. `context`: scaled to CSS pixels. */
export function paintSquares(context: CanvasRenderingContext2D, view: SquaresView): void {
  const { size, scale, left, top, width, height } = view
  context.clearRect(0, 0, width, height)
  context.imageSmoothingEnabled = false
  context.drawImage(squaresImage(view), -left, -top, size.columns * scale, size.rows * scale)
  if (scale >= LINED_PX) paintLines(context, view)
  if (view.hasLetters && scale >= LETTERED_PX) paintLetters(context, view)
  if (view.marked.size > 0) paintMarks(context, view)
}

/** Columns and rows that the window shows. */
function shown({ size, scale, left, top, width, height }: SquaresView) {
  return {
    firstX: Math.max(0, Math.floor(left / scale)),
    lastX: Math.min(size.columns - 1, Math.ceil((left + width) / scale)),
    firstY: Math.max(0, Math.floor(top / scale)),
    lastY: Math.min(size.rows - 1, Math.ceil((top + height) / scale)),
  }
}

function paintLines(context: CanvasRenderingContext2D, view: SquaresView): void {
  const { size, scale, left, top } = view
  const { firstX, lastX, firstY, lastY } = shown(view)
  const [right, bottom] = [size.columns * scale - left, size.rows * scale - top]
  for (const isTenth of [false, true]) {
    context.strokeStyle = isTenth ? 'rgb(0 0 0 / 60%)' : 'rgb(0 0 0 / 22%)'
    context.lineWidth = isTenth ? 1.5 : 1
    context.beginPath()
    for (let x = firstX; x <= lastX + 1; x++) {
      if ((x % TENTH === 0) !== isTenth) continue
      context.moveTo(x * scale - left, Math.max(0, -top))
      context.lineTo(x * scale - left, bottom)
    }
    for (let y = firstY; y <= lastY + 1; y++) {
      if ((y % TENTH === 0) !== isTenth) continue
      context.moveTo(Math.max(0, -left), y * scale - top)
      context.lineTo(right, y * scale - top)
    }
    context.stroke()
  }
}

function paintLetters(context: CanvasRenderingContext2D, view: SquaresView): void {
  const { size, squares, letters, scale, left, top } = view
  const { firstX, lastX, firstY, lastY } = shown(view)
  context.fillStyle = '#000'
  context.font = `600 ${Math.round(scale * 0.62)}px 'Commissioner Variable', sans-serif`
  context.textAlign = 'center'
  context.textBaseline = 'middle'
  for (let y = firstY; y <= lastY; y++)
    for (let x = firstX; x <= lastX; x++)
      context.fillText(letters[squares[y * size.columns + x]!]!, (x + 0.5) * scale - left, (y + 0.54) * scale - top)
}

/** Edges along which two letters touch that are marked: a dark line with a light one in it, seen on any cloth. */
function paintMarks(context: CanvasRenderingContext2D, view: SquaresView): void {
  const { size, squares, scale, left, top, marked } = view
  const { firstX, lastX, firstY, lastY } = shown(view)
  const isMarked = (one: number, other: number) =>
    one !== other && marked.has(`${Math.min(one, other)} ${Math.max(one, other)}`)
  context.beginPath()
  for (let y = firstY; y <= lastY; y++)
    for (let x = firstX; x <= lastX; x++) {
      const here = squares[y * size.columns + x]!
      const [px, py] = [(x + 1) * scale - left, (y + 1) * scale - top]
      if (x + 1 < size.columns && isMarked(here, squares[y * size.columns + x + 1]!)) {
        context.moveTo(px, py - scale)
        context.lineTo(px, py)
      }
      if (y + 1 < size.rows && isMarked(here, squares[(y + 1) * size.columns + x]!)) {
        context.moveTo(px - scale, py)
        context.lineTo(px, py)
      }
    }
  context.strokeStyle = '#7a1f3d'
  context.lineWidth = Math.max(3, scale / 4)
  context.stroke()
  context.strokeStyle = '#fff'
  context.lineWidth = Math.max(1, scale / 12)
  context.stroke()
}
