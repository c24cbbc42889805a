import { database } from './database'
import type { KeptPhoto } from './keptRecords'

/** Keeps photographs; all of them or none. Fails when storage will not take them. */
export async function keepPhotos(photos: readonly KeptPhoto[]): Promise<void> {
  const tx = (await database()).transaction('photos', 'readwrite')
  await Promise.all([...photos.map(photo => tx.store.put(photo, photo.id)), tx.done])
}

/** A photograph; null: it is not in this browser. */
export async function loadPhoto(id: string): Promise<KeptPhoto | null> {
  return (await (await database()).get('photos', id)) ?? null
}

/** Ids of all photographs of this browser. */
export async function photoIds(): Promise<string[]> {
  return (await database()).getAllKeys('photos')
}
