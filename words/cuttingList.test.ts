import { planOf, SAMPLE } from '../core/testing/quiltOf'
import { cuttingRows, pileLabels } from './cuttingList'
import { withPlainSpaces } from './length'
import type { Speech } from './speech'

const { quilt, plan } = planOf(SAMPLE)
const names = new Map(quilt.blocks.map(({ id, name }) => [id, name]))
const of = (units: 'in' | 'cm') => ({ units, english: units === 'in' ? 'us' : 'uk' }) as Speech

test('the table has every pile with its cut size as on the ruler, and all pieces', () => {
  const { heads, rows } = cuttingRows(quilt, plan.pieces, names, of('in'))
  expect(heads.slice(2, 4)).toEqual(['Width, inches', 'Height, inches'])
  expect(rows.length).toBe(plan.pieces.length)
  expect(rows.reduce((sum, row) => sum + Number(row[4]), 0)).toBe(plan.quilt.pieces)
  const points = rows.find(row => String(row[7]).includes('points'))!
  expect(points.slice(0, 4).map(cell => withPlainSpaces(String(cell)))).toEqual(['Soot', points[1], '3 1/8', '3 1/8'])
  const [wide] = cuttingRows(quilt, plan.pieces, names, of('cm')).rows
  expect(Number(String(wide![2]).replace(',', '.'))).toBeCloseTo(plan.pieces[0]!.width * 2.54, 1)
})

test('a label says pile, cloth, size, number and what for', () => {
  const labels = pileLabels(quilt, plan.pieces, names, of('in'))
  const points = labels.find(({ use }) => use.includes('points'))!
  const piece = plan.pieces.find(({ id }) => id === points.id)!
  expect({ ...points, size: withPlainSpaces(points.size) }).toMatchObject({
    letter: piece.letter,
    cloth: 'Soot',
    size: '3 1/8 × 3 1/8″',
    count: `${piece.count} pieces`,
    use: 'Sawtooth star: for points',
  })
})
