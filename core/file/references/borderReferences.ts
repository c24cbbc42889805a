import { cornerKindOf, cornerRules } from '../corners'
import type { Path, Problem } from '../problem'
import type { ParsedQuilt } from '../schema'
import { needCloth, needPieced, type Known } from './known'

type ParsedBorder = ParsedQuilt['borders'][number]

/** What a border names that is not there, and the width or corners that it lacks. */
export function borderReferences(known: Known, border: ParsedBorder, path: Path): Problem[] {
  const isSized = border.width !== undefined || (border.sides !== undefined && border.ends !== undefined)
  return [
    ...needCloth(known, border.cloth, [...path, 'cloth']),
    ...needPieced(known, border.pieced, [...path, 'pieced']),
    ...needPieced(known, border.pieced?.alternate, [...path, 'pieced', 'alternate']),
    ...cornerReferences(known, border, [...path, 'corners']),
    ...(isSized ? [] : [{ code: 'missing-size' as const, path: [...path, 'width'] }]),
  ]
}

function cornerReferences(known: Known, { corners, pieced }: ParsedBorder, path: Path): Problem[] {
  if (pieced && !cornerRules(cornerKindOf(corners)).canBePieced)
    return [{ code: 'not-together', path, what: 'pieced-border-without-corners' }]
  if (typeof corners !== 'object') return []
  return 'design' in corners ? needPieced(known, corners, path) : needCloth(known, corners.cloth, [...path, 'cloth'])
}
