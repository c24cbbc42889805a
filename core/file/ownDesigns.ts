import type { Design } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import type { Point } from '../geometry/polygon'
import type { ParsedQuilt } from './schema'

/** Designs that ship and designs of this file, by id; a file's own design wins. */
export function designsById(file: ParsedQuilt): ReadonlyMap<string, Design> {
  const own = file.designs.map((design): Design => ({
    ...design,
    name: design.name ?? design.id,
    patches: design.patches.map(patch => ({ role: patch.role, points: patch.points as Point[] })),
  }))
  return new Map([...SHIPPED_DESIGNS, ...own].map(design => [design.id, design]))
}
