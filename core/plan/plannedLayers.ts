import type { Backing } from '../layers/backing'
import type { BackingWay } from '../layers/backingWay'
import type { Batting } from '../layers/batting'
import { planAsYouGo } from '../layers/asYouGo'
import { edgedSide } from '../layers/edged'
import { planHanging, type HangingCorners, type Sleeve } from '../layers/hanging'
import { planLabel } from '../layers/label'
import { because, type Reckonable } from '../measure/reckoned'
import type { Inches } from '../measure/ruler'
import { plus, type Sum } from '../measure/sum'
import { beyondFinished } from '../top/rawEdge'
import type { Quilt } from '../file/quilt'
import { plannedPiecedBack, type PlannedPiecedBack } from './plannedPiecedBack'
import { diagonalOf, planHolding } from '../layers/holding'

export interface PlannedBackingWay {
  seams: BackingWay['seams']
  panels: number
  panelLength: Inches
  /** One panel is cut in two along its length and sewn to both sides. */
  split: boolean
  buy: Inches
}

export interface PlannedBacking extends PlannedBackingWay {
  /** Each way of laying panels of new cloth, with its cost. */
  ways: PlannedBackingWay[]
  /** How it is pieced from leftovers, where it is. */
  pieced?: PlannedPiecedBack
}

export interface PlannedBatting {
  width: Inches
  height: Inches
  /** The quilt, edged, when the batting has shrunk in the first wash; not where it does not. */
  washed?: { width: Inches; height: Inches }
  /** Of a packet that is too small to lie in one piece: how many are joined. */
  packets?: number
}

export function plannedBacking(backing: Backing): Reckonable<PlannedBacking> {
  const { ways, pieced } = backing
  return {
    ...plannedWay(backing),
    ways: ways.map(plannedWay),
    ...(pieced ? { pieced: plannedPiecedBack(pieced) } : {}),
  }
}

function plannedWay({ seams, panels, panelLength, isSplit, buy }: BackingWay): Reckonable<PlannedBackingWay> {
  return { panels: because(panels), panelLength: because(panelLength), seams, split: isSplit, buy: because(buy) }
}

export function plannedBatting({ width, height, washed, packets }: Batting): Reckonable<PlannedBatting> {
  return {
    width: because(width),
    height: because(height),
    ...(washed ? { washed: { width: because(washed.width), height: because(washed.height) } } : {}),
    ...(packets === undefined ? {} : { packets }),
  }
}

/** `width`, `height`: of the finished top. */
export function heldAndTrimmed(quilt: Quilt, width: Sum, height: Sum) {
  const [across, down] = [plus(width, ...beyondFinished(quilt, 2)), plus(height, ...beyondFinished(quilt, 2))]
  const { pins, thread } = planHolding(across.total, down.total)
  return {
    holding: { pins: because(pins), thread: because(thread) },
    trim: {
      width: because(across),
      height: because(down),
      diagonal: because(diagonalOf(across.total, down.total)),
    },
  }
}

export interface PlannedAsYouGo {
  allowance: Inches
  /** What covers each join, and the edge in front. */
  sash: Inches
  edge: Inches
  sizes: {
    count: number
    back: { width: Inches; height: Inches }
    batting: { width: Inches; height: Inches }
  }[]
  packets: number | null
}

export function plannedAsYouGo(quilt: Quilt): Reckonable<PlannedAsYouGo> | null {
  const made = planAsYouGo(quilt)
  if (!made) return null
  const size = ({ width, height }: { width: Sum; height: Sum }) => ({ width: because(width), height: because(height) })
  return {
    allowance: made.allowance,
    sash: because(made.sash),
    edge: because(made.edge),
    sizes: made.sizes.map(({ count, back, batting }) => ({ count, back: size(back), batting: size(batting) })),
    packets: made.packets,
  }
}

export type PlannedHanging =
  | {
      way: 'sleeve'
      sections: number
      finished: Inches
      depth: Inches
      /** As it is cut. */
      length: Inches
      width: Inches
      stick: Inches
      /** One turn of the hem, the seam of the tube, and what two sections leave free between them. */
      turn: Inches
      seam: Inches
      gap: Inches
    }
  | { way: 'corners'; square: Inches; stick: Inches }

/** `width`: of the finished top. */
export function plannedLast(quilt: Quilt, width: Sum) {
  const hanging = planHanging(quilt, edgedSide(quilt, width))
  const label = planLabel(quilt)
  return {
    hanging: hanging && plannedHanging(hanging),
    label: label && { width: because(label.width), height: because(label.height) },
  }
}

function plannedHanging(hanging: Sleeve | HangingCorners): Reckonable<PlannedHanging> {
  if (hanging.way === 'corners')
    return { way: 'corners', square: because(hanging.square), stick: because(hanging.stick) }
  const { way, sections, finished, depth, length, width, stick, rules } = hanging
  return {
    way,
    sections,
    finished: because(finished),
    depth: because(depth),
    length: because(length),
    width: because(width),
    stick: because(stick),
    turn: rules.turn,
    seam: rules.seam,
    gap: rules.gap,
  }
}
