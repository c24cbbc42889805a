// In: piles of one cloth and the layout they have. Out: ever easier ones to cut, for hardly more cloth.
import type { CutPiece, Strip } from '../cut/cutPiece'
import { cutsNeeded } from '../cut/cutsNeeded'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { areAllWide, betterLayouts, fitting } from './betterLayouts'
import { belowBand } from './belowBand'
import { easyStrips } from './easyStrips'
import { knownPatterns } from './knownPatterns'
import { orderOf } from './order'
import { placedStrips } from './placed'

export interface EasyLayout {
  length: Inches
  cuts: number
  strips: () => readonly Strip[]
}

/** So much more cloth, as a part of what the shortest layout takes, is given for fewer cuts. */
export const GIVEN = 0.02

/** Steps of the search for a short layout, from which the easy ones are made. */
const STEPS_BEFORE = 150

/** Cuts of a layout, like strips on each other. */
export function cutsIn(strips: readonly Strip[]): number {
  return Object.values(cutsNeeded(strips)).reduce((sum, count) => sum + count, 0)
}

/**
 * The layout as it is, then after every step the one of fewest cuts so far. None is longer than it was, but where it is
 * less than 2 % longer than the shortest that a quick search finds: then up to those 2 %. Long pieces along the cloth,
 * and what lies beside them, stay. It does not end, but where nothing can be laid out otherwise: who asks says when;
 * the same for the same pieces.
 */
export function* easyLayouts(
  pieces: readonly CutPiece[],
  usable: Inches,
  strips: readonly Strip[],
): Generator<EasyLayout> {
  const fits = fitting(pieces, usable)
  let best = easyLayout(strips)
  yield best
  const short = yield* shortest(fits, usable, best)
  const { band, below, rest, depth } = belowBand(strips, fits)
  if (rest.length === 0 || !areAllWide(fits)) return
  const order = orderOf(rest, usable)
  const most = Math.max((1 + GIVEN) * short.length, best.length)
  const cells = Math.floor((most - depth) / order.cell.down + 1e-6)
  if (isEasier(short, best)) best = short
  let seen: unknown = null
  for (const { strips: found } of easyStrips(order, knownPatterns(order, below), cells)) {
    if (found === seen) {
      yield best
      continue
    }
    seen = found
    const now = easyLayout([...band, ...placedStrips(order, found, { y: depth, width: usable })])
    if (isEasier(now, best)) best = now
    yield best
  }
}

function* shortest(pieces: readonly CutPiece[], usable: Inches, now: EasyLayout): Generator<EasyLayout, EasyLayout> {
  let short = now
  let steps = 0
  for (const { length, strips } of betterLayouts(pieces, usable)) {
    if (length < short.length - TOLERANCE) short = easyLayout(strips())
    if ((steps += 1) > STEPS_BEFORE) break
    yield now
  }
  return short
}

const isEasier = (one: EasyLayout, other: EasyLayout) =>
  one.cuts - other.cuts < 0 || (one.cuts === other.cuts && one.length < other.length - TOLERANCE)

function easyLayout(strips: readonly Strip[]): EasyLayout {
  const length = strips.reduce((down, { y, height }) => Math.max(down, y + height), 0)
  return { length, cuts: cutsIn(strips), strips: () => strips }
}
