import { finishedPatches } from '../../designs/design'
import { clothsOfCell } from '../../file/clothsOfCell'
import { blockOf, designOf, type Cell, type Quilt } from '../../file/quilt'
import type { QuiltFile } from '../../file/schema'
import { placePolygon } from '../../geometry/placement'
import { contains, type Point } from '../../geometry/polygon'
import { planOf, quiltOf } from '../../testing/quiltOf'
import { asCells } from '../../edits/setting'
import { settingOf } from './index'

const file = (setting: object, block: object = {}): QuiltFile => ({
  format: 'wren-quilt',
  version: 1,
  cloths: [
    { id: 'a', colour: '#222222' },
    { id: 'b', colour: '#eeeecc' },
    { id: 'c', colour: '#aa4433' },
  ],
  blocks: [{ id: 'star', design: 'sawtooth-star', size: 9, cloths: { star: 'a', ground: 'b' }, ...block }],
  setting: setting as QuiltFile['setting'],
})
const cutOf = (quilt: QuiltFile, use: string) =>
  planOf(quilt)
    .plan.pieces.filter(piece => piece.use === use)
    .map(({ exact, width, height, count }) => ({ exact: [exact.width, exact.height], cut: [width, height], count }))

test("setting triangles of a 9″ block are the handbook's, and longer with float", () => {
  const onPoint = { kind: 'on-point', across: 3, down: 4, settingCloth: 'c' }
  // 9·√2 + 1.2071 and 9 ÷ √2 + 0.8536; ten on the sides, four from a square
  expect(cutOf(file(onPoint), 'setting: side triangles')).toEqual([
    { exact: [expect.closeTo(13.935, 3), expect.closeTo(13.935, 3)], cut: [14, 14], count: 3 },
  ])
  expect(cutOf(file(onPoint), 'setting: corner triangles')).toEqual([
    { exact: [expect.closeTo(7.2175, 3), expect.closeTo(7.2175, 3)], cut: [7.25, 7.25], count: 2 },
  ])
  const floating = { ...onPoint, float: 1.5 }
  expect(cutOf(file(floating), 'setting: side triangles')[0]).toMatchObject({ cut: [17, 17] })
  expect(cutOf(file(floating), 'setting: corner triangles')[0]).toMatchObject({ cut: [10.25, 10.25] })
})

test('a print with an up: a square gives one triangle for each edge, so the longer edge says how many', () => {
  const upright = file({ kind: 'on-point', across: 3, down: 6, settingCloth: 'c' })
  upright.cloths[2]!.directional = true
  expect(cutOf(upright, 'setting: side triangles')[0]).toMatchObject({ count: 5 })
})

test('a half block is what the block would show if it ran on beyond the edge, however it is turned, mirrored', () => {
  const turns = [0, 90, 180, 270] as const
  const own = {
    id: 'own',
    width: 4,
    height: 4,
    patches: [
      {
        role: 'star',
        points: [
          [0, 0],
          [4, 0],
          [0, 4],
        ] as [number, number][],
      },
      {
        role: 'ground',
        points: [
          [4, 0],
          [4, 4],
          [0, 4],
        ] as [number, number][],
      },
    ],
  }
  for (const kind of ['offset-rows', 'offset-columns'] as const) {
    for (const [turn, mirror] of turns.flatMap(t => [[t, false] as const, [t, true] as const])) {
      const cell = { block: 'star', turn, mirror }
      const cells = kind === 'offset-rows' ? [[cell, cell], [cell]] : [[cell, cell], [cell]]
      const quilt = quiltOf({
        ...file({ kind, across: 2, down: 2, ends: 'half-blocks', cells }, { design: 'own' }),
        designs: [own],
      })
      const { regions } = settingOf(quilt)
      const halves = regions.filter(({ part }) => part.kind === 'half-block')
      expect(halves).toHaveLength(2)
      for (const { part, fabric, width, height } of halves) {
        if (part.kind !== 'half-block' || !('cell' in fabric)) throw new Error('a half wears a block')
        const isLater = part.half === 'right' || part.half === 'bottom'
        for (const point of [
          [1, 2],
          [2, 1],
          [3, 3.5],
          [3.5, 3],
          [0.5, 4],
          [4, 0.5],
        ] as Point[]) {
          if (point[0] > width || point[1] > height) continue
          // the half at the beginning is the second half of the block
          const beyond: Point = isLater ? [0, 0] : kind === 'offset-rows' ? [4.5, 0] : [0, 4.5]
          expect(clothAt(quilt, fabric.cell, point, width, height)).toBe(
            clothAt(quilt, { ...cell, cloths: {} }, [point[0] + beyond[0], point[1] + beyond[1]], 9, 9),
          )
        }
      }
    }
  }
})

/** The cloth at a point of a block as it stands in its place. */
function clothAt(quilt: Quilt, cell: Cell, point: Point, width: number, height: number): string | undefined {
  const block = blockOf(quilt, cell.block)
  const design = designOf(quilt, block)
  const [w, h] = cell.turn % 180 === 0 ? [width, height] : [height, width]
  const at = finishedPatches(design, w, h).findIndex(polygon => contains(placePolygon(polygon, cell, w, h), point))
  return clothsOfCell(quilt, cell)[design.patches[at]!.role]
}

test('strips of frames: sides as long as what they go round, ends as long as that and both sides', () => {
  const framed = file(
    { across: 2, down: 2 },
    {
      size: 8,
      frame: [
        { cloth: 'c', width: 1 },
        { cloth: 'a', width: 0.5 },
      ],
    },
  )
  const { plan } = planOf(framed)
  const strips = plan.pieces.filter(({ part }) => part === 'frame-strips')
  expect(strips.map(({ cloth, width, height, count }) => [cloth, width, height, count])).toEqual([
    ['c', 8.5, 1.5, 8],
    ['c', 10.5, 1.5, 8],
    ['a', 10.5, 1, 8],
    ['a', 11.5, 1, 8],
  ])
  expect([plan.quilt.width, plan.blocks[0]!.width]).toEqual([22, 11.5])
})

test('a frame under ½″ is warned of, with the next size that gives every block enough', () => {
  const narrow = {
    ...file({ across: 2, down: 1, fill: [['star', 'small']] }, { size: 9 }),
    blocks: [
      { id: 'star', design: 'sawtooth-star', size: 9, cloths: { star: 'a', ground: 'b' } },
      {
        id: 'small',
        design: 'sawtooth-star',
        size: 8.5,
        cloths: { star: 'a', ground: 'b' },
        frame: [{ cloth: 'c', width: 0.25 }],
      },
    ],
  }
  const check = planOf(narrow).plan.checks.find(({ id }) => id === 'frame-too-narrow')
  // 9½ would leave the 9″ block ¼″: 10 is the next
  expect(check).toMatchObject({ severity: 'warn', path: 'blocks.1.frame.0', data: { width: 0.25, module: 10 } })
})

test('what is out of proportion is said with its figures: a very large quilt, a long shift, one block on point', () => {
  const checks = (setting: object, block: object = {}) =>
    planOf(file(setting, block)).plan.checks.map(({ id, path, data }) => ({ id, path, data }))
  expect(checks({ across: 23, down: 3 })).toEqual([
    { id: 'very-large', path: 'setting', data: { width: 207, height: 27, patches: 1173 } },
  ])
  expect(checks({ across: 22, down: 3 })).toEqual([])
  const shifted = { kind: 'offset-rows', across: 3, down: 2, ends: { cloth: 'c' } }
  expect(checks({ ...shifted, shift: 9.5 })).toEqual([
    { id: 'shift-too-long', path: 'setting.shift', data: { shift: 9.5, block: 9 } },
  ])
  expect(checks({ ...shifted, shift: 9 })).toEqual([])
  expect(checks({ kind: 'on-point', across: 1, down: 1, settingCloth: 'c' })).toEqual([
    { id: 'one-on-point', path: 'setting.across', data: {} },
  ])
})

test('what cannot be had together is refused at its field', () => {
  const sashing = { width: 1, cloth: 'b', outer: true }
  const stones = { ...sashing, cornerstones: { cloth: 'a' } }
  const onPoint = { kind: 'on-point', across: 2, down: 2, settingCloth: 'c' }
  const offset = { kind: 'offset-rows', across: 2, down: 2, ends: { cloth: 'c' } }
  const refused: [object, string][] = [
    [{ ...onPoint, sashing }, 'setting.sashing'],
    [{ ...onPoint, sashing: { ...stones, outer: false } }, 'setting.sashing.outer'],
    [{ ...onPoint, sashing: stones, float: 1 }, 'setting.float'],
    [{ ...onPoint, settingCloth: undefined }, 'setting.settingCloth'],
    [{ ...offset, ends: undefined }, 'setting.ends'],
    [{ ...offset, ends: 'half-blocks', shift: 3 }, 'setting.ends'],
    [{ ...offset, ends: 'half-blocks', sashing }, 'setting.ends'],
    [{ ...offset, sashing: stones }, 'setting.sashing'],
    [{ across: 2, down: 2, sashing: { ...stones, between: 'rows' } }, 'setting.sashing.cornerstones'],
    [{ kind: 'rows' }, 'setting.rows'],
    [
      { kind: 'rows', rows: [{ cells: [{ block: 'star' }] }], ends: { cloth: 'c' }, sashing },
      'setting.sashing.between',
    ],
    [{ kind: 'rows', rows: [{ cells: [{ block: 'star' }] }] }, 'setting.ends'],
    [{ ...onPoint, settingCloth: 'none' }, 'setting.settingCloth'],
  ]
  for (const [setting, path] of refused) {
    expect(() => quiltOf(file(setting))).toThrow(JSON.stringify(path.split('.')))
  }
})

test('a sash between columns is as long as the columns are, and so says the check of joins', () => {
  const sashing = { width: 1, cloth: 'b', between: 'columns', long: 'across' }
  const { plan } = planOf(file({ across: 3, down: 6, sashing }))
  expect(plan.checks.find(({ id }) => id === 'long-strip')).toMatchObject({
    data: { longest: 54.5, clothAlong: 54.5, usable: 41 },
  })
})

test('pieces of halves go with those of their block', () => {
  const { plan } = planOf(file({ kind: 'offset-rows', across: 3, down: 2, ends: 'half-blocks' }))
  expect([...new Set(plan.pieces.map(({ use }) => use.split(':')[0]))]).toEqual(['star'])
})

test('a fill goes by row and column: in shifted columns with half blocks each column of [A, B] is of one block', () => {
  for (const [across, down] of [
    [5, 4],
    [4, 3],
    [6, 2],
  ] as const) {
    const columns = file({ kind: 'offset-columns', across, down, ends: 'half-blocks', fill: [['star', 'other']] })
    columns.blocks.push({ ...columns.blocks[0]!, id: 'other' })
    const quilt = quiltOf(columns)
    const { regions } = settingOf(quilt)
    const seen = new Map<number, Set<string>>()
    for (const { part, x, fabric } of regions) {
      if (part.kind !== 'block' || !('cell' in fabric)) continue
      const column = Math.round(x / 9)
      seen.set(column, (seen.get(column) ?? new Set()).add(fabric.cell.block))
    }
    expect([...seen.keys()].sort()).toEqual(Array.from({ length: across }, (_, c) => c))
    for (const [column, blocks] of seen) expect([...blocks]).toEqual([column % 2 === 0 ? 'star' : 'other'])
    // written out place by place it is the same quilt
    const cells = asCells(columns)
    expect(quiltOf({ ...columns, setting: { ...columns.setting, fill: undefined, cells } }).setting.cells).toEqual(
      quilt.setting.cells,
    )
  }
})
