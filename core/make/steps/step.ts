import type { Inches } from '../../measure/ruler'
import type { JoinedPart } from './joinedPart'
import type { Picture } from './picture'
import type { SewingStage } from './stage'
import type { StepCode } from './stepCode'
import type { StepData } from './stepData'

/**
 * One thing to do at the machine, the board or the mat. `code` picks the sentence in `words/`; `data` is what it
 * needs.
 */
export interface Step {
  do: 'cut' | 'mark' | 'layer' | 'sew' | 'cut-apart' | 'press' | 'trim' | 'measure'
  code: StepCode
  picture: Picture
  /** What is joined to what. */
  joins?: [JoinedPart, JoinedPart]
  /** What the sentence mentions. */
  data?: Readonly<StepData>
  /**
   * How many are in hand for the whole lot, where that is neither what the step before gave nor the units; how many
   * come of each; and the slots whose pieces are wanted only now, or are marked beforehand.
   */
  of?: number
  into?: number
  adds?: readonly string[]
  /** What hands do within it, one after the other, where it wants care. */
  stages?: readonly SewingStage[]
  /** Raw edge to raw edge, when this step is done. */
  expect?: { width: Inches; height: Inches }
}

/** Whether its picture is mirrored for the left hand: how ruler and cutter lie, and not what has a hand of its own. */
export function followsTheHand({ do: doing, code }: Pick<Step, 'do' | 'code'>): boolean {
  return (doing === 'cut' && code !== 'cut-template') || code === 'cut-segments' || code === 'cut-wedges-in-turn'
}
