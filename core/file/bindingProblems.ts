// In: a file of the right shape. Out: what its binding names that is not there, or lacks.
import { bindingRules } from './bindings'
import type { Path, Problem } from './problem'
import type { ParsedQuilt } from './schema'

/** What of a binding cannot be: cloths that are not there, a back to fold that is missing. */
export function bindingProblems({ binding, backing, cloths }: ParsedQuilt): Problem[] {
  if (!binding) return []
  const known = cloths.map(({ id }) => id)
  const need = (got: string, path: Path): Problem[] =>
    known.includes(got) ? [] : [{ code: 'unknown-reference', path, to: 'cloth', got, known }]
  const { cloth, flange } = binding
  const { of, hasFlange } = bindingRules(binding.style)
  const missing = (path: Path, kind: 'id' | 'object'): Problem => ({
    code: 'expected',
    path,
    expected: { kind },
    got: undefined,
  })
  const named =
    cloth === undefined
      ? of === 'back'
        ? []
        : [missing(['binding', 'cloth'], 'id')]
      : typeof cloth === 'string'
        ? need(cloth, ['binding', 'cloth'])
        : cloth.flatMap((id, i) => need(id, ['binding', 'cloth', i]))
  return [
    ...named,
    ...(flange ? need(flange.cloth, ['binding', 'flange', 'cloth']) : []),
    ...(hasFlange && !flange ? [missing(['binding', 'flange'], 'object')] : []),
    ...(of === 'back' && !backing
      ? [{ code: 'not-together' as const, path: ['binding', 'style'], what: 'self-binding-without-back' as const }]
      : []),
  ]
}
