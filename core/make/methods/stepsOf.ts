import type { Step } from '../steps/step'
import type { Made } from './method'

const known = new WeakMap<Made, Step[]>()

/** The steps of a lot, drawn once however many ask for them. */
export function stepsOf(made: Made): Step[] {
  const steps = known.get(made) ?? made.steps()
  known.set(made, steps)
  return steps
}
