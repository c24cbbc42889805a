import { finishedPatches, type Design } from '../../designs/design'
import { foundationOf, sewingOrderOf } from '../order/howSewn'
import { isUprightRectangle } from './unit'
import { unitsOf, unitTree } from './unitTree'

export const DIFFICULTIES = ['easy', 'middling', 'hard'] as const
export type Difficulty = (typeof DIFFICULTIES)[number]

/** What a quilter asks of a block before choosing it. */
export interface DesignFacts {
  patches: number
  /** Squares and bars alone. */
  hasNoTriangles: boolean
  setIn: number
  partial: number
  /** All of it comes from strips sewn together and cut across. */
  isStripPieced: boolean
  /** Papers on which it can be sewn; null: it cannot. */
  papers: number | null
  difficulty: Difficulty
}

const known = new WeakMap<Design, DesignFacts>()

export function designFacts(design: Design): DesignFacts {
  const found = known.get(design) ?? factsOf(design)
  known.set(design, found)
  return found
}

function factsOf(design: Design): DesignFacts {
  const { tree, setIn, partial } = sewingOrderOf(design)
  const units = unitsOf(unitTree(tree, finishedPatches(design, 12, (12 * design.height) / design.width)))
  const patches = design.patches.length
  const slanted = units.filter(unit => ['template', 'wedge', 'diamond', 'three-patch'].includes(unit.kind)).length
  const hasNoTriangles = design.patches.every(patch => isUprightRectangle(patch.points))
  return {
    patches,
    hasNoTriangles,
    setIn,
    partial,
    papers: foundationOf(design)?.sections.length ?? null,
    isStripPieced:
      units.some(unit => unit.kind === 'strip-set')
      && units.every(unit => unit.kind === 'strip-set' || unit.kind === 'rectangle'),
    // what makes a block hard to a hand: seams that turn, edges that stretch, many small parts
    difficulty:
      setIn + partial > 0 || slanted > 8 || patches > 48
        ? 'hard'
        : slanted > 0 || (!hasNoTriangles && units.length > 9) || patches > 25
          ? 'middling'
          : 'easy',
  }
}
