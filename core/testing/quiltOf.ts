import { blockMake } from '../make/units/blockMake'
import { choicesOf } from '../plan/chosenWays'
import type { ChosenWay } from '../plan/choose'
import { planQuilt, type CheckedPlan } from '../checks/planQuilt'
import type { PlanWork } from '../plan/planWork'
import type { Quilt } from '../file/quilt'
import { readQuilt } from '../file/readQuilt'
import sample from '../file/sample.wren.json'
import type { QuiltFile } from '../file/schema'

/** The agreed sample: stars and plain squares, sashing with cornerstones, one border. */
export const SAMPLE = sample as unknown as QuiltFile

/** Reads a file that must be good. */
export function quiltOf(file: unknown): Quilt {
  const quilt = readQuilt(file)
  if (!quilt.ok) throw new Error(JSON.stringify(quilt.problems))
  return quilt.value
}

export function planOf(file: unknown): { quilt: Quilt; plan: CheckedPlan; work: PlanWork } {
  const quilt = quiltOf(file)
  return { quilt, ...planQuilt(quilt) }
}

/** Its units with all their ways, where no layout is asked for: far quicker than a plan. */
export function waysOf(file: unknown): ChosenWay[] {
  const quilt = quiltOf(file)
  return choicesOf(quilt, new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)])))
}
