import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import type { StripeDirection } from '../designs/stripeDirection'
import { brokenRules, RULES } from '../testing/contractRules'
import { randomQuilt } from '../testing/randomQuilt'
import { planQuilt } from '../checks/planQuilt'
import { readQuilt } from '../file/readQuilt'
import sample from '../file/sample.wren.json'
import type { QuiltFile } from '../file/schema'
import type { PlannedStrips } from './plannedBinding'
import { runs } from '../testing/runs'

function planOf(file: unknown) {
  const quilt = readQuilt(file)
  if (!quilt.ok) throw new Error(JSON.stringify(quilt.problems))
  return { quilt: quilt.value, ...planQuilt(quilt.value) }
}

const berth = sample as unknown as QuiltFile

describe('the sample quilt', () => {
  const { quilt, plan } = planOf(sample)
  test('has the agreed figures', () => {
    expect(plan.quilt).toMatchObject({
      width: 60,
      height: 81,
      edged: { width: 60.5, height: 81.5 },
      blocks: 35,
      patches: 323,
    })
    expect(plan.stages.map(stage => [stage.what, stage.width, stage.height])).toEqual([
      ['setting', 54, 75],
      ['border-1', 60, 81],
    ])
    expect(plan.pieces.find(piece => piece.part === 'points')).toMatchObject({
      cloth: 'soot',
      use: 'star: points',
      count: 72,
      patches: 144,
      for: [{ block: 'star', patches: [1, 2, 4, 5, 7, 8, 10, 11] }],
      shape: 'square',
      width: 3.125,
      height: 3.125,
      cuts: 'none',
      hand: 'either',
      method: 'goose-4',
    })
    expect(plan.blocks[0]!.units.find(unit => unit.kind === 'goose')).toMatchObject({
      count: 72,
      method: 'goose-4',
      width: 5,
      height: 2.75,
      trim: true,
    })
    expect(plan.borders.find(border => border.side === 'left')).toEqual({
      border: 1,
      side: 'left',
      length: 75.5,
      rough: 78.5,
      width: 3.5,
    })
    expect(plan.backing).toMatchObject({ panels: 2, panelLength: 89.5, seams: 'vertical', buy: 198 })
    expect(plan.batting).toEqual({ width: 66.5, height: 87.5 })
    expect(plan.binding).toMatchObject({ length: 296, strips: 8, strip: 2.25, buy: 18 })
    expect(plan.sums['quilt.width']).toEqual({
      total: 60,
      terms: [
        { what: 'blocks', count: 5, each: 9 },
        { what: 'sashing', count: 6, each: 1.5 },
        { what: 'border', count: 2, each: 3, of: '1' },
      ],
    })
  })
  test('keeps every rule', () => expect(brokenRules(quilt, plan)).toEqual([]))
  test('is planned the same every time', () => expect(JSON.stringify(planOf(sample).plan)).toBe(JSON.stringify(plan)))
})

test('rules are numbered from 1', () => expect(RULES.map(rule => rule.number)).toEqual(RULES.map((_, i) => i + 1)))

test.each(DEMO_QUILTS.map(file => [file.name, file] as const))(
  'demo quilt %s keeps every rule, and can be made',
  (_, file) => {
    const { quilt, plan } = planOf(file)
    expect(brokenRules(quilt, plan)).toEqual([])
    expect(plan.checks.filter(check => check.severity === 'error')).toEqual([])
  },
)

test('random quilts keep every rule', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const { quilt, plan } = planOf(file)
      expect(brokenRules(quilt, plan)).toEqual([])
      // saved and opened again
      expect(JSON.stringify(planOf(JSON.parse(JSON.stringify(file))).plan)).toBe(JSON.stringify(plan))
    }),
    { numRuns: runs(120) },
  )
}, 3_600_000)

describe('measured beats planned', () => {
  test('the mean of the centre decides the borders, the backing and the binding', () => {
    const { plan } = planOf({
      ...berth,
      made: [{ what: 'setting', width: [54.25, 54.5, 54.5], height: [75.25, 75.5, 75.5] }],
    })
    const width = (54.25 + 54.5 + 54.5) / 3
    const height = (75.25 + 75.5 + 75.5) / 3
    expect(plan.borders.find(b => b.side === 'left')).toMatchObject({ length: height, rough: 78.5 })
    expect(plan.borders.find(b => b.side === 'top')!.length).toBeCloseTo(width + 6, 9)
    expect(plan.quilt.width).toBeCloseTo(width - 0.5 + 6, 9)
    expect(plan.batting!.width).toBeCloseTo(width + 6 + 6, 9)
    expect((plan.binding as PlannedStrips).length).toBeCloseTo(2 * (width + 6 + height + 6) + 12, 9)
  })
  test('the smallest block decides the sashes of all blocks of its size', () => {
    const { plan } = planOf({ ...berth, made: [{ what: 'block', block: 'star', size: [9.5, 9.4375] }] })
    expect(plan.pieces.find(piece => piece.part === 'sashes')).toMatchObject({ width: 2, height: 9.4375 })
    expect(plan.stages[0]!.width).toBeCloseTo(5 * 8.9375 + 9, 9)
    expect(plan.checks.map(check => check.id)).toContain('block-too-small')
  })
  test('the first pair of a border counts too', () => {
    const { plan } = planOf({ ...berth, made: [{ what: 'border-1-first', width: [60, 60.25] }] })
    expect(plan.borders.find(b => b.side === 'top')!.length).toBeCloseTo(60.125, 9)
  })
})

describe('checks', () => {
  const ids = (change: Partial<QuiltFile>) =>
    planOf({ ...berth, ...change }).plan.checks.map(check => `${check.severity} ${check.id}`)
  const [soot, cream, brass, red] = berth.cloths as [
    (typeof berth.cloths)[0],
    (typeof berth.cloths)[0],
    (typeof berth.cloths)[0],
    (typeof berth.cloths)[0],
  ]
  test('a seam test that is off gives the move of the needle', () => {
    const { plan } = planOf({ ...berth, made: [{ what: 'seam-test', strips: 2, cut: 3, measured: 5.4375 }] })
    // two 3″ strips should give 5½; 1⁄16 short over two allowances
    expect(plan.checks.find(check => check.id === 'seam-off')!.data).toMatchObject({
      sewn: 0.28125,
      move: 0.03125,
      expected: 5.5,
    })
  })
  test('a sixteen-patch of 10.12″ does not fall on the ruler, and 10 and 10¼ would', () => {
    const { plan } = planOf({
      ...berth,
      blocks: [{ id: 'sixteen', design: 'sixteen-patch', size: 10.12, cloths: { dark: 'soot', light: 'cream' } }],
      setting: { across: 3, down: 3 },
    })
    expect(plan.checks.find(check => check.id === 'off-ruler')!.data).toMatchObject({ sizes: [10, 10.25] })
  })
  test('a patch wider than its cloth cannot be made', () => {
    expect(
      ids({
        blocks: [{ id: 'plain', design: 'plain', size: 45, cloths: { cloth: 'red' } }],
        setting: { across: 1, down: 1 },
      }),
    ).toContain('error piece-too-large')
  })
  test('too few pieces of cloth', () =>
    expect(ids({ cloths: [soot, cream, brass, { ...red, form: 'piece', width: 21, length: 18, count: 2 }] })).toContain(
      'error not-enough-cloth',
    ))
  test('cloths equally light', () =>
    expect(ids({ cloths: [{ ...soot, colour: '#f0e0c0' }, cream, brass, red] })).toContain('warn low-contrast'))
  test('what was cut and is no longer wanted', () =>
    expect(ids({ done: [{ what: 'cut', id: 'soot.square.9x9.squares', count: 4 }] })).toContain('warn cut-already'))
  test('measures that differ', () =>
    expect(ids({ made: [{ what: 'setting', width: [54, 54.75] }] })).toContain('warn border-spread'))
  test('a top that outgrew its borders', () =>
    expect(ids({ made: [{ what: 'setting', height: [80, 80] }] })).toContain('error border-too-short'))
})

describe('hands', () => {
  const slant = {
    id: 'slant',
    name: 'Slant',
    width: 2,
    height: 3,
    patches: [
      {
        role: 'a',
        points: [
          [0, 0],
          [2, 0],
          [1, 3],
          [0, 3],
        ] as [number, number][],
      },
      {
        role: 'b',
        points: [
          [2, 0],
          [2, 3],
          [1, 3],
        ] as [number, number][],
      },
    ],
  }
  const cells = (mirrors: boolean[]) =>
    planOf({
      ...berth,
      borders: [],
      designs: [slant],
      blocks: [{ id: 'slant', design: 'slant', width: 6, height: 9, cloths: { a: 'soot', b: 'cream' } }],
      setting: { across: mirrors.length, down: 1, cells: [mirrors.map(mirror => ({ block: 'slant', mirror }))] },
    }).plan
  const hands = (plan: ReturnType<typeof cells>) =>
    Object.fromEntries(
      ['left', 'right'].map(hand => [
        hand,
        plan.pieces
          .filter(piece => piece.cloth === 'soot' && piece.shape === 'template' && piece.hand === hand)
          .reduce((sum, piece) => sum + piece.count, 0),
      ]),
    )
  test('a mirrored place takes pieces of the other hand', () => {
    const upright = hands(cells([false, false, false]))
    const mixed = hands(cells([false, true, false]))
    expect(Object.values(upright).sort()).toEqual([0, 3])
    expect(Object.values(mixed).sort()).toEqual([1, 2])
    expect(cells([false, true]).checks.some(check => check.id === 'mirrored-pieces')).toBe(true)
  })
  test('a block that is its own mirror image takes the same pieces however it stands', () => {
    const stars = (mirror: boolean) =>
      planOf({ ...berth, setting: { across: 2, down: 1, cells: [[{ block: 'star' }, { block: 'star', mirror }]] } })
        .plan.pieces
    expect(stars(true)).toEqual(stars(false))
  })
})

describe('stripes', () => {
  const striped = (
    design: string,
    cloths: Record<string, string>,
    stripes: Record<string, StripeDirection>,
    height = 9,
  ) =>
    planOf({
      ...berth,
      cloths: berth.cloths.map(cloth => (cloth.id === 'soot' ? { ...cloth, pattern: 'stripe' } : cloth)),
      borders: [],
      blocks: [{ id: 'one', design, width: 9, height, cloths, stripes }],
      setting: { across: 2, down: 2 },
    }).plan
  const of = (plan: ReturnType<typeof striped>) =>
    plan.pieces
      .filter(piece => piece.cloth === 'soot' && piece.for.length > 0)
      .map(piece => [piece.width, piece.height, piece.grain])
  test('a bar whose stripes run up it is cut as it lies; across it, a quarter turn round', () => {
    // a rail of 9 by 3: cut 9½ by 3½
    expect(of(striped('rail-fence', { first: 'soot', second: 'cream', third: 'brass' }, { first: 'upright' }))).toEqual(
      [[9.5, 3.5, 'across']],
    )
    expect(of(striped('rail-fence', { first: 'soot', second: 'cream', third: 'brass' }, { first: 'level' }))).toEqual([
      [3.5, 9.5, 'across'],
    ])
  })
  test('a cloth without stripes is not bound by them, and stripes left as they fall are cut as they lie best', () => {
    expect(
      of(striped('rail-fence', { first: 'cream', second: 'soot', third: 'brass' }, { first: 'level' })).every(
        ([, , grain]) => grain === 'any',
      ),
    ).toBe(true)
  })
  test('triangles from opposite corners of a square serve each other: none is thrown away', () => {
    // four half-squares a block, two of each slant: 16 striped triangles from 8 squares
    const plan = striped('pinwheel', { blade: 'soot', ground: 'cream' }, { blade: 'upright' })
    expect(
      plan.pieces
        .filter(piece => piece.cloth === 'soot' && piece.part === 'half-squares')
        .reduce((sum, piece) => sum + piece.count, 0),
    ).toBe(8)
    expect(plan.blocks[0]!.units.every(unit => unit.method === 'hst-single')).toBe(true)
  })
  test('along its own length a diamond stands on its tip in the stripes; the wedges of a ring are alike', () => {
    const height = 9 / Math.tan(Math.PI / 6)
    const diamond = striped(
      'diamond-in-rectangle',
      { diamond: 'soot', corner: 'cream' },
      { diamond: 'lengthwise' },
      height,
    ).pieces.find(piece => piece.cloth === 'soot' && piece.isStriped)!
    expect(diamond.height).toBeGreaterThan(height)
    expect(
      striped(
        'diamond-in-rectangle',
        { diamond: 'soot', corner: 'cream' },
        { diamond: 'crosswise' },
        height,
      ).pieces.find(piece => piece.cloth === 'soot' && piece.isStriped)!.width,
    ).toBeCloseTo(diamond.height, 6)
    // eight wedges at every eighth of a turn
    const wedges = striped(
      'kaleidoscope',
      { first: 'soot', second: 'soot', corner: 'cream' },
      { first: 'lengthwise', second: 'lengthwise' },
    ).pieces.filter(piece => piece.cloth === 'soot' && piece.isStriped)
    // those that stand alone from strips, turned end for end; those with the block's corner by one template
    expect(new Set(wedges.map(piece => `${piece.method} ${piece.height.toFixed(3)}`)).size).toBe(2)
    expect(wedges.reduce((sum, piece) => sum + piece.patches, 0)).toBe(32)
  })
  test('stripes along the sides of a split diamond meet in chevrons: its halves are mirror images on the cloth', () => {
    const { pieces } = striped(
      'split-diamond',
      { 'left half': 'soot', 'right half': 'soot', 'corner': 'cream' },
      { 'left half': 30, 'right half': 150 },
      9 / Math.tan(Math.PI / 6),
    )
    const halves = pieces.filter(piece => piece.cloth === 'soot' && piece.isStriped)
    expect(halves).toHaveLength(2)
    const sides = halves.map(({ outline }) =>
      outline!.map((p, i) =>
        Math.atan2(outline![(i + 1) % outline!.length]![0] - p[0], outline![(i + 1) % outline!.length]![1] - p[1]),
      ),
    )
    // one long edge of each runs with the stripes
    for (const angles of sides) expect(angles.some(angle => Math.abs(Math.sin(angle)) < 1e-6)).toBe(true)
    expect(halves[0]!.width).toBeCloseTo(halves[1]!.width, 6)
  })
})

describe('aims and choices', () => {
  const methodOf = (change: Partial<QuiltFile>) =>
    planOf({ ...berth, ...change }).plan.blocks[0]!.units.find(unit => unit.kind === 'goose')!.method
  test("the quilter's choice wins", () => {
    const [star, plain] = berth.blocks as [(typeof berth.blocks)[0], (typeof berth.blocks)[0]]
    expect(methodOf({ blocks: [{ ...star, method: { goose: 'goose-flip' } }, plain] })).toBe('goose-flip')
    expect(methodOf({ blocks: [{ ...star, method: 'template' }, plain] })).toBe('template')
  })
  test('a print with an up is never turned', () => {
    const cloths = berth.cloths.map(cloth => (cloth.id === 'cream' ? { ...cloth, directional: true } : cloth))
    const { plan, quilt } = planOf({ ...berth, cloths })
    expect(brokenRules(quilt, plan)).toEqual([])
    expect(['goose-flip', 'goose-triangles']).toContain(
      plan.blocks[0]!.units.find(unit => unit.kind === 'goose')!.method,
    )
    expect(
      plan.pieces
        .filter(piece => piece.cloth === 'cream' && piece.shape === 'rectangle')
        .every(piece => piece.grain === 'across'),
    ).toBe(true)
  })
})

test('congruent diamonds and wedges are one unit, however they lie in the block', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 96, max: 600 }).map(n => n / 32),
      size => {
        const units = (design: string, cloths: Record<string, string>) =>
          planOf({
            ...berth,
            borders: [],
            blocks: [{ id: 'one', design, size, cloths }],
            setting: { across: 1, down: 1 },
          }).plan.blocks[0]!.units
        // eight diamonds, every second one standing askew; eight wedges, four of them with a corner
        expect(
          units('lemoyne-star', { first: 'soot', second: 'soot', ground: 'cream' })
            .filter(unit => unit.kind === 'diamond')
            .map(unit => unit.count),
        ).toEqual([8])
        expect(
          units('kaleidoscope', { first: 'soot', second: 'brass', corner: 'cream' }).map(unit => unit.count),
        ).toEqual([4, 4])
      },
    ),
    { numRuns: runs(40) },
  )
})
