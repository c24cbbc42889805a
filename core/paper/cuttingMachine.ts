import { area, type Point, type Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'

/**
 * What a cutting machine does with a file: closed outlines cut one after the other, nearest first, the blade up
 * between them.
 */
export interface MachineRun {
  pieces: { outline: Polygon; area: number }[]
  cutLength: Inches
  travelLength: Inches
  seconds: number
}

/** Speeds of an ordinary table machine. */
const CUTTING_INCHES_A_SECOND = 1
const TRAVEL_INCHES_A_SECOND = 6
const SECONDS_FOR_A_BLADE = 0.3

/** Runs the outlines that a file has for cutting. Stands in for a machine that is not there. */
export function runMachine(outlines: readonly Polygon[]): MachineRun {
  const left = [...outlines]
  const pieces: MachineRun['pieces'] = []
  let at: Point = [0, 0]
  let cutLength = 0
  let travelLength = 0
  while (left.length > 0) {
    const away = (outline: Polygon) => Math.hypot(outline[0]![0] - at[0], outline[0]![1] - at[1])
    const next = left.reduce((a, b) => (away(b) < away(a) ? b : a))
    left.splice(left.indexOf(next), 1)
    travelLength += away(next)
    cutLength += next.reduce(
      (sum, p, i) => sum + Math.hypot(next[(i + 1) % next.length]![0] - p[0], next[(i + 1) % next.length]![1] - p[1]),
      0,
    )
    at = next[0]!
    pieces.push({ outline: next, area: area(next) })
  }
  return {
    pieces,
    cutLength,
    travelLength,
    seconds:
      cutLength / CUTTING_INCHES_A_SECOND
      + travelLength / TRAVEL_INCHES_A_SECOND
      + pieces.length * 2 * SECONDS_FOR_A_BLADE,
  }
}

/** The cut lines of a drawing that Wren wrote, in inches. */
export function outlinesInSvg(svg: string): Polygon[] {
  return [...svg.matchAll(/<polygon class="cut"[^>]*points="([^"]+)"/g)].map(([, points]) =>
    points!.split(' ').map((pair): Point => {
      const [x, y] = pair.split(',').map(Number)
      return [x!, y!]
    }),
  )
}

/** The closed polylines on the layer CUT of a drawing-exchange file, in its units; y points up there and down here. */
export function outlinesInDxf(dxf: string): Polygon[] {
  const lines = dxf.split(/\r?\n/).map(text => text.trim())
  const pairs = Array.from(
    { length: Math.floor(lines.length / 2) },
    (_, i) => [Number(lines[2 * i]), lines[2 * i + 1]!] as const,
  )
  const outlines: Polygon[] = []
  let entity = ''
  let layer = ''
  let points: [number, number][] = []
  const finish = () => {
    if (entity === 'LWPOLYLINE' && layer === 'CUT' && points.length > 2)
      outlines.push(points.map(([x, y]): Point => [x, -y]))
  }
  for (const [code, value] of pairs) {
    if (code === 0) {
      finish()
      entity = value
      layer = ''
      points = []
    } else if (code === 8) layer = value
    else if (entity === 'LWPOLYLINE' && code === 10) points.push([Number(value), 0])
    else if (entity === 'LWPOLYLINE' && code === 20 && points.length > 0) points.at(-1)![1] = Number(value)
  }
  finish()
  return outlines
}
