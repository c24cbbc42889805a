import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, designOf, type Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { finishedPatches } from '../designs/design'
import { placePolygon } from '../geometry/placement'
import { contains } from '../geometry/polygon'
import { planOf, quiltOf } from '../testing/quiltOf'
import { CLIMB_CORNERS, climbingRoles, setClimb, type ClimbCorner } from './climbing'

const CLOTHS = ['soot', 'slate', 'steam', 'brass', 'cream']

function logs(design: string, roles: readonly string[], setting: Partial<QuiltFile['setting']>): QuiltFile {
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: CLOTHS.map(id => ({ id })),
    blocks: [{ id: 'logs', design, size: 7, cloths: Object.fromEntries(roles.map(role => [role, 'soot'])) }],
    setting: { across: 4, down: 5, ...setting },
  }
}
const CABIN = ['centre', 'light', 'dark']

/** The cloth at a point of the block in a place, inches from its upper left as it lies. */
function clothAt(quilt: Quilt, row: number, column: number, point: readonly [number, number]): string {
  const cell = quilt.setting.cells[row]![column]!
  const block = blockOf(quilt, cell.block)
  const { patches } = designOf(quilt, block)
  const at = finishedPatches(designOf(quilt, block), 7, 7).findIndex(polygon =>
    contains(placePolygon(polygon, cell, 7, 7), point),
  )
  return clothsOfCell(quilt, cell)[patches[at]!.role]!
}

test.each([
  ['log-cabin', CABIN],
  ['leading-log-cabin', ['centre', 'first', 'second', 'third', 'fourth']],
])(
  '%s: what follows in one block leads in the next, so that one cloth lies on both sides of every seam',
  (design, roles) => {
    const file = logs(design, roles, {})
    const climbing = climbingRoles(designOf(quiltOf(file), quiltOf(file).blocks[0]!))
    expect(climbing).toEqual(roles.slice(1))
    for (const from of CLIMB_CORNERS) {
      const edit = setClimb(quiltOf(file), { block: 'logs', roles: climbing, cloths: CLOTHS, from, after: 'again' })
      const quilt = quiltOf(edit(file))
      for (let r = 0; r < 5; r++) {
        for (let c = 0; c < 4; c++) {
          if (c < 3) expect(clothAt(quilt, r, c, [6.9, 3.5])).toBe(clothAt(quilt, r, c + 1, [0.1, 3.5]))
          if (r < 4) expect(clothAt(quilt, r, c, [3.5, 6.9])).toBe(clothAt(quilt, r + 1, c, [3.5, 0.1]))
        }
      }
      // the middle keeps its cloth
      expect(clothAt(quilt, 2, 2, [3.5, 3.5])).toBe('soot')
    }
  },
)

test('on point too one cloth lies on both sides of every seam', () => {
  const file = logs('log-cabin', CABIN, { kind: 'on-point', settingCloth: 'cream', down: 3 })
  for (const from of CLIMB_CORNERS) {
    const climb = { block: 'logs', roles: ['light', 'dark'], cloths: CLOTHS, from, after: 'again' as const }
    const quilt = quiltOf(setClimb(quiltOf(file), climb)(file))
    quilt.setting.cells.forEach((line, r) =>
      line.forEach((_, c) => {
        // a block's own right lies up to the right, its own foot down to the right
        const beside = r % 2 === 0 ? c : c + 1
        if (quilt.setting.cells[r - 1]?.[beside])
          expect(clothAt(quilt, r, c, [6.9, 3.5])).toBe(clothAt(quilt, r - 1, beside, [0.1, 3.5]))
        if (quilt.setting.cells[r + 1]?.[beside])
          expect(clothAt(quilt, r, c, [3.5, 6.9])).toBe(clothAt(quilt, r + 1, beside, [3.5, 0.1]))
      }),
    )
  }
})

test('steps are counted from the corner, and cloths begin again or go back at the end of their row', () => {
  const leading = (from: ClimbCorner, after: 'again' | 'back', setting: Partial<QuiltFile['setting']> = {}) => {
    const file = logs('log-cabin', CABIN, setting)
    const edit = setClimb(quiltOf(file), {
      block: 'logs',
      roles: ['light', 'dark'],
      cloths: CLOTHS.slice(0, 3),
      from,
      after,
    })
    return quiltOf(edit(file)).setting.cells.map(line =>
      line.map(({ cloths }) => CLOTHS.indexOf(cloths['light']!)).join(''),
    )
  }
  expect(leading('nw', 'again')).toEqual(['0120', '1201', '2012', '0120', '1201'])
  expect(leading('sw', 'again')).toEqual(['1201', '0120', '2012', '1201', '0120'])
  expect(leading('ne', 'back')).toEqual(['1210', '0121', '1012', '2101', '1210'])
  // on point rows stand half a block aside: three across in every second
  const onPoint = { kind: 'on-point' as const, settingCloth: 'cream', down: 2 }
  expect(leading('ne', 'again', onPoint)).toEqual(['0000', '111', '2222'])
  expect(leading('nw', 'again', onPoint)).toEqual(['0210', '102', '0210'])
})

test('dressed so, the quilt is as large and has as many pieces of cloth in it', () => {
  const file = logs('log-cabin', CABIN, {})
  const edit = setClimb(quiltOf(file), {
    block: 'logs',
    roles: ['light', 'dark'],
    cloths: CLOTHS,
    from: 'sw',
    after: 'back',
  })
  const [before, after] = [planOf(file).plan, planOf(edit(file)).plan]
  expect([after.quilt.width, after.quilt.height, after.quilt.patches]).toEqual([
    before.quilt.width,
    before.quilt.height,
    before.quilt.patches,
  ])
  expect(after.pieces.reduce((sum, { patches }) => sum + patches, 0)).toBe(before.quilt.patches)
})
