import { makingRules } from './makings'
import type { Inches } from '../measure/ruler'
import type { Quilt } from './quilt'

/** What each edge of the top has beyond the finished one to be sewn: nothing as you go, where batting meets batting. */
export function seamBeyond({ seam, making }: Pick<Quilt, 'seam' | 'making'>): Inches {
  return makingRules(making).seamBeyond({ seam })
}
