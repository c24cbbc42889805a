import { ShopCounter } from './shopCounter'

const MONDAY = Date.UTC(2026, 10, 30, 9)
const DAY = 86_400_000

test('what one orders the next cannot have; what was refused is not taken off; bolts are fresh again in time', () => {
  const shop = new ShopCounter()
  const offer = shop.offers(MONDAY).find(({ left }) => left > 90)!
  const left = (time: number) => shop.offers(time).find(({ id }) => id === offer.id)!.left
  const order = (length: number, price = offer.prices.in) =>
    shop.order({ units: 'in', lines: [{ ware: offer.id, length, price }] }, MONDAY)
  expect(order(45)).toMatchObject({ ok: true, number: 1 })
  expect(left(MONDAY)).toBeCloseTo(offer.left - 45, 9)
  // with the refusal comes what is offered now
  const refused = order(45, offer.prices.in + 1)
  expect(refused).toMatchObject({ ok: false, problems: [{ why: 'price', now: offer.prices.in }] })
  expect('offers' in refused && refused.offers.find(({ id }) => id === offer.id)!.left).toBeCloseTo(offer.left - 45, 9)
  expect(left(MONDAY)).toBeCloseTo(offer.left - 45, 9)
  const rest = Math.floor((offer.left - 45) / 4.5) * 4.5
  expect(order(rest)).toMatchObject({ ok: true, number: 2 })
  expect(order(9)).toMatchObject({ ok: false, problems: [{ why: 'stock' }] })
  // a week on the bolt is as if nobody here had bought
  expect(left(MONDAY + 7 * DAY)).toBe(
    new ShopCounter().offers(MONDAY + 7 * DAY).find(({ id }) => id === offer.id)!.left,
  )
})
