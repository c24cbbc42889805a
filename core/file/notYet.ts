import { valueAt } from './expectation'
import type { Problem } from './problem'

/** A field of the agreed format, the values of it that are not planned, and how to name them. */
interface Unplanned {
  path: string
  values: (value: unknown) => boolean
  name?: (value: unknown) => string
}

/** What a file may say but Wren cannot plan so far. Better refused by name than left out of the figures. */
const UNPLANNED: readonly Unplanned[] = [{ path: 'making', values: oneOf('as-you-go') }]

function oneOf(...values: readonly string[]): (value: unknown) => boolean {
  return value => typeof value === 'string' && values.includes(value)
}

export function notYet(file: unknown): Problem[] {
  return UNPLANNED.flatMap(({ path, values, name = () => path.split('.').at(-1)! }) => {
    const at = path.split('.')
    const value = valueAt(file, at)
    return values(value) ? [{ code: 'not-yet', path: at, what: name(value) }] : []
  })
}
