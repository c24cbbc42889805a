// In: a quilt. Out: its plan with what deserves a second look.
import type { Search } from '../cut/layout'
import { makePlan, type Plan, type Progress } from '../plan/plan'
import type { PlanWork } from '../plan/planWork'
import type { Quilt } from '../file/quilt'
import type { Check } from './check'
import { checkQuilt } from './index'

/** The plan as others read it, with what deserves a second look, worst first. */
export interface CheckedPlan extends Plan {
  checks: Check[]
}

/** From a quilt to its plan, looked over. Pure, and the same every time. */
export function planQuilt(quilt: Quilt, search?: Search, onProgress?: Progress): { plan: CheckedPlan; work: PlanWork } {
  const { plan, work } = makePlan(quilt, search, onProgress)
  return { plan: { ...plan, checks: checkQuilt({ ...work, plan }) }, work }
}
