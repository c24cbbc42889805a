import { clothsOfCell } from '../file/clothsOfCell'
import { rulesOf } from '../file/settings'
import type { CellPlace } from '../file/settings/settingRules'
import { variants } from '../make/units/demands'
import { MIN_CONTRAST, lightness } from '../measure/lightness'
import { sharedEdges } from '../geometry/adjacency'
import type { Design } from '../designs/design'
import { clothOf, designOf, blockOf, type Cell, type Quilt } from '../file/quilt'
import type { Check, Checker } from './check'
import { inCell, inRole } from './place'

/**
 * Two patches that touch in cloths so alike in value that the figure melts into its ground. One check for each pair
 * of cloths.
 */
export const lowContrast: Checker = ({ quilt }) => {
  const checks = new Map<string, Check>()
  const touching = new Map(quilt.blocks.map(block => [block.id, touchingRoles(designOf(quilt, block))]))
  for (const { cell } of variants(quilt)) {
    // a half is dressed as its block, which is looked at itself
    if (blockOf(quilt, cell.block).derived) continue
    const cloths = clothsOfCell(quilt, cell)
    for (const [first, second] of touching.get(cell.block)!) {
      const [a, b] = [clothOf(quilt, cloths[first]!), clothOf(quilt, cloths[second]!)]
      const difference = Math.abs(lightness(a.colour) - lightness(b.colour))
      const key = `${cell.block} ${[a.id, b.id].sort().join()}`
      if (a.id === b.id || difference >= MIN_CONTRAST || checks.has(key)) continue
      const at = quilt.blocks.findIndex(block => block.id === cell.block)
      checks.set(key, {
        id: 'low-contrast',
        severity: 'warn',
        ...inRole(at, second),
        data: {
          block: blockOf(quilt, cell.block).name,
          first: a.name,
          second: b.name,
          difference,
          least: MIN_CONTRAST,
        },
      })
    }
  }
  return [...checks.values()]
}

/** Pairs of roles whose patches meet along an edge. */
function touchingRoles({ patches }: Design): [string, string][] {
  const pairs = new Map<string, [string, string]>()
  for (const { first, second } of sharedEdges(patches.map(patch => patch.points))) {
    const pair = [patches[first]!.role, patches[second]!.role].sort() as [string, string]
    if (pair[0] !== pair[1]) pairs.set(pair.join('|'), pair)
  }
  return [...pairs.values()]
}

/** Places side by side that were given the same cloth of their own for the same role: scraps want to be spread. */
export const neighboursAlike: Checker = ({ quilt }) => {
  const { cells } = quilt.setting
  const varied = variedRoles(quilt)
  const alike: { row: number; column: number; cloth: string }[] = []
  const compare = (row: number, column: number, one: Cell, other: Cell | undefined) => {
    if (!other || other.block !== one.block || blockOf(quilt, one.block).frame.length > 0) return
    const [here, there] = [clothsOfCell(quilt, one), clothsOfCell(quilt, other)]
    const role = varied.get(one.block)!.find(name => here[name] === there[name])
    if (role !== undefined) alike.push({ row, column, cloth: here[role]! })
  }
  cells.forEach((line, row) =>
    line.forEach((cell, column) => {
      for (const [r, c] of touched(quilt.setting, [row, column])) compare(row, column, cell, cells[r]?.[c])
    }),
  )
  // a quilt in which many are alike was meant so
  if (alike.length > (cells.length * cells[0]!.length) / 4) return []
  return alike.slice(0, 5).map(({ row, column, cloth }): Check => ({
    id: 'neighbours-alike',
    severity: 'note',
    ...inCell(row, column),
    data: { row: row + 1, place: column + 1, cloth: clothOf(quilt, cloth).name },
  }))
}

/** Of each block the roles that do not wear the same cloth everywhere, whether cells spell it out or not. */
function variedRoles(quilt: Quilt): Map<string, string[]> {
  const worn = new Map<string, Map<string, Set<string>>>()
  for (const cell of new Set(quilt.setting.cells.flat())) {
    const roles = worn.get(cell.block) ?? new Map<string, Set<string>>()
    worn.set(cell.block, roles)
    for (const [role, cloth] of Object.entries(clothsOfCell(quilt, cell)))
      roles.set(role, (roles.get(role) ?? new Set()).add(cloth))
  }
  return new Map(
    [...worn].map(([block, roles]) => [block, [...roles].flatMap(([role, { size }]) => (size > 1 ? [role] : []))]),
  )
}

/** Places to the right and below that a block is sewn to; across a sash nothing touches. */
function touched(setting: Quilt['setting'], place: CellPlace): CellPlace[] {
  const { right, below } = rulesOf(setting).beside(setting, place)
  const { sashing } = setting
  return [
    ...(sashing && sashing.between !== 'rows' ? [] : right),
    ...(sashing && sashing.between !== 'columns' ? [] : below),
  ]
}
