import type { QuiltFile } from '../../file/schema'
import { batchFaults } from '../../testing/sewBatches'
import { planOf, SAMPLE } from '../../testing/quiltOf'
import { readQuilt } from '../../file/readQuilt'
import { recipesFor } from '../../recipes/recipe'
import { plannedBatches } from '../../batches/plannedBatches'
import { setDesign } from '../../edits/blocks'
import { SHIPPED_DESIGNS } from '../../designs/shipped'

const FILE: QuiltFile = {
  ...SAMPLE,
  made: [],
  borders: [],
  blocks: [
    { id: 'star', design: 'sawtooth-star', size: 9, cloths: { star: 'soot', ground: 'cream' } },
    { id: 'worked', design: 'plain', size: 9, cloths: { cloth: 'brass' }, panel: { extra: 1, margin: '3/4' } },
  ],
  setting: {
    across: 3,
    down: 3,
    fill: [
      ['star', 'worked'],
      ['worked', 'star'],
    ],
  },
}

test('a panel is cut with its extra all round, marked, worked, and only then cut to what its place takes', () => {
  const { plan, work } = planOf(FILE)
  const pile = plan.pieces.find(({ part }) => part === 'panels')!
  // 9″ finished, ¼″ seams, 1″ to hold it in the hoop; of nine places four or five
  expect([pile.width, pile.height]).toEqual([11.5, 11.5])
  expect(pile.count).toBe(work.quilt.setting.cells.flat().filter(({ block }) => block === 'worked').length)
  const [recipe] = recipesFor(work, plan, 'worked')
  const [unit] = recipe!.units
  expect(unit!.steps.map(({ do: doing }) => doing)).toEqual(['cut', 'mark', 'press', 'trim'])
  const [, mark, , trim] = unit!.steps
  const side = (value: unknown) => (value as { total: number }).total
  expect([side(mark!.data!.width), side(mark!.data!.wide)]).toEqual([9.5, 7.5])
  expect(trim!.expect).toEqual({ width: 9.5, height: 9.5 })
  // nothing else of the quilt has changed
  const without = planOf({ ...FILE, blocks: FILE.blocks.map(({ panel: _, ...block }) => block) }).plan
  expect(plan.quilt.width).toBe(without.quilt.width)
  const others = (pieces: typeof plan.pieces) =>
    pieces.filter(({ width }) => width < 9).map(({ id, count }) => `${id} ${count}`)
  expect(others(plan.pieces)).toEqual(others(without.pieces))
  const batches = plannedBatches(work, plan.rows).filter(({ task }) => 'unit' in task && task.unit.includes('worked'))
  // the one of the test block, then the others
  const order = ['mat mark', 'iron press', 'mat trim']
  expect(batches.map(({ at, what }) => `${at} ${what}`)).toEqual([...order, ...order])
  expect(batches[0]!.count + batches[3]!.count).toBe(pile.count)
  expect(batchFaults(FILE)).toEqual([])
})

test('beside blocks that came out small it is cut to what they measure', () => {
  const { plan } = planOf({ ...FILE, made: [{ what: 'block', block: 'star', size: ['9 3/8', '9 1/2'] }] })
  expect(plan.blocks.find(({ id }) => id === 'worked')!.panel).toEqual({
    width: 9.375,
    height: 9.375,
    isMeasured: true,
  })
  const planned = planOf(FILE).plan
  expect(planned.blocks.find(({ id }) => id === 'worked')!.panel).toEqual({
    width: 9.5,
    height: 9.5,
    isMeasured: false,
  })
})

test('only one patch can be worked, with room inside its margins', () => {
  const problems = (panel: object, design = 'plain') => {
    const [star, worked] = FILE.blocks
    const cloths = design === 'plain' ? worked!.cloths : star!.cloths
    const read = readQuilt({ ...FILE, blocks: [star, { ...worked, design, cloths, panel }] })
    return read.ok ? [] : read.problems.map(({ code, path }) => `${code} ${path.join('.')}`)
  }
  expect(problems({ extra: 1, margin: 1 })).toEqual([])
  expect(problems({ extra: 1, margin: 5 })).toEqual(['not-together blocks.1.panel.margin'])
  expect(problems({ extra: 0, margin: 1 })).toEqual(['expected blocks.1.panel.extra'])
  expect(problems({ extra: 1, margin: 1 }, 'sawtooth-star')).toEqual(['not-together blocks.1.panel'])
  const pinwheel = SHIPPED_DESIGNS.find(({ id }) => id === 'pinwheel')!
  expect(readQuilt(setDesign('worked', pinwheel)(FILE)).ok).toBe(true)
})
