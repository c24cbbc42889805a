// In: the wall. Out: seams between blocks along which like cloths touch.
import { TOLERANCE } from '../measure/ruler'
import type { Contact } from './contacts'
import type { Face, Stretch } from './face'
import type { Palette } from './palette'
import type { Wall } from './wall'

/** Closer than this two cloths side by side look like one cloth. CIEDE2000; 1 is just noticed. */
export const ALIKE = 6
/** So much of a seam in like cloths is seen. */
const SEEN_OF_SEAM = 1 / 4
/** A cloth along the edge of more places than this is ground: it is meant to meet itself. */
const GROUND = 1 / 2

/** A seam along which the same or nearly the same cloth lies on both sides. */
export interface AlikeSeam {
  /** Places by their number. */
  a: number
  b: number
  contact: Contact
  /** Of the cloths that meet there, those that are nearest to each other. */
  deltaE: number
  cloths: readonly [string, string]
}

/** What meets along a seam: pairs of cloths with how long they run beside each other. */
export function eachMeeting(
  one: Pick<Face, 'sides'>,
  other: Pick<Face, 'sides'>,
  { sideA, sideB, fromA, fromB, length }: Omit<Contact, 'a' | 'b'>,
  each: (first: string, second: string, length: number) => void,
) {
  for (const stretch of one.sides[sideA]!) {
    const [from, to] = [Math.max(stretch.from, fromA), Math.min(stretch.to, fromA + length)]
    if (to <= from) continue
    for (const beside of other.sides[sideB]!) {
      // the other side runs against this one
      const [start, end] = [fromA + fromB - beside.to, fromA + fromB - beside.from]
      const shared = Math.min(to, end) - Math.max(from, start)
      if (shared > 0) each(stretch.cloth, beside.cloth, shared)
    }
  }
}

/** All such seams. Cloths that lie along most blocks are ground, and not looked at. */
export function alikeSeams(wall: Wall): AlikeSeam[] {
  const { places, contacts, palette } = wall
  const ground = groundCloths(wall)
  return contacts.flatMap((contact): AlikeSeam[] => {
    const { a, b, length } = contact
    const met: (Pick<AlikeSeam, 'deltaE' | 'cloths'> & { shared: number })[] = []
    eachMeeting(places[a]!.face, places[b]!.face, contact, (first, second, shared) => {
      const deltaE = apartIn(palette, first, second)
      const isMeant = ground.has(first) && ground.has(second)
      if (deltaE < ALIKE && !isMeant) met.push({ deltaE, cloths: [first, second], shared })
    })
    const alike = met.reduce((sum, { shared }) => sum + shared, 0)
    if (met.length === 0 || alike < length * SEEN_OF_SEAM - TOLERANCE) return []
    const { deltaE, cloths } = met.reduce((best, other) => (other.deltaE < best.deltaE ? other : best))
    return [{ a, b, contact, deltaE, cloths }]
  })
}

/** How far apart two cloths look. */
export function apartIn({ numbers, labs, apart }: Palette, one: string, other: string): number {
  return apart[numbers.get(one)! * labs.length + numbers.get(other)!]!
}

function groundCloths({ places }: Wall): Set<string> {
  const times = new Map<string, number>()
  for (const { face } of places)
    for (const cloth of new Set(face.sides.flat().map(({ cloth }: Stretch) => cloth)))
      times.set(cloth, (times.get(cloth) ?? 0) + 1)
  return new Set([...times].flatMap(([cloth, count]) => (count > places.length * GROUND ? [cloth] : [])))
}
