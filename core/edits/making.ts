import type { Inches } from '../measure/ruler'
import { written, type Edit } from './edit'

/** A top that is layered, or block by block through all layers. */
export function setMaking(making: 'top' | 'as-you-go'): Edit {
  return ({ making: _, ...file }) => (making === 'top' ? file : { ...file, making })
}

/** What the backs have beyond the batting. */
export function setAllowance(allowance: Inches): Edit {
  return file => ({ ...file, asYouGo: { ...file.asYouGo, allowance: written(file, allowance) } })
}
