import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { rolesOf } from '../designs/design'
import { turnOfMirrorImage } from '../designs/mirrorImage'
import { designOf } from '../file/quilt'
import { asCells } from '../edits/setting'
import type { Plan } from './plan'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { runs } from '../testing/runs'

/** A length that ends in a half of the last digit is not to be written now up, now down. */
const written = (length: number) => (length + 1e-7).toFixed(4)

/** What a quilter cuts, buys and sews, whatever things are called and in whatever order they stand. */
function figures(plan: Plan, nameOf: (cloth: string) => string = id => id) {
  const pieces = plan.pieces.map(({ cloth, part, count, width, height, patches, hand, cuts, method }) =>
    [nameOf(cloth), part, count, written(width), written(height), patches, hand, cuts, method].join(' '),
  )
  const cloths = plan.cloths.map(({ id, buy, need }) => [nameOf(id), buy.toFixed(3), need.toFixed(3)].join(' '))
  const top = JSON.stringify(plan.quilt, (_, value: unknown) => (typeof value === 'number' ? value.toFixed(4) : value))
  const { crossings, hubs, versions } = plan.pressing
  const pressed = [crossings.nest, crossings.open, crossings.clash.length, hubs.nest, hubs.mixed.length]
  const counts = versions.map(({ count }) => count).sort((a, b) => a - b)
  return { pieces: pieces.sort(), cloths: cloths.sort(), top, pressed: [...pressed, ...counts] }
}

/** The same file with every cloth under another id. */
function renamed(file: QuiltFile, name: (id: string) => string): QuiltFile {
  const text = JSON.stringify(file, (_, value: unknown) =>
    typeof value === 'string' && file.cloths.some(cloth => cloth.id === value) ? name(value) : value,
  )
  return JSON.parse(text) as QuiltFile
}

const backwards = (id: string) => `z${String(99 - Number(id.replaceAll(/\D/g, '')))}`

test('renaming the cloths changes no figure', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const before = planOf(file).plan
      const after = planOf(renamed(file, backwards)).plan
      expect(figures(after)).toEqual(figures(before, backwards))
    }),
    { numRuns: runs(35) },
  )
}, 120_000)

/** In another order and under other names everything is planned as it was. */
function otherwiseListed(file: QuiltFile) {
  const other = JSON.parse(
    JSON.stringify(file).replaceAll('"own"', '"zz"').replaceAll('"shipped"', '"aa"'),
  ) as QuiltFile
  const before = planOf(file).plan
  const after = planOf({ ...other, cloths: [...other.cloths].reverse(), blocks: [...other.blocks].reverse() }).plan
  expect(figures(after)).toEqual(figures(before))
}

test('renaming the blocks and listing cloths and blocks in another order changes no figure', () => {
  fc.assert(fc.property(randomQuilt, otherwiseListed), { numRuns: runs(35) })
  // two ways that buy as much, in centimetres whose sum has other last digits in another order
  fc.assert(fc.property(randomQuilt, otherwiseListed), { seed: -1926045286, path: '8', numRuns: 1 })
}, 120_000)

test('a quilt seen in the mirror is pressed as well as it was', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      fc.pre((file.setting.kind ?? 'straight') === 'straight')
      const plain = { ...file, setting: { ...file.setting, sashing: null } }
      // a block that is turned to stand for its mirror image is still sewn row by row: other seams meet then
      const { quilt } = planOf(plain)
      fc.pre(quilt.blocks.every(block => !turnOfMirrorImage(designOf(quilt, block), block)))
      const cells = asCells(plain)
      const seen = (line: typeof cells): QuiltFile => ({ ...plain, setting: { ...plain.setting, cells: line } })
      const [before, after] = [planOf(seen(cells)).plan.pressing, planOf(seen(inMirror(cells))).plan.pressing]
      const counts = ({ crossings: { nest, open, clash } }: typeof before) => ({ nest, open, clash: clash.length })
      expect(counts(after)).toEqual(counts(before))
    }),
    { numRuns: runs(35) },
  )
}, 120_000)

const inMirror = (cells: ReturnType<typeof asCells>) =>
  cells.map(line =>
    line.toReversed().map(cell => {
      const { turn = 0, mirror = false } = cell
      return { ...cell, mirror: !mirror, turn: ((360 - turn) % 360) as typeof turn }
    }),
  )

test('a quilt seen in the mirror takes as many pieces of each size from as much cloth', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      fc.pre((file.setting.kind ?? 'straight') === 'straight')
      // stripes, prints with an up and what is pieced between blocks are not mirrored with them
      const { pieced: _, cornerstones: __, ...sashing } = file.setting.sashing ?? { width: 0, cloth: '' }
      const setting = { ...file.setting, sashing: sashing.width ? sashing : null }
      const plain = {
        ...file,
        blocks: file.blocks.map(block => ({ ...block, stripes: {} })),
        setting,
        borders: [],
        cloths: file.cloths.map(cloth => ({ ...cloth, directional: false, pattern: 'plain' })),
      }
      const cells = asCells(plain as QuiltFile)
      const seen = (line: typeof cells) =>
        figures(planOf({ ...plain, setting: { ...plain.setting, cells: line } }).plan)
      const [before, after] = [seen(cells), seen(inMirror(cells))]
      // where the mirror shows the block turned it is turned, and its pieces keep their hands
      const anyHand = (piece: string) => piece.replace(/ (left|right) /, ' handed ')
      expect(after.pieces.map(anyHand).sort()).toEqual(before.pieces.map(anyHand).sort())
      expect(after.cloths).toEqual(before.cloths)
      expect(after.top).toEqual(before.top)
    }),
    { numRuns: runs(35) },
  )
}, 120_000)

test('a quilt in centimetres is the same quilt', () => {
  const cm = (value: string | number) => `${(Number(value) * 2.54).toFixed(6)} cm`
  const inches: QuiltFile = { ...SAMPLE, borders: [{ width: 3, cloth: 'soot' }] }
  const other: QuiltFile = {
    ...inches,
    borders: [{ width: cm(3), cloth: 'soot' }],
    blocks: inches.blocks.map(block => ({ ...block, size: cm(9) })),
  }
  expect(figures(planOf(other).plan)).toEqual(figures(planOf(inches).plan))
})

describe('squares for three-patch units whose partners differ', () => {
  const cardTrick = (method: 'three-patch-pairs' | undefined, rename: (id: string) => string = id => id) => {
    const design = SHIPPED_DESIGNS.find(candidate => candidate.id === 'card-trick')!
    const roles = rolesOf(design)
    const ids = roles.map(role => rename(role))
    const { plan, quilt } = planOf({
      format: 'wren-quilt',
      version: 1,
      cloths: ids.map((id, i) => ({ id, colour: `#${String(i + 1).repeat(6)}` })),
      setting: { across: 4, down: 4 },
      blocks: [
        {
          id: 'trick',
          design: 'card-trick',
          size: 12,
          ...(method ? { method: { 'three-patch': method } } : {}),
          cloths: Object.fromEntries(roles.map(role => [role, rename(role)])),
        },
      ],
    })
    return { plan, quilt, design }
  }
  /**
   * Squares of a cloth worked out from the drawing: each unit's quarters lie beside one partner under one large
   * triangle.
   */
  const quarterSquares = (plan: Plan, cloth: string) =>
    plan.pieces
      .filter(piece => piece.cloth === cloth && piece.part === 'quarter-pairs')
      .reduce((sum, piece) => sum + piece.count, 0)

  test('card trick, sixteen blocks, in pairs: 32 squares of the ground; by half lines 16', () => {
    expect(quarterSquares(cardTrick('three-patch-pairs').plan, 'ground')).toBe(32)
    expect(quarterSquares(cardTrick(undefined).plan, 'ground')).toBe(16)
  })
  test('whatever the cloths are called', () => {
    const turned = (id: string) => `${9 - id.length}${id}`
    expect(quarterSquares(cardTrick('three-patch-pairs', turned).plan, turned('ground'))).toBe(32)
  })
})
