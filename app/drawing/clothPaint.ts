import { lightness } from '~~/core/measure/lightness'
import type { Cloth } from '~~/core/file/quilt'
import { printFill } from './printFill'
import { markColour, motifsOf, TILE } from './motifs'

const patterns = new Map<string, CanvasPattern | string>()

type Painted = Pick<Cloth, 'colour' | 'pattern' | 'picture' | 'repeat' | 'tray'>

/**
 * What to fill with for a cloth, turned as its stripes run: its print at a scale in pixels to the inch, a pattern, or
 * its colour. Patterns are kept, for they are asked for at every patch.
 */
export function clothFill(
  context: CanvasRenderingContext2D,
  cloth: Painted,
  { turnDeg = 0, scale }: { turnDeg?: number; scale: number },
): CanvasPattern | string {
  // a sewn block's picture is of the whole block
  const print = cloth.tray === undefined ? printFill(context, cloth, scale, turnDeg) : null
  if (print) return print
  const motifs = motifsOf(cloth.pattern)
  if (motifs.length === 0) return cloth.colour
  const key = `${cloth.colour} ${cloth.pattern} ${turnDeg}`
  const known = patterns.get(key)
  if (known) return known
  const tile = document.createElement('canvas')
  tile.width = tile.height = TILE
  const paint = tile.getContext('2d')!
  paint.fillStyle = cloth.colour
  paint.fillRect(0, 0, TILE, TILE)
  paint.fillStyle = paint.strokeStyle = markColour(lightness(cloth.colour))
  paint.lineWidth = 1.4
  for (const motif of motifs) {
    if (motif.kind === 'fill') paint.fill(new Path2D(motif.path))
    else paint.stroke(new Path2D(motif.path))
  }
  const pattern = context.createPattern(tile, 'repeat') ?? cloth.colour
  if (turnDeg !== 0 && typeof pattern !== 'string') pattern.setTransform(new DOMMatrix().rotate(turnDeg))
  patterns.set(key, pattern)
  return pattern
}
