/** What has to be done to one value to make it another: put a value in its place, or change some of its parts. */
export type Change = { put: unknown } | { parts: Record<string, Change>; gone: string[]; length?: number }

/** From one plain value to the next; null where they are the same. */
export function changeBetween(before: unknown, after: unknown): Change | null {
  if (Object.is(before, after)) return null
  if (!isHolder(before) || !isHolder(after) || Array.isArray(before) !== Array.isArray(after)) return { put: after }
  const parts: Record<string, Change> = {}
  for (const key of Object.keys(after)) {
    if (!Object.hasOwn(before, key)) parts[key] = { put: after[key] }
    else {
      const change = changeBetween(before[key], after[key])
      if (change) parts[key] = change
    }
  }
  if (Array.isArray(after)) {
    const isSame = Object.keys(parts).length === 0 && before['length'] === after.length
    return isSame ? null : { parts, gone: [], length: after.length }
  }
  const gone = Object.keys(before).filter(key => !Object.hasOwn(after, key))
  return Object.keys(parts).length === 0 && gone.length === 0 ? null : { parts, gone }
}

/** The value with the change made. What did not change stays the same object, so that nobody looks at it again. */
export function changed(before: unknown, change: Change | null): unknown {
  if (change === null) return before
  if ('put' in change) return change.put
  const after: Holder = Array.isArray(before)
    ? (Object.assign([...(before as unknown[])], { length: change.length }) as unknown as Holder)
    : Object.fromEntries(Object.entries(before as Holder).filter(([key]) => !change.gone.includes(key)))
  for (const [key, part] of Object.entries(change.parts)) after[key] = changed(after[key], part)
  return after
}

type Holder = Record<string, unknown>

function isHolder(value: unknown): value is Holder {
  return typeof value === 'object' && value !== null
}
