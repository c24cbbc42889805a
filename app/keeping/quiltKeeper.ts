import { database } from './database'
import { isKeptQuilt, withVersions, type KeptQuilt, type KeptSteps, type KeptVersion } from './keptQuilt'
import { keptSteps } from './keptSteps'

const PREFIX = 'quilt:'

/** Quilts that storage would not take: they live as long as the page. */
const inMemory = new Map<string, KeptQuilt>()

/** Quilts that storage would not take. */
export const heldInMemory = (): KeptQuilt[] => [...inMemory.values()]

/** Another tab wrote the quilt, or removed it, after the state that this write starts from: nothing was written. */
export class Overtaken extends Error {
  constructor() {
    super('the quilt was kept by another tab since')
  }
}

/** Ids of all quilts; of those in memory alone where storage cannot be read (`isReadable` false). */
export async function keptIds(): Promise<{ ids: string[]; isReadable: boolean }> {
  try {
    const keys = await (await database()).getAllKeys('quilts')
    const stored = keys.filter(key => key.startsWith(PREFIX)).map(key => key.slice(PREFIX.length))
    return { ids: [...new Set([...stored, ...inMemory.keys()])], isReadable: true }
  } catch {
    return { ids: [...inMemory.keys()], isReadable: false }
  }
}

/**
 * The newest state of a quilt: what is held in memory, unless another tab has kept a later one since; null when there
 * is none, or its record is spoilt. Fails when storage cannot be read and nothing is held.
 */
export async function loadKept(id: string): Promise<KeptQuilt | null> {
  const held = inMemory.get(id)
  const stored = await loadStored(id).catch(error => {
    if (!held) throw error
    return null
  })
  return held && (stored === null || stored.revision <= held.revision) ? held : stored
}

async function loadStored(id: string): Promise<KeptQuilt | null> {
  const value: unknown = await (await database()).get('quilts', PREFIX + id)
  // written before writes were counted
  return isKeptQuilt(value) ? { ...value, revision: value.revision ?? 0 } : null
}

/**
 * Keeps a quilt, comparing in one transaction that nobody wrote since the revision it starts from; gives it with the
 * revision it has now; with it, in the same transaction, the steps that led there. Versions that others added are
 * kept. Fails with `Overtaken`; or when storage will not take it:
 * it is held in memory then, until storage takes a later state.
 */
export async function keep(
  quilt: KeptQuilt,
  steps: Omit<KeptSteps, 'revision'> = { past: [], future: [] },
): Promise<KeptQuilt> {
  const next = { ...quilt, revision: quilt.revision + 1 }
  try {
    const tx = (await database()).transaction(['quilts', 'steps'], 'readwrite')
    const quilts = tx.objectStore('quilts')
    const stored: unknown = await quilts.get(PREFIX + quilt.id)
    const isStored = isKeptQuilt(stored)
    if (isStored ? (stored.revision ?? 0) !== quilt.revision : quilt.revision > 0 && !inMemory.has(quilt.id)) {
      tx.abort()
      await tx.done.catch(() => {})
      throw new Overtaken()
    }
    const merged = isStored ? withVersions(next, stored.versions) : next
    await Promise.all([
      quilts.put(merged, PREFIX + quilt.id),
      tx.objectStore('steps').put(keptSteps(steps, next.revision), quilt.id),
      tx.done,
    ])
    inMemory.delete(quilt.id)
    return merged
  } catch (error) {
    if (error instanceof Overtaken) inMemory.delete(quilt.id)
    else inMemory.set(quilt.id, quilt)
    throw error
  }
}

/** Adds a state to the versions of a quilt, whoever works on it; its newest state stays. */
export async function keepVersion(id: string, version: KeptVersion): Promise<void> {
  const tx = (await database()).transaction('quilts', 'readwrite')
  const stored: unknown = await tx.store.get(PREFIX + id)
  if (isKeptQuilt(stored)) await tx.store.put(withVersions(stored, [version]), PREFIX + id)
  await tx.done
}

/** Takes a quilt out of storage and memory, with its steps and forms. What storage will not let go of stays there. */
export async function removeKept(id: string): Promise<void> {
  inMemory.delete(id)
  const tx = (await database()).transaction(['quilts', 'steps', 'forms', 'backups'], 'readwrite')
  await tx.objectStore('quilts').delete(PREFIX + id)
  await tx.objectStore('backups').delete(id)
  await tx.objectStore('steps').delete(id)
  await tx.objectStore('forms').delete(IDBKeyRange.bound(`${id}:`, `${id}:\uffff`))
  await tx.done
}

/** A name for a quilt that no other has. */
export function newId(): string {
  return crypto.randomUUID?.() ?? `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`
}
