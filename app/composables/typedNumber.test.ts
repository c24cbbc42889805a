import { typedNumber } from './typedNumber'

const WHOLE = { least: 1, most: 200, decimals: 0 }
const FINE = { least: -180, most: 180, decimals: 1 }

test('a number is taken as it is typed, to the last place, or refused with how much is allowed', () => {
  expect(typedNumber(' 12 ', WHOLE)).toBe(12)
  for (const [text, number] of [
    ['22.5', 22.5],
    ['22,5', 22.5],
    ['-22.5', -22.5],
    ['0.3', 0.3],
    ['45', 45],
  ] as const)
    expect(typedNumber(text, FINE)).toBe(number)
  expect(typedNumber('0', WHOLE)).toBe('0 is too little: 1 to 200.')
  expect(typedNumber('201', WHOLE)).toBe('201 is too much: 1 to 200.')
  expect(typedNumber('5.5', WHOLE)).toBe('5.5 is not whole: write a whole number from 1 to 200.')
  expect(typedNumber('22.25', FINE)).toBe('22.25 is finer than can be kept: at most one place after the point.')
  for (const nonsense of ['', 'lots', '1e2', '0x10', '12 1/2', '--1', 'Infinity'])
    expect(typedNumber(nonsense, WHOLE)).toBe('Write a whole number from 1 to 200.')
})
