import fc from 'fast-check'
import { quiltOf, SAMPLE } from '../testing/quiltOf'
import { planBacking, type Backing } from './backing'
import { planBatting } from './batting'

const side = fc.integer({ min: 40, max: 960 }).map(n => n / 8)

test('panels cover the raw top and its overhang, no fewer would, and the seams run the way that needs less', () => {
  fc.assert(
    fc.property(
      side,
      side,
      fc.constantFrom(0, 2, 4, 5),
      fc.constantFrom(40, 42, 60, 108),
      (width, height, overhang, clothWidth) => {
        const quilt = quiltOf({
          ...SAMPLE,
          cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, width: clothWidth })),
          backing: { cloth: 'cream', overhang },
        })
        const usable = clothWidth - 1
        const back = planBacking(quilt, { width, height }, [])!
        const needed = [width + 0.5 + 2 * overhang, height + 0.5 + 2 * overhang] as const
        const way = (spanned: number, length: number) => {
          const panels = spanned <= usable ? 1 : Math.ceil((spanned - 1) / (usable - 1) - 1e-9)
          return panels * length
        }
        const least = Math.min(way(needed[0], needed[1]), way(needed[1], needed[0]))
        expect(back.panels.total * back.panelLength.total).toBeCloseTo(least, 6)
        // each join takes an inch
        const spanned = back.panelLength.total === needed[1] ? needed[0] : needed[1]
        expect(back.panels.total * usable - (back.panels.total - 1)).toBeGreaterThanOrEqual(spanned - 1e-6)
        expect(back.seams === 'none').toBe(back.panels.total === 1)
        expect(back.buy.total).toBeGreaterThanOrEqual(least - 1e-6)
        expect(back.buy.total / 4.5).toBeCloseTo(Math.round(back.buy.total / 4.5), 9)
      },
    ),
  )
})

test('batting lies between the top and the back', () => {
  fc.assert(
    fc.property(side, side, (width, height) => {
      const quilt = quiltOf({ ...SAMPLE, backing: { cloth: 'cream', overhang: 4 }, batting: { overhang: 3 } })
      const batting = planBatting(quilt, { width, height })!
      const back = planBacking(quilt, { width, height }, [])!
      expect(batting.width.total).toBeCloseTo(width + 6.5, 9)
      expect(back.width.total - batting.width.total).toBeCloseTo(2, 9)
      expect(back.height.total - batting.height.total).toBeCloseTo(2, 9)
    }),
  )
})

test('panels of a print that repeats are cut at one place of it, and the sum says what that takes', () => {
  const wide = (repeat?: { across: number; down: number }) => {
    const cloths = SAMPLE.cloths.map(cloth => (repeat && cloth.id === 'cream' ? { ...cloth, repeat } : cloth))
    return planBacking(quiltOf({ ...SAMPLE, cloths, backing: { cloth: 'cream', overhang: 4 } }), PANELLED, [])!
  }
  const PANELLED = { width: 60, height: 80 }
  const plain = wide()
  expect(plain.panels.total).toBe(2)
  // 60 + 1/2 + 8 laid level are 68 1/2″ a panel: 8 1/2 repeats, so 9; three upright ones are longer
  const level = wide({ across: 6, down: 8 }).ways.find(({ seams }) => seams === 'horizontal')!
  expect(level.panelLength.total).toBeCloseTo(72, 9)
  expect(level.panelLength.terms.at(-1)).toMatchObject({ what: 'to-whole-repeats', value: 3.5 })
  const upright = wide({ across: 6, down: 8 }).ways.find(({ seams }) => seams === 'vertical')!
  expect(upright.panelLength.total).toBeCloseTo(96, 9)
  // a repeat that goes into the length costs nothing, and one panel has no join
  expect(wide({ across: 6, down: 68.5 / 4 }).ways[1]!.panelLength.total).toBeCloseTo(68.5, 9)
  const repeat = { across: 6, down: 8 }
  const cloths = SAMPLE.cloths.map(cloth => (cloth.id === 'cream' ? { ...cloth, repeat, width: 118 } : cloth))
  const one = quiltOf({ ...SAMPLE, cloths, backing: { cloth: 'cream', overhang: 4 } })
  expect(planBacking(one, PANELLED, [])!.panelLength.total).toBeLessThan(96)
})

test('without a backing there is none', () => {
  expect(planBacking(quiltOf({ ...SAMPLE, backing: null }), { width: 60, height: 81 }, [])).toBeNull()
  expect(planBatting(quiltOf({ ...SAMPLE, batting: null }), { width: 60, height: 81 })).toBeNull()
})

test('no seam down the middle: of an even number of panels one is cut in two, and they still span', () => {
  fc.assert(
    fc.property(side, side, fc.constantFrom(40, 42, 44), (width, height, clothWidth) => {
      const quilt = (offCentre: boolean) =>
        quiltOf({
          ...SAMPLE,
          cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, width: clothWidth })),
          backing: { cloth: 'cream', offCentre, way: 'vertical' },
        })
      const [plain, off] = [quilt(false), quilt(true)].map(q => planBacking(q, { width, height }, [])!) as [
        Backing,
        Backing,
      ]
      const [usable, span] = [clothWidth - 1, width + 0.5 + 8]
      const count = off.panels.total
      expect(count).toBeGreaterThanOrEqual(plain.panels.total)
      // strips as they lie side by side: a panel in two halves is one strip more
      const strips = off.isSplit ? count + 1 : count
      if (count > 1) expect(strips % 2).toBe(1)
      expect(count * usable - (strips - 1)).toBeGreaterThanOrEqual(span - 1e-6)
    }),
  )
})

test('each way is told with its cost; a print with an up runs up the quilt; what is asked for is taken', () => {
  const back = (backing: object, directional = false) =>
    planBacking(
      quiltOf({
        ...SAMPLE,
        cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, directional })),
        backing: { cloth: 'cream', ...backing },
      }),
      { width: 60, height: 81 },
      [],
    )!
  const [down, across] = back({}).ways
  expect([down!.seams, down!.panels.total, across!.seams, across!.panels.total]).toEqual([
    'vertical',
    2,
    'horizontal',
    3,
  ])
  expect(back({ way: 'horizontal' })).toMatchObject({ seams: 'horizontal', panels: { total: 3 } })
  expect(back({ way: 'horizontal' }, true)).toMatchObject({ seams: 'vertical', ways: [{ seams: 'vertical' }] })
})

test('batting: packets, one that lies either way round, else as many as lie edge to edge; it shrinks', () => {
  const batting = (facts: object) =>
    planBatting(quiltOf({ ...SAMPLE, batting: { overhang: 3, ...facts } }), { width: 60, height: 81 })!
  // 66½ × 87½ is wanted
  expect(batting({ width: 90, length: 108 }).sold).toMatchObject({ packets: 1, buy: null })
  expect(batting({ width: 88, length: 67 }).sold!.packets).toBe(1)
  expect(batting({ width: 45, length: 60 }).sold!.packets).toBe(4)
  expect(batting({}).sold).toBeNull()
  const { washed } = batting({ shrink: 0.04 })
  expect([washed!.width.total, washed!.height.total]).toEqual([
    expect.closeTo(60.5 * 0.96, 9),
    expect.closeTo(81.5 * 0.96, 9),
  ])
})

test('batting: what is left of a packet or beside its lengths, and the quilt’s own, fill what was bought', () => {
  const sizes = fc.record({
    across: fc.integer({ min: 40, max: 130 }),
    length: fc.option(fc.integer({ min: 40, max: 130 }), { nil: undefined }),
  })
  const top = fc.tuple(fc.integer({ min: 20, max: 110 }), fc.integer({ min: 20, max: 110 }))
  fc.assert(
    fc.property(sizes, top, ({ across, length }, [width, height]) => {
      const { sold, ...own } = planBatting(
        quiltOf({ ...SAMPLE, batting: { overhang: 3, width: across, ...(length ? { length } : {}) } }),
        { width, height },
      )!
      const area = own.width.total * own.height.total
      const left = sold!.left.reduce((sum, piece) => sum + piece.width.total * piece.height.total, 0)
      if (length === undefined) {
        // the least of both ways round, counted anew
        const [w, h] = [width + 6.5, height + 6.5]
        const least = Math.min(Math.ceil(w / across) * h, Math.ceil(h / across) * w)
        expect(sold!.need!.total).toBeCloseTo(least, 9)
        // a shop sells eighths of a yard
        const bought = sold!.buy!.total
        expect(bought / 4.5).toBeCloseTo(Math.round(bought / 4.5), 9)
        expect(bought - least).toBeGreaterThanOrEqual(0)
        expect(bought - least).toBeLessThan(4.5)
        // less than an inch of a side is not kept
        const shred = bought * across - area - left
        expect(shred).toBeGreaterThan(-1e-6)
        expect(shred).toBeLessThan(across + bought)
      } else if (sold!.packets === 1) {
        // shreds of less than an inch are not kept
        const shred = across * length - area - left
        expect(shred).toBeGreaterThan(-1e-6)
        expect(shred).toBeLessThan(across + length)
      }
      for (const piece of sold!.left) expect(Math.min(piece.width.total, piece.height.total)).toBeGreaterThan(0.99)
    }),
  )
})
