import localforage from 'localforage'
import type { KeptQuilt } from './keptQuilt'

const PREFIX = 'quilt:'
const storage = localforage.createInstance({ name: 'wren', storeName: 'quilts', description: 'Quilts kept by Wren' })

/** Quilts that storage would not take: they live as long as the page. */
const inMemory = new Map<string, KeptQuilt>()

/** Ids of all quilts; of those in memory alone where storage cannot be read (`isReadable` false). */
export async function keptIds(): Promise<{ ids: string[]; isReadable: boolean }> {
  try {
    const stored = (await storage.keys()).filter(key => key.startsWith(PREFIX)).map(key => key.slice(PREFIX.length))
    return { ids: [...new Set([...stored, ...inMemory.keys()])], isReadable: true }
  } catch {
    return { ids: [...inMemory.keys()], isReadable: false }
  }
}

/** The newest state of a quilt; null when there is none. Fails when storage cannot be read. */
export async function loadKept(id: string): Promise<KeptQuilt | null> {
  const held = inMemory.get(id)
  if (held) return held
  const value = await storage.getItem<KeptQuilt>(PREFIX + id)
  return value && value.kept === 1 ? value : null
}

/** Keeps a quilt. Fails when storage will not take it; it is held in memory then, until storage takes a later state. */
export async function keep(quilt: KeptQuilt): Promise<void> {
  try {
    await storage.setItem(PREFIX + quilt.id, quilt)
    inMemory.delete(quilt.id)
  } catch (error) {
    inMemory.set(quilt.id, quilt)
    throw error
  }
}

/** Takes a quilt out of storage and of memory. What storage will not let go of stays there. */
export async function removeKept(id: string): Promise<void> {
  inMemory.delete(id)
  await storage.removeItem(PREFIX + id)
}

export function newId(): string {
  return crypto.randomUUID?.() ?? `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`
}
