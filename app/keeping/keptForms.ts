import { database } from './database'

/**
 * What was typed and not yet taken over, by form: outlives a change of station here, a reload in the session's quick
 * storage, and a crash or another day in the database, with the quilt it is for.
 */
const inMemory = new Map<string, string>()
const WRITE_AFTER_MS = 300
const waiting = new Map<string, ReturnType<typeof setTimeout>>()

/** Forms that belong to no quilt are for the shelf. */
export const SHELF = 'shelf'

const quickKey = (key: string) => `wren-form:${key}`

/** Fetches what lies in the database for a quilt, or the shelf, so that its forms open as they were left. */
export async function loadForms(owner: string): Promise<void> {
  try {
    const db = await database()
    const range = IDBKeyRange.bound(`${owner}:`, `${owner}:\uffff`)
    const [keys, values] = await Promise.all([db.getAllKeys('forms', range), db.getAll('forms', range)])
    keys.forEach((key, i) => {
      // what was typed on this page since is newer
      if (!inMemory.has(key)) inMemory.set(key, values[i]!)
    })
  } catch {
    // refused: forms live as long as the page
  }
  storeWhatIsNewer(owner)
}

/** What was typed in the instant before the page was left may be in the quick storage alone. */
function storeWhatIsNewer(owner: string) {
  try {
    for (const name of Object.keys(sessionStorage)) {
      if (!name.startsWith(quickKey(`${owner}:`))) continue
      const key = name.slice(quickKey('').length)
      const text = sessionStorage.getItem(name)
      if (text !== null && text !== inMemory.get(key)) writeForm(key, text)
    }
  } catch {
    // refused: there is nothing newer
  }
}

/** What a form held when it was left, as JSON; null when nothing. */
export function readForm(key: string): string | null {
  try {
    const quick = sessionStorage.getItem(quickKey(key))
    if (quick !== null) return quick
  } catch {
    // refused: there is the memory
  }
  return inMemory.get(key) ?? null
}

/** Keeps what a form holds, within a second in the database; null forgets it. */
export function writeForm(key: string, text: string | null): void {
  if (text === null) inMemory.delete(key)
  else inMemory.set(key, text)
  try {
    if (text === null) sessionStorage.removeItem(quickKey(key))
    else sessionStorage.setItem(quickKey(key), text)
  } catch {
    // refused or full: the database has it, or the page
  }
  clearTimeout(waiting.get(key))
  waiting.set(
    key,
    setTimeout(() => void store(key), WRITE_AFTER_MS),
  )
}

/** The page is about to go: what waits is written now, if there is time. */
function storeAll() {
  for (const [key, timer] of [...waiting]) {
    clearTimeout(timer)
    void store(key)
  }
}
if (typeof addEventListener === 'function') addEventListener('pagehide', storeAll)

async function store(key: string) {
  waiting.delete(key)
  const text = inMemory.get(key)
  try {
    const db = await database()
    if (text === undefined) await db.delete('forms', key)
    else await db.put('forms', text, key)
  } catch {
    // refused or full: it lives as long as the page
  }
}
