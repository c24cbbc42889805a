import { variants } from '../make/units/demands'
import { MIN_CONTRAST } from '../measure/lightness'
import { blockOf, clothOf, designOf } from '../file/quilt'
import { meltingPairs } from '../wall/melting'
import { wallOf } from '../wall/wall'
import type { Check, Checker } from './check'
import { inCell, inRole } from './place'

/**
 * Two patches that touch in cloths so alike in value that the figure melts into its ground. One check for each pair
 * of cloths.
 */
export const lowContrast: Checker = ({ quilt }) => {
  const checks = new Map<string, Check>()
  for (const { cell } of variants(quilt)) {
    // a half is dressed as its block, which is looked at itself
    if (blockOf(quilt, cell.block).derived) continue
    // shades of one thing in a picture may melt: its subject is looked at where it is drawn
    if (designOf(quilt, blockOf(quilt, cell.block)).picture) continue
    for (const { roles, cloths, difference } of meltingPairs(quilt, cell)) {
      const key = `${cell.block} ${[...cloths].sort().join()}`
      if (checks.has(key)) continue
      const at = quilt.blocks.findIndex(block => block.id === cell.block)
      checks.set(key, {
        id: 'low-contrast',
        severity: 'warn',
        ...inRole(at, roles[1]),
        data: {
          block: blockOf(quilt, cell.block).name,
          first: clothOf(quilt, cloths[0]).name,
          second: clothOf(quilt, cloths[1]).name,
          difference,
          least: MIN_CONTRAST,
        },
      })
    }
  }
  return [...checks.values()]
}

/** Like cloths that touch across a seam where most do not: scraps want to be spread. */
export const neighboursAlike: Checker = ({ quilt, dimensions, plan: { wall } }) => {
  if (wall.alike.length === 0) return []
  const seams = wallOf(quilt, dimensions).contacts.length
  // a quilt in which many are alike was meant so
  if (wall.alike.length > seams / 4) return []
  return wall.alike.slice(0, 5).map(({ a: [row, column], cloths }): Check => ({
    id: 'neighbours-alike',
    severity: 'note',
    ...inCell(row, column),
    data: {
      row: row + 1,
      place: column + 1,
      cloth: clothOf(quilt, cloths[0]).name,
      other: clothOf(quilt, cloths[1]).name,
    },
  }))
}
