import { chanceFrom } from '../core/measure/chance'
import { quiltOf } from '../core/testing/quiltOf'
import { dealtByChance, squaresQuilt } from '../core/testing/wallQuilts'
import { dimensionsOf } from '../core/top/dimensions'
import { wallFindings, type PlannedWall } from '../core/wall/findings'
import { improvedText, wallMarks } from './wall'

const US = { units: 'in', english: 'us' } as const
const UK = { units: 'in', english: 'uk' } as const
const NAMES = new Map(Array.from({ length: 12 }, (_, i) => [`c${i}`, `Cloth ${i}`]))
const NOTHING: PlannedWall = { alike: [], crowded: [], lonely: [], melts: [], balance: [] }
const textsOf = (wall: Partial<PlannedWall>, speech: typeof US | typeof UK = US) =>
  wallMarks({ ...NOTHING, ...wall }, NAMES, speech).map(({ text }) => text)

test('each mark says which cloth, where, counted from one, and what holds or does not', () => {
  expect(textsOf({ alike: [{ a: [0, 1], b: [0, 2], deltaE: 0, cloths: ['c3', 'c3'] }] })).toEqual([
    'Cloth 3 lies beside itself: row 1, place 2 and row 1, place 3.',
  ])
  expect(textsOf({ alike: [{ a: [4, 0], b: [5, 0], deltaE: 3, cloths: ['c3', 'c4'] }] })).toEqual([
    'Cloth 3 lies beside Cloth 4, which looks the same: row 5, place 1 and row 6, place 1.',
  ])
  expect(textsOf({ crowded: [{ cloth: 'c1', cells: [[2, 3]], share: 0.753 }] }, UK)).toEqual([
    '75 % of the colour of Cloth 1 is crowded round row 3, place 4.',
  ])
  expect(textsOf({ lonely: [[0, 0]] })).toEqual(['A bright block stands alone among darker ones: row 1, place 1.'])
  const melt = (row: number, isHeld: boolean) => ({
    cell: [row, 0] as const,
    edges: 8,
    cloths: ['c1', 'c2'] as const,
    isHeld,
  })
  expect(textsOf({ melts: [melt(0, true), melt(1, false), melt(2, true)] })).toEqual([
    'Cloth 1 and Cloth 2 are almost equally light where they touch, along 8 edges in row 2, place 1. '
      + 'From across the room nothing holds them apart.',
    'Cloth 1 and Cloth 2 are almost equally light where they touch, along 16 edges in 2 blocks. '
      + 'Color alone holds them apart.',
  ])
  expect(
    textsOf({
      balance: [
        { where: 'top left', by: -7.2 },
        { where: 'bottom', by: 6 },
        { where: 'top right corner', by: 9.6 },
        { where: 'middle', by: -5.4 },
      ],
    }),
  ).toEqual([
    'The top left quarter is 7 of 100 darker than the whole.',
    'The bottom edge is 6 of 100 lighter than the whole.',
    'The top right corner is 10 of 100 lighter than the whole.',
    'The middle is 5 of 100 darker than the whole.',
  ])
})

test('what chance makes much of, balance, is listed last', () => {
  const quilt = quiltOf(squaresQuilt(dealtByChance(8, 6, 4, chanceFrom(2))))
  const kinds = wallMarks(wallFindings(quilt, dimensionsOf(quilt)), NAMES, US).map(({ kind }) => kind)
  expect(kinds).toContain('alike')
  expect(kinds.filter(kind => kind !== 'balance').length).toBe(
    kinds.includes('balance') ? kinds.indexOf('balance') : kinds.length,
  )
})

test('what a rearranging improved is counted, and what was never there is not named', () => {
  const alike = (count: number) => ({
    ...NOTHING,
    alike: Array.from({ length: count }, () => ({ a: [0, 0], b: [0, 1], deltaE: 1, cloths: ['c1', 'c1'] }) as const),
  })
  expect(improvedText({ ...alike(12), lonely: [[0, 0]] }, alike(0), US)).toBe(
    '12 like neighbors → 0; 1 lonely bright block → 0.',
  )
  expect(improvedText(alike(1), alike(0), UK)).toBe('1 like neighbour → 0.')
  expect(improvedText(NOTHING, NOTHING, US)).toMatch(/^Colors lie more evenly/)
})
