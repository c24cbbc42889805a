import type { Plan } from '~~/core/quilt/plan'
import type { QuiltFile } from '~~/core/quilt/schema'
import type { Recipe } from '~~/core/sewing/recipe'
import type { QuiltRow } from '~~/core/sewing/rows'

/** Everything the stations show, made in one go from one file. */
export interface Workbook {
  plan: Plan
  recipes: Recipe[]
  rows: QuiltRow[]
}

export interface ToPlanWorker { job: number, file: QuiltFile }
export type FromPlanWorker
  = | { kind: 'done', job: number, workbook: Workbook }
    | { kind: 'failed', job: number, message: string }
