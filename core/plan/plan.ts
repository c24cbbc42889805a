// In: a quilt. Out: its plan, and what the plan was made from.
import type { PlanWork } from './planWork'
import { blockMake } from '../make/units/blockMake'
import type { Piece } from '../cut/piece'
import { QUICK, type Search } from '../cut/layout'
import { planBinding } from '../layers/binding/binding'
import { roughLength } from '../cut/edgePieces'
import { planBacking } from '../layers/backing'
import { planBatting } from '../layers/batting'
import { seamRecord } from '../made/seamRecord'
import type { SeamTestDone } from '../made/seamTestDone'
import type { SeamTestDoubt } from '../made/seamTestDoubt'
import { seamTest } from '../made/seamTest'
import { trimmedTop } from '../top/trimmed'
import type { Inches } from '../measure/ruler'
import { plus, type Sum } from '../measure/sum'
import { chooseWays } from './chosenWays'
import { testBlockPieces } from './testBlock'
import { timesPlaced } from '../top/places'
import { PRESSING } from '../make/joins/pressing'
import { quiltRows, sashMarks, type QuiltRow, type SashMarks } from '../top/rows'
import { dimensionsOf, plannedDimensions } from '../top/dimensions'
import { plannedEasing, plannedJoining, type PlannedEasing, type PlannedJoin } from './plannedJoining'
import {
  heldAndTrimmed,
  plannedAsYouGo,
  plannedBacking,
  plannedBatting,
  plannedLast,
  type PlannedAsYouGo,
  type PlannedBacking,
  type PlannedBatting,
  type PlannedHanging,
} from './plannedLayers'
import { atHandOf } from './plannedAtHand'
import { plannedBinding, type PlannedBinding } from './plannedBinding'
import { plannedCharts, type PlannedChart } from './plannedCharts'
import { plannedCloth, type PlannedCloth } from './plannedCloth'
import { plannedPiece } from './plannedPiece'
import { plannedPressing, versionAt, type PlannedPressing } from './plannedPressing'
import { quiltPressing } from '../pressing/quiltPressing'
import { plannedQuilting, type PlannedQuilting } from './plannedQuilting'
import { plannedQuilt, type PlannedQuilt } from './plannedQuilt'
import { opaque, explained, splitReasons, type Explainable } from '../measure/explained'
import { unfinishedSide } from '../measure/unfinishedSide'
import type { BorderStrip } from '../top/borders/border'
import { beyondSeam } from '../top/regions/rawEdge'
import { plannedBlock, type PlannedBlock } from './plannedBlock'
import { plannedStages, type PlannedStage, type StageFigures } from './plannedStages'
import type { Quilt } from '../file/quilt'
import { wallFindings, type PlannedWall } from '../wall/findings'

export interface PlannedBorder {
  border: number
  side: 'left' | 'right' | 'top' | 'bottom'
  length: Inches
  rough: Inches
  width: Inches
}

/** The plan before it is checked: plain data, lengths in inches. Names are agreed in `docs/file-format.md`. */
export interface Plan {
  quilt: PlannedQuilt
  stages: PlannedStage[]
  pieces: Piece[]
  cloths: PlannedCloth[]
  blocks: PlannedBlock[]
  /** In the order of joining. */
  rows: QuiltRow[]
  /** On long sashes. */
  marks: SashMarks[]
  /** In which order neighbouring rows are joined. */
  joining: PlannedJoin[]
  /** What was measured, against the places it is sewn into. */
  easing: PlannedEasing[]
  pressing: PlannedPressing
  borders: PlannedBorder[]
  backing: PlannedBacking | null
  /** Null where the top is made whole and then layered. */
  asYouGo: PlannedAsYouGo | null
  batting: PlannedBatting | null
  binding: PlannedBinding | null
  /** What holds the layers, and what the quilt is trimmed to when it is quilted. */
  holding: { pins: number; thread: Inches }
  trim: {
    width: Inches
    height: Inches
    diagonal: Inches
    /** What it should measure when it is trimmed, and what it did. */
    measures: Record<'width' | 'height', StageFigures>
  }
  /** What it hangs by, and its label as it is cut. */
  hanging: PlannedHanging | null
  label: { width: Inches; height: Inches } | null
  /** Null where it is not said how it is quilted. */
  quilting: PlannedQuilting | null
  /** How pictures in squares are read and sewn. */
  charts: PlannedChart[]
  /** What the eye would catch in the layout. */
  wall: PlannedWall
  seamTest: {
    strips: number
    cut: Inches
    expected: Inches
    measured: Inches | null
    doubt: SeamTestDoubt | null
    sewn: Inches | null
    off: Inches | null
    /** All tests that were measured. */
    tests: SeamTestDone[]
    /** Within them a test differs by chance alone. */
    limits: { mean: Inches; low: Inches; high: Inches } | null
    /** What one step of the machine's needle adds to the seam. */
    step: Inches | null
  }
  sums: Record<string, Sum>
}

/** Told which part of the whole is done, from 0 to 1, by how long the stages usually take. */
export type Progress = (part: number) => void

/**
 * From a quilt to its plan. Pure, and the same every time. Each stage reads what came before: blocks → setting →
 * borders → edge → pieces → cutting → layers.
 */
export function makePlan(
  quilt: Quilt,
  search: Search = QUICK,
  onProgress: Progress = () => {},
): { plan: Plan; work: PlanWork } {
  const blocks = quilt.blocks.filter(({ derived, id }) => !derived || timesPlaced(quilt, id) > 0)
  const makes = new Map(blocks.map(block => [block.id, blockMake(quilt, block)]))
  const dimensions = dimensionsOf(quilt)
  const planned = plannedDimensions(quilt, dimensions)
  const { width, height } = dimensions.top.stages.at(-1)!
  const top = { width: width.total, height: height.total }
  const trimmed = trimmedTop(quilt, { width, height })
  const binding = planBinding(quilt, trimmed.size)
  onProgress(0.1)
  const { choices, pieces, needs } = chooseWays(quilt, makes, { dimensions, planned }, search)

  onProgress(0.45)
  const backing = planBacking(quilt, top, needs)
  const hands = quilt.cloths.map((cloth, i) => atHandOf(quilt, cloth, needs[i]!, backing))
  const batting = planBatting(quilt, top, trimmed.size)
  const pressing = quiltPressing(quilt, makes, dimensions)
  onProgress(0.6)
  const work: PlanWork = { quilt, makes, choices, dimensions, planned, needs, pieces, pressing }
  const rows = quiltRows(quilt, dimensions, PRESSING.row, versionAt(pressing))
  const numbers = new Map(pieces.map(piece => [piece.id, piece.letter]))
  const parts: Explainable<Omit<Plan, 'sums'>> = {
    quilt: plannedQuilt(quilt, { dimensions, trimmed, pieces, needs, backing, hands }),
    stages: plannedStages(quilt, dimensions.top, planned.top),
    pieces: pieces.map(plannedPiece),
    cloths: needs.map((need, i) => plannedCloth(quilt, quilt.cloths[i]!, need, { pieces, numbers, found: hands[i]! })),
    blocks: blocks.map(block =>
      plannedBlock(quilt, makes.get(block.id)!, choices, testBlockPieces(work, block.id, pieces), dimensions.setting),
    ),
    rows,
    pressing: opaque(plannedPressing(quilt, pressing, makes, rows, dimensions.setting)),
    marks: sashMarks(quilt, dimensions),
    joining: plannedJoining(quilt, dimensions, rows, pressing),
    easing: plannedEasing(quilt, dimensions),
    borders: dimensions.top.strips.map((strip, i) => plannedBorder(quilt, strip, planned.top.strips[i]!)),
    backing: backing && plannedBacking(backing),
    batting: batting && plannedBatting(batting),
    asYouGo: plannedAsYouGo(quilt),
    binding: binding && plannedBinding(binding),
    ...heldAndTrimmed(quilt, { width, height }, trimmed),
    ...plannedLast(quilt, trimmed.width),
    quilting: plannedQuilting(quilt, makes, dimensions),
    charts: plannedCharts(quilt, makes),
    wall: opaque(wallFindings(quilt, dimensions)),
    seamTest: plannedSeamTest(quilt),
  }
  onProgress(0.85)
  const { plain, sums } = splitReasons<Omit<Plan, 'sums'>>(parts)
  return { plan: { ...plain, sums }, work }
}

/** In: a border strip by what was measured, and by the plan before measures. Out: what to cut and to trim it to. */
function plannedBorder(quilt: Quilt, strip: BorderStrip, before: BorderStrip): Explainable<PlannedBorder> {
  // the units of a pieced border are sewn to its length: nothing is trimmed off
  const isPieced = quilt.borders[strip.border - 1]!.pieced !== undefined
  return {
    border: strip.border,
    side: strip.side,
    length: explained(strip.length),
    rough: explained(isPieced ? strip.length : roughLength(before)),
    width: explained(plus(unfinishedSide(strip.finishedWidth, quilt.seam), ...beyondSeam(strip.beyond, 1))),
  }
}

function plannedSeamTest(quilt: Quilt): Explainable<Plan['seamTest']> {
  const test = seamTest(quilt)
  const record = seamRecord(quilt)
  const { limits } = record
  return {
    ...test,
    expected: explained(test.expected),
    sewn: test.sewn && explained(test.sewn),
    off: test.off && explained(test.off),
    doubt: test.doubt,
    tests: record.tests,
    limits: limits && { mean: explained(limits.mean), low: explained(limits.low), high: explained(limits.high) },
    step: record.step && explained(record.step),
  }
}
