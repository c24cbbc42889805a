import type { Path, Problem } from './problem'

/**
 * A field of the agreed format, the values of it that are not planned, and how to name them. A star stands for every
 * place of a list.
 */
interface Unplanned {
  path: string
  values: (value: unknown) => boolean
  name?: (value: unknown) => string
}

/** What a file may say but Wren cannot plan so far. Better refused by name than left out of the figures. */
const UNPLANNED: readonly Unplanned[] = [
  { path: 'designs.*.squares', values: isSaid },
  { path: 'backing.way', values: oneOf('vertical', 'horizontal', 'wide', 'leftovers') },
  { path: 'backing.offCentre', values: isSaid },
  { path: 'batting.shrink', values: isSaid },
  { path: 'binding.style', values: oneOf('flanged', 'self', 'tape'), name: String },
  { path: 'binding.cloth', values: Array.isArray },
  { path: 'binding.bias', values: isSaid },
  { path: 'binding.seam', values: isSaid },
  { path: 'binding.extra', values: isSaid },
  { path: 'quilting', values: isSaid },
  { path: 'making', values: oneOf('as-you-go') },
]

function oneOf(...values: readonly string[]): (value: unknown) => boolean {
  return value => typeof value === 'string' && values.includes(value)
}

/** Whether a field says anything: not empty, not nothing, not no. */
function isSaid(value: unknown): boolean {
  return (
    value !== undefined
    && value !== null
    && value !== false
    && value !== 0
    && !(Array.isArray(value) && value.length === 0)
  )
}

export function notYet(file: unknown): Problem[] {
  return UNPLANNED.flatMap(({ path, values, name = () => path.split('.').at(-1)! }) =>
    valuesAt(file, path.split('.'), [])
      .filter(({ value }) => values(value))
      .map(({ at, value }): Problem => ({ code: 'not-yet', path: at, what: name(value) })),
  )
}

function valuesAt(value: unknown, [step, ...rest]: readonly string[], at: Path): { at: Path; value: unknown }[] {
  if (step === undefined) return [{ at, value }]
  if (step === '*') return Array.isArray(value) ? value.flatMap((entry, i) => valuesAt(entry, rest, [...at, i])) : []
  if (value === null || typeof value !== 'object' || !Object.hasOwn(value, step)) return []
  return valuesAt((value as Record<string, unknown>)[step], rest, [...at, step])
}
