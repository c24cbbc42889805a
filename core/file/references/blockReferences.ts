import { methodFitsKind } from '../methodNames'
import type { Path, Problem } from '../problem'
import type { ParsedQuilt } from '../schema'
import { needCloth, needCloths, needDesign, undressedRoles, type Known } from './known'

type OwnBlock = ParsedQuilt['blocks'][number]

/** What a block names that is not there, and the size or cloth that it lacks. */
export function blockReferences(known: Known, block: OwnBlock, path: Path): Problem[] {
  const isSized = block.size !== undefined || (block.width !== undefined && block.height !== undefined)
  return [
    ...needDesign(known, block.design, path),
    ...(isSized ? [] : [{ code: 'missing-size' as const, path: [...path, 'size'] }]),
    ...block.frame.flatMap((strip, k) => frameReferences(known, strip, [...path, 'frame', k])),
    ...needCloths(known, block.cloths, path),
    ...undressedRoles(known, block, path),
    ...methodReferences(block, path),
  ]
}

function frameReferences(known: Known, strip: OwnBlock['frame'][number], path: Path): Problem[] {
  const isSized = strip.width !== undefined || (strip.sides !== undefined && strip.ends !== undefined)
  return [
    ...needCloth(known, strip.cloth, [...path, 'cloth']),
    ...(isSized ? [] : [{ code: 'missing-size' as const, path: [...path, 'width'] }]),
  ]
}

/** A way of making must make units of this kind. */
function methodReferences({ method }: OwnBlock, path: Path): Problem[] {
  if (typeof method !== 'object') return []
  return Object.entries(method).flatMap(([kind, got]): Problem[] =>
    methodFitsKind(got!, kind)
      ? []
      : [{ code: 'unknown-reference', path: [...path, 'method', kind], to: 'method', got: got!, known: [] }],
  )
}
