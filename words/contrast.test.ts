import { contrastText, whereTouching } from './contrast'

test('how two cloths look, by lightness and then by colour', () => {
  const look = (difference: number, isHeld = true) =>
    contrastText({ difference, isHeld }, { units: 'in', english: 'us' })
  expect([look(30), look(29.9), look(12), look(11.9), look(11.9, false)]).toEqual([
    'clear',
    'soft',
    'soft',
    'told apart by color alone',
    'melts',
  ])
})

test('where they touch: in blocks by name, between, or both', () => {
  const names = new Map([['star', 'Sawtooth star']])
  expect(whereTouching({ blocks: ['star'], isBetween: true }, names)).toBe(
    'in Sawtooth star; between blocks and strips',
  )
  expect(whereTouching({ blocks: [], isBetween: true }, names)).toBe('between blocks and strips')
  expect(whereTouching({ blocks: ['star', 'x'], isBetween: false }, names)).toBe('in Sawtooth star, x')
})
