import { DEMO_QUILTS } from '../../demo'
import { tryOutName } from '../../words/tryOuts'
import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, type Quilt } from '../file/quilt'
import { contains } from '../geometry/polygon'
import { blockMake } from '../make/units/blockMake'
import { pointInTop } from '../make/units/pointInTop'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { dimensionsOf } from '../top/dimensions'
import { outlineOf } from '../top/regions/region'
import { tryOutsOf } from './tryOuts'
import { setTurns, TURN_PATTERNS, turnsFor } from './turnPatterns'

/** What is seen at points all over the top: cloth by cloth, worked out from the outlines. */
function seen(quilt: Quilt): string {
  const { regions, width, height } = dimensionsOf(quilt).setting
  const shapes = regions.flatMap(region => {
    const { fabric } = region
    if ('cloth' in fabric) return [{ points: outlineOf(region), cloth: fabric.cloth }]
    const block = blockOf(quilt, fabric.cell.block)
    const cloths = clothsOfCell(quilt, fabric.cell)
    const make = blockMake(quilt, block)
    return make.design.patches.map(({ points, role }) => ({
      points: points.map(point => pointInTop(region, make, fabric.cell, point)),
      cloth: cloths[role]!,
    }))
  })
  const text: string[] = [width.toFixed(2), height.toFixed(2)]
  for (let i = 0; i < 27; i++)
    for (let j = 0; j < 27; j++) {
      const point = [((i + 0.31) * width) / 27, ((j + 0.43) * height) / 27] as const
      text.push(shapes.find(({ points }) => contains(points, point))?.cloth ?? '-')
    }
  return text.join()
}

test('twelve try-outs and more, no two of one picture nor of the present one, of its own blocks and cloths', () => {
  const one = {
    ...SAMPLE,
    blocks: [SAMPLE.blocks[0]!],
    setting: { across: 4, down: 5 },
  }
  for (const file of [SAMPLE, one, ...DEMO_QUILTS.slice(0, 3)]) {
    const quilt = quiltOf(file)
    const ways = tryOutsOf(file, quilt)
    expect(ways.length).toBeGreaterThanOrEqual(12)
    expect(new Set(ways.map(({ name }) => tryOutName(name))).size).toBe(ways.length)
    const pictures = [quilt, ...ways.map(way => way.quilt)].map(seen)
    expect(new Set(pictures).size).toBe(pictures.length)
    for (const way of ways) expect(way.quilt.cloths.map(({ id }) => id)).toEqual(file.cloths.map(({ id }) => id))
  }
})

test('turns make no difference to size, nor to what is cut for a block without prints that have an up', () => {
  const before = planOf(SAMPLE).plan
  for (const pattern of TURN_PATTERNS) {
    const { plan } = planOf(setTurns(quiltOf(SAMPLE), pattern)(SAMPLE))
    expect([plan.quilt.width, plan.quilt.height, plan.quilt.pieces]).toEqual([
      before.quilt.width,
      before.quilt.height,
      before.quilt.pieces,
    ])
  }
})

test('a random arrangement has no neighbours alike, and is the same again from the same seed', () => {
  const turns = turnsFor('random', [9, 9, 9, 9, 9], 7).map(row => row.map(({ quarter }) => quarter))
  turns.forEach((row, r) =>
    row.forEach((quarter, c) => {
      expect(row[c + 1]).not.toBe(quarter)
      expect(turns[r + 1]?.[c]).not.toBe(quarter)
    }),
  )
  expect(turnsFor('random', [9, 9, 9, 9, 9], 7).map(row => row.map(({ quarter }) => quarter))).toEqual(turns)
  expect(turnsFor('random', [9, 9, 9, 9, 9], 8).map(row => row.map(({ quarter }) => quarter))).not.toEqual(turns)
})

test('where halves are dark they meet: in furrows side by side, light and dark round a middle, barns in rings', () => {
  // a half-square whose dark patch lies at the upper left as it is drawn
  const file = {
    ...SAMPLE,
    designs: [
      {
        id: 'half',
        width: 2,
        height: 2,
        patches: [
          {
            role: 'dark',
            points: [
              [0, 0],
              [2, 0],
              [0, 2],
            ] as [number, number][],
          },
          {
            role: 'light',
            points: [
              [2, 0],
              [2, 2],
              [0, 2],
            ] as [number, number][],
          },
        ],
      },
    ],
    blocks: [{ id: 'h', design: 'half', size: 4, cloths: { dark: 'soot', light: 'cream' } }],
    setting: { across: 4, down: 4 },
    made: [],
    done: [],
  }
  /** For each place the corner at which its dark half lies, worked out from the turn: it is drawn at the upper left. */
  const darks = (pattern: (typeof TURN_PATTERNS)[number]) =>
    quiltOf(setTurns(quiltOf(file), pattern)(file)).setting.cells.map(line =>
      line.map(({ turn }) => ['nw', 'ne', 'se', 'sw'][turn / 90]).join(' '),
    )
  expect(darks('light-and-dark')).toEqual(['se sw se sw', 'ne nw ne nw', 'se sw se sw', 'ne nw ne nw'])
  expect(darks('straight-furrow')).toEqual(['se nw se nw', 'nw se nw se', 'se nw se nw', 'nw se nw se'])
  expect(darks('barn-raising')).toEqual(['se nw ne sw', 'nw se sw ne', 'sw ne nw se', 'ne sw se nw'])
  // dark below a line of peaks, then dark above the next one: a band from side to side
  expect(darks('zigzag')).toEqual(['se sw se sw', 'nw ne nw ne', 'se sw se sw', 'nw ne nw ne'])
  // where the halves have changed their cloths in one place, that place is judged by what it wears
  const place = { block: 'h', cloths: { dark: 'cream', light: 'soot' } }
  const cells = [0, 1, 2, 3].map(r => [0, 1, 2, 3].map(c => (r === 1 && c === 2 ? place : { block: 'h' })))
  const mixed = { ...file, setting: { ...file.setting, cells } }
  const turned = quiltOf(setTurns(quiltOf(mixed), 'straight-furrow')(mixed)).setting.cells
  expect(turned[1]!.map(({ turn }) => ['nw', 'ne', 'se', 'sw'][turn / 90]).join(' ')).toBe('nw se se se')
})
