import type { KeptQuilt, KeptSteps } from './keptQuilt'
import { loadSteps } from './keptSteps'
import { loadKept, removeKept } from './quiltKeeper'

/** A quilt that was taken off the shelf, with its way back. */
export interface RemovedQuilt {
  quilt: KeptQuilt
  steps: Omit<KeptSteps, 'revision'>
}

/** Takes a quilt out of storage; gives its newest state, or the one `shown` where storage has none. */
export async function takeOut(id: string, shown: KeptQuilt | null): Promise<RemovedQuilt | null> {
  const quilt = (await loadKept(id).catch(() => null)) ?? shown
  const steps = await loadSteps(id, quilt?.revision ?? 0)
  await removeKept(id)
  return quilt && { quilt, steps }
}

/** What is to be kept of a removed quilt that is put back; null: a newer state of it is there. */
export async function toPutBack({ quilt }: RemovedQuilt): Promise<KeptQuilt | null> {
  const there = await loadKept(quilt.id).catch(() => null)
  if (!there) return { ...quilt, revision: 0 }
  return there.savedAt <= quilt.savedAt ? { ...quilt, revision: there.revision } : null
}
