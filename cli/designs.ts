import { rolesOf } from '../core/block/design'
import { SHIPPED_DESIGNS } from '../core/block/designs'
import type { Answer } from './answer'

export function designs(): Answer {
  return {
    exit: 0,
    output: `${JSON.stringify(SHIPPED_DESIGNS.map(({ id, name, family, width, height, patches, ...rest }) => ({ id, name, family, width, height, roles: rolesOf({ id, name, family, width, height, patches, ...rest }), patches })))}\n`,
  }
}
