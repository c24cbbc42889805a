import { chanceFrom } from '../measure/chance'
import { colourDistance, lightness } from '../measure/lightness'
import { quiltOf } from '../testing/quiltOf'
import { dealtByChance, shuffled, squaresQuilt, WALL_COLOURS } from '../testing/wallQuilts'
import { dimensionsOf } from '../top/dimensions'
import type { QuiltFile } from '../file/schema'
import { chanceOf, momentsOf, nearness } from './crowded'
import { wallFindings } from './findings'
import { wallOf } from './wall'

function findingsOf(file: QuiltFile) {
  const quilt = quiltOf(file)
  return wallFindings(quilt, dimensionsOf(quilt))
}
const AT = (r: number, c: number) => [r, c]

test('like squares side by side are found by their colours alone, and no others', () => {
  for (let seed = 1; seed <= 20; seed++) {
    const chance = chanceFrom(seed)
    const rows = dealtByChance(8, 6, 12, chance)
    // two cloths that are nearly the same, 3 apart
    const colours = [...WALL_COLOURS.slice(0, 11), '#1f2733']
    const expected: string[] = []
    rows.forEach((row, r) =>
      row.forEach((here, c) => {
        for (const [u, v] of [
          [r, c + 1],
          [r + 1, c],
        ] as const) {
          const there = rows[u]?.[v]
          if (there !== undefined && colourDistance(colours[here]!, colours[there]!) < 6)
            expected.push(`${r},${c} ${u},${v}`)
        }
      }),
    )
    const { alike } = findingsOf(squaresQuilt(rows, colours))
    expect(alike.map(({ a, b }) => `${a.join()} ${b.join()}`).sort()).toEqual(expected.sort())
    for (const { a, b, deltaE } of alike)
      expect(deltaE).toBeCloseTo(colourDistance(colours[rows[a[0]]![a[1]]!]!, colours[rows[b[0]]![b[1]]!]!), 6)
  }
})

test('a like stretch is seen from a quarter of the seam on, and not below', () => {
  // bands of one cloth at the top of two neighbours, so high of six, on other grounds; four blocks of other cloths
  const banded = (high: number): QuiltFile => ({
    ...squaresQuilt([[0]]),
    designs: [
      {
        id: 'banded',
        width: 6,
        height: 6,
        patches: [
          {
            role: 'band',
            points: [
              [0, 0],
              [6, 0],
              [6, high],
              [0, high],
            ],
          },
          {
            role: 'rest',
            points: [
              [0, high],
              [6, high],
              [6, 6],
              [0, 6],
            ],
          },
        ],
      },
    ],
    blocks: [{ id: 'b', design: 'banded', size: 6, cloths: { band: 'c0', rest: 'c1' } }],
    setting: {
      kind: 'straight',
      across: 6,
      down: 1,
      cells: [
        [
          ['c4', 'c1'],
          ['c4', 'c8'],
          ['c2', 'c9'],
          ['c3', 'c10'],
          ['c5', 'c11'],
          ['c6', 'c7'],
        ].map(([band, rest]) => ({ block: 'b', cloths: { band: band!, rest: rest! } })),
      ],
    },
  })
  expect(findingsOf(banded(1)).alike).toEqual([])
  expect(findingsOf(banded(2)).alike.map(({ a, b, cloths }) => [a, b, cloths])).toEqual([
    [AT(0, 0), AT(0, 1), ['c4', 'c4']],
  ])
})

test('what lies along most blocks is ground, and may meet itself', () => {
  // stars: their corners are of the ground, and touch in every seam
  const file = squaresQuilt(Array.from({ length: 4 }, () => [0, 0, 0, 0]))
  const star = { id: 'b', design: 'sawtooth-star', size: 8, cloths: { star: 'c1', ground: 'c11' } }
  const { cells: _, ...setting } = file.setting
  expect(findingsOf({ ...file, blocks: [star], setting }).alike).toEqual([])
})

test('a bright square planted among dark ones is found wherever it stands; without it nothing is', () => {
  for (let seed = 1; seed <= 40; seed++) {
    const chance = chanceFrom(seed)
    const rows = dealtByChance(7, 7, 6, chance)
    const [r, c] = [Math.floor(chance.even() * 7), Math.floor(chance.even() * 7)]
    expect(findingsOf(squaresQuilt(rows)).lonely).toEqual([])
    const planted = rows.map((row, i) => row.map((kind, k) => (i === r && k === c ? 11 : kind)))
    expect(findingsOf(squaresQuilt(planted)).lonely).toEqual([AT(r, c)])
  }
})

test('a colour gathered in one corner is crowded there; by chance it seldom is', () => {
  let innocent = 0
  for (let seed = 1; seed <= 30; seed++) {
    const chance = chanceFrom(seed)
    const rows = dealtByChance(8, 6, 12, chance)
    innocent += findingsOf(squaresQuilt(rows)).crowded.length
    // all four of one colour change places with those of a corner
    const flat = rows.flat()
    const corner = [0, 1, 8, 9]
    const others = flat.flatMap((kind, i) => (kind === 4 && !corner.includes(i) ? [i] : []))
    for (const at of corner.filter(i => flat[i] !== 4)) {
      const from = others.pop()!
      ;[flat[at], flat[from]] = [flat[from]!, flat[at]!]
    }
    const planted = Array.from({ length: 6 }, (_, r) => flat.slice(8 * r, 8 * r + 8))
    const found = findingsOf(squaresQuilt(planted)).crowded.find(({ cloth }) => cloth === 'c4')!
    expect(found.share).toBeCloseTo(1)
    expect([...found.cells].map(cell => cell.join()).sort()).toEqual(['0,0', '0,1', '1,0', '1,1'])
  }
  // twelve colours are looked at in each of thirty layouts
  expect(innocent).toBeLessThanOrEqual(9)
})

test('what chance would give is the mean and deviation over very many orders', () => {
  const rows = dealtByChance(5, 4, 4, chanceFrom(3))
  const quilt = quiltOf(squaresQuilt(rows))
  const weights = nearness(wallOf(quilt, dimensionsOf(quilt)))
  const shares = rows.flat().map(kind => [0.1, 0.9, 0.3, 0][kind]!)
  const chance = chanceFrom(8)
  const sums = Array.from({ length: 20_000 }, () => {
    const order = shuffled(shares, chance)
    return weights.reduce((sum, weight, i) => sum + weight * order[Math.floor(i / 20)]! * order[i % 20]!, 0)
  })
  const mean = sums.reduce((a, b) => a + b) / sums.length
  const deviation = Math.sqrt(sums.reduce((sum, value) => sum + (value - mean) ** 2, 0) / sums.length)
  const closed = chanceOf(momentsOf(weights, 20), shares)
  expect(closed.mean / mean).toBeCloseTo(1, 2)
  expect(closed.deviation / deviation).toBeCloseTo(1, 1)
})

test('figure and ground that melt are counted along their edges, and colour may still hold them', () => {
  // equally light: red and green are told apart by colour, two greys by nothing
  const colours = ['#efe6cf', '#b5534b', '#5b7f55', '#7c7c7c', '#868686']
  for (const one of [1, 3]) expect(Math.abs(lightness(colours[one]!) - lightness(colours[one + 1]!))).toBeLessThan(12)
  const of = (star: number, ground: number) => ({
    ...squaresQuilt([[0, 0]], colours),
    blocks: [{ id: 'b', design: 'pinwheel', size: 8, cloths: { blade: `c${star}`, ground: `c${ground}` } }],
    setting: { kind: 'straight' as const, across: 2, down: 1 },
  })
  expect(findingsOf(of(1, 0)).melts).toEqual([])
  // each blade has its own long edge, and lies beside the ground of the next
  const edges = 8
  expect(findingsOf(of(1, 2)).melts).toEqual(
    [0, 1].map(c => ({ cell: AT(0, c), edges, cloths: ['c1', 'c2'], isHeld: true })),
  )
  expect(findingsOf(of(3, 4)).melts).toEqual(
    [0, 1].map(c => ({ cell: AT(0, c), edges, cloths: ['c3', 'c4'], isHeld: false })),
  )
})

test('a dark quarter is off balance, by as much as its blocks are darker than the mean; a chequerboard is not', () => {
  const light = WALL_COLOURS.map(lightness)
  const rows = Array.from({ length: 6 }, (_, r) => Array.from({ length: 6 }, (__, c) => (r < 3 && c >= 3 ? 0 : 9)))
  const { balance } = findingsOf(squaresQuilt(rows))
  const mean = (9 * light[0]! + 27 * light[9]!) / 36
  expect(balance[0]!.where).toMatch(/^top right/)
  const quarter = balance.find(({ where }) => where === 'top right')!
  expect(quarter.by).toBeCloseTo(light[0]! - mean)
  const board = Array.from({ length: 6 }, (_, r) => Array.from({ length: 6 }, (__, c) => ((r + c) % 2 === 0 ? 0 : 9)))
  expect(findingsOf(squaresQuilt(board)).balance).toEqual([])
  let innocent = 0
  for (let seed = 1; seed <= 30; seed++)
    innocent += findingsOf(squaresQuilt(dealtByChance(8, 6, 12, chanceFrom(seed)))).balance.length
  // thirteen parts of thirty layouts
  expect(innocent).toBeLessThanOrEqual(30)
})

test('other units, names and orders of cloths and blocks find the same', () => {
  const rows = dealtByChance(6, 5, 7, chanceFrom(5))
  const file = squaresQuilt(rows)
  const found = findingsOf(file)
  expect(findingsOf({ ...file, cloths: [...file.cloths].reverse() })).toEqual(found)
  expect(
    findingsOf({ ...file, units: 'cm', ruler: 0.1, seam: 0.75, blocks: [{ ...file.blocks[0]!, size: 15 }] }),
  ).toEqual(found)
  const mirrored = findingsOf(squaresQuilt(rows.map(row => [...row].reverse())))
  const swap = ([r, c]: readonly [number, number]) => [r, 5 - c].join()
  const seams = ({ alike }: typeof found, of: (cell: readonly [number, number]) => string) =>
    alike.map(({ a, b }) => [of(a), of(b)].sort().join(' ')).sort()
  expect(seams(mirrored, swap)).toEqual(seams(found, cell => cell.join()))
  expect(mirrored.lonely.map(swap).sort()).toEqual(found.lonely.map(cell => cell.join()).sort())
})

test('of more than ten thousand blocks nothing is marked', () => {
  const rows = (across: number) => Array.from({ length: 100 }, () => Array.from({ length: across }, (_, x) => x % 7))
  const nothing = { alike: [], crowded: [], lonely: [], melts: [], balance: [] }
  expect(findingsOf(squaresQuilt(rows(101), WALL_COLOURS))).toEqual(nothing)
  // fewer are judged: all blocks of a column are alike
  expect(findingsOf(squaresQuilt(rows(20), WALL_COLOURS)).alike.length).toBeGreaterThan(0)
})
