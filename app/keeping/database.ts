import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { KeptQuilt, KeptSteps } from './keptQuilt'
import type { BackedUp, KeptPhoto } from './keptRecords'

interface Kept extends DBSchema {
  /** By `quilt:` and its id. */
  quilts: { key: string; value: KeptQuilt }
  /** The way back of each quilt, by its id. */
  steps: { key: string; value: KeptSteps }
  /** What was typed and not yet taken over, as JSON: by the quilt's id, or `shelf`, and the form's name. */
  forms: { key: string; value: string }
  /** Cloth over all quilts, as one list under `stash`. */
  stash: { key: string; value: unknown }
  /** Photographs, by their id. */
  photos: { key: string; value: KeptPhoto; indexes: { quilt: string } }
  /** What of each quilt is in a backup, by the quilt's id. */
  backups: { key: string; value: BackedUp }
}

const VERSION = 13
let opened: Promise<IDBPDatabase<Kept>> | null = null

/** The browser's database, opened once. Fails where the browser refuses; asked again, it is tried again. */
export function database(): Promise<IDBPDatabase<Kept>> {
  opened ??= openDB<Kept>('wren', VERSION, {
    upgrade(db) {
      for (const store of ['quilts', 'steps', 'forms', 'stash', 'backups'] as const)
        if (!db.objectStoreNames.contains(store)) db.createObjectStore(store)
      if (!db.objectStoreNames.contains('photos')) db.createObjectStore('photos').createIndex('quilt', 'quilt')
    },
    // a newer Wren in another tab must not wait for this one
    blocking: (_, __, event) => {
      opened = null
      if (event.target instanceof IDBDatabase) event.target.close()
    },
    terminated: () => {
      opened = null
    },
  }).catch(error => {
    opened = null
    throw error
  })
  return opened
}
