import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import { changeCloth } from '../edits/cloths'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { runs } from '../testing/runs'
import { CATALOGUE } from './catalogue'
import { clothOfOffer } from './clothOfOffer'
import { lengthsToBuy } from './lengthsToBuy'
import { nearestOffers } from './nearestOffers'
import { forgetOrder, orderedOf, writeOrder } from './ordered'
import { offersOn } from './shopDay'
import { shopList, toOrder } from './shopList'
import { orderedLength, takeOrder, type ShopOrder } from './takeOrder'

const DAY = 20_424
const NONE = new Map<string, number>()
const today = offersOn(DAY, NONE)

test('what is bought of each cloth for a quilt is what its plan buys in all', () => {
  for (const file of DEMO_QUILTS) {
    const quilt = quiltOf(file)
    const { plan } = planOf(file)
    const all = lengthsToBuy(quilt, plan).reduce((sum, { length }) => sum + length, 0)
    expect([quilt.name, all]).toEqual([quilt.name, expect.closeTo(plan.quilt.buy, 6)])
  }
})

test('an offer is the same the whole day; prices change and bolts run out over the weeks, and are full again', () => {
  expect(offersOn(DAY, NONE)).toEqual(today)
  const days = Array.from({ length: 140 }, (_, i) => offersOn(DAY + i, NONE))
  expect(days.some(offers => offers.some(({ left }) => left < 9))).toBe(true)
  for (const [k, { bolt }] of CATALOGUE.entries()) {
    const ofIt = days.map(offers => offers[k]!)
    expect(new Set(ofIt.map(({ prices }) => prices.in)).size).toBeGreaterThan(1)
    expect(Math.max(...ofIt.map(({ left }) => left))).toBeCloseTo(bolt, 6)
    expect(Math.min(...ofIt.map(({ left }) => left))).toBeGreaterThanOrEqual(0)
    // a yard is 0.9144 of a metre; each is rounded to five hundredths
    expect(Math.max(...ofIt.map(({ prices }) => Math.abs(prices.in - prices.cm * 0.9144)))).toBeLessThan(0.1)
  }
  const [first] = today
  expect(offersOn(DAY, new Map([[first!.id, 45]]))[0]!.left).toBeCloseTo(Math.max(0, first!.left - 45), 9)
})

test('an order is taken whole at the price that was seen, or not at all and why', () => {
  const offer = today.find(({ left }) => left > 72)!
  const price = offer.prices.in
  const order = (lines: ShopOrder['lines']): ShopOrder => ({ units: 'in', lines })
  const line = { ware: offer.id, length: 45, price }
  const taken = takeOrder(order([line]), today)
  // 1 1/4 yd, and what bringing it costs
  const cost = Math.round(1.25 * price * 100) / 100
  expect(taken).toEqual({
    ok: true,
    order: {
      lines: [{ ware: offer.id, name: offer.name, length: 45, cost }],
      delivery: 4.9,
      cost: Math.round((cost + 4.9) * 100) / 100,
      days: 3,
    },
  })
  expect(takeOrder(order([{ ...line, length: 288 }]), [{ ...offer, left: 288 }])).toMatchObject({
    ok: true,
    order: { delivery: 0 },
  })
  const refused = (...lines: ShopOrder['lines']) => takeOrder(order(lines), today)
  expect(refused({ ...line, price: price - 0.5 })).toEqual({
    ok: false,
    problems: [{ ware: offer.id, why: 'price', now: price, before: price - 0.5 }],
  })
  expect(refused({ ...line, ware: 'moonlight' })).toMatchObject({ problems: [{ why: 'unknown' }] })
  for (const length of [4.5, 10, 46])
    expect(refused({ ...line, length })).toMatchObject({ problems: [{ why: 'length', least: 9, step: 4.5 }] })
  // two lines of one cloth, each less than there is
  const half = orderedLength(offer.left * 0.6, 'in')
  expect(refused({ ...line, length: half }, { ...line, length: half })).toEqual({
    ok: false,
    problems: [{ ware: offer.id, why: 'stock', left: offer.left }],
  })
})

test('what is ordered is enough, in whole steps, and no step too much', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 900, noNaN: true }), fc.constantFrom('in', 'cm'), (needed, units) => {
      const length = orderedLength(needed, units)
      const step = units === 'in' ? 4.5 : 10 / 2.54
      expect(length).toBeGreaterThanOrEqual(needed - 0.001)
      expect(Math.abs(length / step - Math.round(length / step))).toBeLessThan(1e-9)
      expect(length).toBeLessThan(Math.max(needed + step, 2 * step + 1e-9))
    }),
    { numRuns: runs(200) },
  )
})

test.each(['in', 'cm'] as const)('the list follows the cloth that is chosen, and what is ordered (%s)', units => {
  const before = planOf({ ...SAMPLE, units })
  const [first] = lengthsToBuy(before.quilt, before.plan)
  const offers = today.map(offer => ({ ...offer, left: 2000 }))
  expect(shopList(before.quilt, before.plan, offers)).toMatchObject({ cost: 0, delivery: 0 })
  const offer = offers.find(({ width }) => width === 108)!
  const printed = changeCloth(first!.cloth, { picture: 'data:image/png;base64,AAAA', repeat: { across: 6, down: 8 } })
  const chosen = changeCloth(first!.cloth, clothOfOffer(offer, units))(printed({ ...SAMPLE, units }))
  // nothing is left of how the cloth before it looked
  expect(chosen.cloths.find(({ id }) => id === first!.cloth)).not.toHaveProperty('picture')
  const { quilt, plan } = planOf(chosen)
  const list = shopList(quilt, plan, offers)
  const line = list.lines.find(({ cloth }) => cloth === first!.cloth)!
  const pricedLength = units === 'in' ? 36 : 100 / 2.54
  // wider cloth: less of it
  expect(line.needed).toBeLessThan(first!.length)
  expect(line.offer!.id).toBe(offer.id)
  expect(Math.abs(line.cost - (line.length / pricedLength) * offer.prices[units])).toBeLessThan(0.0051)
  expect(list.cost).toBeCloseTo(line.cost + (line.cost >= 80 ? 0 : 4.9), 9)
  if (units === 'cm') expect(quilt.cloths.find(({ id }) => id === first!.cloth)!.width * 2.54).toBeCloseTo(274, 9)

  const at = '2026-12-02T10:00:00Z'
  const price = offer.prices[units]
  const written = writeOrder([{ cloth: line.cloth, length: line.length, price }], 'Ordered', at)(chosen)
  const after = planOf(written)
  expect(orderedOf(after.quilt).get(line.cloth)).toBeCloseTo(line.length, 2)
  expect(after.quilt.diary).toMatchObject([{ at, text: 'Ordered' }])
  expect(after.quilt.cloths.find(({ id }) => id === line.cloth)!.price).toBe(price)
  expect(toOrder(shopList(after.quilt, after.plan, offers))).toEqual([])
  // a quilt that grows asks for what is missing, not for all of it again
  const more = changeCloth(line.cloth, { shrink: 0.3 })(written)
  const grown = planOf(more)
  const [rest] = toOrder(shopList(grown.quilt, grown.plan, offers))
  expect(rest!.length + line.length).toBeGreaterThanOrEqual(rest!.needed - 0.02)
  expect(rest!.length).toBeLessThan(rest!.needed)
  const forgotten = planOf(forgetOrder(line.cloth)(written))
  expect(toOrder(shopList(forgotten.quilt, forgotten.plan, offers))).toHaveLength(1)
})

test('two cloths of the quilt that are one in the shop are short together', () => {
  const [one, other] = lengthsToBuy(quiltOf(SAMPLE), planOf(SAMPLE).plan)
  const offer = { ...today[0]!, left: 1000 }
  const same = [one!, other!].reduce((file, { cloth }) => changeCloth(cloth, clothOfOffer(offer, 'in'))(file), SAMPLE)
  const { quilt, plan } = planOf(same)
  const listed = (left: number) => toOrder(shopList(quilt, plan, [{ ...offer, left }]))
  const both = listed(1000).reduce((sum, { length }) => sum + length, 0)
  expect(listed(both).map(({ isShort }) => isShort)).toEqual([false, false])
  expect(listed(both - 1).map(({ isShort }) => isShort)).toEqual([true, true])
})

test('the likest offers come first, whatever order they are in', () => {
  const names = nearestOffers('#a8322c', today).map(({ name }) => name)
  expect(names.slice(0, 2)).toEqual(['Signal lamp', 'Brick arch'])
  expect(nearestOffers('#a8322c', today.toReversed()).map(({ name }) => name)).toEqual(names)
})
