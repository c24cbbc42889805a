import { planQuilt, type Plan, type PlanWork } from '../quilt/plan'
import type { Quilt } from '../quilt/quilt'
import { readQuilt } from '../quilt/readQuilt'
import sample from '../quilt/sample.wren.json'
import type { QuiltFile } from '../quilt/schema'

/** The agreed sample: stars and plain squares, sashing with cornerstones, one border. */
export const SAMPLE = sample as unknown as QuiltFile

/** Reads a file that must be good. */
export function quiltOf(file: unknown): Quilt {
  const quilt = readQuilt(file)
  if (!quilt.ok) throw new Error(JSON.stringify(quilt.problems))
  return quilt.value
}

export function planOf(file: unknown): { quilt: Quilt; plan: Plan; work: PlanWork } {
  const quilt = quiltOf(file)
  return { quilt, ...planQuilt(quilt) }
}
