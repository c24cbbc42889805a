import { fromInches } from '../measure/units'
import type { Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'

/** A change to a quilt file. Never writes to what it is given. */
export type Edit = (file: QuiltFile) => QuiltFile

/** One edit after the other. */
export function inTurn(...edits: readonly Edit[]): Edit {
  return file => edits.reduce((now, edit) => edit(now), file)
}

/** A length as a number in the file's own units. */
export function written(file: QuiltFile, inches: Inches): number {
  return fromInches(inches, file.units ?? 'in')
}

/** The list with one entry replaced; `null` takes it out. */
export function replaced<T>(list: readonly T[], index: number, entry: T | null): T[] {
  return list.flatMap((old, i) => (i !== index ? [old] : entry === null ? [] : [entry]))
}
