import { quiltOf, SAMPLE } from '../core/testing/quiltOf'
import { withPlainSpaces } from './length'
import type { Speech } from './speech'
import {
  boughtText,
  longStripName,
  longWayText,
  priceLabel,
  reachText,
  savedInAll,
  savingText,
  shortText,
  wayText,
} from './supply'

const us = { units: 'in', english: 'us' } as Speech
const uk = { units: 'cm', english: 'uk' } as Speech
const quilt = quiltOf(SAMPLE)
const way = (...[what]: [Parameters<typeof wayText>[0]]) => withPlainSpaces(wayText(what, quilt, us))

test('each way to fit names what it changes, and what to', () => {
  expect(way({ do: 'border', border: 1, sides: 2, ends: 2 })).toBe('Border 1 2″ wide')
  expect(way({ do: 'border', border: 1, sides: 2, ends: 3 })).toBe(
    'Border 1 2″ wide at the sides, 3″ at top and bottom',
  )
  expect(way({ do: 'cloth', use: { block: 'star', role: 'star' }, cloth: 'red' })).toBe(
    'Sawtooth star: star of Signal red',
  )
  expect(way({ do: 'cloth', use: { part: 'binding' }, cloth: 'cream' })).toBe('Binding of Timetable cream')
  expect(way({ do: 'less', of: 'rows', left: 6 })).toBe('6 rows of blocks in place of 7')
  expect(way({ do: 'less', of: 'columns', left: 1 })).toBe('1 block across in place of 5')
  expect(way({ do: 'no-border', border: 2 })).toBe('Without border 2')
  expect(way({ do: 'joined', border: 1 })).toBe('Border 1 joined from strips across the cloth')
})

test('what is bought less is said as a shop sells it, in money where every price is known', () => {
  const said = (now: object, before: object, speech = us) =>
    withPlainSpaces(
      boughtText(
        {
          bought: { inches: 342, pieces: 0, cost: null, ...now },
          before: { inches: 369, pieces: 0, cost: null, ...before },
        },
        speech,
      ),
    )
  expect(said({}, {})).toBe('Buy 9 1/2 yd in place of 10 1/4 yd.')
  expect(said({ cost: 114 }, { cost: 123 })).toBe('Buy 9 1/2 yd in place of 10 1/4 yd. It costs 9.00 less.')
  expect(said({ cost: 114 }, {})).toBe('Buy 9 1/2 yd in place of 10 1/4 yd.')
  expect(said({ inches: 369, pieces: 3 }, { pieces: 5 })).toBe('Buy 10 1/4 yd, 3 pieces in place of 5.')
  expect(said({ inches: 900 / 2.54 }, { inches: 950 / 2.54 }, uk)).toBe('Buy 9 m in place of 9.5 m.')
  const saving = { do: 'layout', cloth: 'red', length: 45.875, before: 48.75 } as const
  expect(withPlainSpaces(savingText(saving, quilt, us))).toBe('Signal red laid out on 45 7/8″ in place of 48 3/4″')
})

test('long strips are said with what the quilt buys by either way', () => {
  expect([longStripName({ border: null }), longStripName({ border: 2 })]).toEqual(['Long sashes', 'Border 2'])
  const bought = { inches: 112.5, pieces: 0, cost: null }
  const said = (...[way, of]: [Parameters<typeof longWayText>[0], Parameters<typeof longWayText>[1]]) =>
    withPlainSpaces(longWayText(way, of, us))
  expect(said('along', bought)).toBe('Along the cloth, no joins: buy 3 1/8 yd in all')
  expect(said('across', { ...bought, cost: 37.5 })).toBe('Joined from strips across: buy 3 1/8 yd in all, 37.50')
})

test('what was saved on all quilts is added up, money where it is known', () => {
  const rows = [{ saved: { inches: 10.5, cost: null } }, { saved: { inches: 4, cost: 2.5 } }, { saved: null }]
  expect(withPlainSpaces(savedInAll(rows, us))).toBe('14 1/2″ saved on 2 quilts, worth 2.50.')
  expect(withPlainSpaces(savedInAll(rows.slice(0, 1), us))).toBe('10 1/2″ saved on 1 quilt.')
})

test('how far it goes: none, so many, or more than were tried', () => {
  const block = { of: 'blocks', block: 'star', name: 'Star' } as const
  const said = (count: number, isMore = false) => reachText({ ...block, count, isMore }, us)
  expect(said(0)).toBe('Star alone: not one block.')
  expect(said(1)).toBe('Star alone, nothing else cut: 1 block.')
  expect(said(200, true)).toBe('Star alone, nothing else cut: 200 blocks or more.')
  const border = { of: 'border', border: 2, now: 3, isMore: false } as const
  expect(withPlainSpaces(reachText({ ...border, width: 1.5 }, us))).toBe('Border 2: up to 1 1/2″ wide; 3″ planned.')
  expect(reachText({ of: 'rows', count: 1, now: 7, isMore: false }, us)).toBe(
    'The quilt as it is: 1 row of blocks; 7 planned.',
  )
})

test('what is still short, and what prices are of', () => {
  expect(shortText(0, us)).toBe('Then it is enough.')
  expect(withPlainSpaces(shortText(3.5, us))).toBe('Still short by 3 1/2″ of strips.')
  expect([priceLabel('yardage', 'in', us), priceLabel('yardage', 'cm', uk), priceLabel('piece', 'cm', uk)]).toEqual([
    'Price of a yard',
    'Price of a metre',
    'Price of a piece',
  ])
})
