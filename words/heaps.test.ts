import { countsText, dealtText } from './heaps'

test('a dealing says what stands where, and why likes had to stay together', () => {
  const names = new Map([['c1', 'Soot']])
  const counts = [
    { cloth: 'c1', count: 8 },
    { cloth: 'c2', count: 7 },
  ]
  expect(countsText(counts, names)).toBe('Soot 8, c2 7')
  expect(dealtText({ alike: 0, short: 0, unlike: 5 })).toBe('No two alike lie side by side.')
  expect(dealtText({ alike: 0, short: 4, unlike: 5 })).toBe(
    'No two alike lie side by side. The cloth in hand is short by 4 places; the largest cloth fills in.',
  )
  expect(dealtText({ alike: 24, short: 0, unlike: 1 })).toBe(
    'In 24 pairs of places alike still stands beside alike. All these cloths look alike.',
  )
  expect(dealtText({ alike: 1, short: 0, unlike: 2 })).toMatch(/^In 1 pair of places .* only 2 look unlike/)
  expect(dealtText({ alike: 3, short: 0, unlike: 6 })).toMatch(/Locked places/)
})
