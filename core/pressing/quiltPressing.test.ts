import fc from 'fast-check'
import { finishedPatches, rolesOf, type Design } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import type { QuiltFile } from '../file/schema'
import { placePolygon, type Placement } from '../geometry/placement'
import { contains, movePolygon, type Point, type Polygon } from '../geometry/polygon'
import { tilingFaults } from '../geometry/tiling'
import { turnOf } from '../make/pressing/costs'
import { outcomes } from '../make/pressing/pressBlock'
import { blockMake, type BlockMake } from '../make/units/blockMake'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { anyBlock } from '../testing/randomBlocks'
import { dimensionsOf } from '../top/dimensions'
import { outlineOf } from '../top/regions/region'
import type { PlacedEnd } from './placedEnds'
import { quiltPressing, type QuiltPressing } from './quiltPressing'
import { versionSign } from './versionSigns'
import { runs } from '../testing/runs'

type CellEntry = Partial<NonNullable<QuiltFile['setting']['cells']>[number][number]>
/** How the blocks of a quilt stand beside each other. */
const WAYS: Readonly<Record<string, (row: number, column: number) => CellEntry>> = {
  'alike': () => ({}),
  'quarter turns': (row, column) => ({ turn: ([0, 90, 270, 180] as const)[(row % 2) * 2 + (column % 2)]! }),
  'mirrored columns': (_, column) => ({ mirror: column % 2 === 1 }),
}

function fileOf(design: Design, side: number, cell: (row: number, column: number) => CellEntry): QuiltFile {
  const cloths = ['light', 'dark', 'middle']
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'dark', colour: '#222222' },
      { id: 'light', colour: '#eeeeee' },
      { id: 'middle', colour: '#888888' },
    ],
    blocks: [
      {
        id: 'one',
        design: design.id,
        width: (12 * design.width) / design.height,
        height: 12,
        cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, cloths[i % 3]!])),
      },
    ],
    setting: {
      across: side,
      down: side,
      cells: Array.from({ length: side }, (_, r) =>
        Array.from({ length: side }, (_, c) => ({ block: 'one', ...cell(r, c) })),
      ),
    },
  }
}

function pressed(file: QuiltFile): { pressing: QuiltPressing; makes: ReadonlyMap<string, BlockMake> } {
  const quilt = quiltOf(file)
  const makes = new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)]))
  return { pressing: quiltPressing(quilt, makes, dimensionsOf(quilt)), makes }
}

/** Which way the allowance of a seam turns that ends at the edge of its block. */
function turnAt({ versions, versionOf }: QuiltPressing, { region, join, sense }: PlacedEnd): number {
  return turnOf(versions[versionOf[region]!]!.press[join]!) * sense
}

function clashesOf(pressing: QuiltPressing): number {
  const within = pressing.versionOf.map(version => {
    const { signature, press } = pressing.versions[version]!
    return outcomes(signature.seams, press).clash
  })
  const between = pressing.outer.filter(({ ends: [one, other] }) => turnAt(pressing, one) !== turnAt(pressing, other))
  return within.reduce((sum, count) => sum + count, 0) + between.length
}

const isSquare = ({ width, height }: Design) => width === height

test.each(Object.entries(WAYS))(
  'ten by ten of every design, %s: all seams nest, with two versions or, where a mirror shows the block turned, four',
  (way, cell) => {
    // every corner of a snowball is pressed outwards, and its neighbours' too
    const left = SHIPPED_DESIGNS.filter(design => isSquare(design) || way !== 'quarter turns').filter(design => {
      const { pressing } = pressed(fileOf(design, 10, cell))
      const stands = [...pressing.signatures.values()]
      expect(pressing.versions.length).toBeLessThanOrEqual(stands.some(({ turn }) => turn % 180 !== 0) ? 4 : 2)
      return clashesOf(pressing) > 0
    })
    expect(left.map(({ id }) => id)).toEqual(way === 'mirrored columns' ? ['snowball', 'maple-leaf'] : ['snowball'])
  },
)

/** A block in its place, patch by patch, as it is seen. */
function patchesInTop({ regions, signatures }: QuiltPressing, at: number, make: BlockMake): Polygon[] {
  const region = regions[at]!
  const { width, height } = make.block
  return finishedPatches(make.design, width, height).map(polygon =>
    movePolygon(placePolygon(polygon, signatures.get(region.fabric.cell)!, width, height), region.x, region.y),
  )
}

/** Looks at the cloth: on which side of the point, along the edge between the blocks, the allowance lies. */
function sideAt(pressing: QuiltPressing, make: BlockMake, end: PlacedEnd, at: Point): Point {
  const patches = patchesInTop(pressing, end.region, make)
  const { signature, press } = pressing.versions[pressing.versionOf[end.region]!]!
  // of a seam that was begun in part and closed later the patches along its rest are in neither part of the join
  const edges = signature.seams.edges.filter(({ join }) => join === end.join)
  const under = edges.map(({ first, second }) => (press[end.join] === 'first' ? first : second))
  const step = 0.02
  // all round the point: the allowance lies in the patch it is pressed to that touches the seam there
  const hits = Array.from({ length: 72 }, (_, i): Point => {
    const angle = (i * Math.PI) / 36 + 0.01
    return [at[0] + step * Math.cos(angle), at[1] + step * Math.sin(angle)]
  }).filter(point => under.some(patch => contains(patches[patch]!, point)))
  const [x, y] = [0, 1].map(axis => hits.reduce((sum, point) => sum + point[axis]! - at[axis]!, 0))
  return [x!, y!]
}

test.each(SHIPPED_DESIGNS.map(design => [design.id, design] as const))(
  '%s: a block lies in its place as the picture shows it, whether it is sewn in the mirror or turned',
  (_, design) => {
    const turns = [0, 90, 180, 270] as const
    const file = fileOf(design, 4, (row, column) => ({
      turn: design.width === design.height ? turns[row]! : turns[(row % 2) * 2]!,
      mirror: column > 1,
    }))
    const { pressing, makes } = pressed(file)
    const { block } = makes.get('one')!
    const patches = finishedPatches(design, block.width, block.height)
    const seen = (placement: Placement) =>
      patches
        .map((polygon, i) => {
          const corners = placePolygon(polygon, placement, block.width, block.height)
          return [design.patches[i]!.role, ...corners.map(at => at.map(v => (v + 1e-7).toFixed(3)).join()).sort()].join(
            ' ',
          )
        })
        .sort()
    for (const [cell, lies] of pressing.signatures) expect(seen(lies)).toEqual(seen(cell))
  },
)

/** Ends of seams that meet between neighbours, each looked at on the cloth; how many there were. */
function lookBetween(design: Design, cell: (row: number, column: number) => CellEntry): number {
  const file = fileOf(design, 3, cell)
  const isShipped = SHIPPED_DESIGNS.some(({ id }) => id === design.id)
  const { pressing, makes } = pressed(isShipped ? file : ({ ...file, designs: [design] } as unknown as QuiltFile))
  for (const { at, ends } of pressing.outer) {
    const make = makes.get('one')!
    const [one, other] = ends.map(end => sideAt(pressing, make, end, at))
    const isUpright = Math.abs(pressing.regions[ends[0].region]!.x - pressing.regions[ends[1].region]!.x) > 1
    const along = isUpright ? 1 : 0
    const isOpposite = Math.sign(one![along]!) !== Math.sign(other![along]!)
    const isOpen = ends.some(end => turnAt(pressing, end) === 0)
    const nests = turnAt(pressing, ends[0]) === turnAt(pressing, ends[1])
    if (!isOpen) expect({ id: design.id, at, nests }).toEqual({ id: design.id, at, nests: isOpposite })
  }
  return pressing.outer.length
}

test('between neighbours, turned and mirrored, seams nest just where their allowances lie on opposite sides', () => {
  const cell = (row: number, column: number) => ({
    turn: ([0, 90, 180, 270] as const)[(row * 3 + column * 2) % 4]!,
    mirror: (row + column) % 3 === 1,
  })
  const seen = SHIPPED_DESIGNS.filter(isSquare)
    .filter((_, i) => i % 5 === 0)
    .reduce((sum, design) => sum + lookBetween(design, cell), 0)
  expect(seen).toBeGreaterThan(100)
})

test('the same in quilts of blocks that nobody has drawn', () => {
  let seen = 0
  fc.assert(
    fc.property(
      anyBlock(8),
      fc.array(fc.tuple(fc.nat(3), fc.boolean()), { minLength: 9, maxLength: 9 }),
      (drawn, lie) => {
        fc.pre(tilingFaults(drawn.patches, drawn.width, drawn.height).length === 0)
        const { width, height, patches } = drawn
        const design: Design = {
          id: 'own',
          name: 'Own',
          family: 'own',
          width,
          height,
          patches: patches.map((points, i) => ({ role: `r${i % 3}`, points })),
        }
        seen += lookBetween(design, (row, column) => {
          const [quarter, mirror] = lie[row * 3 + column]!
          return { turn: ([0, 90, 180, 270] as const)[width === height ? quarter : (quarter % 2) * 2]!, mirror }
        })
      },
    ),
    { numRuns: runs(150) },
  )
  expect(seen).toBeGreaterThan(runs(500))
})

test('a crossing on the join of two rows locks where the lower allowance points onwards and the upper one back', () => {
  let seen = 0
  for (const id of ['rail-fence', 'nine-patch', 'streak-of-lightning', 'pinwheel', 'four-patch']) {
    const design = SHIPPED_DESIGNS.find(other => other.id === id)!
    const file = fileOf(design, 4, row => ({ turn: row % 2 === 0 ? 0 : 90 }))
    const { pressing, makes } = pressed(file)
    const { plan } = planOf(file)
    const make = makes.get('one')!
    for (const { middle, crossings, locking } of plan.joining) {
      const seam = 12 * middle
      const mine = pressing.outer.filter(({ at }) => Math.abs(at[1] - seam) < 1e-6)
      const locks = mine.filter(({ at, ends }) => {
        const sides = ends.map(end => ({
          isUpper: pressing.regions[end.region]!.y < seam - 1,
          x: sideAt(pressing, make, end, at)[0],
        }))
        return sides.every(({ isUpper, x }) => (isUpper ? x < 0 : x > 0))
      })
      // besides, three seams of each row meet those of the next: pressed right over left, or left over right
      const rowSeams = plan.rows[middle - 1]!.press === 'left' ? 3 : 0
      expect([id, middle, crossings, locking]).toEqual([id, middle, mine.length + 3, locks.length + rowSeams])
      seen += mine.length
    }
  }
  expect(seen).toBeGreaterThan(40)
})

test('columns lock as rows do that are turned: the odd ones are pressed down, the even ones up', () => {
  const plain = SHIPPED_DESIGNS.find(({ id }) => id === 'plain')!
  const file = fileOf(plain, 4, () => ({}))
  const columns = { ...file.setting, kind: 'offset-columns' as const, shift: 0, ends: { cloth: 'dark' } }
  const { plan } = planOf({ ...file, setting: columns })
  expect(plan.rows.map(({ press }) => press)).toEqual(['down', 'up', 'down', 'up'])
  // turned to the right, column 1 lies on top and runs from right to left: down is then to the left
  const joins = plan.joining.map(({ middle, crossings, locking }) => [middle, crossings, locking])
  expect(joins.sort()).toEqual([
    [1, 3, 3],
    [2, 3, 0],
    [3, 3, 3],
  ])
})

test('the plan tells every seam of every block, which version stands where, and counts every crossing', () => {
  const rail = SHIPPED_DESIGNS.find(({ id }) => id === 'rail-fence')!
  const { plan } = planOf(fileOf(rail, 4, () => ({})))
  const { pressing } = plan
  expect(pressing.versions.map(({ version, count }) => [version, count])).toEqual([
    ['+', 8],
    ['#', 8],
  ])
  // two seams between three rails, in each version; the one the other way round
  const sides = (version: string) => pressing.seams.filter(seam => seam.version === version).map(({ press }) => press)
  expect(sides('+')).toHaveLength(2)
  expect(sides('#')).not.toEqual(sides('+'))
  const inRows = plan.rows.flatMap(({ parts }) => parts.map(part => ('version' in part ? part.version : undefined)))
  expect(inRows.filter(version => version === '#')).toHaveLength(8)
  // both seams run on into the next rail fence, three times in each of four rows
  // and nine corners at which four blocks meet, rows being pressed by turns
  expect(pressing.crossings).toEqual({ nest: 24 + 9, open: 0, clash: [] })
  expect(plan.checks.map(({ id }) => id)).not.toContain('seams-do-not-nest')
})

test('by hand, to the dark, open: what was chosen is kept, and what clashes by it is said with its place', () => {
  const rail = SHIPPED_DESIGNS.find(({ id }) => id === 'rail-fence')!
  const file = fileOf(rail, 2, () => ({}))
  const [block] = file.blocks
  const byHand = planOf({ ...file, blocks: [{ ...block!, press: { 0: 'first', 1: 'open' } }] }).plan
  expect(byHand.pressing.seams.map(({ press }) => press)).toEqual(['first', 'open'])
  // the corner where all four meet
  expect(byHand.pressing.crossings.nest).toBe(1)
  expect(byHand.pressing.crossings.open).toBe(2)
  // one in each row, where the two blocks meet: 12″ from the left of a top with ¼″ seams
  expect(byHand.pressing.crossings.clash.map(({ x }) => x)).toEqual([12.25, 12.25])
  expect(byHand.checks.find(({ id }) => id === 'seams-do-not-nest')?.data).toEqual({ clashes: 2, crossings: 5 })
  const open = planOf({ ...SAMPLE, press: 'open' }).plan.pressing
  expect(new Set(open.seams.map(({ press }) => press))).toEqual(new Set(['open']))
  const dark = planOf({ ...fileOf(rail, 2, () => ({})), press: 'dark' }).plan.pressing
  // light, dark, middle: both seams go to the dark rail between
  expect(dark.seams.map(({ press }) => press).sort()).toEqual(['first', 'second'])
})

test.each([
  ['straight', { across: 5, down: 4 }, 4 * 3],
  // each post that does not stand on the edge has four corners
  ['with posts', { across: 3, down: 2, sashing: { width: 2, cloth: 'dark', cornerstones: { cloth: 'light' } } }, 2 * 4],
  ['with long sashes', { across: 3, down: 2, sashing: { width: 2, cloth: 'dark' } }, 0],
  ['columns shifted by half', { kind: 'offset-columns', across: 4, down: 3, ends: { cloth: 'dark' } }, 0],
  ['on point', { kind: 'on-point', across: 3, down: 3, settingCloth: 'dark' }, 12],
] as const)('corners of four parts, %s: counted on the drawing, and all nest', (_, setting, corners) => {
  const { plan, work } = planOf({
    ...fileOf(
      SHIPPED_DESIGNS.find(({ id }) => id === 'plain')!,
      1,
      () => ({}),
    ),
    setting,
  } as unknown as QuiltFile)
  // points inside the setting at which four outlines have a corner
  const { regions, width, height } = work.dimensions.setting
  const around = new Map<string, number>()
  for (const region of regions)
    for (const [x, y] of outlineOf(region)) {
      const isInside = x > 1e-6 && y > 1e-6 && x < width - 1e-6 && y < height - 1e-6
      const key = [x, y].map(value => (value + 1e-5).toFixed(3)).join()
      if (isInside) around.set(key, (around.get(key) ?? 0) + 1)
    }
  const seen = [...around.values()].filter(count => count === 4).length
  expect([seen, plan.pressing.crossings]).toEqual([corners, { nest: corners, open: 0, clash: [] }])
  expect(plan.joining.reduce((sum, { crossings }) => sum + crossings, 0)).toBe(corners)
})

test('blocks measured small are pressed as they were planned: all their seams still meet', () => {
  const rail = SHIPPED_DESIGNS.find(({ id }) => id === 'rail-fence')!
  const file = fileOf(rail, 4, (row, column) => ({ turn: (row + column) % 2 === 0 ? 0 : 90 }))
  const counts = (made: object[]) => {
    const { crossings, hubs, versions } = planOf({ ...file, made } as QuiltFile).plan.pressing
    return { crossings, hubs, versions }
  }
  expect(counts([{ what: 'block', block: 'one', size: [12.25, 12.25] }])).toEqual(counts([]))
})

test('corners to which seams of blocks run are hubs; those that run straight on nest where they may', () => {
  const cellsOf = (turn: (row: number, column: number) => 0 | 90 | 180 | 270) =>
    planOf(
      fileOf(
        SHIPPED_DESIGNS.find(({ id }) => id === 'half-square')!,
        2,
        (r, c) => ({ turn: turn(r, c) }),
      ),
    ).plan.pressing
  // a pinwheel of four: the diagonals meet in the middle and turn one way
  const pinwheel = cellsOf((r, c) => ([90, 180, 0, 270] as const)[r * 2 + c]!)
  expect([pinwheel.crossings.nest, pinwheel.hubs]).toEqual([0, { nest: 1, mixed: [] }])
  // all alike: a diagonal runs through the middle, pressed to the dark on both sides of it, and cannot nest
  const alike = cellsOf(() => 0)
  expect([alike.crossings.nest, alike.hubs]).toEqual([0, { nest: 0, mixed: [{ x: 12.25, y: 12.25 }] }])
})

test('versions bear a sign of their own, that no cloth and no pile has', () => {
  const signs = Array.from({ length: 30 }, (_, i) => versionSign(i))
  expect(new Set(signs).size).toBe(30)
  for (const sign of signs) expect([...sign]).toHaveLength(1)
  const { plan, quilt } = planOf(
    fileOf(
      SHIPPED_DESIGNS.find(({ id }) => id === 'rail-fence')!,
      4,
      () => ({}),
    ),
  )
  const taken = [...quilt.cloths.map(({ letter }) => letter), ...plan.pieces.map(({ letter }) => letter)]
  for (const { version } of plan.pressing.versions) expect(taken).not.toContain(version)
})
