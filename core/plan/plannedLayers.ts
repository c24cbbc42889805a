import type { Backing } from '../layers/backing'
import type { BackingWay } from '../layers/leftovers/backingWay'
import type { Batting } from '../layers/batting'
import { planAsYouGo } from '../layers/asYouGo'
import { edgedSide } from '../layers/edged'
import { planHanging, type HangingCorners, type Sleeve } from '../layers/hanging'
import { planLabel } from '../layers/label'
import { stageMeasure } from '../made/stageMeasure'
import { TRIMMED } from '../top/trimmed'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { plus, type Sum } from '../measure/sum'
import { beyondFinished } from '../top/regions/rawEdge'
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
export function plannedBacking(backing: Backing): Explainable<PlannedBacking> {
  const { ways, pieced } = backing
  return {
    ...plannedWay(backing),
    ways: ways.map(plannedWay),
    ...(pieced ? { pieced: plannedPiecedBack(pieced) } : {}),
  }
}

function plannedWay({ seams, panels, panelLength, isSplit, buy }: BackingWay): Explainable<PlannedBackingWay> {
  return { panels: explained(panels), panelLength: explained(panelLength), seams, split: isSplit, buy: explained(buy) }
}

/** The batting as the plan tells it. */
export function plannedBatting({ width, height, washed, sold }: Batting): Explainable<PlannedBatting> {
  return {
    width: explained(width),
    height: explained(height),
    ...(washed ? { washed: { width: explained(washed.width), height: explained(washed.height) } } : {}),
    ...(sold
      ? {
          packets: sold.packets,
          ...(sold.need && sold.buy
            ? { need: explained(sold.need), buy: { length: explained(sold.buy), unit: 'in' as const } }
            : {}),
          left: sold.left.map(piece => ({ width: explained(piece.width), height: explained(piece.height) })),
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
    holding: { pins: explained(pins), thread: explained(thread) },
    trim: {
      width: explained(across),
      height: explained(down),
      diagonal: explained(diagonalOf(across.total, down.total)),
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
export function plannedAsYouGo(quilt: Quilt): Explainable<PlannedAsYouGo> | null {
  const made = planAsYouGo(quilt)
  if (!made) return null
  const size = ({ width, height }: { width: Sum; height: Sum }) => ({
    width: explained(width),
    height: explained(height),
  })
  return {
    allowance: made.allowance,
    sash: explained(made.sash),
    edge: explained(made.edge),
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
    label: label && { width: explained(label.width), height: explained(label.height) },
  }
}

function plannedHanging(hanging: Sleeve | HangingCorners): Explainable<PlannedHanging> {
  if (hanging.way === 'corners')
    return { way: 'corners', square: explained(hanging.square), stick: explained(hanging.stick) }
  const { way, sections, finished, depth, length, width, stick, rules } = hanging
  return {
    way,
    sections,
    finished: explained(finished),
    depth: explained(depth),
    length: explained(length),
    width: explained(width),
    stick: explained(stick),
    turn: rules.turn,
    seam: rules.seam,
    gap: rules.gap,
  }
}
