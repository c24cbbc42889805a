import { database } from './database'
import type { KeptStep, KeptSteps } from './keptQuilt'

/** Steps back, and steps forth, that are kept for another day. */
export const MAX_KEPT_STEPS = 50

/** The newest steps as storage takes them: of a list of what was done the last, of what was undone likewise. */
export function keptSteps(
  { past, future }: { past: readonly KeptStep[]; future: readonly KeptStep[] },
  revision: number,
): KeptSteps {
  // storage clones what it keeps; what is reactive cannot be cloned
  const newest = (steps: readonly KeptStep[]) =>
    steps.slice(-MAX_KEPT_STEPS).map(({ name, file }) => ({ name, file: toRaw(file) }))
  return { revision, past: newest(past), future: newest(future) }
}

/** The steps of a quilt in this state; none where storage has none, has those of another state, or cannot be read. */
export async function loadSteps(id: string, revision: number): Promise<Omit<KeptSteps, 'revision'>> {
  const none = { past: [], future: [] }
  try {
    const steps = await (await database()).get('steps', id)
    return steps?.revision === revision && areSteps(steps.past) && areSteps(steps.future) ? steps : none
  } catch {
    return none
  }
}

/** Whether what storage gave are steps, and not a record that was spoilt. */
function areSteps(value: unknown): value is KeptStep[] {
  return (
    Array.isArray(value)
    && value.every(
      (step: Partial<KeptStep> | null) =>
        typeof step?.name === 'string' && typeof step.file === 'object' && step.file !== null,
    )
  )
}
