import localforage from 'localforage'
import type { KeptQuilt } from './keptQuilt'

const PREFIX = 'quilt:'
const storage = localforage.createInstance({ name: 'wren', storeName: 'quilts', description: 'Quilts kept by Wren' })

export async function keptIds(): Promise<string[]> {
  return (await storage.keys()).filter(key => key.startsWith(PREFIX)).map(key => key.slice(PREFIX.length))
}

export async function loadKept(id: string): Promise<KeptQuilt | null> {
  const value = await storage.getItem<KeptQuilt>(PREFIX + id)
  return value && value.kept === 1 ? value : null
}

export async function keep(quilt: KeptQuilt): Promise<void> {
  await storage.setItem(PREFIX + quilt.id, quilt)
}

export async function removeKept(id: string): Promise<void> {
  await storage.removeItem(PREFIX + id)
}

export function newId(): string {
  return crypto.randomUUID?.() ?? `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`
}
