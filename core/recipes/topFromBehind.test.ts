import { finishedPatches, rolesOf } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { placePolygon } from '../geometry/placement'
import type { Point, Polygon } from '../geometry/polygon'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { timesPlaced } from '../top/places'
import { ownSize } from '../top/regions/region'
import { recipesFor } from './recipe'
import { topFromBehind } from './topFromBehind'

function behindOf(file: QuiltFile) {
  const { plan, work } = planOf(file)
  const placed = work.quilt.blocks.filter(({ id }) => timesPlaced(work.quilt, id) > 0)
  const recipes = placed.flatMap(({ id }) => recipesFor(work, plan, id))
  return { plan, work, recipes, behind: topFromBehind(work, plan, recipes)! }
}

const keyOf = (polygon: Polygon) =>
  polygon
    .map(point => point.map(value => (value + 1e-7).toFixed(3)).join())
    .sort()
    .join(' ')

const CLOTHS = ['cream', 'soot', 'red']
const BLOCKS: QuiltFile['blocks'] = ['pinwheel', 'maple-leaf', 'bow-tie', 'split-nine-patch'].map(id => {
  const roles = rolesOf(SHIPPED_DESIGNS.find(design => design.id === id)!)
  return { id, design: id, size: 8, cloths: Object.fromEntries(roles.map((role, i) => [role, CLOTHS[i % 3]!])) }
})

test.each(['straight', 'on-point', 'offset-rows', 'offset-columns'] as const)(
  '%s: each block from behind is the mirror image of what stands there',
  kind => {
    const turns = [0, 90, 180, 270] as const
    const cell = (r: number, c: number) => ({
      block: BLOCKS[(r + c) % 4]!.id,
      turn: turns[(r * 3 + c) % 4]!,
      mirror: (r + 2 * c) % 3 === 0,
    })
    const setting =
      kind === 'straight'
        ? { across: 4, down: 4, cells: [0, 1, 2, 3].map(r => [0, 1, 2, 3].map(c => cell(r, c))) }
        : kind !== 'on-point'
          ? {
              kind,
              across: 3,
              down: 3,
              ends: 'half-blocks',
              fill: [
                ['pinwheel', 'maple-leaf'],
                ['bow-tie', 'pinwheel'],
              ],
            }
          : {
              kind,
              settingCloth: 'cream',
              across: 3,
              down: 3,
              fill: [
                ['pinwheel', 'maple-leaf'],
                ['bow-tie', 'split-nine-patch'],
              ],
            }
    const { work, recipes, behind } = behindOf({ ...SAMPLE, made: [], blocks: BLOCKS, setting } as QuiltFile)
    const places = work.dimensions.setting.regions.filter(
      ({ fabric, part }) => 'cell' in fabric && (part.kind === 'block' || part.kind === 'half-block'),
    )
    expect(behind.blocks).toHaveLength(places.length)
    places.forEach((region, i) => {
      const { cell } = region.fabric as { cell: Parameters<typeof placePolygon>[1] & { block: string } }
      const { design, block } = work.makes.get(cell.block)!
      const { width, height } = ownSize(region)
      const front = finishedPatches(design, block.width, block.height).map(polygon =>
        placePolygon(polygon, cell, width, height).map(([x, y]): Point => {
          const [u, v] = [x - width / 2, y - height / 2]
          const half = Math.SQRT1_2
          const [dx, dy] = region.own ? [(u + v) * half, (v - u) * half] : [u, v]
          return [behind.width - (region.x + region.width / 2 + dx), region.y + region.height / 2 + dy]
        }),
      )
      const { recipe, x, y, turn, scale } = behind.blocks[i]!
      const { back } = recipes[recipe]!
      const angle = (turn * Math.PI) / 180
      const clothOf = (patch: number) => block.cloths[design.patches[patch]!.role]!
      const drawn = back.shapes.slice(0, front.length).map(({ points, cloth }) => {
        const seen = points.map(([px, py]): Point => {
          const [u, v] = [(px - back.width / 2) * scale, (py - back.height / 2) * scale]
          return [x + u * Math.cos(angle) - v * Math.sin(angle), y + u * Math.sin(angle) + v * Math.cos(angle)]
        })
        return `${cloth} ${keyOf(seen)}`
      })
      expect(drawn.sort()).toEqual(front.map((polygon, patch) => `${clothOf(patch)} ${keyOf(polygon)}`).sort())
    })
  },
)

test('allowances of rows lie where the plan presses them, and opposite ways where two rows meet', () => {
  const { plan, behind } = behindOf({
    ...SAMPLE,
    made: [],
    blocks: BLOCKS,
    setting: { across: 4, down: 3, fill: [['pinwheel', 'maple-leaf']] },
  } as QuiltFile)
  const { width } = behind
  // four blocks of 8″ in three rows: nine seams, then two between the rows
  const middles = behind.allowances.map(band => {
    const [x, y] = [0, 1].map(axis => band.reduce((sum, point) => sum + point[axis]! / 4, 0))
    return [x!, y!] as const
  })
  expect(middles).toHaveLength(11)
  plan.rows.forEach(({ press }, r) => {
    for (let k = 0; k < 3; k++) {
      const [x, y] = middles[r * 3 + k]!
      expect(y).toBeCloseTo(8 * r + 4, 6)
      // pressed to the right is to the left from behind
      expect(x).toBeCloseTo(width - (8 * (k + 1) + (press === 'right' ? 1 : -1) / 8), 6)
    }
  })
  expect(plan.rows[0]!.press).not.toBe(plan.rows[1]!.press)
  plan.pressing.between.forEach(({ press }, r) => {
    expect(middles[9 + r]![1]).toBeCloseTo(8 * (r + 1) + (press === 'down' ? 1 : -1) / 8, 6)
  })
})
