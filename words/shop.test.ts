import { offersOn } from '../core/shop/shopDay'
import { deliveryText, leftText, offerText, orderNote, orderProblemText } from './shop'

const inches = { units: 'in', english: 'us' } as const
const metric = { units: 'cm', english: 'uk' } as const
const plain = (text: string) => text.replace(/[\u2009\u202f\u00a0]/g, ' ')

test('an offer says its width, its price by what it is sold, and what is left, never more than there is', () => {
  const offer = { ...offersOn(20_424, new Map())[1]!, width: 44, left: 100, prices: { in: 11.35, cm: 12.4 } }
  // 100″ are 2 yd 28″: 2 3/4 yd are 99″; 2.54 m
  expect(plain(offerText(offer, inches))).toBe('Wet slate, 44″ wide, 11.35 a yard, 2 3/4 yd left')
  expect(plain(offerText(offer, metric))).toBe('Wet slate, 111.8 cm wide, 12.40 a metre, 2.5 m left')
  // what is left of it is less than the shop cuts
  expect(leftText(8.9, inches)).toBe('sold out')
  expect(plain(leftText(9, inches))).toBe('1/4 yd left')
})

test('what is in the way of an order is said with its figure', () => {
  const said = (problem: Parameters<typeof orderProblemText>[0], speech = inches as typeof inches | typeof metric) =>
    plain(orderProblemText(problem, 'Wet slate', speech))
  expect(said({ ware: 'x', why: 'price', now: 12.9, before: 12.4 })).toBe(
    'Wet slate costs 12.90 a yard now; it was 12.40.',
  )
  expect(said({ ware: 'x', why: 'stock', left: 40 })).toBe('Of Wet slate there is less than that: 1 yd left.')
  expect(said({ ware: 'x', why: 'stock', left: 4 })).toBe('Wet slate is sold out.')
  expect(said({ ware: 'x', why: 'unknown' })).toBe('The shop no longer has Wet slate.')
  expect(said({ ware: 'x', why: 'length', least: 20 / 2.54, step: 10 / 2.54 }, metric)).toBe(
    'Wet slate is cut in steps of 0.1 m, not less than 0.2 m.',
  )
})

test('the note of an order has its lines, what bringing it costs, and the sum', () => {
  const lines = [
    { ware: 'a', name: 'Wet slate', length: 45, cost: 14.19 },
    { ware: 'b', name: 'Lichen', length: 9, cost: 3.16 },
  ]
  const order = { number: 7, lines, delivery: 4.9, cost: 22.25, days: 3 }
  expect(plain(orderNote(order, '5 December', inches))).toBe(
    'Ordered (number 7): 1 1/4 yd of Wet slate, 14.19; 1/4 yd of Lichen, 3.16; bringing it, 4.90. '
      + '22.25 in all, due 5 December.',
  )
  expect(orderNote({ ...order, delivery: 0, cost: 17.35 }, '5 December', inches)).not.toContain('bringing')
  expect(deliveryText({ cost: 4.9, freeFrom: 80, days: 3 })).toBe(
    'Brought in 3 days for 4.90; from 80.00 on for nothing.',
  )
})
