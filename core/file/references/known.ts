// What a file may name, and what is missing of what it names.
import { rolesOf, type Design } from '../../designs/design'
import { designsById } from '../ownDesigns'
import type { Path, Problem } from '../problem'
import type { ParsedQuilt } from '../schema'

/** All that can be named in a file. */
export interface Known {
  cloths: ReadonlySet<string>
  blocks: ReadonlySet<string>
  tray: ReadonlySet<string>
  heaps: ReadonlySet<string>
  designs: ReadonlyMap<string, Design>
}

interface Worn {
  design: string
  cloths: Readonly<Record<string, string>>
}

/** All that this file can name. */
export function knownOf(file: ParsedQuilt): Known {
  return {
    cloths: new Set(file.cloths.map(({ id }) => id)),
    blocks: new Set(file.blocks.map(({ id }) => id)),
    tray: new Set(file.tray.map(({ id }) => id)),
    heaps: new Set(file.heaps.map(({ id }) => id)),
    designs: designsById(file),
  }
}

/** A cloth that is named and not there; none is named: no fault. */
export function needCloth({ cloths }: Known, got: string | undefined, path: Path): Problem[] {
  if (got === undefined || cloths.has(got)) return []
  return [{ code: 'unknown-reference', path, to: 'cloth', got, known: [...cloths] }]
}

/** A block that is named and not there. */
export function needBlock({ blocks }: Known, got: string, path: Path): Problem[] {
  return blocks.has(got) ? [] : [{ code: 'unknown-reference', path, to: 'block', got, known: [...blocks] }]
}

/** The cloths of roles: each must be there. A role that a design does not have is what stays when it is changed. */
export function needCloths(known: Known, cloths: Worn['cloths'], path: Path): Problem[] {
  return Object.entries(cloths).flatMap(([role, cloth]) => needCloth(known, cloth, [...path, 'cloths', role]))
}

/** A heap that is named and not there. */
export function needHeap({ heaps }: Known, got: string, path: Path): Problem[] {
  return heaps.has(got) ? [] : [{ code: 'unknown-reference', path, to: 'heap', got, known: [...heaps] }]
}

/** A design that must be there. */
export function needDesign({ designs }: Known, got: string, path: Path): Problem[] {
  if (designs.has(got)) return []
  return [{ code: 'unknown-reference', path: [...path, 'design'], to: 'design', got, known: [...designs.keys()] }]
}

/** Each role of a design must have its cloth. */
export function undressedRoles({ designs }: Known, { design, cloths }: Worn, path: Path): Problem[] {
  const found = designs.get(design)
  const undressed = found ? rolesOf(found).filter(role => !Object.hasOwn(cloths, role)) : []
  return undressed.map((role): Problem => ({ code: 'undressed-role', path: [...path, 'cloths'], role }))
}

/** A design that fills a sash, a corner or a border, and a cloth for each of its roles. */
export function needPieced(known: Known, pieced: Worn | undefined, path: Path): Problem[] {
  if (!pieced) return []
  return [
    ...needDesign(known, pieced.design, path),
    ...needCloths(known, pieced.cloths, path),
    ...undressedRoles(known, pieced, path),
  ]
}
