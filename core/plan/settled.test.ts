import { DEMO_QUILTS } from '../../demo'
import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { rolesOf } from '../designs/design'
import { offsetPolygon } from '../geometry/offset'
import { clockwise, scalePolygon, type Point, type Polygon } from '../geometry/polygon'
import { roundToRuler, roundUpToRuler } from '../measure/ruler'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import type { PlannedBinding, PlannedStrips } from './plannedBinding'
import { runs } from '../testing/runs'

const oneBlock = (
  design: string,
  size: number | { width: number; height: number },
  more: Partial<QuiltFile> = {},
): QuiltFile => {
  const roles = rolesOf(SHIPPED_DESIGNS.find(candidate => candidate.id === design)!)
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'a', colour: '#222222' }, { id: 'b' }],
    blocks: [
      {
        id: 'one',
        design,
        ...(typeof size === 'number' ? { size } : size),
        cloths: Object.fromEntries(roles.map((role, i) => [role, i % 2 ? 'b' : 'a'])),
      },
    ],
    setting: { across: 2, down: 2 },
    ...more,
  }
}

test('lengths within a millionth of an inch of a step are on it, whatever the step', () => {
  expect(roundUpToRuler(3.1250005, 1 / 8)).toBe(3.125)
  expect(roundUpToRuler(3.125002, 1 / 8)).toBe(3.25)
  expect(roundUpToRuler(90.0000005, 4.5)).toBe(90)
  expect(roundToRuler(3.09375 - 5e-7, 1 / 16)).toBe(3.125)
})

describe('mirrored places of a block that is not square', () => {
  /** Hands worked out anew: each triangle as it lies in the quilt, turned by quarters, against its mirror image. */
  function handsByGeometry(file: QuiltFile, cloth: string): string[] {
    const quilt = quiltOf(file)
    const count = new Map<string, number>()
    for (const cell of quilt.setting.cells.flat()) {
      const block = quilt.blocks.find(candidate => candidate.id === cell.block)!
      const design = quilt.designs.get(block.design)!
      for (const patch of design.patches) {
        if (block.cloths[patch.role] !== cloth) continue
        const points = scalePolygon(patch.points, block.width / design.width, block.height / design.height)
        const placed = cell.mirror ? points.map(([x, y]): Point => [-x, y]) : points
        if (signatures(placed) === signatures(placed.map(([x, y]): Point => [-x, y]))) continue
        const key = signatures(placed)
        count.set(key, (count.get(key) ?? 0) + 1)
      }
    }
    return [...count.values()].map(String).sort()
  }
  function signatures(points: Polygon): string {
    const corners = clockwise(points)
    return corners
      .map((from, i) => {
        const [before, after] = [
          corners[(i + corners.length - 1) % corners.length]!,
          corners[(i + 1) % corners.length]!,
        ]
        const angle =
          Math.atan2(before[1] - from[1], before[0] - from[0]) - Math.atan2(after[1] - from[1], after[0] - from[0])
        return (
          `${Math.hypot(after[0] - from[0], after[1] - from[1]).toFixed(3)} `
          + `${(Math.cos(angle) + 1e-9).toFixed(3).replace('-0.000', '0.000')}`
        )
      })
      .map((_, i, all) => [...all.slice(i), ...all.slice(0, i)].join('|'))
      .sort()[0]!
  }

  test.each(
    ['half-square', 'pinwheel', 'broken-dishes', 'sawtooth-star'].filter(id =>
      SHIPPED_DESIGNS.some(design => design.id === id),
    ),
  )('%s', design => {
    const mirrors = [false, true, true, false]
    const file = oneBlock(
      design,
      { width: 6, height: 9 },
      { setting: { across: 4, down: 1, cells: [mirrors.map(mirror => ({ block: 'one', mirror }))] } },
    )
    for (const cloth of ['a', 'b']) {
      const { plan } = planOf(file)
      const planned = plan.pieces
        .filter(piece => piece.cloth === cloth && piece.hand !== 'either')
        .map(piece => String(piece.patches))
        .sort()
      expect(planned).toEqual(handsByGeometry(file, cloth))
    }
  })
})

describe('measures', () => {
  test('at the first pair of a border both dimensions count, where both were measured', () => {
    for (const first of ['sides', 'ends'] as const) {
      const { plan } = planOf({
        ...SAMPLE,
        borders: [{ width: 3, cloth: 'soot', first }],
        made: [{ what: 'border-1-first', width: [60.25], height: [75.75] }],
      })
      const [side, other] = first === 'sides' ? (['top', 60.25] as const) : (['left', 75.75] as const)
      expect(plan.borders.find(border => border.side === side)!.length).toBeCloseTo(other, 9)
      const size =
        first === 'sides'
          ? { width: 60.25 - 0.5, height: 75.75 - 0.5 + 6 }
          : { width: 60.25 - 0.5 + 6, height: 75.75 - 0.5 }
      expect(plan.quilt).toMatchObject({ width: expect.closeTo(size.width, 9), height: expect.closeTo(size.height, 9) })
    }
  })
  test('unlike blocks are trimmed to the smallest height measured in their row, and width in their column', () => {
    const file: QuiltFile = {
      ...SAMPLE,
      borders: [],
      blocks: [
        { id: 'star', design: 'sawtooth-star', size: 9, cloths: { star: 'soot', ground: 'cream' } },
        { id: 'bar', design: 'plain', width: 6, height: 9, cloths: { cloth: 'red' } },
        { id: 'other', design: 'plain', width: 6, height: 9, cloths: { cloth: 'brass' } },
      ],
      setting: {
        across: 2,
        down: 2,
        cells: [
          [{ block: 'star' }, { block: 'bar' }],
          [{ block: 'star' }, { block: 'other' }],
        ],
      },
      made: [
        { what: 'block', block: 'star', size: [9.5, 9.4375] },
        { what: 'block', block: 'bar', width: [6.5], height: [9.375] },
      ],
    }
    const { plan } = planOf(file)
    // both bars are of one planned size: measured 6½ by 9⅜, the star 9 7⁄16 square
    expect(plan.stages[0]).toMatchObject({
      width: expect.closeTo(9.4375 - 0.5 + 6, 9),
      height: expect.closeTo(2 * (9.375 - 0.5), 9),
    })
  })
})

describe('off the ruler', () => {
  const offOf = (file: QuiltFile) =>
    planOf(file).plan.checks.find(check => check.id === 'off-ruler')?.data as
      { off: number; sizes: number[] } | undefined
  test('a nine-patch of 10″ comes out 9 15⁄16; a row of seven logs of 10″ 10 1⁄16', () => {
    expect(offOf(oneBlock('nine-patch', 10))).toMatchObject({ off: expect.closeTo(-1 / 16, 9) })
    expect(offOf(oneBlock('log-cabin', 10))).toMatchObject({ off: expect.closeTo(1 / 16, 9) })
  })
  test('the sizes named are on the ruler, near, not its own; there all pieces sewn as cut fall on half a step', () => {
    const shipped = SHIPPED_DESIGNS.filter(design => design.width === design.height)
    let named = 0
    fc.assert(
      fc.property(
        fc.constantFrom(...shipped),
        fc.integer({ min: 40, max: 160 }).map(n => n / 10),
        fc.constantFrom('in' as const, 'cm' as const),
        (design, size, units) => {
          const file = oneBlock(design.id, size, { units })
          const found = offOf(file)
          if (!found) return
          const step = units === 'cm' ? 0.1 / 2.54 : 1 / 8
          for (const inches of found.sizes) {
            named += 1
            expect(Math.abs(inches / step - Math.round(inches / step))).toBeLessThan(1e-6)
            expect(inches).not.toBeCloseTo(units === 'cm' ? size / 2.54 : size, 6)
            const { plan } = planOf(oneBlock(design.id, units === 'cm' ? inches * 2.54 : inches, { units }))
            expect(plan.checks.some(check => check.id === 'off-ruler')).toBe(false)
          }
        },
      ),
      { numRuns: runs(120) },
    )
    expect(named).toBeGreaterThan(8)
  })
})

test('the usable width says what shrinks and what the selvages take, each under its own name', () => {
  const [soot, ...others] = SAMPLE.cloths
  const { plan } = planOf({ ...SAMPLE, cloths: [{ ...soot!, width: 42, shrink: 0.05, selvage: 1 }, ...others] })
  expect(plan.cloths[0]!.usable).toBeCloseTo(42 * 0.95 - 1, 9)
  expect(plan.sums['cloths.0.usable']!.terms).toEqual([
    { what: 'width-as-sold', value: 42 },
    { what: 'shrinkage', value: expect.closeTo(-2.1, 9) },
    { what: 'selvages', value: -1 },
  ])
})

test('mitred strips are as long as the side they are sewn to and both borders they meet; the angle follows', () => {
  const { plan } = planOf({
    ...SAMPLE,
    borders: [{ sides: 3, ends: 4, cloth: 'soot', corners: 'mitred' }],
    made: [{ what: 'setting', width: [54.25], height: [75.75] }],
  })
  const length = (side: string) => plan.borders.find(strip => strip.side === side)!
  // measured raw, so the finished centre is half an inch less; two widths and two seams beyond it
  expect(length('left')).toMatchObject({ length: 75.75 + 8, rough: 75.5 + 8 + 3 })
  expect(length('top')).toMatchObject({ length: 54.25 + 6, rough: 54.5 + 6 + 3 })
  expect(plan.stages[1]).not.toHaveProperty('first')
  const { data } = plan.checks.find(check => check.id === 'mitre-angle')!
  // the mitre runs from corner to corner: 3 across, 4 down
  expect(data).toEqual({ border: 1, sides: expect.closeTo(36.87, 2), ends: expect.closeTo(53.13, 2) })
})

test('backing is bought with a margin and an end to square up: two panels of 60″ are 133, bought as 135', () => {
  const { plan } = planOf({
    ...SAMPLE,
    borders: [],
    setting: { across: 5, down: 5, fill: [['plain']] },
    backing: { cloth: 'cream', overhang: 7.25 },
    batting: null,
  })
  expect(plan.backing).toMatchObject({ panels: 2, panelLength: 60, buy: 135 })
  expect(plan.sums['backing.buy']!.terms.map(term => term.what)).toEqual(['panels', 'margin', 'square-up', 'rounding'])
})

test('fields that cannot be planned yet are refused by their path; those that ask for nothing are not', () => {
  const paths = (change: object) => {
    const read = readQuilt({ ...SAMPLE, ...change })
    return read.ok ? [] : read.problems.map(problem => `${problem.code} ${problem.path.join('.')}`)
  }
  const [star, plain] = SAMPLE.blocks
  expect(paths({ blocks: [{ ...star, frame: [{ cloth: 'none' }] }, plain] })).toEqual([
    'unknown-reference blocks.0.frame.0.cloth',
    'missing-size blocks.0.frame.0.width',
  ])
  expect(paths({ setting: { ...SAMPLE.setting, sashing: { ...SAMPLE.setting.sashing, between: 'rows' } } })).toEqual([
    'not-together setting.sashing.cornerstones',
  ])
  expect(paths({ setting: { ...SAMPLE.setting, kind: 'on-point' } })).toEqual(['expected setting.settingCloth'])
  expect(paths({ setting: { ...SAMPLE.setting, kind: 'round' } })).toEqual(['expected setting.kind'])
  expect(paths({ borders: [{ width: 3, cloth: 'soot', pieced: { design: 'plain', cloths: {} } }] })).toEqual([
    'undressed-role borders.0.pieced.cloths',
    'not-together borders.0.corners',
  ])
  expect(paths({ borders: [{ width: 3, cloth: 'soot', corners: { cloth: 'soot' } }] })).toEqual([])
  expect(paths({ borders: [{ width: 3, cloth: 'soot', corners: { cloth: 'none' } }] })).toEqual([
    'unknown-reference borders.0.corners.cloth',
  ])
  expect(paths({ quilting: [{ kind: 'ditch', where: { block: 'none' } }] })).toEqual([
    'unknown-reference quilting.0.where.block',
  ])
  expect(paths({ quilting: [{ kind: 'grid', spacing: 0 }] })).toEqual(['expected quilting.0.spacing'])
  expect(paths({ backing: { cloth: 'cream', way: 'leftovers' } })).toEqual([])
  expect(paths({ backing: { cloth: 'cream', inHand: [{ cloth: 'none', width: 9, height: 0 }] } })).toEqual([
    'expected backing.inHand.0.height',
  ])
  expect(
    paths({
      quilting: [],
      making: 'top',
      backing: { cloth: 'cream', way: 'auto', offCentre: false },
      binding: { ...SAMPLE.binding, bias: false },
    }),
  ).toEqual([])
})

describe('counts say how they were made', () => {
  const termsOf = (file: QuiltFile, part: string) => {
    const { plan } = planOf(file)
    const at = plan.pieces.findIndex(piece => piece.part === part)
    return { piece: plan.pieces[at]!, terms: plan.sums[`pieces.${at}.count`]!.terms }
  }
  test('25 half-squares eight at a time: 25 ÷ 8, up to whole batches', () => {
    const file = oneBlock('half-square', 3, { setting: { across: 5, down: 5 } })
    const { piece, terms } = termsOf(
      { ...file, blocks: [{ ...file.blocks[0]!, method: { 'half-square': 'hst-8' } }] },
      'half-squares',
    )
    expect(piece.count).toBe(4)
    expect(terms).toEqual([
      { what: 'units', count: 25, each: 1 / 8 },
      { what: 'whole-batches', value: expect.closeTo(7 / 8, 9) },
    ])
  })
  test('every count of a pile is its units by what each takes, never fewer, and less than a batch more', () => {
    for (const design of SHIPPED_DESIGNS) {
      const { plan } = planOf(oneBlock(design.id, { width: (12 * design.width) / design.height, height: 12 }))
      plan.pieces.forEach((piece, i) => {
        const { total, terms } = plan.sums[`pieces.${i}.count`]!
        const batches = terms
          .filter(term => term.what === 'whole-batches')
          .reduce((sum, term) => sum + ('value' in term ? term.value : 0), 0)
        expect(total).toBe(piece.count)
        expect(batches).toBeGreaterThanOrEqual(0)
        const lots = terms.filter(term => 'count' in term)
        expect(lots.length).toBeGreaterThan(0)
        // what units and shares say is how many patches they feed
        for (const lot of lots) if ('count' in lot) expect(lot.count).toBeGreaterThan(0)
      })
    }
  })
})

test('chiral patches have a hand in cloth with an up too', () => {
  const slant: NonNullable<QuiltFile['designs']>[number] = {
    id: 'slant',
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
        ],
      },
      {
        role: 'b',
        points: [
          [2, 0],
          [2, 3],
          [1, 3],
        ],
      },
    ],
  }
  const { plan } = planOf({
    ...SAMPLE,
    borders: [],
    designs: [slant],
    cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, directional: cloth.id === 'soot' })),
    blocks: [
      { id: 'slant', design: 'slant', width: 6, height: 9, method: 'template', cloths: { a: 'soot', b: 'cream' } },
    ],
    setting: { across: 2, down: 1, cells: [[{ block: 'slant' }, { block: 'slant', mirror: true }]] },
  })
  const hands = plan.pieces
    .filter(piece => piece.cloth === 'soot' && piece.for.length > 0)
    .map(piece => piece.hand)
    .sort()
  expect(hands).toEqual(['left', 'right'])
  expect(
    offsetPolygon(
      [
        [0, 0],
        [1, 0],
        [0, 1],
      ],
      1,
    ),
  ).toHaveLength(5)
})

test('a picture in squares has the size of the same squares drawn one by one, and is cut square by square', () => {
  const rows = ['ABBA', 'AABB', 'BABA']
  const drawn = rows.flatMap((row, y) =>
    [...row].map((role, x) => ({
      role,
      points: [
        [x, y],
        [x + 1, y],
        [x + 1, y + 1],
        [x, y + 1],
      ],
    })),
  )
  const planned = (design: object) =>
    planOf({
      format: 'wren-quilt',
      version: 1,
      cloths: [{ id: 'a' }, { id: 'b' }],
      designs: [{ id: 'lamp', width: 4, height: 3, ...design }],
      blocks: [{ id: 'lamp', design: 'lamp', width: 8, height: 6, cloths: { A: 'a', B: 'b' } }],
      setting: { across: 2, down: 2 },
    }).plan
  const plan = planned({ squares: rows })
  const one = planned({ patches: drawn })
  expect([plan.stages, plan.quilt.patches]).toEqual([one.stages, one.quilt.patches])
  expect(plan.pieces.map(({ cloth, width, height, count }) => [cloth, width, height, count])).toEqual([
    ['a', 2.5, 2.5, 24],
    ['b', 2.5, 2.5, 24],
  ])
  // twelve squares in each of four blocks, six of either letter
  expect(plan.quilt.patches).toBe(48)
  expect(plan.pieces.reduce((sum, piece) => sum + piece.patches, 0)).toBe(48)
  for (const cloth of ['a', 'b'])
    expect(plan.pieces.filter(piece => piece.cloth === cloth).reduce((sum, { patches }) => sum + patches, 0)).toBe(24)
})

const lengthOf = (binding: PlannedBinding | null) => (binding as PlannedStrips).length

test('a wide seam of the binding: the outermost border is cut wider, the quilt stays, its raw edge grows', () => {
  const bound = (seam: string, borders: readonly object[]) =>
    planOf({ ...SAMPLE, borders, backing: { cloth: 'cream' }, batting: {}, binding: { ...SAMPLE.binding, seam } }).plan
  const [inner, outer] = [
    { width: 2, cloth: 'cream' },
    { width: 3, cloth: 'soot' },
  ]
  const [usual, wide] = [bound('1/4', [inner, outer]), bound('3/8', [inner, outer])]
  expect(wide.stages.map(({ width, height }) => [width, height])).toEqual(
    usual.stages.map(({ width, height }) => [width, height]),
  )
  // an eighth on every edge of the raw top, and of the outer border alone
  expect(wide.quilt.edged.width - usual.quilt.edged.width).toBeCloseTo(1 / 4)
  expect(lengthOf(wide.binding) - lengthOf(usual.binding)).toBeCloseTo(8 / 8)
  expect(wide.batting!.height - usual.batting!.height).toBeCloseTo(1 / 4)
  expect(wide.stages[2]!.measures.width.expected - usual.stages[2]!.measures.width.expected).toBeCloseTo(1 / 4)
  const wider = wide.borders.map((strip, i) => strip.width - usual.borders[i]!.width)
  expect(wider).toEqual([0, 0, 0, 0, 1, 1, 1, 1].map(n => n / 8))
  // ends are sewn on last and span the wider sides
  const longer = wide.borders.map((strip, i) => strip.length - usual.borders[i]!.length)
  expect(longer).toEqual([0, 0, 0, 0, 0, 0, 1 / 4, 1 / 4])
  expect(wide.sums['borders.4.width']!.terms.map(({ what }) => what)).toContain('for-wide-binding')
  expect(wide.binding!.visible).toBe(3 / 8)
  const said = (plan: typeof wide) => plan.checks.filter(({ id }) => id === 'border-covered').map(({ data }) => data)
  expect(said(usual)).toEqual([])
  expect(said(wide)).toMatchObject([{ seam: 3 / 8, wider: 1 / 8, covered: 0 }])
  // nothing outside the blocks that could be cut wider
  const bare = bound('3/8', [])
  expect(bare.quilt.edged).toEqual(bound('1/4', []).quilt.edged)
  expect(said(bare)).toMatchObject([{ seam: 3 / 8, wider: 0, covered: 1 / 8 }])
  // measured raw edge to raw edge with the wider border: the finished size is what was planned
  const { width, height } = wide.stages[2]!.measures
  const measured = bound('3/8', [inner, outer])
  const made = [{ what: 'border-2', width: [width.expected], height: [height.expected] }]
  const after = planOf({ ...SAMPLE, borders: [inner, outer], binding: { ...SAMPLE.binding, seam: '3/8' }, made }).plan
  expect(after.stages[2]!.width).toBeCloseTo(measured.stages[2]!.width)
  expect(after.quilt.edged.height).toBeCloseTo(measured.quilt.edged.height)
})

test('fewest steps: a lot that gives eight is not begun for one unit; what cloth is needed says its strips', () => {
  const one = (across: number) =>
    planOf({
      ...SAMPLE,
      aim: 'fewest-steps',
      blocks: [{ id: 'star', design: 'half-square', size: 4, cloths: { dark: 'soot', light: 'cream' } }],
      setting: { across, down: across, fill: [['star']] },
      borders: [],
    }).plan
  expect(one(1).blocks[0]!.units[0]!.over).toBeLessThan(2)
  // sixteen units are two whole lots
  expect(one(4).blocks[0]!.units[0]!.method).toBe('hst-8')
  for (const file of [SAMPLE, ...DEMO_QUILTS]) {
    const { plan } = planOf(file)
    plan.cloths.forEach((cloth, i) => {
      if (cloth.unit !== 'in' || cloth.need === 0) return
      const long = cloth.strips.filter(({ run }) => run === 'along').map(({ y, height }) => y + height)
      const below = cloth.strips.filter(({ y }) => y >= Math.max(0, ...long) - 1e-6)
      const told = plan.sums[`cloths.${i}.need`]!.terms.flatMap(term =>
        term.what === 'strips-deep' && 'count' in term ? Array.from({ length: term.count }, () => term.each) : [],
      )
      expect(told.sort().map(depth => depth.toFixed(6))).toEqual(
        below
          .map(({ height }) => height)
          .sort()
          .map(depth => depth.toFixed(6)),
      )
    })
  }
})
