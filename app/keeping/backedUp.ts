import { database } from './database'
import type { BackedUp } from './keptRecords'

/** What backups hold, by the id of the quilt. Fails where storage cannot be read. */
export async function loadBackedUp(): Promise<Map<string, BackedUp>> {
  const tx = (await database()).transaction('backups')
  const [keys, values] = await Promise.all([tx.store.getAllKeys(), tx.store.getAll()])
  return new Map(keys.map((key, i) => [key, values[i]!]))
}

/** Remembers what a backup holds. */
export async function keepBackedUp(marks: ReadonlyMap<string, BackedUp>): Promise<void> {
  const tx = (await database()).transaction('backups', 'readwrite')
  await Promise.all([...[...marks].map(([id, mark]) => tx.store.put(mark, id)), tx.done])
}
