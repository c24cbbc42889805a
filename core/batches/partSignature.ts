// In: a part and what it is made of, each in its place. Out: what it is, however it is turned.
import type { Box, Point } from '../geometry/polygon'
import { longHash } from '../measure/longHash'

type QuarterTurn = 0 | 1 | 2 | 3

/** A part as it lies: what it is, and by how many quarter turns it is turned against others that are the same. */
export interface PartSignature {
  /** The same for parts that are alike but for a turn; made from what they are. */
  key: string
  turn: QuarterTurn
  /** Quarter turns after which it looks the same again. */
  period: 1 | 2 | 4
}

/** What a part is made of: a text that says what, and where it lies, with its own turn where it has one. */
export interface Member {
  what: string
  turn?: Pick<PartSignature, 'turn' | 'period'>
  /** Which way something points, in quarter turns. */
  points?: QuarterTurn
  at: Point
}

const TURNS: readonly QuarterTurn[] = [0, 1, 2, 3]

/**
 * The signature of a part: of its four turns the first in the order of their texts. Parts that are mirror images of
 * each other are not alike.
 */
export function partSignature(kind: string, members: readonly Member[], { x, y, width, height }: Box): PartSignature {
  const middle: Point = [x + width / 2, y + height / 2]
  const texts = TURNS.map(turn =>
    members
      .map(({ what, turn: own, points, at }) => {
        const [u, v] = turned([at[0] - middle[0], at[1] - middle[1]], turn)
        const lies = own ? (own.turn + turn) % own.period : ''
        const way = points === undefined ? '' : (points + turn) % 4
        return `${what}/${lies}/${way}/${rounded(u)},${rounded(v)}`
      })
      .sort()
      .join(' '),
  )
  const first = [...texts].sort()[0]!
  const found = texts.indexOf(first)
  const period = (4 / texts.filter(text => text === first).length) as PartSignature['period']
  // turned so far from the first of its ways to lie
  const turn = ((4 - found) % period) as QuarterTurn
  return { key: longHash(`${kind} ${first}`), turn, period }
}

/** By quarter turns clockwise, as it is seen. */
function turned([x, y]: Point, turn: QuarterTurn): Point {
  if (turn === 0) return [x, y]
  if (turn === 1) return [-y, x]
  return turn === 2 ? [-x, -y] : [y, -x]
}

function rounded(value: number): number {
  return Math.round(value * 1e3) + 0
}
