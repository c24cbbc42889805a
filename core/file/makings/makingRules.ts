// What a way of making a quilt up says of itself. Reading, sizes, layers, batches and progress read it.
import type { Inches } from '../../measure/ruler'

/** Steps that are ticked once the blocks are sewn, as the record names them. */
export type FinishStep =
  | 'rows-joined'
  | 'borders'
  | 'layered'
  | 'quilted'
  | 'trimmed'
  | 'bound'
  | 'labelled'
  | 'as-you-go.blocks'
  | 'as-you-go.long'
  | 'as-you-go.edges'

/** The seam of the quilt, and what its backs have beyond the batting. */
export interface Allowances {
  seam: Inches
  asYouGo: { allowance: Inches }
}

/** One way from blocks to a quilt. */
export interface MakingRules {
  /** Blocks are sewn into a whole top; layers, and a binding of its own, come after it. */
  hasTop: boolean
  /** Only blocks side by side, with nothing between or round them. */
  needsPlainRows: boolean
  needsBack: boolean
  /** What each edge has beyond the finished one to be sewn. */
  seamBeyond: (quilt: Pick<Allowances, 'seam'>) => Inches
  /** What each side of a join takes. */
  joinAllowance: (quilt: Allowances) => Inches
  /** In order. `ofRows`: only where there are rows to be joined. */
  steps: readonly { step: FinishStep; ofRows?: true }[]
}
