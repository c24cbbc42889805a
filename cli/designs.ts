import { rolesOf } from '../core/designs/design'
import { SHIPPED_DESIGNS } from '../core/designs/shipped'
import type { Answer } from './answer'

/** The designs that ship, as JSON. */
export function designs(): Answer {
  return {
    exit: 0,
    output: `${JSON.stringify(
      SHIPPED_DESIGNS.map(design => {
        const { id, name, family, width, height, patches } = design
        return { id, name, family, width, height, roles: rolesOf(design), patches }
      }),
    )}\n`,
  }
}
