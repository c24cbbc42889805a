// In: joins along a binding, and the edge it goes round. Out: where to start, so that none falls where it is thick.
import { TOLERANCE, type Inches } from '../../measure/ruler'

/** Nearer to a corner a join makes a lump in its fold. Source: handbook §11. */
export const FROM_CORNER: Inches = 4
/** Nearer to a join of the flange two lumps lie on each other. */
export const FROM_FLANGE: Inches = 2

export interface BindingEdge {
  width: Inches
  height: Inches
}

/** A strip as joined: where its joins lie along it, and how much of it can be cut off at its head. */
export interface JoinedStrip {
  joins: readonly Inches[]
  spare: Inches
}

export interface PlacedJoins {
  /** Along the edge from the top left corner, clockwise: there the ends are closed. */
  start: Inches
  /** Cut off the head of the binding, and of its flange. */
  trim: Inches
  flangeTrim: Inches
  /** Along the edge from the start, in the order of sewing. */
  joins: Inches[]
  flangeJoins: Inches[]
  /** Strips, counted from 1, that are cut shorter before they are joined, and by how much. */
  shortened: { strip: number; by: Inches }[]
  /** Joins, or the start, that lie too near to a corner or to each other. None where a place was found. */
  faults: Inches[]
}

/** Steps in which the head is trimmed while a place is looked for; then finer, where none was found. */
const STEPS: readonly Inches[] = [1, 1 / 4]

/**
 * A mitred corner takes nothing along the raw edge, so distance on the strip is distance on the edge. For each trim of
 * the head every join forbids the starts that would bring it near a corner: of those that are left, the nearest to the
 * middle of the lower side. Where there are none, strips are cut shorter; where that does not do, the start with the
 * fewest faults is taken.
 */
export function placedJoins(edge: BindingEdge, binding: JoinedStrip, flange: JoinedStrip | null): PlacedJoins {
  const wish = edge.width + edge.height + edge.width / 2
  let best: (PlacedJoins & { off: Inches }) | null = null
  for (const step of STEPS) {
    for (const trim of trims(binding.spare, step)) {
      for (const flangeTrim of flange ? trims(flange.spare, step) : [0]) {
        const joins = binding.joins.map(join => join - trim)
        const flangeJoins = flange ? flange.joins.map(join => join - flangeTrim) : []
        if (!areApart(joins, flangeJoins)) continue
        const start = freeStart(edge, [0, ...joins, ...flangeJoins], wish)
        if (start === null) continue
        const off = Math.abs(start - wish)
        if (!best || off < best.off - TOLERANCE)
          best = { start, trim, flangeTrim, joins, flangeJoins, shortened: [], faults: [], off }
      }
      if (best && best.off < 1) break
    }
    if (best) {
      const { off: _, ...found } = best
      return found
    }
  }
  return (flange ? null : shortenedStrips(edge, binding, wish)) ?? leastFaulty(edge, binding, flange, wish)
}

/** Starts round the edge, the nearest to the wish first. */
function startsFrom({ width, height }: BindingEdge, wish: Inches): Inches[] {
  const round = 2 * (width + height)
  return Array.from({ length: Math.ceil(round * 2) }, (_, i) =>
    wrapped(wish + (i % 2 === 0 ? 1 : -1) * Math.ceil(i / 2) * 0.5, round),
  )
}

/** A strip whose join would fall near a corner is cut so much shorter that it falls before it. */
function shortenedStrips(edge: BindingEdge, { joins, spare }: JoinedStrip, wish: Inches): PlacedJoins | null {
  for (const start of startsFrom(edge, wish)) {
    if (fromCorner(edge, start) < FROM_CORNER - TOLERANCE) continue
    const shortened: PlacedJoins['shortened'] = []
    const placed: Inches[] = []
    let cut = 0
    for (const [i, join] of joins.entries()) {
      const by = intoCorner(edge, start + join - cut)
      if (by > 0) shortened.push({ strip: i + 1, by })
      cut += by
      placed.push(join - cut)
    }
    if (cut <= spare + TOLERANCE && placed.every((at, i) => at > (placed[i - 1] ?? 0)))
      return { start, trim: 0, flangeTrim: 0, joins: placed, flangeJoins: [], shortened, faults: [] }
  }
  return null
}

/** How far a place lies beyond the first point that is too near to a corner; 0 where it is not too near. */
function intoCorner(edge: BindingEdge, at: Inches): Inches {
  const round = 2 * (edge.width + edge.height)
  const beyond = cornersOf(edge).map(corner => wrapped(at - corner + FROM_CORNER, round))
  const least = Math.min(...beyond)
  return least > TOLERANCE && least < 2 * FROM_CORNER - TOLERANCE ? least : 0
}

function trims(spare: Inches, step: Inches): Inches[] {
  if (spare <= 0) return [0]
  return [...Array.from({ length: Math.ceil(spare / step) }, (_, i) => i * step), spare]
}

function areApart(joins: readonly Inches[], others: readonly Inches[]): boolean {
  return others.every(other => joins.every(join => Math.abs(join - other) >= FROM_FLANGE - TOLERANCE))
}

/** The start nearest to the wish at which all that lie so far from it keep off the corners; null: none. */
function freeStart(edge: BindingEdge, places: readonly Inches[], wish: Inches): Inches | null {
  const round = 2 * (edge.width + edge.height)
  const forbidden: [Inches, Inches][] = []
  for (const corner of cornersOf(edge))
    for (const place of places) {
      const from = wrapped(corner - place - FROM_CORNER, round)
      const to = from + 2 * FROM_CORNER
      forbidden.push([from, to])
      if (to > round) forbidden.push([from - round, to - round])
    }
  forbidden.sort(([a], [b]) => a - b)
  // ends of what is forbidden are allowed themselves
  let best: Inches | null = null
  let reached = 0
  for (const [from, to] of [...forbidden, [round, round] as const]) {
    if (from >= reached - TOLERANCE) {
      const near = Math.min(Math.max(wish, reached), from)
      if (best === null || Math.abs(near - wish) < Math.abs(best - wish)) best = near
    }
    reached = Math.max(reached, to)
  }
  return best
}

function cornersOf({ width, height }: BindingEdge): Inches[] {
  return [0, width, width + height, 2 * width + height]
}

function wrapped(at: Inches, round: Inches): Inches {
  return ((at % round) + round) % round
}

/** How near a place on the edge is to the nearest corner. */
export function fromCorner({ width, height }: BindingEdge, at: Inches): Inches {
  const round = 2 * (width + height)
  return Math.min(
    ...cornersOf({ width, height }).map(corner => {
      const off = wrapped(at - corner, round)
      return Math.min(off, round - off)
    }),
  )
}

function leastFaulty(edge: BindingEdge, binding: JoinedStrip, flange: JoinedStrip | null, wish: Inches): PlacedJoins {
  const joins = [...binding.joins]
  const flangeJoins = flange ? [...flange.joins] : []
  const crowded = flangeJoins.filter(other => !areApart(joins, [other]))
  const faultsAt = (start: Inches) =>
    [0, ...joins, ...flangeJoins].filter(
      place => crowded.includes(place) || fromCorner(edge, start + place) < FROM_CORNER - TOLERANCE,
    )
  const [best] = startsFrom(edge, wish)
    .map(start => ({ start, faults: faultsAt(start) }))
    .sort((a, b) => a.faults.length - b.faults.length)
  return { start: best!.start, trim: 0, flangeTrim: 0, joins, flangeJoins, shortened: [], faults: best!.faults }
}
