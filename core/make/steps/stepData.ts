// What the sentences of steps may mention. Lengths in inches.
import type { Hand } from '../../geometry/handOf'
import type { Inches } from '../../measure/ruler'
import type { Sum } from '../../measure/sum'
import type { Direction } from './press'

/** As worked out, with its reason, or as given. */
export type StepLength =
  'centre' | 'depth' | 'height' | 'large' | 'mark' | 'seam' | 'segment' | 'side' | 'small' | 'step' | 'wide' | 'width'

/** How many; `angle` in degrees, `number` of a patch on a paper, `stops` ends at a dot, `closes` seams left open. */
export type StepCount =
  | 'alone'
  | 'angle'
  | 'closes'
  | 'count'
  | 'gives'
  | 'number'
  | 'other'
  | 'pairs'
  | 'pieces'
  | 'sets'
  | 'stops'
  | 'strips'

export interface StepData extends Partial<Record<StepLength, Inches | Sum>>, Partial<Record<StepCount, number>> {
  /** Ids of the cloths that lie on top and below. */
  over?: string
  under?: string
  /** Of a paper. */
  section?: string
  press?: Direction
  hand?: Hand
  /** Corners between which a rectangle is cut; of a leg: `edge`, `dot`, or `turn`. */
  from?: string
  to?: string
}
