import fc from 'fast-check'
import { chanceFrom } from '../measure/chance'
import { labApart, labOf, type Lab } from '../measure/lightness'
import { scriptedPicture, SCRIPTED } from '../testing/scriptedPictures'
import { runs } from '../testing/runs'
import { apart } from './apart'
import { areaAverage } from './averaged'
import { binsOf } from './bins'
import { labGrid, type LabGrid } from './labGrid'
import { loneSquares, withoutLoneSquares } from './lone'
import { bestCloths } from './ownCloths'
import { paletteOf } from './palette'
import { reducedPicture } from './reduced'
import { nearestCloths, type Squares } from './squares'

const byte = fc.integer({ min: 0, max: 255 })
const hex = (parts: readonly number[]) => `#${parts.map(part => part.toString(16).padStart(2, '0')).join('')}`

test('colours of a picture are as the eye sees them, and as far apart as the library for colours says', () => {
  fc.assert(
    fc.property(fc.tuple(byte, byte, byte), fc.tuple(byte, byte, byte), (one, other) => {
      const [a, b] = [labOf(hex(one)), labOf(hex(other))]
      expect(apart(a.l, a.a, a.b, b.l, b.a, b.b)).toBeCloseTo(labApart(a, b), 6)
      const average = areaAverage(1, 1, 1, 1)
      average.add(Uint8ClampedArray.from([...one, 255]), 1)
      const { lab } = labGrid(average.grid())
      expect(Math.hypot(lab[0]! - a.l, lab[1]! - a.a, lab[2]! - a.b)).toBeLessThan(0.03)
    }),
    { numRuns: runs(300) },
  )
})

test('a square is the mean of the light that falls on it, whichever strips it comes in, see-through on white', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 1, max: 9 }),
      fc.nat(1000),
      (width, height, columns, rows, strip, seed) => {
        const { even } = chanceFrom(seed)
        const pixels = Uint8ClampedArray.from({ length: width * height * 4 }, () => even() * 256)
        const average = areaAverage(width, height, columns, rows)
        for (let y = 0; y < height; y += strip)
          average.add(pixels.subarray(y * width * 4, (y + strip) * width * 4), Math.min(strip, height - y))
        const { light } = average.grid()
        // by another road: every pixel on every square, by the area on which they overlap
        const overlap = (i: number, of: number, k: number, among: number) =>
          Math.max(0, Math.min((i + 1) / of, (k + 1) / among) - Math.max(i / of, k / among)) * among
        const lightOf = (value: number, cover: number) => {
          const part = Math.round((value * cover + 255 * (255 - cover)) / 255) / 255
          return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4
        }
        let worst = 0
        for (let at = 0; at < light.length; at++) {
          const [column, row, i] = [Math.floor(at / 3) % columns, Math.floor(at / 3 / columns), at % 3]
          let sum = 0
          for (let y = 0; y < height; y++)
            for (let x = 0; x < width; x++) {
              const part = overlap(x, width, column, columns) * overlap(y, height, row, rows)
              const pixel = 4 * (y * width + x)
              if (part > 0) sum += part * lightOf(pixels[pixel + i]!, pixels[pixel + 3]!)
            }
          worst = Math.max(worst, Math.abs(light[at]! - sum))
        }
        expect(worst).toBeLessThan(1e-4)
      },
    ),
    { numRuns: runs(60) },
  )
})

/** How unlike a picture is to itself in these cloths, on the mean. */
function meanApart({ lab }: LabGrid, { cloth }: Squares, cloths: readonly Lab[]): number {
  let sum = 0
  cloth.forEach((c, i) => {
    const { l, a, b } = cloths[c]!
    sum += apart(lab[3 * i]!, lab[3 * i + 1]!, lab[3 * i + 2]!, l, a, b)
  })
  return sum / cloth.length
}

/** Plain k-means, as anybody would write it: the best of some starts. */
function byMeans({ lab }: LabGrid, count: number): Lab[] {
  const points = Array.from({ length: lab.length / 3 }, (_, i) => [lab[3 * i]!, lab[3 * i + 1]!, lab[3 * i + 2]!])
  let centres = Array.from({ length: count }, (_, c) => points[Math.floor(((c + 0.5) * points.length) / count)]!)
  for (let round = 0; round < 20; round++) {
    const sums = centres.map(() => [0, 0, 0, 0])
    for (const point of points) {
      const far = centres.map(centre => Math.hypot(...centre.map((value, k) => value - point[k]!)))
      const sum = sums[far.indexOf(Math.min(...far))]!
      point.forEach((value, k) => (sum[k]! += value))
      sum[3]! += 1
    }
    centres = sums.map((sum, c) => (sum[3]! > 0 ? sum.slice(0, 3).map(value => value / sum[3]!) : centres[c]!))
  }
  return centres.map(([l, a, b]) => ({ l: l!, a: a!, b: b! }))
}

test.each(SCRIPTED)(
  'in twelve cloths "%s" looks more like itself than by plain means, and the same each time',
  name => {
    const grid = labGrid(scriptedPicture(name, 36, 48))
    const bins = binsOf(grid)
    const colours = paletteOf(bins, 12)
    const own = meanApart(grid, nearestCloths(grid, bins, colours), colours)
    const means = byMeans(grid, 12)
    expect(own).toBeLessThan(meanApart(grid, nearestCloths(grid, bins, means), means))
    expect(paletteOf(binsOf(grid), 12)).toEqual(colours)
  },
)

test('a picture of few colours keeps them all, and is given back square by square', () => {
  const inks = ['#1f2733', '#f2c14e', '#a33b2a', '#e8e0d0']
  const rows = ['0012', '3312', '0001']
  const light = areaAverage(4, 3, 4, 3)
  const pixels = rows.flatMap(row =>
    [...row].flatMap(ink => [1, 3, 5].map(k => parseInt(inks[Number(ink)]!.slice(k, k + 2), 16)).concat(255)),
  )
  light.add(Uint8ClampedArray.from(pixels), 3)
  const plain = { count: 24, contrast: 1, isMixed: false, isCleaned: false }
  const found = reducedPicture(light.grid(), { ...plain, cloths: null })
  expect(found.colours).toHaveLength(4)
  const places = rows.join('').split('')
  // one to one: like squares alike, unlike squares not
  places.forEach((one, i) =>
    places.forEach((other, k) => expect(found.cloth[i] === found.cloth[k]).toBe(one === other)),
  )
  // from cloths at hand those that are the same
  const own = reducedPicture(light.grid(), { ...plain, cloths: ['#00ff00', ...inks, '#ff00ff'] })
  expect([...own.own!].sort()).toEqual([1, 2, 3, 4])
})

test('cloths at hand: as good as any choice of so many, tried one by one', () => {
  const grid = labGrid(scriptedPicture('portrait', 12, 16))
  const bins = binsOf(grid)
  const cloths = ['#2a2018', '#704830', '#b08060', '#d8b090', '#304050', '#808080', '#e8e8e0'].map(labOf)
  const costOf = (taken: readonly number[]) => {
    const chosen = taken.map(c => cloths[c]!)
    return meanApart(grid, nearestCloths(grid, bins, chosen), chosen)
  }
  const found = costOf(bestCloths(bins, cloths, 3))
  let best = Infinity
  for (let a = 0; a < 7; a++)
    for (let b = 0; b < a; b++) for (let c = 0; c < b; c++) best = Math.min(best, costOf([a, b, c]))
  expect(found).toBeLessThan(best * 1.02)
})

test('crumbs are taken in, an eye is left; mixing makes crumbs, cleaning leaves fewer', () => {
  const cloths = ['#808080', '#888888', '#ffffff'].map(labOf)
  const cloth = Uint8Array.from({ length: 25 }, () => 0)
  cloth[6] = 1
  cloth[18] = 2
  const lab = new Float32Array(75)
  cloth.forEach((c, i) => lab.set([cloths[c]!.l, cloths[c]!.a, cloths[c]!.b], 3 * i))
  const grid = { columns: 5, rows: 5, lab }
  const cleaned = withoutLoneSquares({ columns: 5, rows: 5, cloth }, grid, cloths)
  expect([...cleaned.cloth].map((c, i) => [i, c]).filter(([, c]) => c !== 0)).toEqual([[18, 2]])
  const light = scriptedPicture('sky', 36, 48)
  const plain = { count: 8, contrast: 1, cloths: null }
  const lone = (isMixed: boolean, isCleaned: boolean) =>
    loneSquares(reducedPicture(light, { ...plain, isMixed, isCleaned })).length
  expect(lone(true, false)).toBeGreaterThan(lone(false, false))
  expect(lone(true, true)).toBeLessThan(lone(true, false) / 2)
})
