import { fail, ok, type Result } from './problem'

/** Larger than any real quilt file; read and parsed in well under a second. */
export const MAX_BYTES = 8 * 1024 * 1024
const MAX_DEPTH = 40
const FORBIDDEN_KEYS = new Set(['__proto__', 'constructor', 'prototype'])

/**
 * Text to a plain value, for `readQuilt`. Refuses early what could only be an attack or a wrong file: too many bytes,
 * nesting beyond any quilt's (seen in one pass over the text, before anything is built), keys that reach into an
 * object's prototype.
 */
export function readText(text: string): Result<unknown> {
  // a byte order mark, as some editors put it in front
  const plain = text.startsWith('\uFEFF') ? text.slice(1) : text
  if (text.length > MAX_BYTES) return fail([{ code: 'too-big', path: [], bytes: text.length, most: MAX_BYTES }])
  if (isDeeper(plain, MAX_DEPTH)) return fail([{ code: 'too-deep', path: [], most: MAX_DEPTH }])
  let value: unknown
  try {
    value = JSON.parse(plain)
  } catch (error) {
    return fail([{ code: 'not-json', path: [], detail: error instanceof Error ? error.message : '' }])
  }
  const bad = forbiddenKey(value, [])
  return bad ? fail([{ code: 'forbidden-key', path: bad, key: String(bad.at(-1)) }]) : ok(value)
}

function isDeeper(text: string, most: number): boolean {
  let depth = 0
  let inString = false
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i)
    if (inString) {
      if (c === 92) i++
      else if (c === 34) inString = false
    } else if (c === 34) inString = true
    else if (c === 91 || c === 123) {
      if (++depth > most) return true
    } else if (c === 93 || c === 125) depth--
  }
  return false
}

function forbiddenKey(value: unknown, path: (string | number)[]): (string | number)[] | null {
  if (value === null || typeof value !== 'object') return null
  for (const key of Object.keys(value)) {
    const here = [...path, Array.isArray(value) ? Number(key) : key]
    if (FORBIDDEN_KEYS.has(key)) return here
    const deeper = forbiddenKey((value as Record<string, unknown>)[key], here)
    if (deeper) return deeper
  }
  return null
}
