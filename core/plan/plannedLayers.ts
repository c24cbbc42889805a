import type { Backing } from '../layers/backing'
import type { BackingWay } from '../layers/backingWay'
import type { Batting } from '../layers/batting'
import { planAsYouGo } from '../layers/asYouGo'
import { edgedSide } from '../layers/edged'
import { planHanging, type HangingCorners, type Sleeve } from '../layers/hanging'
import { planLabel } from '../layers/label'
import { stageMeasure } from '../made/stageMeasure'
import { TRIMMED } from '../top/trimmed'
import { because, type Reckonable } from '../measure/reckoned'
import type { Inches } from '../measure/ruler'
import { plus, type Sum } from '../measure/sum'
import { beyondFinished } from '../top/rawEdge'
import type { Quilt } from '../file/quilt'
import { stageFigures } from './plannedStages'
import { plannedPiecedBack, type PlannedPiecedBack } from './plannedPiecedBack'
import { diagonalOf, planHolding } from '../layers/holding'

interface LayerSize {
  width: Sum
  height: Sum
}

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
  /** Pieces joined edge to edge: packets, or lengths of what is sold by the length. Where it is said how it is sold. */
  packets?: number
  /** Of what is sold by the length: how much is needed, and the same as a shop sells it. */
  need?: Inches
  buy?: { length: Inches; unit: 'in' }
  /** What is left of a packet or beside the lengths, the largest first. */
  left?: { width: Inches; height: Inches }[]
}

/** The back as the plan tells it. */
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

/** The batting as the plan tells it. */
export function plannedBatting({ width, height, washed, sold }: Batting): Reckonable<PlannedBatting> {
  return {
    width: because(width),
    height: because(height),
    ...(washed ? { washed: { width: because(washed.width), height: because(washed.height) } } : {}),
    ...(sold
      ? {
          packets: sold.packets,
          ...(sold.need && sold.buy
            ? { need: because(sold.need), buy: { length: because(sold.buy), unit: 'in' as const } }
            : {}),
          left: sold.left.map(piece => ({ width: because(piece.width), height: because(piece.height) })),
        }
      : {}),
  }
}

/** `top`: finished; `trimmed`: the same, or what the trimmed quilt measured. */
export function heldAndTrimmed(quilt: Quilt, top: LayerSize, trimmed: LayerSize) {
  const raw = (side: Sum) => plus(side, ...beyondFinished(quilt, 2))
  const [across, down] = [raw(trimmed.width), raw(trimmed.height)]
  const { pins, thread } = planHolding(raw(top.width).total, raw(top.height).total)
  const measured = (side: 'width' | 'height') => stageFigures(stageMeasure(quilt, TRIMMED, side, raw(top[side])))
  return {
    holding: { pins: because(pins), thread: because(thread) },
    trim: {
      width: because(across),
      height: because(down),
      diagonal: because(diagonalOf(across.total, down.total)),
      measures: { width: measured('width'), height: measured('height') },
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

/** What is made block by block, as the plan tells it; null: the quilt is not made so. */
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

/** `width`: of the quilt as it was trimmed, finished. */
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
