/** Short, and the same for the same text. FNV-1a. */
export function shortHash(text: string): string {
  let hash = 2166136261
  for (const c of text) hash = Math.imul(hash ^ c.charCodeAt(0), 16777619)
  return (hash >>> 0).toString(36)
}
