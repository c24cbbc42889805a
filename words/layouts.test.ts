import { columnParts, subcuts, togetherText } from './cutting'
import { layoutState, type LayoutSearch } from './layouts'
import { textOf } from './textPart'

const speech = { units: 'in', english: 'us' } as const
const state = (over: Partial<LayoutSearch>) =>
  layoutState(
    {
      state: 'idle',
      aim: 'shorter',
      before: { length: 48.75, cuts: 63 },
      looked: null,
      need: { need: 48.75, bound: 45 },
      isBegun: false,
      ...over,
    },
    speech,
  )
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

test('a layout is proved, near, or not known to be near', () => {
  expect(state({ need: { need: 45, bound: 45 } })).toMatchObject({ isProved: true, isLoose: false })
  expect(state({})).toMatchObject({ isProved: false, isLoose: false, told: '' })
  expect(state({ need: { need: 60, bound: 45 } })).toMatchObject({ isProved: false, isLoose: true })
})

test('what a search finds is said in lengths: the shorter one, never the longer', () => {
  const told = (over: Partial<LayoutSearch>) => plain(state(over).told)
  expect(told({ state: 'running', looked: { length: 46.5, cuts: 70, bound: 45, triedTo: null } })).toBe(
    '46 1/2″ so far, in place of 48 3/4″; no layout takes less than 45″.',
  )
  expect(told({ state: 'running', looked: { length: 50, cuts: 60, bound: 45, triedTo: null } })).toBe(
    '48 3/4″ so far; no layout takes less than 45″.',
  )
  expect(told({ state: 'found', looked: { length: 46.5, cuts: 70, bound: 45, triedTo: null } })).toBe(
    'Found: 46 1/2″ in place of 48 3/4″.',
  )
  expect(told({ state: 'nothing' })).toBe('No shorter one was found.')
  expect(told({ isBegun: true })).toBe('Strips of it are cut: the others stay as they are.')
})

test('what a search for fewer cuts finds is said in cuts, and in cloth more or less', () => {
  const told = (state_: LayoutSearch['state'], length: number, cuts: number) =>
    plain(state({ state: state_, aim: 'easier', looked: { length, cuts, bound: null, triedTo: null } }).told)
  expect(told('running', 48.75, 63)).toBe('63 cuts so far.')
  expect(told('running', 49.5, 41)).toBe('41 cuts in place of 63, for 3/4″ more cloth so far.')
  expect(told('found', 49.5, 41)).toBe('Found: 41 cuts in place of 63, for 3/4″ more cloth.')
  expect(told('found', 48, 41)).toBe('Found: 41 cuts in place of 63, for 3/4″ less cloth.')
  expect(told('found', 48.75, 41)).toBe('Found: 41 cuts in place of 63.')
  expect(told('nothing', 48.75, 63)).toBe('None with fewer cuts was found.')
})

test('a column of different pieces is cut off first, at the width of its widest', () => {
  const box = { y: 0, height: 3, width: 4 }
  const cuts = [
    { ...box, x: 0, piece: 'wide' },
    { ...box, x: 0, y: 3, width: 2.5, piece: 'narrow' },
    { ...box, x: 4, piece: 'wide' },
    { ...box, x: 4, y: 3, piece: 'wide' },
  ]
  const strip = { x: 0, y: 0, width: 41, height: 6, run: 'across', sheet: 0, cuts } as const
  const pieces = new Map([
    ['wide', { letter: '1' }],
    ['narrow', { letter: '2' }],
  ]) as never
  const said = columnParts({ ...strip, cuts: [...cuts] }, pieces, speech).map(parts => plain(textOf(parts)))
  expect(said).toEqual(['1 column 4″ wide first, then cut up into 1, 2'])
})

test('pieces of one pile that lie both ways in a strip are told apart', () => {
  const cut = (x: number, width: number, height: number) => ({ x, y: 0, width, height, piece: 'a' })
  const pieces = new Map([['a', { letter: '1', width: 4, height: 2, cuts: 'none' }]]) as never
  const said = (cuts: ReturnType<typeof cut>[]) =>
    subcuts({ x: 0, y: 0, width: 41, height: 4, run: 'across', sheet: 0, cuts }, pieces, speech).map(({ parts }) =>
      plain(textOf(parts)),
    )
  expect(said([cut(0, 2, 4), cut(2, 2, 4), cut(4, 4, 2)])).toEqual(['2 × 4 × 2″, lying the other way', '1 × 4 × 2″'])
  expect(said([cut(0, 2, 4)])).toEqual(['1 × 4 × 2″'])
})

test('like strips are cut up in up to four layers; long ones and slanted pieces one by one', () => {
  const strip = { x: 0, y: 0, width: 41, height: 3, run: 'across', sheet: 0 } as const
  const cut = (x: number) => ({ x, y: 0, width: 4, height: 3, piece: 'a' })
  const cuts = [cut(0), cut(4)]
  const said = (count: number, over: object = {}, how = 'none') =>
    togetherText({ ...strip, cuts, ...over }, count, new Map([['a', { cuts: how }]]) as never)
  expect(said(1)).toBe('')
  expect(said(2)).toBe('Lay both on each other and cut them up together.')
  expect(said(4)).toBe('Lay all 4 on each other and cut them up together.')
  expect(said(5)).toBe('Lay up to 4 on each other and cut them up together.')
  expect(said(5, { run: 'along' })).toBe('')
  // a strip that is one piece is not cut up
  expect(said(5, { cuts: [cut(0)] })).toBe('')
  expect(said(5, {}, 'angle')).toBe('')
  expect(said(5, {}, 'one-diagonal')).not.toBe('')
})

test('where every layout in strips was tried that is said, and no longer asked for', () => {
  const looked = { length: 46.5, cuts: 70, bound: 40, triedTo: 24 }
  expect(state({ state: 'nothing', looked })).toMatchObject({
    told: '',
    tried: 'No layout in strips up to 24″ deep and their subcuts takes less: proved.',
  })
  expect(state({ state: 'found', looked })).toMatchObject({
    tried: expect.stringContaining('24″'),
    told: expect.stringContaining('Found'),
  })
  // not before it is over, and not of fewer cuts
  expect(state({ state: 'running', looked }).tried).toBeNull()
  expect(state({ state: 'idle', looked: null }).tried).toBeNull()
  expect(state({ state: 'found', aim: 'easier', looked }).tried).toBeNull()
})
