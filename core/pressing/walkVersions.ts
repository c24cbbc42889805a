// In: the versions of each signature and which stands where. Out: other places for them, so that neighbours clash less.
import type { Chance } from '../measure/chance'
import { STATES, turnOf } from '../make/pressing/costs'
import type { Press } from '../make/steps/press'
import { outcomes } from '../make/pressing/pressBlock'
import type { BlockSignature } from './signatures'
import type { Pressed, VersionProblem } from './versionProblem'

/** Passes over all places at most, and without a gain. */
const MAX_PASSES = 160
const IDLE_PASSES = 40

/**
 * Place after place takes the version with which it clashes least with its neighbours as they are; what clashes as
 * much otherwise may change, so that two clashes of a row may meet and vanish. The best that came of it.
 */
export function walked(
  problem: VersionProblem,
  { versionOf: start, press }: Pick<Pressed, 'versionOf' | 'press'>,
  chance: Chance,
) {
  const { signatures, signatureOf, outer, versions } = problem
  const turns = press.map(ofLook => ofLook.map(sides => sides.map(turnOf)))
  const within = press.map((ofLook, l) => ofLook.map(sides => troubles(signatures[l]!, sides)))
  const versionOf = [...start]
  const touching = signatureOf.map((): number[] => [])
  outer.forEach(({ ends }, c) => ends.forEach(({ region }) => touching[region]!.push(c)))
  const turnAt = ({ region, join, sense }: (typeof outer)[number]['ends'][0]) =>
    turns[signatureOf[region]!]![versionOf[region]!]![join]! * sense
  const clashesAt = (c: number) => {
    const { ends } = outer[c]!
    const [one, other] = [turnAt(ends[0]), turnAt(ends[1])]
    return one !== 0 && other !== 0 && one !== other ? 1 : 0
  }
  const cost = (i: number) =>
    touching[i]!.reduce((sum, c) => sum + clashesAt(c), within[signatureOf[i]!]![versionOf[i]!]!)
  const all = () =>
    outer.reduce((sum, _, c) => sum + clashesAt(c), 0)
    + signatureOf.reduce((sum, signature, i) => sum + within[signature]![versionOf[i]!]!, 0)
  let best = { versionOf: [...versionOf], left: all() }
  for (let pass = 0, idle = 0; pass < MAX_PASSES && idle < IDLE_PASSES && best.left > 0; pass++, idle++) {
    for (let i = 0; i < signatureOf.length; i++) {
      const now = cost(i)
      if (now === 0) continue
      const own = versionOf[i]!
      let [least, taken] = [now, own]
      for (let version = 0; version < versions; version++) {
        if (version === own) continue
        versionOf[i] = version
        const other = cost(i)
        if (other < least || (other === least && chance.even() < 0.5)) [least, taken] = [other, version]
      }
      versionOf[i] = taken
    }
    const left = all()
    if (left >= best.left) continue
    best = { versionOf: [...versionOf], left }
    idle = -1
  }
  return best.versionOf
}

/** Within a block: seams that clash, and points where more than two meet and do not nest. */
export function troubles({ seams }: Pick<BlockSignature, 'seams'>, press: readonly Press[]): number {
  const found = outcomes(seams, press)
  return found.clash + found['hub-mixed']
}

/** Joins that are free are tried each way only where they are few. */
const MAX_FREE = 6

/**
 * For each signature ways of pressing it that clash least within, and differ as much as can be in what its neighbours
 * meet; null where a signature has too many free seams to try them all.
 */
export function variedPresses({ signatures, signatureOf, outer, versions }: VersionProblem): Press[][][] | null {
  const met = signatures.map(() => new Set<number>())
  for (const { ends } of outer) for (const { region, join } of ends) met[signatureOf[region]!]!.add(join)
  const varied = signatures.map((signature, l) => presses(signature, [...met[l]!], versions))
  return varied.every(found => found !== null) ? (varied as Press[][][]) : null
}

function presses({ seams, fixed }: BlockSignature, met: readonly number[], versions: number): Press[][] | null {
  const free = seams.joins.map((_, join) => join).filter(join => !fixed.has(join))
  if (free.length > MAX_FREE) return null
  const all = Array.from({ length: 2 ** free.length }, (_, at) =>
    seams.joins.map((_, join): Press => fixed.get(join) ?? STATES[(at >> free.indexOf(join)) & 1]!),
  )
  const trouble = all.map(press => troubles({ seams }, press))
  const least = Math.min(...trouble)
  const pool = all.filter((_, at) => trouble[at] === least)
  const apart = (one: readonly Press[], other: readonly Press[]) => met.filter(join => one[join] !== other[join]).length
  const found = [pool[0]!]
  while (found.length < versions) {
    const distance = (press: Press[]) => Math.min(...found.map(other => apart(press, other)))
    found.push(pool.reduce((a, b) => (distance(b) > distance(a) ? b : a)))
  }
  return found
}
