import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import type { QuiltFile } from '../file/schema'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { runs } from '../testing/runs'
import { boughtOf, buyLess, isLess, type CheaperQuilt } from './buyLess'

const found = (file: QuiltFile): CheaperQuilt[] => [...buyLess(file, quiltOf(file))].filter(step => step !== undefined)

/** All but how units are made, long strips are cut and strips lie. */
function picture({ aim: _, layouts: _l, blocks, borders, setting, ...rest }: QuiltFile) {
  const { sashing } = setting as { sashing?: { long?: string } | null }
  return {
    ...rest,
    blocks: blocks.map(({ method: _m, ...block }) => block),
    borders: borders?.map(({ long: _b, ...border }) => border),
    setting: { ...setting, sashing: sashing && { ...sashing, long: undefined } },
  }
}

/** By the whole plan of the quilt, what is bought of each cloth and for the back. */
function boughtByPlan(file: QuiltFile) {
  const { plan } = planOf(file)
  const cloths = plan.cloths.reduce((sum, { unit, buy, atHand }) => sum + (unit === 'in' ? (atHand?.buy ?? buy) : 0), 0)
  return { inches: plan.quilt.buy, cloths, back: plan.backing?.buy ?? 0 }
}

test('of the demo quilts most are bought with less, each as its whole plan says, of the same picture', () => {
  const less = DEMO_QUILTS.map(file => {
    const steps = found(file)
    steps.reduce(
      (before, { bought }) => {
        expect(isLess(bought, before)).toBe(true)
        return bought
      },
      boughtOf(quiltOf(file)),
    )
    const best = steps.at(-1)
    if (!best) return 0
    const [now, before] = [boughtByPlan(best.file), boughtByPlan(file)]
    expect(now.inches).toBeCloseTo(best.bought.inches, 6)
    expect(before.inches).toBeCloseTo(best.before.inches, 6)
    expect(now.cloths + now.back).toBeCloseTo(best.bought.inches, 6)
    expect(picture(best.file)).toEqual(picture(file))
    // each thing is told once, as it is in the end
    const things = best.savings.map(saving =>
      saving.do === 'method' ? `${saving.block} ${saving.kind}` : saving.do === 'layout' ? saving.cloth : saving.do,
    )
    expect(new Set(things).size).toBe(things.length)
    expect(things.length).toBeGreaterThan(0)
    return before.inches - now.inches
  })
  expect(less.filter(inches => inches > 4).length).toBeGreaterThanOrEqual(6)
})

test('a way that was asked for stays, and so does a block that is asked for as a whole', () => {
  const asked: QuiltFile = {
    ...SAMPLE,
    aim: 'fewest-steps',
    blocks: SAMPLE.blocks.map(block => ({ ...block, method: { 'goose': 'goose-flip', 'half-square': 'hst-2' } })),
  }
  for (const { file } of found(asked))
    expect(file.blocks.map(({ method }) => method)).toEqual(asked.blocks.map(({ method }) => method))
  const papers: QuiltFile = { ...SAMPLE, blocks: SAMPLE.blocks.map(block => ({ ...block, method: 'foundation' })) }
  for (const { file } of found(papers)) expect(file.blocks[0]!.method).toBe('foundation')
  const along: QuiltFile = { ...SAMPLE, borders: SAMPLE.borders!.map(border => ({ ...border, long: 'along' })) }
  for (const { file } of found(along)) expect(file.borders!.map(({ long }) => long)).toEqual(['along'])
})

test('less is less by money where every price is said, else by length with no more pieces', () => {
  const bought = (inches: number, pieces: number, cost: number | null) => ({ inches, pieces, cost })
  expect(isLess(bought(40, 0, 9), bought(36, 0, 10))).toBe(true)
  expect(isLess(bought(36, 0, 10), bought(40, 0, 9))).toBe(false)
  expect(isLess(bought(36, 0, null), bought(40, 0, 9))).toBe(true)
  expect(isLess(bought(36, 1, null), bought(40, 0, null))).toBe(false)
  expect(isLess(bought(36, 0, null), bought(36, 0, null))).toBe(false)
})

test('the dear cloth is saved, though more is bought of a cheap one', () => {
  const priced = (prices: Record<string, number>): QuiltFile => ({
    ...SAMPLE,
    cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, price: prices[cloth.id] ?? 1 })),
  })
  for (const id of SAMPLE.cloths.map(cloth => cloth.id)) {
    const file = priced({ [id]: 100 })
    const costs = [file, ...found(file).map(step => step.file)].map(step => planOf(step).plan.quilt.cost!)
    costs.slice(1).forEach((cost, i) => expect(cost).toBeLessThan(costs[i]!))
  }
})

test('money counts only where the price of the back is said too', () => {
  const cloths = SAMPLE.cloths.map(cloth => ({ ...cloth, price: 9 }))
  const back = { ...SAMPLE.cloths[0]!, id: 'back', name: 'Back' }
  const file: QuiltFile = { ...SAMPLE, cloths: [...cloths, back], backing: { ...SAMPLE.backing, cloth: 'back' } }
  expect(boughtOf(quiltOf(file)).cost).toBeNull()
  expect(boughtOf(quiltOf({ ...file, cloths: [...cloths, { ...back, price: 5 }] })).cost).toBeGreaterThan(0)
})

test('whatever the quilt, what is found can be read and buys what it says', () => {
  fc.assert(
    fc.property(randomQuilt, random => {
      const file = random as QuiltFile
      const best = found(file).at(-1)
      if (!best) return
      expect(boughtByPlan(best.file).inches).toBeCloseTo(best.bought.inches, 6)
      expect(picture(best.file)).toEqual(picture(file))
    }),
    { numRuns: runs(9) },
  )
})
