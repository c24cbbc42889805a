import { methodFitsKind } from '../methodNames'
import type { Path, Problem } from '../problem'
import type { ParsedQuilt } from '../schema'
import { MIN_FINISHED } from '../entries/entryParts'
import { TOLERANCE } from '../../measure/ruler'
import { needCloth, needCloths, needDesign, needHeap, undressedRoles, type Known } from './known'

type OwnBlock = ParsedQuilt['blocks'][number]

/** What a block names that is not there, and the size or cloth that it lacks. */
export function blockReferences(known: Known, block: OwnBlock, path: Path): Problem[] {
  const isSized = block.size !== undefined || (block.width !== undefined && block.height !== undefined)
  return [
    ...needDesign(known, block.design, path),
    ...(isSized ? [] : [{ code: 'missing-size' as const, path: [...path, 'size'] }]),
    ...block.frame.flatMap((strip, k) => frameReferences(known, strip, [...path, 'frame', k])),
    ...needCloths(known, block.cloths, path),
    ...Object.entries(block.heaps).flatMap(([role, heap]) => needHeap(known, heap, [...path, 'cloths', role])),
    ...(block.tray === undefined ? undressedRoles(known, block, path) : trayReferences(known, block, path)),
    ...methodReferences(block, path),
  ]
}

/** A sewn block is one patch: what it is made of is no business of the plan. */
function trayReferences({ tray }: Known, block: OwnBlock, path: Path): Problem[] {
  const got = block.tray!
  const expected = { kind: 'one-of', options: ['plain'] } as const
  return [
    ...(tray.has(got)
      ? []
      : [{ code: 'unknown-reference' as const, path: [...path, 'tray'], to: 'tray' as const, got, known: [...tray] }]),
    ...(block.design === 'plain'
      ? []
      : [{ code: 'expected' as const, path: [...path, 'design'], expected, got: block.design }]),
  ]
}

function frameReferences(known: Known, strip: OwnBlock['frame'][number], path: Path): Problem[] {
  const { width, sides = width, ends = width } = strip
  // one pair may have none, not both, and none is thinner than can be sewn
  const isThin = [sides, ends].some(side => side !== undefined && side > TOLERANCE && side < MIN_FINISHED - TOLERANCE)
  const isSized = sides !== undefined && ends !== undefined && Math.max(sides, ends) > TOLERANCE && !isThin
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
