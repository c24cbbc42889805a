// In: the edged quilt and how it is to hang. Out: what is cut for it, and the stick.
import type { Quilt } from '../file/quilt'
import { roundUpToRuler, TOLERANCE, type Inches } from '../measure/ruler'
import { roundedSum, sumOf, type Sum } from '../measure/sum'
import { toInches, type Units } from '../measure/units'

/** Rules of thumb, round in the quilter's units. */
interface Rules {
  /** The sleeve ends so far inside either side of the quilt, so that nothing of the rod is seen. */
  keptIn: Inches
  /** Two sleeves leave so much between them, for a nail in the middle. */
  gap: Inches
  /** Each end is turned twice by so much. */
  turn: Inches
  /** Of the tube's own seam. */
  seam: Inches
  /** Beyond half of what the rod measures round, so that it slides and does not push the top forward. */
  play: Inches
  /** The tube is as deep as a multiple of this. */
  step: Inches
}

const cm = (value: number) => toInches(value, 'cm')
const RULES: Readonly<Record<Units, Rules>> = {
  in: { keptIn: 1, gap: 2, turn: 1 / 2, seam: 1 / 2, play: 1 / 2, step: 1 / 4 },
  cm: { keptIn: cm(2.5), gap: cm(5), turn: cm(1), seam: cm(1), play: cm(1.5), step: cm(0.5) },
}
/** A wider quilt wants its rod held in the middle too. */
const WIDE: Inches = 60

export interface Sleeve {
  way: 'sleeve'
  sections: number
  /** Of one section, hemmed. */
  finished: Sum
  /** How far it reaches down the back. */
  depth: Sum
  /** As it is cut: along the quilt, and round. */
  length: Sum
  width: Sum
  rules: Rules
  /** Along the upper edge, from inside of the one end of the sleeve to the other's, and a little. */
  stick: Sum
}

export interface HangingCorners {
  way: 'corners'
  square: Sum
  stick: Sum
}

/**
 * A sleeve: a tube along the upper edge of the back, as deep as half the girth of its rod and some play; or two squares
 * folded on their diagonals across the upper corners, with a stick between them. Source: geometry; a tube laid flat is
 * half as deep as it is round.
 */
export function planHanging({ hanging, binding, units }: Quilt, edgedWidth: Sum): Sleeve | HangingCorners | null {
  if (!hanging) return null
  const edged = edgedWidth.total
  const rules = RULES[units]
  const { keptIn, gap, turn, seam, play, step } = rules
  if (hanging.way === 'corners') {
    const hidden = binding ? binding.seam : 0
    return {
      way: 'corners',
      square: sumOf([{ what: 'square-as-chosen', value: hanging.square }]),
      stick: sumOf([
        { what: 'edged-width', value: edged },
        { what: 'binding-seam', count: -2, each: hidden },
        { what: 'play', value: -play },
      ]),
    }
  }
  const sections = edged > WIDE ? 2 : 1
  const exact = (edged - 2 * keptIn - (sections - 1) * gap) / sections
  const finished = roundedSum(
    [
      { what: 'edged-width', count: 1 / sections, each: edged },
      { what: 'kept-in', count: -2 / sections, each: keptIn },
      { what: 'gap-in-the-middle', count: -(sections - 1) / sections, each: gap },
    ],
    // of a quilt that is narrower than what is kept in, the least that can be sewn
    Math.max(step, Math.floor(exact / step + TOLERANCE) * step),
  )
  const half = [
    { what: 'half-the-girth' as const, value: hanging.girth / 2 },
    { what: 'play' as const, value: play },
  ]
  const depth = roundedSum(half, roundUpToRuler(hanging.girth / 2 + play, step))
  return {
    way: 'sleeve',
    sections,
    rules,
    finished,
    depth,
    length: sumOf([
      { what: 'finished', value: finished.total },
      { what: 'hems', count: 2, each: 2 * turn },
    ]),
    width: sumOf([
      { what: 'twice-the-depth', count: 2, each: depth.total },
      { what: 'seams', count: 2, each: seam },
    ]),
    stick: sumOf([
      { what: 'edged-width', value: edged },
      { what: 'kept-in', count: -1, each: keptIn },
    ]),
  }
}
