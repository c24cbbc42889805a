import { PLAIN_BINDING } from '../file/bindings'
import type { Design } from '../designs/design'
import type { Inches } from '../measure/ruler'
import type { Units } from '../measure/units'
import { fromInches } from '../measure/units'
import { FORMAT, VERSION, type QuiltFile } from '../file/schema'
import { keepDesign } from './designs'
import { dressRoles } from './dress'
import { freeId } from './setting'

export interface NewQuilt {
  name: string
  units: Units
  design: Design
  size: Inches
  across: number
  down: number
  cloths: { name: string; colour: string }[]
}

/** A quilt to begin with: blocks side by side, backed with its last cloth and bound with its first. */
export function newQuilt({ name, units, design, size, across, down, cloths }: NewQuilt): QuiltFile {
  const ids: string[] = []
  for (const cloth of cloths) ids.push(freeId(cloth.name, ids))
  return keepDesign(design)({
    format: FORMAT,
    version: VERSION,
    name,
    units,
    cloths: cloths.map((cloth, i) => ({ id: ids[i]!, name: cloth.name, colour: cloth.colour })),
    blocks: [
      { id: design.id, design: design.id, ...sizeOf(design, fromInches(size, units)), cloths: dressRoles(design, ids) },
    ],
    setting: { kind: 'straight', across, down, fill: [[design.id]] },
    borders: [],
    backing: { cloth: ids.at(-1)! },
    batting: {},
    binding: { style: PLAIN_BINDING, cloth: ids[0]! },
  })
}

/** A block that is not square has the size chosen for its longer side. */
function sizeOf({ width, height }: Design, size: number): { size: number } | { width: number; height: number } {
  const longer = Math.max(width, height)
  return Math.abs(width - height) < 1e-6
    ? { size }
    : { width: (size * width) / longer, height: (size * height) / longer }
}
