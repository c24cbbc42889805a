import type { Plan } from '~~/core/quilt/plan'
import type { QuiltFile } from '~~/core/quilt/schema'
import type { Recipe } from '~~/core/sewing/recipe'

/** Everything the stations show, made in one go from one file. */
export interface Workbook {
  plan: Plan
  recipes: Recipe[]
}

export interface ToPlanWorker { job: number, file: QuiltFile }
export type FromPlanWorker
  // a question has come in and is being worked on
  = | { kind: 'hello', job: number }
    | { kind: 'done', job: number, workbook: Workbook }
    | { kind: 'failed', job: number, message: string }
