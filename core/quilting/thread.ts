// In: what is quilted and how. Out: the thread it takes, and bobbins.
import type { Inches } from '../measure/ruler'
import { roundedSum, sumOf, type Sum } from '../measure/sum'

const INCHES_PER_METRE = 1 / 0.0254
const MM = 1 / 25.4

/** Thickness of the three layers when pressed together by the stitch, by loft. Source: the finishing experiments. */
export const THICKNESS: Readonly<Record<'low' | 'medium' | 'high', Inches>> = {
  low: 1.2 * MM,
  medium: 1.75 * MM,
  high: 3 * MM,
}

/** Tails for hiding at each start and stop inside the top; and at each end in the trimmings. */
const TAIL_INSIDE: Inches = 8
const TAIL_OUTSIDE: Inches = 4

/**
 * A lockstitch of length L through layers T thick takes L + T of each thread a stitch: together 2·length·(1 + T ÷ L),
 * and tails. Good to about 15 %. Source: geometry of the stitch, and the finishing experiments.
 */
export function threadFor({
  length,
  stops,
  ends,
  stitch,
  thickness,
}: {
  length: Inches
  /** Starts and stops inside the top, and ends in the trimmings. */
  stops: number
  ends: number
  stitch: Inches
  thickness: Inches
}): Sum {
  return sumOf([
    { what: 'line-top-and-bobbin', count: 2, each: length },
    { what: 'through-the-layers', value: (2 * length * thickness) / stitch },
    { what: 'tails-inside', count: stops, each: TAIL_INSIDE },
    { what: 'tails-outside', count: ends, each: TAIL_OUTSIDE },
  ])
}

/** A needleful, and what of it is lost in knots and ends. Source: handbook §10, about 18″. */
const NEEDLEFUL: Inches = 18
const LOST: Inches = 6

/**
 * By hand one thread runs over and under by turns: each stitch of length L takes L + T, so length·(1 + T ÷ L) in all,
 * and what every needleful loses. Source: geometry of the running stitch.
 */
export function handThreadFor({
  length,
  stitch,
  thickness,
}: {
  length: Inches
  stitch: Inches
  thickness: Inches
}): Sum {
  const through = (length * thickness) / stitch
  return sumOf([
    { what: 'line-in-one-thread', value: length },
    { what: 'through-the-layers', value: through },
    { what: 'needlefuls', count: Math.ceil((length + through) / (NEEDLEFUL - LOST) - 1e-9), each: LOST },
  ])
}

/** Of strong thread or wool for one tie: down and up again, a square knot, and tails to be held. */
const A_TIE: Inches = 8

/** Ties are sewn by hand, each with its own piece of thread. Source: docs/methods.md, quilting. */
export function tieThread(count: number): Sum {
  return sumOf([{ what: 'ties', count, each: A_TIE }])
}

/** The part of a bobbin's thread that stays on it when it is changed. */
export const NEVER_SEWN = 0.05

/** Half of the thread comes from bobbins, which are never emptied to the last. `holds`: metres on one. */
export function bobbinsFor(thread: Inches, holds: number): Sum {
  const full = holds * INCHES_PER_METRE
  const exact = thread / 2 / ((1 - NEVER_SEWN) * full)
  return roundedSum([{ what: 'bobbins-exactly', value: exact }], Math.ceil(exact - 1e-9), [
    { what: 'thread-from-bobbins', value: thread / 2 },
    { what: 'full-bobbin', value: full },
    { what: 'left-on-the-bobbin', value: -NEVER_SEWN * full },
  ])
}
