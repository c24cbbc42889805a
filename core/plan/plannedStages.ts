import type { BorderedTop } from '../top/borders/index'
import { stageMeasure, type StageMeasure } from '../made/stageMeasure'
import type { Inches } from '../measure/ruler'
import { explained, type Explainable } from '../measure/explained'
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

/** In: the top with what was measured, and before. Out: its stages from the setting outwards. */
export function plannedStages(quilt: Quilt, now: BorderedTop, before: BorderedTop): Explainable<PlannedStage>[] {
  return now.stages.map((stage, i) => {
    const planned = before.stages[i]!
    const measured = (side: 'width' | 'height') =>
      stageFigures(stageMeasure(quilt, stage.what, side, stage.expected[side]))
    return {
      what: stage.what,
      width: explained(stage.width),
      height: explained(stage.height),
      planned: { width: explained(planned.width), height: explained(planned.height) },
      measures: { width: measured('width'), height: measured('height') },
      ...(stage.first
        ? {
            first: {
              side: stage.first.side,
              ...stageFigures(stageMeasure(quilt, stage.first.what, stage.first.side, stage.first.expected)),
            },
          }
        : {}),
    }
  })
}

/** Of one side: what was expected, and what was measured of it. */
export function stageFigures({ expected, mean, spread, off }: StageMeasure): Explainable<StageFigures> {
  return {
    expected: explained(expected),
    ...(mean && spread && off ? { mean: explained(mean), spread: explained(spread), off: explained(off) } : {}),
  }
}
