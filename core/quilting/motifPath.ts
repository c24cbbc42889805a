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
  const pen = new Pen()
  for (const [, command, rest] of text.matchAll(/([MmLlHhVvCcSsQqTtZz])([^MmLlHhVvCcSsQqTtZz]*)/g)) {
    const numbers = (rest!.match(/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/g) ?? []).map(Number)
    const kind = command!.toUpperCase() as keyof typeof TAKES
    if (kind === 'Z') {
      pen.close()
      continue
    }
    const takes = TAKES[kind]
    if (numbers.length === 0 || numbers.length % takes !== 0 || numbers.some(n => !Number.isFinite(n)))
      return { fault: 'not-a-path' }
    for (let i = 0; i < numbers.length; i += takes) {
      // a second pair after a move is a line
      pen.draw(kind === 'M' && i > 0 ? 'L' : kind, numbers.slice(i, i + takes), command !== kind)
      if (pen.count > MAX_MOTIF_POINTS) return { fault: 'too-many-points' }
    }
  }
  const drawn = pen.lines.filter(line => line.length > 1)
  const box = boundingBox(drawn.flat())
  const side = Math.max(box.width, box.height)
  if (drawn.length === 0 || !(side > 0)) return { fault: 'nothing-drawn' }
  const [mx, my] = [box.x + box.width / 2, box.y + box.height / 2]
  return { lines: drawn.map(line => line.map(([x, y]): Point => [(x - mx) / side, (y - my) / side])) }
}

/** Follows the commands of a path. */
class Pen {
  readonly lines: Point[][] = []
  /** Points drawn, beginnings aside. */
  count = 0
  private at: Point = [0, 0]
  private start: Point = [0, 0]
  /** The last control of the curve that ends here; null: no curve does. */
  private control: Point | null = null

  close(): void {
    this.add(this.start)
    this.control = null
  }

  draw(kind: Exclude<keyof typeof TAKES, 'Z'>, own: readonly number[], isRelative: boolean): void {
    const [dx, dy] = isRelative ? this.at : [0, 0]
    const pair = (k: number): Point => [own[k]! + dx, own[k + 1]! + dy]
    switch (kind) {
      case 'M':
        this.at = this.start = pair(0)
        this.lines.push([this.at])
        break
      case 'L':
        this.add(pair(0))
        break
      case 'H':
        this.add([own[0]! + dx, this.at[1]])
        break
      case 'V':
        this.add([this.at[0], own[0]! + dy])
        break
      default: {
        const controls = {
          C: () => [pair(0), pair(2)],
          S: () => [this.reflected(), pair(0)],
          Q: () => [pair(0)],
          T: () => [this.reflected()],
        }[kind]()
        const [from, end] = [this.at, pair(TAKES[kind] - 2)]
        for (let k = 1; k <= PIECES; k++) this.add(onCurve(from, controls, end, k / PIECES))
        this.control = controls.at(-1)!
        return
      }
    }
    this.control = null
  }

  private add(point: Point): void {
    this.lines.at(-1)!.push(point)
    this.count += 1
    this.at = point
  }

  private reflected(): Point {
    return this.control ? [2 * this.at[0] - this.control[0], 2 * this.at[1] - this.control[1]] : this.at
  }
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
