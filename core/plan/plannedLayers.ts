import type { Backing } from '../layers/backing'
import type { BackingWay } from '../layers/backingWay'
import type { Batting } from '../layers/batting'
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
