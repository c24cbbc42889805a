import type { Step } from '../steps/step'
import type { MethodOutput } from './method'

const known = new WeakMap<MethodOutput, Step[]>()

/** The steps of a lot, drawn once however many ask for them. */
export function stepsOf(made: MethodOutput): Step[] {
  const steps = known.get(made) ?? made.steps()
  known.set(made, steps)
  return steps
}
