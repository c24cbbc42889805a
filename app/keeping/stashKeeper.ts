import { readStash, type Stash } from '~~/core/stash/stashCloth'
import type { StashEdit } from '~~/core/stash/stashEdits'
import { database } from './database'

const KEY = 'stash'
const told = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('wren-stash')

/** The stash as it is kept, and how many of its entries cannot be read. Fails where storage refuses. */
export async function loadStash(): Promise<{ cloths: Stash; spoilt: number }> {
  return readStash(await (await database()).get('stash', KEY))
}

/**
 * Changes what is kept by now, in one transaction: what another tab did in between is not lost. Entries that cannot be
 * read stay as they are. Gives the stash after it.
 */
export async function editStash(edit: StashEdit): Promise<Stash> {
  const transaction = (await database()).transaction('stash', 'readwrite')
  const kept: unknown = await transaction.store.get(KEY)
  const entries: unknown[] = Array.isArray(kept) ? kept : []
  const spoilt = entries.filter(entry => readStash([entry]).spoilt > 0)
  const cloths = edit(readStash(entries).cloths)
  await transaction.store.put(JSON.parse(JSON.stringify([...cloths, ...spoilt])) as unknown, KEY)
  await transaction.done
  told?.postMessage('changed')
  return cloths
}

/** Told whenever another tab changed the stash. */
export function onStashChanged(run: () => void): void {
  told?.addEventListener('message', run)
}
