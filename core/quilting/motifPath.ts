// In: the path of a motif, as SVG writes it. Out: its lines in a box one wide, or what is wrong with it.
import { boundingBox, type Point } from '../geometry/polygon'

/** Points beyond which a motif is refused: it would be sewn for days. */
export const MAX_MOTIF_POINTS = 4000
/** A curve is sewn as so many straight stitches' worth of line. */
const PIECES = 16

export type MotifFault = 'not-a-path' | 'too-many-points' | 'nothing-drawn'

/** The longer side is one; each line apart. Moves, lines and curves are understood, arcs are not. */
export function motifPath(text: string): { lines: Point[][] } | { fault: MotifFault } {
  if (!/^[\s,.\deE+\-MmLlHhVvCcSsQqTtZz]+$/.test(text) || !/^\s*[Mm]/.test(text)) return { fault: 'not-a-path' }
  const lines: Point[][] = []
  let at: Point = [0, 0]
  let start: Point = [0, 0]
  let control: Point | null = null
  let count = 0
  const add = (point: Point) => {
    lines.at(-1)!.push(point)
    count += 1
    at = point
  }
  for (const [, command, rest] of text.matchAll(/([MmLlHhVvCcSsQqTtZz])([^MmLlHhVvCcSsQqTtZz]*)/g)) {
    const numbers = (rest!.match(/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/g) ?? []).map(Number)
    const kind = command!.toUpperCase() as keyof typeof TAKES
    const isRelative = command !== kind
    const takes = TAKES[kind]
    if (takes === 0) {
      add(start)
      control = null
      continue
    }
    if (numbers.length === 0 || numbers.length % takes !== 0 || numbers.some(n => !Number.isFinite(n)))
      return { fault: 'not-a-path' }
    for (let i = 0; i < numbers.length; i += takes) {
      const own = numbers.slice(i, i + takes)
      const [dx, dy] = isRelative ? at : [0, 0]
      const pair = (k: number): Point => [own[k]! + dx, own[k + 1]! + dy]
      // a second pair after a move is a line
      if (kind === 'M' && i === 0) {
        at = start = pair(0)
        lines.push([at])
        control = null
      } else if (kind === 'M' || kind === 'L') {
        add(pair(0))
        control = null
      } else if (kind === 'H' || kind === 'V') {
        add(kind === 'H' ? [own[0]! + dx, at[1]] : [at[0], own[0]! + dy])
        control = null
      } else {
        const reflected: Point = control ? [2 * at[0] - control[0], 2 * at[1] - control[1]] : at
        const controls: Point[] =
          kind === 'C'
            ? [pair(0), pair(2)]
            : kind === 'S'
              ? [reflected, pair(0)]
              : kind === 'Q'
                ? [pair(0)]
                : [reflected]
        const end = pair(takes - 2)
        const from = at
        for (let k = 1; k <= PIECES; k++) add(onCurve(from, controls, end, k / PIECES))
        control = controls.at(-1)!
      }
      if (count > MAX_MOTIF_POINTS) return { fault: 'too-many-points' }
    }
  }
  const drawn = lines.filter(line => line.length > 1)
  const box = boundingBox(drawn.flat())
  const side = Math.max(box.width, box.height)
  if (drawn.length === 0 || !(side > 0)) return { fault: 'nothing-drawn' }
  const [mx, my] = [box.x + box.width / 2, box.y + box.height / 2]
  return { lines: drawn.map(line => line.map(([x, y]): Point => [(x - mx) / side, (y - my) / side])) }
}

/** How many numbers each command takes at a time. */
const TAKES = { M: 2, L: 2, H: 1, V: 1, C: 6, S: 4, Q: 4, T: 2, Z: 0 } as const

/** Bézier curves of one or two controls. */
function onCurve(from: Point, controls: readonly Point[], to: Point, t: number): Point {
  const u = 1 - t
  return [0, 1].map(k => {
    const [a, d] = [from[k]!, to[k]!]
    const b = controls[0]![k]!
    if (controls.length === 1) return u * u * a + 2 * u * t * b + t * t * d
    const c = controls[1]![k]!
    return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d
  }) as unknown as Point
}
