import type { Fit } from '../core/edits/bedFit'
import { fitKeptText, fitText } from './bedFit'

const speech = { units: 'in', english: 'us' } as const
const fit: Fit = {
  way: 'borders',
  size: { width: 60, height: 80.5 },
  across: 5,
  down: 7,
  block: 9,
  borders: [
    { sides: 2, ends: 2 },
    { sides: 5.5, ends: 6.75 },
  ],
  kept: ['counts', 'block-size'],
  edit: file => file,
}

test('a way to a size says blocks, borders from the inside, and the whole', () => {
  expect(fitText(fit, speech).replaceAll('\u00a0', ' ')).toBe(
    '5 by 7 blocks of 9″, borders from the inside 2″, then 5 1/2″ at the sides and 6 3/4″ at top and bottom: '
      + '60 × 80 1/2″.',
  )
  expect(fitText({ ...fit, borders: [{ sides: 3, ends: 3 }] }, speech)).toContain('blocks of 9″, border 3″: ')
})

test('what is left alone is one thing or several', () => {
  expect(fitKeptText([])).toBe('')
  expect(fitKeptText(['sashing'])).toBe('The sashing stays as it is.')
  expect(fitKeptText(['block-size', 'sashing'])).toBe('The size of the blocks and the sashing stay as they are.')
  expect(fitKeptText(['counts', 'block-size', 'sashing'])).toBe(
    'The number of blocks, their size and the sashing stay as they are.',
  )
})
