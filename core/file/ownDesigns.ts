import type { Design } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import type { ParsedDesign, ParsedQuilt } from './schema'

/** Designs that ship and designs of this file, by id; a file's own design wins. */
export function designsById(file: ParsedQuilt): ReadonlyMap<string, Design> {
  const found = byId.get(file.designs)
  if (found) return found
  const designs = new Map([...SHIPPED_DESIGNS, ...file.designs.map(ownDesign)].map(design => [design.id, design]))
  byId.set(file.designs, designs)
  return designs
}

const byId = new WeakMap<readonly ParsedDesign[], ReadonlyMap<string, Design>>()
/** A design that an edit left as it was stays the same object, with all that was worked out for it. */
const completed = new WeakMap<ParsedDesign, Design>()

function ownDesign(design: ParsedDesign): Design {
  const known = completed.get(design)
  if (known) return known
  const own: Design = { ...design, name: design.name ?? design.id }
  completed.set(design, own)
  return own
}
