import type { Backing, BackingWay } from '../layers/backing'
import type { Batting } from '../layers/batting'
import { because, type Reckonable } from '../measure/reckoned'
import type { Inches } from '../measure/ruler'

export interface PlannedBackingWay {
  seams: BackingWay['seams']
  panels: number
  panelLength: Inches
  /** One panel is cut in two along its length and sewn to both sides. */
  split: boolean
  buy: Inches
}

export interface PlannedBacking extends PlannedBackingWay {
  /** Each way that can be had, with its cost. */
  ways: PlannedBackingWay[]
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
  return { ...plannedWay(backing), ways: backing.ways.map(plannedWay) }
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
