import { withPlainSpaces } from '~~/words/length'
import { typedLength } from './typedLength'

const LIMITS = { least: 1 / 4, most: 60, units: 'in' as const }
const wordsOf = (input: string, limits: Parameters<typeof typedLength>[1]) => {
  const found = typedLength(input, limits)
  return 'inches' in found ? found.inches : withPlainSpaces([found.text, ...found.offers.map(o => o.words)].join(' | '))
}

test('what can be taken is taken, in the units that were written', () => {
  expect(wordsOf('2 1/2', LIMITS)).toBe(2.5)
  expect(wordsOf('5.08 cm', LIMITS)).toBeCloseTo(2, 9)
  expect(wordsOf('60', LIMITS)).toBe(60)
})

test('nonsense is not a length, and says what one looks like', () => {
  for (const nonsense of ['', 'wide', '--3', '1/0', '3 3 3'])
    expect(wordsOf(nonsense, LIMITS)).toBe('Write a length such as 12 1/2, 12½ or 31.5 cm.')
})

test('too small or too large says by what limit and offers it, for a reason where there is one', () => {
  expect(wordsOf('0', LIMITS)).toBe('That is too small: at least 1/4″. | Use 1/4″')
  expect(wordsOf('61', LIMITS)).toBe('That is too large: at most 60″. | Use 60″')
  expect(wordsOf('1/8', { ...LIMITS, why: 'Narrower cannot be sewn' })).toBe(
    'Narrower cannot be sewn: at least 1/4″. | Use 1/4″',
  )
})

test('a bare fraction in centimetres is asked about, both ways', () => {
  expect(wordsOf('3 1/2', { ...LIMITS, units: 'cm' })).toBe('Inches or centimetres? | 3 1/2″, 8.89 cm | 3.5 cm')
})
