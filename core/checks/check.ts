import type { SeamTestDoubt } from '../made/seamTestDoubt'
import type { Piece } from '../cut/piece'
import type { Decision } from '../made/decidedSize'
import type { Inches } from '../measure/ruler'
import type { MotifFault } from '../quilting/motifPath'
import type { Spacer } from '../top/borders/spacers'
import type { Plan } from '../plan/plan'
import type { PlannedBinding } from '../plan/plannedBinding'
import type { PlanWork } from '../plan/planWork'
import type { StageKey } from '../file/measuredThing'
import type { CheckPlace } from './place'

/** Where pieces go and what they are there. */
type PieceUse = Pick<Piece, 'use' | 'places' | 'part'>

/** A sewn block that is smaller than its place, by so much at most; raw sizes. */
interface SewnShort {
  block: string
  short: Inches
  wanted: { width: Inches; height: Inches }
  measured: { width: Inches; height: Inches }
}

/** What each check says of what it found; names are those that the quilter gave, lengths are in inches. */
export interface CheckData {
  'off-ruler': { block: string; off: Inches; sizes: readonly Inches[] }
  'long-strip': PieceUse & {
    longest: Inches
    usable: Inches
    strips: number
    clothAcross: Inches
    clothAlong: Inches
  }
  'piece-too-large': PieceUse & {
    piece: string
    cloth: string
    width: Inches
    height: Inches
    usable: Inches
    /** Of cloth that comes in pieces. */
    length?: Inches
  }
  'short-of-cloth': { cloth: string; have: Inches; short: Inches; buy: Inches }
  'remains-short': { cloth: string; pieces: number; buy: number; isInPieces: boolean }
  'not-enough-cloth': { cloth: string; need: number; have: number; panelLength?: Inches }
  'turned-print': { cloth: string }
  'cut-already': { piece: string; cut: number; wanted: number; extra: number }
  'seam-test-unlikely': SeamTestDoubt & { strips: number; cut: Inches; measured: Inches }
  'seam-off': { sewn: Inches; wanted: Inches; move: Inches; expected: Inches; measured: Inches }
  'measures-disagree': {
    side: 'width' | 'height'
    first: 'blocks' | 'rows' | 'setting'
    firstSays: Inches
    then: 'blocks' | 'rows' | 'setting'
    thenSays: Inches
  }
  'trimmed-unlikely': { side: 'width' | 'height'; measured: Inches; top: Inches }
  'border-spread': { what: StageKey | 'rows'; side: 'width' | 'height'; spread: Inches; most: Inches }
  /** Degrees from the long edge of a strip. */
  'mitre-angle': { border: number; sides: number; ends: number }
  /** `spacer`: plain borders inside it that make the repeat divide, smallest first. */
  'border-repeat': { border: number; width: Inches; height: Inches; repeat: Inches; spacer: readonly Spacer[] }
  'very-large': { width: Inches; height: Inches; patches: number }
  'shift-too-long': { shift: Inches; block: Inches }
  'one-on-point': Record<never, never>
  /** `module`: to which all blocks could be framed with enough. */
  'sewn-block-short': SewnShort
  'sewn-block-eased': SewnShort
  'sewn-blocks-too-few': { block: string; need: number; have: number }
  'frame-too-narrow': { width: Inches; module: Inches }
  /**
   * `shown`: what the front shows of it; `wider`: what the outermost border is cut wider for it; `covered`: what it
   * hides of the top on each edge.
   */
  'border-covered': { style: PlannedBinding['style']; seam: Inches; shown: Inches; wider: Inches; covered: Inches }
  /** Diameter and middle of the widest place; `most`: what the batting allows. */
  'gap-too-wide': { size: Inches; x: Inches; y: Inches; most: Inches; hasLines: boolean }
  'motif-not-drawn': { fault: MotifFault }
  'quilting-too-dense': { most: number }
  'batting-shows': { colour: 'cream' | 'white' | 'black'; cloths: readonly string[] }
  'batting-joined': { packets: number; width: Inches; height: Inches; isByLength: boolean }
  'back-not-wide': { usable: Inches; wanted: Inches }
  'edges-covered': { covered: Inches; sash: Inches; smallest: Inches }
  'leftovers-short': { missing: number; buy: Inches }
  'baby-safety': { hasTies: boolean }
  'binding-narrow': { strip: Inches; least: Inches; seam: Inches; isBack: boolean }
  'flange-hidden': { flange: Inches; strip: Inches }
  'join-at-corner': { joins: number; hasFlange: boolean }
  /** Crossings of the quilt at which both allowances lie the same way. */
  'seams-do-not-nest': { clashes: number; crossings: number }
  /** Where the most seams of the block meet in one point, on one side of a seam that runs through or round it. */
  'bulky-crossing': { block: string; seams: number; places: number }
  /** Allowance left beyond the points of the largest block, once all are trimmed to the smallest. */
  'points-at-risk': { block: string; left: Inches; seam: Inches }
  'border-too-wide': { border: number; width: Inches; block: Inches }
  'border-too-narrow': { border: number; width: Inches; least: Inches }
  'border-too-short': { border: number; length: Inches; rough: Inches }
  /** `other`: the same cloth, or one that looks like it. */
  'neighbours-alike': { row: number; place: number; cloth: string; other: string }
  /** Of a picture; `cloths`: the same twice, or two that look like one. */
  'letters-alike': {
    block: string
    letters: readonly [string, string]
    cloths: readonly [string, string]
    edges: number
  }
  'bias-edges': { block: string }
  'no-precuts': Record<never, never>
  /** A picture is sewn by its chart, though papers could be drawn for it. */
  'no-foundation': { block: string; isPicture: boolean }
  'stretched-block': { block: string; width: Inches; height: Inches; ownHeight: Inches }
  'block-too-small': {
    block: string
    expected: Inches
    measured: Inches
    /** On a line across, that no trim has reset since; where there is none, no seam can be blamed. */
    seams: number
    error: Inches
    /** What was decided about them. */
    decision: Decision
    allSeams: number
  }
  'scattered-blocks': { block: string; spread: Inches; smallest: Inches }
  'low-contrast': { block: string; first: string; second: string; difference: number; least: number }
  'set-in-seams': { block: string; setIn: number; partial: number }
  'mirrored-pieces': { left: number; right: number; letters: readonly string[] }
  'angled-folded': { letters: readonly string[] }
  'overhang-too-small': {
    layer: 'backing' | 'batting' | 'backing-under-batting' | 'back-to-fold'
    overhang: Inches
    batting?: Inches
    /** What the back is brought round. */
    least?: Inches
  }
  'short-margin': { margin: number }
}

export type CheckId = keyof CheckData

/** Something to look at before cutting on. Sentences are made in `words/check.ts`. */
export type Check = {
  [Id in CheckId]: {
    id: Id
    severity: 'error' | 'warn' | 'note'
    data: Readonly<CheckData[Id]>
  } & CheckPlace
}[CheckId]

/** What the checks look at. */
export type Checked = PlanWork & { plan: Plan }
export type Checker = (work: Checked) => Check[]
