import { planOf, SAMPLE } from '../testing/quiltOf'
import { rolesOf } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { recipesFor } from '../recipes/recipe'

const dressed = (id: string) =>
  Object.fromEntries(
    rolesOf(SHIPPED_DESIGNS.find(design => design.id === id)!).map((role, i) => [role, i % 2 ? 'cream' : 'soot']),
  )

/** A quilt of one design, each unit made as asked, with a measured block. */
function measured(design: string, method: object | string, size = 9, frame: object[] = []) {
  return planOf({
    ...SAMPLE,
    blocks: [{ id: 'star', design, size, method, frame, cloths: dressed(design) }],
    setting: { kind: 'straight', across: 2, down: 2, fill: [['star']] },
    borders: [],
    made: [{ what: 'block', block: 'star', size: [size + 0.5 - 0.25, size + 0.5 - 0.25] }],
  })
}
const checkOf = (made: ReturnType<typeof measured>) => made.plan.checks.find(({ id }) => id === 'block-too-small')?.data

// counted by hand on the drawings: seams on a level line, none of those inside a trimmed unit
test.each([
  ['dutchmans-puzzle', { goose: 'goose-4' }, 2],
  ['pinwheel', { 'half-square': 'hst-2' }, 1],
  ['nine-patch', 'auto', 2],
  ['four-patch', 'auto', 1],
] as const)('%s by %j: %d seams can be blamed', (design, method, seams) => {
  const made = measured(design, method)
  expect(made.plan.blocks[0]!.measured).toMatchObject({ seams })
  expect(made.plan.blocks[0]!.measured!.error).toBeCloseTo(0.25 / (2 * seams), 9)
  expect(checkOf(made)).toMatchObject({ seams, error: expect.closeTo(0.25 / (2 * seams), 9) as number })
})

test.each([
  ['one trimmed unit', 'half-square', { 'half-square': 'hst-2' }],
  ['two papers, joined by a level seam', 'pinwheel', 'foundation'],
])('%s: no seam can be blamed, and that is said', (_, design, method) => {
  const made = measured(design, method)
  expect(made.plan.blocks[0]!.measured).toMatchObject({ seams: 0 })
  expect(made.plan.blocks[0]!.measured).not.toHaveProperty('error')
  expect(checkOf(made)).toMatchObject({ seams: 0, error: 0 })
})

test('a frame is sewn on after the last trim: a seam on either side', () => {
  const frame = [{ cloth: 'cream', width: 1 }]
  const made = measured('half-square', { 'half-square': 'hst-2' }, 9, frame)
  expect(made.plan.blocks[0]!.measured).toMatchObject({ seams: 2 })
})

test('joins count the same seams: of a pinwheel one, whichever hand', () => {
  for (const mirror of [false, true]) {
    const { plan, work } = planOf({
      ...SAMPLE,
      blocks: [
        { id: 'star', design: 'pinwheel', size: 9, method: { 'half-square': 'hst-2' }, cloths: dressed('pinwheel') },
      ],
      setting: { kind: 'straight', across: 1, down: 1, cells: [[{ block: 'star', mirror }]] },
      borders: [],
    })
    const [recipe] = recipesFor(work, plan, 'star')
    expect(Math.max(...recipe!.joins.map(({ across }) => across))).toBe(1)
  }
})

test.each([
  ['undecided', undefined, ['block-too-small', 'scattered-blocks']],
  ['all are trimmed', 'trim', ['block-too-small']],
  ['the far ones are made again', 'remake', []],
  ['eased, though too far apart for it', 'ease', ['block-too-small', 'scattered-blocks']],
] as const)('checks follow what was decided: %s', (_, decision, ids) => {
  const { plan } = planOf({
    ...SAMPLE,
    made: [{ what: 'block', block: 'star', size: [9.5, 9.5, 9.49, 9.1], ...(decision ? { decision } : {}) }],
  })
  const found = plan.checks.map(({ id }) => id).filter(id => ['block-too-small', 'scattered-blocks'].includes(id))
  expect([...new Set(found)].sort()).toEqual(ids)
})
