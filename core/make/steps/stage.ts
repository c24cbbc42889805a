import type { Picture } from './picture'
import type { JoinedPart } from './joinedPart'
import type { StepData } from './stepData'

/** What a hand does within one step; `words/stage.ts` has the sentence for each. */
export type StageCode =
  | 'mark-dots'
  | 'sew-leg'
  | 'turn-leg'
  | 'press-round-dot'
  | 'sew-to-stop'
  | 'leave-open'
  | 'sew-whole-seam'
  | 'close-seam'
  | 'match-centre'
  | 'sew-through-centre'
  | 'spin-centre'
  | 'lay-on-paper'
  | 'sew-on-paper'
  | 'trim-on-paper'
  | 'flip-on-paper'
  | 'fold-corner'
  | 'check-corner'
  | 'trim-behind-corner'

/** Where it is done, when the quilt is sewn in batches. */
export const STATION_OF: Readonly<Record<StageCode, 'mat' | 'machine' | 'iron'>> = {
  'mark-dots': 'machine',
  'sew-leg': 'machine',
  'turn-leg': 'machine',
  'press-round-dot': 'iron',
  'sew-to-stop': 'machine',
  'leave-open': 'machine',
  'sew-whole-seam': 'machine',
  'close-seam': 'machine',
  'match-centre': 'machine',
  'sew-through-centre': 'machine',
  'spin-centre': 'iron',
  'lay-on-paper': 'machine',
  'sew-on-paper': 'machine',
  'trim-on-paper': 'iron',
  'flip-on-paper': 'iron',
  'fold-corner': 'iron',
  'check-corner': 'iron',
  'trim-behind-corner': 'mat',
}

/** One of several things to do within a step that wants care. */
export interface SewingStage {
  code: StageCode
  picture: Picture
  /** The part on top and the one below; of what is pressed, the part to which it is pressed, and the other. */
  joins?: readonly [JoinedPart, JoinedPart]
  data?: Readonly<StepData>
}
