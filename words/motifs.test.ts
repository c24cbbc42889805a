import { betweenMotifs, lengthForMotifs, motifsOn } from '../core/cut/motifs'
import { betweenText, motifLengthText, motifsText } from './motifs'

const inches = { units: 'in', english: 'us' } as const
const plain = (text: string | null) => text?.replace(/[\u2009\u202f\u00a0]/g, ' ')
const repeat = { across: 6, down: 8 }
const piece = { width: 4.5, height: 4.5 }

test('what a length gives is said with both counts, or one where the print can begin nowhere else', () => {
  // 41″ across hold 6 wherever they begin, 7 at best; 36″ along 3 rows, 4 at best
  expect(plain(motifsText(motifsOn(36, 41, repeat, piece), 36, inches))).toBe(
    '36″ gives at least 18, and 28 if the print lies well: where it begins is as the shop cut it.',
  )
  expect(plain(motifsText(motifsOn(12.4, 41, { ...repeat, first: 3 }, piece), 12.4, inches))).toContain('perhaps none')
  const known = { ...repeat, first: 3 }
  expect(plain(motifsText(motifsOn(24, 41, known, { width: 4.5, height: 8.5 }), 24, inches))).toBe(
    '24″ gives 6: 1 row of 6.',
  )
  expect(plain(motifsText(motifsOn(4, 41, repeat, piece), 4, inches))).toBe('On 4″ there is room for none.')
})

test('what pieces take, and what is left between them, is said with its figures', () => {
  // 12 by 6 in two rows: 8 + 4 1/2 and a repeat to begin in
  expect(plain(motifLengthText(12, lengthForMotifs(12, 41, repeat, piece), inches))).toBe(
    '12 pieces take 20 1/2″ for sure; buy 5/8 yd for them.',
  )
  expect(motifLengthText(1, lengthForMotifs(1, 8, repeat, { width: 5, height: 5 }), inches)).toMatch(/no room across/)
  expect(plain(betweenText(betweenMotifs(repeat, piece), 4.5, inches)!)).toBe(
    'Left for other pieces: strips of 3 1/2″ across the cloth between rows, pieces of 1 1/2 × 4 1/2″ between motifs.',
  )
  expect(betweenText(betweenMotifs({ across: 4.5, down: 4.5 }, piece), 4.5, inches)).toBeNull()
})
