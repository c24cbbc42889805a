import { clothsOfCell, variants } from '../block/demands'
import { LEAST_CONTRAST, lightness } from '../cloth/value'
import { clothOf, designOf, blockOf } from '../quilt/quilt'
import { rolesOf } from '../block/design'
import type { Check, Checker } from './check'

/** Two roles of a block in cloths so alike in value that the figure melts into its ground. One check for each pair of cloths. */
export const lowContrast: Checker = ({ quilt }) => {
  const checks = new Map<string, Check>()
  for (const { cell } of variants(quilt)) {
    const cloths = clothsOfCell(quilt, cell)
    const roles = rolesOf(designOf(quilt, blockOf(quilt, cell.block)))
    roles.forEach((first, i) => roles.slice(i + 1).forEach((second) => {
      const [a, b] = [clothOf(quilt, cloths[first]!), clothOf(quilt, cloths[second]!)]
      const difference = Math.abs(lightness(a.colour) - lightness(b.colour))
      const key = `${cell.block} ${[a.id, b.id].sort().join()}`
      if (a.id === b.id || difference >= LEAST_CONTRAST || checks.has(key)) return
      const at = quilt.blocks.findIndex(block => block.id === cell.block)
      checks.set(key, { id: 'low-contrast', severity: 'warn', path: `blocks.${at}.cloths.${second}`, data: { block: blockOf(quilt, cell.block).name, first: a.name, second: b.name, difference, least: LEAST_CONTRAST } })
    }))
  }
  return [...checks.values()]
}
