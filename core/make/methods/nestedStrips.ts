import { handedOutline } from '../../geometry/handOf'
import { nestedIn, nestedLength, nestings, type Nesting } from '../../geometry/nesting'
import { boundingBox, movePolygon, type Polygon } from '../../geometry/polygon'
import { roundUpToRuler, type Inches } from '../../measure/ruler'
import { addTerms, roundedSum, sumOf, type Term } from '../../measure/sum'
import { shortHash } from '../../measure/shortHash'
import { box, cloth, line, picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { exactly, sewnAsCut, type CutSize } from './cutSize'
import type { DressedPatch, DressedUnit } from '../units/dressedUnit'
import type { Method, MethodContext, PieceDraft } from './method'
import { pieceOf } from './pieces'

/** A nest must take less than this part of what boxes side by side take, or boxes are the simpler way. */
const WORTH_IT = 0.95

interface Nest {
  nesting: Nesting
  depth: CutSize
  /** The most from a full strip. */
  each: number
}

/**
 * One patch of four corners and more by its template, laid along a strip: each takes what its own outline takes, not
 * its box. Every one alike or every second one turned end for end, whichever gives most from the least depth; the grain
 * is that of the box. Single layer. Only where they fill a strip; not for a print with an up, nor for stripes. Source:
 * geometry/nesting.ts.
 */
export const nestedStrips: Method = {
  id: 'strip-nest',
  singly: 'template',
  fits: (unit, room, count) => {
    const [patch] = unit.patches
    // stripes have a direction, as an up has
    if (unit.patches.length !== 1 || patch!.polygon.length < 4 || patch!.isUpright) return false
    const nest = nestOf(patch!, room)
    // a few are cut as they come, wherever there is room for them
    if (nest === null || count < nest.each) return false
    return (nest.depth.total / nest.each) * room.usableWidth(patch!.cloth) <= WORTH_IT * boxed(patch!, room)
  },
  make(unit, count, room) {
    const [patch] = unit.patches
    const nest = nestOf(patch!, room)!
    const usable = room.usableWidth(patch!.cloth)
    const whole = Math.floor(count / nest.each)
    const rest = count - whole * nest.each
    const pitch = pitchOf(nest)
    const strip = (length: CutSize, strips: number, serves: number): PieceDraft => {
      const draft = pieceOf(length, nest.depth, {
        cloth: patch!.cloth,
        part: 'nested-strips',
        shape: 'strip',
        cuts: 'angle',
        angled: { angle: leadingAngle(nest.nesting), pitch: pitch.total, each: nest.each },
        hand: handedOutline(patch!.polygon).hand,
        turn: true,
        count: strips,
        perUnit: 1 / nest.each,
        serves,
        ownPile: pileName(nest.nesting),
        slots: [patch!.slot],
      })
      return { ...draft, why: { ...draft.why, pitch } }
    }
    return {
      pieces: [
        ...(whole > 0 ? [strip(exactly([{ what: 'usable-width', value: usable }]), whole, whole * nest.each)] : []),
        ...(rest > 0 ? [strip(restLength(nest, rest, usable, room), 1, rest)] : []),
      ],
      made: count,
      trim: false,
      seams: 0,
      cuts: 1 + 1 / nest.each,
      biasEdges: 0,
      lengths: { pitch },
      steps: () => [cutStep(unit, nest, count)],
    }
  },
}

/** The nest that gives most from the least depth, the plainest of those that are as good; null where none fits. */
function nestOf({ cutLine, cloth }: DressedPatch, room: MethodContext): Nest | null {
  const usable = room.usableWidth(cloth)
  let best: Nest | null = null
  for (const nesting of nestings(cutLine)) {
    const each = nestedIn(nesting, usable)
    if (each === 0) continue
    const depth = sewnAsCut([{ what: 'outline-across-the-strip', value: nesting.depth }], room)
    const nest = { nesting, depth, each }
    if (!best || isLess(score(nest), score(best))) best = nest
  }
  return best
}

/** The least of the strip for each, then the shortest outline: whichever side comes first, and in the mirror too. */
const score = ({ nesting, depth, each }: Nest) => [depth.total / each, nesting.length, nesting.advances[0]] as const

function isLess(one: readonly number[], other: readonly number[]): boolean {
  const differs = one.findIndex((value, i) => Math.abs(value - other[i]!) > 1e-9)
  return differs >= 0 && one[differs]! < other[differs]!
}

/** What boxes of the template side by side take of a strip's depth, the way that takes less. */
function boxed({ cutLine, cloth }: DressedPatch, room: MethodContext): number {
  const usable = room.usableWidth(cloth)
  const { width, height } = boundingBox(handedOutline(cutLine).outline)
  const taken = (across: Inches, depth: Inches) => (depth / Math.floor((usable + 1e-9) / across)) * usable
  return Math.min(taken(width, height), taken(height, width))
}

/** What each takes of the strip's length. */
function pitchOf({ nesting: { length, advances } }: Nest) {
  return sumOf([
    { what: 'outline-along-the-strip', value: length },
    { what: 'lies-into-the-next', value: (advances[0] + advances[1]) / 2 - length },
  ])
}

/** A short strip for the last ones, never longer than the cloth is wide. */
function restLength({ nesting }: Nest, count: number, usable: Inches, { ruler }: MethodContext): CutSize {
  const each = (nesting.advances[0] + nesting.advances[1]) / 2
  const terms: Term[] = [
    { what: 'advance-of-each', count, each },
    { what: 'reach-of-the-last', value: nestedLength(nesting, count) - count * each },
  ]
  const exact = addTerms(terms)
  return { exact, ...roundedSum(terms, Math.min(usable, roundUpToRuler(exact, ruler))) }
}

/** Of the side with which the first begins to the edge of the strip, in degrees. */
function leadingAngle({ outlines: [outline], depth }: Nesting): number {
  const foot = outline.reduce((a, b) => (b[1] > a[1] + 1e-9 || (b[1] > a[1] - 1e-9 && b[0] < a[0]) ? b : a))
  const next = outline[(outline.indexOf(foot) + 1) % outline.length]!
  return (Math.atan2(depth - next[1], Math.abs(next[0] - foot[0])) * 180) / Math.PI
}

/** Two outlines may need strips of one depth: they are different strips all the same. */
function pileName({ outlines: [outline] }: Nesting): string {
  return shortHash(
    outline
      .map(point => point.map(value => value.toFixed(4)).join(','))
      .sort()
      .join(' '),
  )
}

function cutStep(unit: DressedUnit, { nesting, depth, each }: Nest, count: number): Step {
  const shown = Math.min(each, 5)
  const laid = Array.from({ length: shown }, (_, i) =>
    movePolygon(nesting.outlines[(i % 2) as 0 | 1], nestedLength(nesting, i + 1) - nesting.length, 0),
  )
  const strip = box(0, 0, nestedLength(nesting, shown), depth.total)
  return {
    do: 'cut',
    code: nesting.outlines[0] === nesting.outlines[1] ? 'cut-nested-alike' : 'cut-nested-turned',
    data: { depth, gives: each, count, hand: handedOutline(unit.patches[0]!.polygon).hand },
    picture: picture([cloth(unit.patches[0]!.cloth, strip)], laid.flatMap(edgesOf)),
  }
}

const edgesOf = (outline: Polygon) => outline.map((from, i) => line('cut', from, outline[(i + 1) % outline.length]!))
