import type { CheckedPlan } from '~~/core/checks/planQuilt'
import type { PlannedBatch } from '~~/core/batches/plannedBatches'
import type { ToBuy } from '~~/core/plan/chosenWays'
import type { QuiltFile } from '~~/core/file/schema'
import type { Change } from './changes'
import type { Recipe } from '~~/core/recipes/recipe'
import type { ScrappyBinding } from '~~/core/plan/scrappyBinding'
import type { TopFromBehind } from '~~/core/recipes/topFromBehind'

/** Everything the stations show, made in one go from one file. */
export interface Workbook {
  plan: CheckedPlan
  recipes: Recipe[]
  /** The rows from behind; null where they are too many to be drawn. */
  behind: TopFromBehind | null
}

export type ToPlanWorker =
  | { kind: 'plan'; job: number; file: QuiltFile }
  // cloth to buy by each way of making a unit of the plan made last
  | { kind: 'ways'; job: number; unit: string }
  // the sewing of the plan made last, in batches
  | { kind: 'batches'; job: number }
  // cloths of which the plan made last leaves enough for the binding
  | { kind: 'scraps'; job: number }
export type FromPlanWorker =
  // a question has come in and is being worked on
  | { kind: 'hello'; job: number }
  // which part of a plan is done, from 0 to 1
  | { kind: 'progress'; job: number; part: number }
  // what is new since the workbook that this worker made before; from its first one everything
  | { kind: 'done'; job: number; change: Change | null }
  | { kind: 'ways'; job: number; unit: string; buys: (ToBuy | null)[] }
  | { kind: 'batches'; job: number; batches: PlannedBatch[] }
  | { kind: 'scraps'; job: number; found: ScrappyBinding | null }
  | { kind: 'failed'; job: number; message: string }
