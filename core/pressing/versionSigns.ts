/**
 * Signs for the versions of a block: quickly drawn on a bit of tape, and borne by no cloth and no pile, which have
 * letters and numbers.
 */
const SIGNS = ['+', '#', '=', '~', '*', '§', '¶', '†', '‡', '◊', '•'] as const

/** The sign of a version, by its place among those of its block. Beyond the plain signs, circled letters. */
export function versionSign(place: number): string {
  return SIGNS[place] ?? String.fromCodePoint(0x24d0 + ((place - SIGNS.length) % 26))
}
