import { PLAIN_MAKING, type Making } from '../file/makings'
import type { Inches } from '../measure/ruler'
import { written, type Edit } from './edit'

/** A top that is layered, or block by block through all layers. */
export function setMaking(making: Making): Edit {
  return ({ making: _, ...file }) => (making === PLAIN_MAKING ? file : { ...file, making })
}

/** What the backs have beyond the batting. */
export function setAllowance(allowance: Inches): Edit {
  return file => ({ ...file, asYouGo: { ...file.asYouGo, allowance: written(file, allowance) } })
}
