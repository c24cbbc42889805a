import { CORNER_KINDS, cornerRules } from '../core/file/corners'
import { setBorder, setCorners } from '../core/edits/edge'
import { planOf, SAMPLE } from '../core/testing/quiltOf'
import { borderSteps, cornersName } from './border'
import { textOf } from './textPart'

const US = { units: 'in', english: 'us' } as const
const stepsOf = (kind: (typeof CORNER_KINDS)[number], first: 'sides' | 'ends' = 'sides') => {
  const file = setBorder(0, { first })(setCorners(0, kind)(SAMPLE))
  const { quilt, plan } = planOf(file)
  return borderSteps(quilt, plan, 1, US).map(({ does, how }) => ({ does: textOf(does), how: textOf(how) }))
}

test.each(CORNER_KINDS)('%s: two pairs in their order; corners are spoken of where there are any', kind => {
  const { isOnSlant, isOwnPiece } = cornerRules(kind)
  const [one, other, ...more] = stepsOf(kind)
  expect(one!.does).toMatch(/^First the sides: trim two strips to [\d\u00a0 /]+″, [\d\u00a0 /]+″ wide\.$/)
  expect(other!.does).toMatch(/^Then top and bottom: /)
  expect(stepsOf(kind, 'ends')[0]!.does).toMatch(/^First top and bottom: /)
  expect(one!.how).toMatch(/^Cut rough at /)
  expect(one!.how).not.toContain('Sew a corner')
  expect(other!.how.includes('Sew a corner to both ends')).toBe(isOwnPiece)
  expect(other!.how.includes('begin and end 1/4″ from the corners of the top')).toBe(isOnSlant)
  expect(more.map(({ does }) => does)).toEqual(isOnSlant ? ['Miter the four corners, one after the other.'] : [])
})

test('corners are called as they are in the English of the reader', () => {
  expect(cornersName('mitred', US)).toBe('mitered, seams on the slant')
  expect(cornersName('mitred', { units: 'cm', english: 'uk' })).toBe('mitred, seams on the slant')
})
