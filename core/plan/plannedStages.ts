import type { BorderedTop } from '../top/borders/butted'
import { stageMeasure, type StageMeasure } from '../made/stageMeasure'
import type { Inches } from '../measure/ruler'
import type { Sum } from '../measure/sum'
import type { Quilt } from '../file/quilt'

export interface PlannedStage {
  what: string
  /** Finished. */
  width: Inches
  height: Inches
  /** Finished size before anything was measured. */
  planned: { width: Inches; height: Inches }
  /** Raw edge to raw edge: what it should measure by what lies inside it, and what it did. */
  measures: Record<'width' | 'height', StageFigures>
  /** Between the two pairs of a border, on the side that the first pair has changed. */
  first?: StageFigures & { side: 'width' | 'height' }
}
export interface StageFigures {
  expected: Inches
  mean?: Inches
  spread?: Inches
  off?: Inches
}

type Put = (path: string, sum: Sum) => void

/** The stages of the top from the setting outwards, and under each number's path the reason for it. */
export function plannedStages(quilt: Quilt, now: BorderedTop, before: BorderedTop, put: Put): PlannedStage[] {
  return now.stages.map((stage, i): PlannedStage => {
    const planned = before.stages[i]!
    const path = `stages.${i}`
    put(`${path}.width`, stage.width)
    put(`${path}.height`, stage.height)
    put(`${path}.planned.width`, planned.width)
    put(`${path}.planned.height`, planned.height)
    const figures = (at: string, measure: StageMeasure): StageFigures => {
      for (const [name, sum] of Object.entries(measure)) put(`${path}.${at}.${name}`, sum as Sum)
      const { expected, mean, spread, off } = measure
      return {
        expected: expected.total,
        ...(mean && spread && off ? { mean: mean.total, spread: spread.total, off: off.total } : {}),
      }
    }
    const measured = (side: 'width' | 'height') =>
      figures(`measures.${side}`, stageMeasure(quilt, stage.what, side, stage.expected[side]))
    return {
      what: stage.what,
      width: stage.width.total,
      height: stage.height.total,
      planned: { width: planned.width.total, height: planned.height.total },
      measures: { width: measured('width'), height: measured('height') },
      ...(stage.first
        ? {
            first: {
              side: stage.first.side,
              ...figures('first', stageMeasure(quilt, `${stage.what}-first`, stage.first.side, stage.first.expected)),
            },
          }
        : {}),
    }
  })
}
