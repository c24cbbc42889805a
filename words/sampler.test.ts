import { ownRowText } from './rows'
import { framingText, moduleText } from './sampler'
import { sewnSettingParts } from './sewnSettings'

const speech = { units: 'in', english: 'us' } as const
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

test('a frame is said finished, and cut two seams wider', () => {
  expect(framingText([], 0.25, speech)).toBe('It fills its place.')
  expect(plain(framingText([{ sides: 1.5, ends: 1.5 }], 0.25, speech))).toBe(
    'A frame of 1 1/2″, cut 2″ wide, all round.',
  )
  expect(plain(framingText([{ sides: 1, ends: 2 }], 0.25, speech))).toBe(
    'A frame: sides 1″, cut 1 1/2″ wide; ends 2″, cut 2 1/2″ wide.',
  )
})

test('a pair of sides that has no strips is not said to have any', () => {
  expect(plain(framingText([{ sides: 0, ends: 2 }], 0.25, speech))).toBe('A frame: ends 2″, cut 2 1/2″ wide.')
})

test('a module says how many are framed, and which blocks are better made larger', () => {
  const name = (id: string) => id.toUpperCase()
  expect(plain(moduleText({ module: 12, framed: 0, narrow: [] }, name, speech))).toBe('12″: no frames')
  expect(plain(moduleText({ module: 12.5, framed: 1, narrow: ['a', 'b'] }, name, speech))).toBe(
    '12 1/2″: 1 block framed; A and B better made 12 1/2″',
  )
})

test('a row of its own says its width, and at which end it is filled', () => {
  expect(ownRowText({ width: 27, missing: 0 }, speech)).toBe('27″ wide: the widest.')
  expect(ownRowText({ width: 18, missing: 9 }, speech)).toBe('18″ wide; 9″ of cloth fill it at its right end.')
})

test('a way to bring sewn blocks together says frames, squares, and what is trimmed from what to what', () => {
  const trims = [{ name: 'Old star', count: 2, from: { width: 9.5, height: 9.75 }, to: { width: 9.5, height: 9.5 } }]
  const way = { kind: 'framed', module: 12, framed: 3, plain: 1, trims } as unknown as Parameters<
    typeof sewnSettingParts
  >[0]
  expect(sewnSettingParts(way, speech).map(plain)).toEqual([
    '3 blocks framed to 12″.',
    '1 plain square cut anew for the places that are left.',
    'Old star, 2 blocks: trim 9 1/2 × 9 3/4″ to 9 1/2 × 9 1/2″.',
  ])
  expect(sewnSettingParts({ ...way, module: null, plain: 0, trims: [] }, speech)).toEqual(['Nothing is trimmed.'])
})
