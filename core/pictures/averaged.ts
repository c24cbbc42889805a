// In: the pixels of a picture, strip by strip. Out: one colour for each square of a grid.

/** Colours of squares row by row, three numbers each: red, green, blue as light adds up, 0 to 1. */
export interface LightGrid {
  columns: number
  rows: number
  light: Float32Array
}

/** From the numbers of a pixel to light. Source: IEC 61966-2-1. */
const LIGHT = Float32Array.from({ length: 256 }, (_, value) => {
  const part = value / 255
  return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4
})

export interface AreaAverage {
  /** Rows of pixels in their order, four numbers a pixel. */
  add: (pixels: Uint8ClampedArray, rows: number) => void
  grid: () => LightGrid
}

/**
 * Each square is the mean of the light that falls on it, by area: averaging the numbers of pixels would darken fine
 * patterns. What can be seen through is laid on white first. `width` × `height`: of the part that is taken, in pixels.
 */
export function areaAverage(width: number, height: number, columns: number, rows: number): AreaAverage {
  const light = new Float32Array(columns * rows * 3)
  const across = spans(width, columns)
  const line = new Float32Array(columns * 3)
  let y = 0
  const add = (pixels: Uint8ClampedArray, count: number) => {
    for (let i = 0; i < count && y < height; i++, y++) {
      averageLine(pixels, i * width * 4, across, line)
      spreadDown(line, light, { from: (y * rows) / height, to: ((y + 1) * rows) / height, rows, columns })
    }
  }
  return { add, grid: () => ({ columns, rows, light }) }
}

/** Which pixels lie under each square of a line: the first and last in part, those between whole. */
interface PixelSpan {
  first: number
  last: number
  /** Parts of the first and of the last pixel, and of one whole pixel, that the square's colour is made of. */
  begin: number
  end: number
  whole: number
}

function spans(pixels: number, squares: number): PixelSpan[] {
  return Array.from({ length: squares }, (_, i) => {
    const [from, to] = [(i * pixels) / squares, ((i + 1) * pixels) / squares]
    const [first, last] = [Math.floor(from), Math.min(pixels - 1, Math.ceil(to - 1e-9) - 1)]
    const whole = squares / pixels
    if (first === last) return { first, last, begin: 1, end: 0, whole }
    return { first, last, begin: (first + 1 - from) * whole, end: (to - last) * whole, whole }
  })
}

function averageLine(pixels: Uint8ClampedArray, start: number, across: readonly PixelSpan[], line: Float32Array): void {
  for (let c = 0; c < across.length; c++) {
    const { first, last, begin, end, whole } = across[c]!
    let [red, green, blue] = [0, 0, 0]
    for (let x = first; x <= last; x++) {
      const part = x === first ? begin : x === last ? end : whole
      const at = start + x * 4
      const cover = pixels[at + 3]!
      if (cover === 255) {
        red += part * LIGHT[pixels[at]!]!
        green += part * LIGHT[pixels[at + 1]!]!
        blue += part * LIGHT[pixels[at + 2]!]!
      } else {
        const on = (value: number) => LIGHT[Math.round((value * cover + 255 * (255 - cover)) / 255)]!
        red += part * on(pixels[at]!)
        green += part * on(pixels[at + 1]!)
        blue += part * on(pixels[at + 2]!)
      }
    }
    line[c * 3] = red
    line[c * 3 + 1] = green
    line[c * 3 + 2] = blue
  }
}

interface Down {
  from: number
  to: number
  rows: number
  columns: number
}

/** A line of pixels lies on one row of squares or on parts of several. */
function spreadDown(line: Float32Array, light: Float32Array, { from, to, rows, columns }: Down): void {
  const last = Math.min(rows - 1, Math.ceil(to - 1e-9) - 1)
  for (let row = Math.floor(from + 1e-9); row <= last; row++) {
    const part = Math.min(to, row + 1) - Math.max(from, row)
    const start = row * columns * 3
    for (let i = 0; i < line.length; i++) light[start + i]! += part * line[i]!
  }
}
