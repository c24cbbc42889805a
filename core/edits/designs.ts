import type { Design } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import type { QuiltFile } from '../file/schema'
import type { Edit } from './edit'

/** A design of the quilt's own, as the file writes it. */
export type OwnDesignEntry = NonNullable<QuiltFile['designs']>[number]

/** Puts a design into the file, in the place of one with its id; those that ship need not be kept there. */
export function keepDesign(design: Design): Edit {
  return file => {
    if (SHIPPED_DESIGNS.includes(design)) return file
    const own: OwnDesignEntry = {
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
