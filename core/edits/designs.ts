import type { Design } from '../block/design'
import { SHIPPED_DESIGNS } from '../block/designs'
import type { QuiltFile } from '../quilt/schema'
import type { Edit } from './edit'

/** Puts a design into the file, in the place of one with its id; those that ship need not be kept there. */
export function keepDesign(design: Design): Edit {
  return file => {
    if (SHIPPED_DESIGNS.includes(design)) return file
    const own: NonNullable<QuiltFile['designs']>[number] = {
      id: design.id,
      name: design.name,
      family: design.family,
      width: design.width,
      height: design.height,
      patches: design.patches.map(({ role, points }) => ({
        role,
        points: points.map(([x, y]): [number, number] => [x, y]),
      })),
    }
    const designs = file.designs ?? []
    return {
      ...file,
      designs: designs.some(other => other.id === design.id)
        ? designs.map(other => (other.id === design.id ? own : other))
        : [...designs, own],
    }
  }
}

/** Every role that a changed design has gained gets a cloth in the blocks that wear it. */
export function dressNewRoles(design: { id: string; patches: readonly { role: string }[] }): Edit {
  return file => ({
    ...file,
    blocks: file.blocks.map(block => {
      if (block.design !== design.id) return block
      const worn = block.cloths ?? {}
      const missing = [...new Set(design.patches.map(patch => patch.role))].filter(role => worn[role] === undefined)
      const spare = file.cloths.map(cloth => cloth.id).filter(id => !Object.values(worn).includes(id))
      return {
        ...block,
        cloths: {
          ...worn,
          ...Object.fromEntries(missing.map((role, i) => [role, spare[i] ?? file.cloths[i % file.cloths.length]!.id])),
        },
      }
    }),
  })
}
