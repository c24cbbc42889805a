// In: a file of the right shape. Out: what its binding names that is not there, or lacks.
import type { Path, Problem } from './problem'
import type { ParsedQuilt } from './schema'

/** What of a binding cannot be: cloths that are not there, a back to fold that is missing. */
export function bindingProblems({ binding, backing, cloths }: ParsedQuilt): Problem[] {
  if (!binding) return []
  const known = cloths.map(({ id }) => id)
  const need = (got: string, path: Path): Problem[] =>
    known.includes(got) ? [] : [{ code: 'unknown-reference', path, to: 'cloth', got, known }]
  const { style, cloth, flange } = binding
  const missing = (path: Path, kind: 'id' | 'object'): Problem => ({
    code: 'expected',
    path,
    expected: { kind },
    got: undefined,
  })
  const named =
    cloth === undefined
      ? style === 'self'
        ? []
        : [missing(['binding', 'cloth'], 'id')]
      : typeof cloth === 'string'
        ? need(cloth, ['binding', 'cloth'])
        : cloth.flatMap((id, i) => need(id, ['binding', 'cloth', i]))
  return [
    ...named,
    ...(flange ? need(flange.cloth, ['binding', 'flange', 'cloth']) : []),
    ...(style === 'flanged' && !flange ? [missing(['binding', 'flange'], 'object')] : []),
    ...(style === 'self' && !backing
      ? [{ code: 'not-together' as const, path: ['binding', 'style'], what: 'self-binding-without-back' as const }]
      : []),
  ]
}
