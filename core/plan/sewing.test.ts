import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { rolesOf } from '../designs/design'
import { sewingOrderOf } from '../make/order/howSewn'
import { area, boundingBox, contains, cornerMean } from '../geometry/polygon'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { picture, besideLine, unfinished, type Picture } from '../make/steps/picture'
import { needsSewing, recipesFor, type Recipe } from '../recipes/recipe'
import { runs } from '../testing/runs'

const oneBlock = (id: string, size = 12, method: 'auto' | 'foundation' | 'template' = 'auto'): QuiltFile => {
  const design = SHIPPED_DESIGNS.find(d => d.id === id)!
  const longer = Math.max(design.width, design.height)
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222' },
      { id: 'b', colour: '#eeeeee' },
    ],
    blocks: [
      {
        id: 'one',
        design: id,
        width: (size * design.width) / longer,
        height: (size * design.height) / longer,
        method,
        cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 ? 'b' : 'a'])),
      },
    ],
    setting: { across: 2, down: 2 },
  }
}
const planAndRecipes = (file: QuiltFile) => {
  const { quilt, plan, work } = planOf(file)
  return { plan, recipes: quilt.blocks.flatMap(block => recipesFor(work, plan, block.id)) }
}
const recipesOf = (file: QuiltFile): Recipe[] => planAndRecipes(file).recipes

describe.each(SHIPPED_DESIGNS.map(design => [design.id, design] as const))('the recipe of %s', (id, design) => {
  const file = oneBlock(id)
  const {
    plan,
    recipes: [recipe],
  } = planAndRecipes(file)

  test('two parts that lie on the table at once have not the same name of a place', () => {
    const named = recipe!.joins.flatMap(({ step }, at) =>
      step.joins!.flatMap(part => ('join' in part && part.place ? [{ from: part.join - 1, to: at, part }] : [])),
    )
    const twice = named.filter(one =>
      named.some(other => other.part.place === one.part.place && other.from > one.from && other.from < one.to),
    )
    expect(twice).toEqual([])
  })

  test('makes every unit, and joins as often as it has parts', () => {
    const units = recipe!.units.reduce((sum, unit) => sum + unit.perBlock, 0)
    expect(recipe!.joins.reduce((sum, join) => sum + join.times, 0)).toBe(units - 1)
    const inUnits = plan.blocks[0]!.units.reduce((sum, unit) => sum + (unit.cloths.length * unit.count) / 4, 0)
    expect(inUnits).toBe(design.patches.length)
  })

  test('the last join is the block; each says the size that the plan says, and has a sum for it', () => {
    const last = recipe!.joins.at(-1)
    if (last)
      expect(last.step.expect).toEqual({
        width: expect.closeTo(recipe!.size.width, 9),
        height: expect.closeTo(recipe!.size.height, 9),
      })
    for (const { step, path } of recipe!.joins) {
      expect(plan.sums[`${path}.width`]!.total).toBeCloseTo(step.expect!.width, 9)
      expect(plan.sums[`${path}.height`]!.total).toBeCloseTo(step.expect!.height, 9)
    }
    for (const unit of recipe!.units) expect(plan.sums[`${unit.path}.width`]!.total).toBeCloseTo(unit.size.width, 9)
  })

  test('set-in and partial seams are told as such, as often as the order has them', () => {
    const { setIn, partial } = sewingOrderOf(design)
    const told = (code: string) =>
      recipe!.joins.filter(({ step }) => step.code === code).reduce((sum, join) => sum + join.times, 0)
    expect(told('join-partial')).toBe(partial)
    expect(told('join-set-in') > 0).toBe(setIn > 0)
  })

  test('from behind, a unit is the part of its block that it is: the same allowances over the same cloths', () => {
    const bands = ({ shapes }: Picture, patches: number) =>
      shapes.slice(patches).map(({ points, cloth, side }) => {
        const [x, y] = cornerMean(points)
        const under = shapes.slice(0, patches).find(shape => contains(shape.points, [x, y]))
        return `${cloth} ${side} on ${under?.cloth}: ${area(points).toFixed(4)}`
      })
    const ofBlock = bands(recipe!.back, design.patches.length)
    for (const { back, key } of recipe!.units) {
      const patches = plan.blocks[0]!.units.find(planned => planned.key === key)!.cloths.length
      expect(back === undefined).toBe(patches === 1)
      if (!back) continue
      const mine = bands(back, patches)
      expect(mine.length).toBeGreaterThan(0)
      for (const band of mine) expect(ofBlock).toContain(band)
    }
  })

  test('every picture shows cloth, and nothing outside it', () => {
    for (const step of [...recipe!.units.flatMap(unit => unit.steps), ...recipe!.joins.map(join => join.step)]) {
      expect(step.picture.shapes.length).toBeGreaterThan(0)
      const box = boundingBox(step.picture.shapes.flatMap(shape => shape.points))
      expect(box.x).toBeGreaterThanOrEqual(-1e-9)
      expect(box.y).toBeGreaterThanOrEqual(-1e-9)
      expect(box.x + box.width).toBeLessThanOrEqual(step.picture.width + 1e-9)
      expect(box.y + box.height).toBeLessThanOrEqual(step.picture.height + 1e-9)
    }
  })

  test('on papers it is sewn patch by patch, if it can be', () => {
    const papers = plan.blocks[0]!.foundation
    const onPaper = planAndRecipes(oneBlock(id, 12, 'foundation'))
    const added = onPaper.recipes[0]!.joins.filter(({ step }) => step.code === 'foundation-add').reduce(
      (sum, join) => sum + join.times,
      0,
    )
    expect(added).toBe(papers ? design.patches.length - papers.length : 0)
    expect(onPaper.plan.blocks[0]!.units.every(unit => unit.method === 'foundation')).toBe(papers !== null)
  })
})

test('change the size and the pictures change with it', () => {
  const at = (size: number) => recipesOf(oneBlock('sawtooth-star', size))[0]!.done.picture.width
  expect(at(12)).toBeCloseTo(12.5, 9)
  expect(at(9)).toBeCloseTo(9.5, 9)
})

test('a log cabin says its size after every round', () => {
  const sizes = recipesOf(oneBlock('log-cabin', 7))[0]!.joins.map(({ step }) => [
    step.expect!.width - 0.5,
    step.expect!.height - 0.5,
  ])
  // logs of an inch round a centre of an inch: 1 × 2, 2 × 2, 2 × 3, 3 × 3 …
  expect(sizes).toEqual(
    [
      [1, 2],
      [2, 2],
      [2, 3],
      [3, 3],
      [3, 4],
      [4, 4],
      [4, 5],
      [5, 5],
      [5, 6],
      [6, 6],
      [6, 7],
      [7, 7],
    ].map(pair => pair.map(v => expect.closeTo(v, 9))),
  )
})

test('rows of a block are pressed by turns, so that their seams lock where they meet', () => {
  const [recipe] = recipesOf(oneBlock('sixteen-patch', 8))
  const { quilt } = planOf(oneBlock('sixteen-patch', 8))
  expect(quilt.blocks).toHaveLength(1)
  expect(recipe!.units.every(unit => unit.kind === 'strip-set')).toBe(true)
  const [star] = recipesOf(oneBlock('friendship-star', 9))
  const upright = star!.joins.map(({ step }) => step.data!.press).filter(press => press === 'left' || press === 'right')
  expect(new Set(upright)).toEqual(new Set(['right', 'left']))
})

test('rows of the quilt: odd one way, even the other; with sashing to the sashes; ids by what stands in them', () => {
  const rowsOf = (file: QuiltFile) => planOf(file).plan.rows
  const plain = rowsOf({ ...SAMPLE, setting: { ...SAMPLE.setting, sashing: null } })
  expect(plain.map(row => row.press)).toEqual(plain.map((_, i) => (i % 2 === 0 ? 'right' : 'left')))
  expect(rowsOf(SAMPLE).every(row => row.press === 'sashes')).toBe(true)
  expect(plain[0]!.id).toBe(plain[2]!.id)
  expect(plain[0]!.id).not.toBe(plain[1]!.id)
})

test('a test block takes what its units take, in the letters of the sheet', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const { plan } = planOf(file)
      const letters = new Map<string, string>()
      for (const piece of plan.pieces)
        letters.set(
          `${Math.min(piece.width, piece.height).toFixed(4)} ${Math.max(piece.width, piece.height).toFixed(4)} `
            + `${piece.cuts} ${piece.hand} ${piece.outline ? 'o' : ''}`,
          piece.letter,
        )
      for (const block of plan.blocks) {
        for (const piece of block.test) {
          const known = letters.get(
            `${Math.min(piece.width, piece.height).toFixed(4)} ${Math.max(piece.width, piece.height).toFixed(4)} `
              + `${piece.cuts} ${piece.hand} ${piece.outline ? 'o' : ''}`,
          )
          if (known !== undefined && !piece.outline) expect(piece.letter).toBe(known)
          expect(piece.count).toBeGreaterThan(0)
        }
      }
    }),
    { numRuns: runs(40) },
  )
})

test('pictures: lines beside a line keep their distance; a unit has its allowance round it', () => {
  const [one, other] = besideLine('sew', [0, 0], [4, 3], 0.25) as [
    ReturnType<typeof besideLine>[0],
    ReturnType<typeof besideLine>[0],
  ]
  for (const line of [one, other]) expect(Math.abs(line.from[0] * 3 - line.from[1] * 4) / 5).toBeCloseTo(0.25, 9)
  expect(
    unfinished(
      [
        {
          polygon: [
            [0, 0],
            [2, 0],
            [2, 2],
            [0, 2],
          ],
          cloth: 'a',
        },
      ],
      2,
      2,
      0.25,
    ),
  ).toMatchObject({ width: 2.5, height: 2.5 })
  expect(
    picture([
      {
        points: [
          [-3, -1],
          [1, -1],
          [1, 4],
        ],
        cloth: 'a',
        side: 'right',
      },
    ]),
  ).toMatchObject({ width: 4, height: 5 })
})

test('units that differ only by their hand, or by where their corners lie, are ticked apart', () => {
  for (const design of SHIPPED_DESIGNS) {
    const { plan, work } = planOf({
      ...SAMPLE,
      setting: { across: 1, down: 1 },
      borders: [],
      binding: null,
      backing: null,
      blocks: [
        {
          id: 'one',
          design: design.id,
          width: (12 * design.width) / design.height,
          height: 12,
          cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 ? 'soot' : 'cream'])),
        },
      ],
    })
    const units = recipesFor(work, plan, 'one').flatMap(recipe => recipe.units)
    expect({ id: design.id, ids: new Set(units.map(unit => unit.id)).size }).toEqual({
      id: design.id,
      ids: units.length,
    })
    // and each lists the pieces it is made of, and no others
    for (const unit of units)
      expect(new Set(unit.pieces.map(piece => piece.hand)).size).toBeLessThanOrEqual(Math.max(1, unit.pieces.length))
  }
})

test('triangles cut from squares or rectangles have their cut shown; squares are ready as they come', () => {
  const worked = (id: string) => {
    const { plan, work } = planOf(oneBlock(id))
    return recipesFor(work, plan, 'one')[0]!.units.map(unit => [unit.method, needsSewing(unit)])
  }
  expect(worked('diamond-in-rectangle')).toEqual(
    expect.arrayContaining([
      ['half-rectangle-single', true],
      ['strip-angle', true],
    ]),
  )
  expect(worked('plain')).toEqual([['rectangle', false]])
})

describe('the top joined from its rows', () => {
  test('rows are as wide as their parts less the seams between, and stacked they are the setting', () => {
    fc.assert(
      fc.property(randomQuilt, file => {
        const { quilt, plan } = planOf(file)
        const lost = (count: number) => 2 * quilt.seam * (count - 1)
        for (const row of plan.rows) {
          const [along, deep] = row.kind === 'column' ? (['height', 'width'] as const) : (['width', 'height'] as const)
          if (row.kind === 'corner') continue
          // triangles at the ends are left out of a diagonal's length
          const parts = row.parts.filter(({ what }) => !/triangle|half-cornerstone/.test(what))
          const isUpright = row.kind === 'sash' && row.parts.length === 1 && row.height > row.width
          if (!isUpright)
            expect(parts.reduce((sum, part) => sum + part[along], 0) - lost(parts.length)).toBeCloseTo(row[along], 6)
          for (const part of parts) expect(part[deep]).toBeCloseTo(row[deep], 9)
        }
        // on point the areas say it (see setting.test)
        if (quilt.setting.kind === 'on-point') return
        const isColumns = plan.rows.some(row => row.kind === 'column')
        const [along, deep] = isColumns ? (['height', 'width'] as const) : (['width', 'height'] as const)
        // the sizes that the parts had before anything larger was measured
        const setting = plan.stages[0]!
        if (file.made?.some(entry => entry.what === 'setting')) return
        expect(plan.rows.reduce((sum, row) => sum + row[deep], 0) - lost(plan.rows.length)).toBeCloseTo(
          setting[deep] + 2 * quilt.seam,
          6,
        )
        expect(plan.rows[0]![along]).toBeCloseTo(setting[along] + 2 * quilt.seam, 6)
      }),
      { numRuns: runs(25) },
    )
  })
  test('sashed with cornerstones: a row of sashes above, between and below; blocks with sashes on both sides', () => {
    const { plan } = planOf(SAMPLE)
    expect(plan.rows.map(row => row.kind)).toEqual(Array.from({ length: 15 }, (_, i) => (i % 2 === 0 ? 'sash' : 'row')))
    expect(plan.rows[0]!.parts.map(part => part.what)).toEqual(
      Array.from({ length: 11 }, (_, i) => (i % 2 === 0 ? 'cornerstone' : 'sash')),
    )
    expect(plan.rows[1]!.parts.map(part => part.what)).toEqual(
      Array.from({ length: 11 }, (_, i) => (i % 2 === 0 ? 'sash' : 'block')),
    )
    expect(plan.rows[0]).toMatchObject({ width: 54.5, height: 2 })
    expect(plan.marks).toEqual([])
  })
  test('sizes of sashes and cornerstones are those of the file, and the reason names what they follow', () => {
    const sashing = { width: 1.5, cloth: 'cream', outer: true, cornerstones: { cloth: 'soot' } }
    const { plan } = planOf({
      ...SAMPLE,
      blocks: SAMPLE.blocks.map(({ size: _, ...block }) => ({ ...block, width: 9, height: 6 })),
      setting: { ...SAMPLE.setting, sashing },
    })
    const reason = (row: number, part: number, side: 'width' | 'height') =>
      plan.sums[`rows.${row}.parts.${part}.${side}`]?.terms
    const seams = { what: 'seams', count: 2, each: 0.25 }
    const [sash, wide, high] = [
      { what: 'sashing', count: 1, each: 1.5 },
      { what: 'blocks', count: 1, each: 9 },
      { what: 'blocks', count: 1, each: 6 },
    ]
    expect([reason(0, 0, 'width'), reason(0, 0, 'height')]).toEqual([
      [sash, seams],
      [sash, seams],
    ])
    expect([reason(0, 1, 'width'), reason(0, 1, 'height')]).toEqual([
      [wide, seams],
      [sash, seams],
    ])
    expect([reason(1, 0, 'width'), reason(1, 0, 'height')]).toEqual([
      [sash, seams],
      [high, seams],
    ])
    expect(plan.rows[1]!.parts[0]).toMatchObject({ what: 'sash', width: 2, height: 6.5 })
    expect(plan.rows[0]!.parts[1]).toMatchObject({ what: 'sash', width: 9.5, height: 2 })
    // like parts of a row are told once
    expect(Object.keys(plan.sums).filter(path => /^rows\.\d+\.parts/.test(path))).toHaveLength(2 * (8 * 2 + 7))
  })
  test('long sashes have a mark at every joint of the rows beside them: 1¾, 10¾, 12¼ …', () => {
    const { plan } = planOf({
      ...SAMPLE,
      setting: { ...SAMPLE.setting, sashing: { width: 1.5, cloth: 'cream', outer: true } },
    })
    expect(plan.marks).toHaveLength(8)
    expect(plan.marks[0]!.above).toEqual([])
    expect(plan.marks[0]!.below).toEqual([1.75, 10.75, 12.25, 21.25, 22.75, 31.75, 33.25, 42.25, 43.75, 52.75])
    expect(plan.marks[3]!.above).toEqual(plan.marks[3]!.below)
    const inner = planOf({ ...SAMPLE, setting: { ...SAMPLE.setting, sashing: { width: 1.5, cloth: 'cream' } } }).plan
    expect(inner.marks[0]!.above).toEqual([9.25, 10.75, 19.75, 21.25, 30.25, 31.75, 40.75, 42.25])
  })
})
