// In: outlines of blocks and of what lies beside them. Out: where two of them are sewn edge to edge.
import Flatbush from 'flatbush'
import { boundingBox, type Polygon } from '../geometry/polygon'
import { TOLERANCE, type Inches } from '../measure/ruler'

/**
 * A stretch along which two blocks touch. On the first it begins at `fromA` of its side and runs on; on the second it
 * begins at `fromB` and runs back: both sides run clockwise.
 */
export interface Contact extends Meeting {
  a: number
  b: number
}

/** A stretch along which a block touches a border, or what fills the edge. */
export interface FixedNeighbour {
  a: number
  sideA: number
  fromA: Inches
  length: Inches
  cloth: string
}

interface Meeting {
  sideA: number
  sideB: number
  fromA: Inches
  fromB: Inches
  length: Inches
}

/** Which blocks touch each other, and which touch what does not move. */
export function contactsOf(
  blocks: readonly { outline: Polygon }[],
  still: readonly { outline: Polygon; cloth: string }[],
): { contacts: Contact[]; fixed: FixedNeighbour[] } {
  if (blocks.length === 0) return { contacts: [], fixed: [] }
  const all = [...blocks, ...still]
  const index = new Flatbush(all.length)
  for (const { outline } of all) {
    const { x, y, width, height } = boundingBox(outline)
    index.add(x, y, x + width, y + height)
  }
  index.finish()
  const contacts: Contact[] = []
  const fixed: FixedNeighbour[] = []
  blocks.forEach(({ outline }, a) => {
    const { x, y, width, height } = boundingBox(outline)
    const t = TOLERANCE
    for (const b of index.search(x - t, y - t, x + width + t, y + height + t, i => i > a).sort((i, k) => i - k))
      for (const meeting of meetings(outline, all[b]!.outline)) {
        const beside = still[b - blocks.length]
        const { sideA, fromA, length } = meeting
        if (beside) fixed.push({ a, sideA, fromA, length, cloth: beside.cloth })
        else contacts.push({ a, b, ...meeting })
      }
  })
  return { contacts, fixed }
}

function meetings(one: Polygon, other: Polygon): Meeting[] {
  return one.flatMap((p, sideA) => {
    const q = one[(sideA + 1) % one.length]!
    const side = Math.hypot(q[0] - p[0], q[1] - p[1])
    const [ux, uy] = [(q[0] - p[0]) / side, (q[1] - p[1]) / side]
    return other.flatMap((r, sideB): Meeting[] => {
      const s = other[(sideB + 1) % other.length]!
      const [rx, ry, sx, sy] = [r[0] - p[0], r[1] - p[1], s[0] - p[0], s[1] - p[1]]
      if (Math.abs(rx * uy - ry * ux) > TOLERANCE || Math.abs(sx * uy - sy * ux) > TOLERANCE) return []
      const [begins, ends] = [rx * ux + ry * uy, sx * ux + sy * uy]
      // sides that touch run against each other
      const from = Math.max(0, ends)
      const length = Math.min(side, begins) - from
      return length > TOLERANCE ? [{ sideA, sideB, fromA: from, fromB: begins - from, length }] : []
    })
  })
}
