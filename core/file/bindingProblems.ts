// In: a file of the right shape. Out: what its binding names that is not there, or lacks.
import { bindingRules } from './bindings'
import type { Path, Problem } from './problem'
import { needCloth, type Known } from './references/known'
import type { ParsedQuilt } from './schema'

/** What of a binding cannot be: cloths that are not there, a back to fold that is missing. */
export function bindingProblems(known: Known, { binding, backing }: ParsedQuilt): Problem[] {
  if (!binding) return []
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
        ? needCloth(known, cloth, ['binding', 'cloth'])
        : cloth.flatMap((id, i) => needCloth(known, id, ['binding', 'cloth', i]))
  return [
    ...named,
    ...(flange ? needCloth(known, flange.cloth, ['binding', 'flange', 'cloth']) : []),
    ...(hasFlange && !flange ? [missing(['binding', 'flange'], 'object')] : []),
    ...(of === 'back' && !backing
      ? [{ code: 'not-together' as const, path: ['binding', 'style'], what: 'self-binding-without-back' as const }]
      : []),
  ]
}
