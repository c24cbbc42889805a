import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { lightness } from '../measure/lightness'
import { touchingCloths } from './touchingCloths'

const touching = (file: unknown) => {
  const { quilt, work } = planOf(file)
  return touchingCloths(quilt, work.dimensions).map(({ cloths, blocks, isBetween }) => {
    const where = [...blocks, ...(isBetween ? ['between'] : [])]
    return `${cloths.join(' ')}: ${where.join(', ')}`
  })
}

test('stars and plain squares in sashes: every pair of cloths that is sewn together, and no other', () => {
  expect(touching(SAMPLE).sort()).toEqual([
    // cornerstones touch sashes; sashes touch plain squares and the border; stars show cream at their edges
    'brass cream: between',
    'brass soot: between',
    'cream red: between',
    'cream soot: star, between',
  ])
})

test('without sashes star meets plain square; without borders nothing lies round them', () => {
  const bare = { ...SAMPLE, setting: { ...SAMPLE.setting, sashing: null }, borders: [] }
  // the points of a star reach its edge at their tips alone
  expect(touching(bare).sort()).toEqual(['cream red: between', 'cream soot: star'])
  const alone = { ...bare, setting: { ...bare.setting, across: 1, down: 1 } }
  expect(touching(alone)).toEqual(['cream soot: star'])
})

test('the nearest in lightness stand first, by what the eye sees', () => {
  const { quilt, work } = planOf(SAMPLE)
  const pairs = touchingCloths(quilt, work.dimensions)
  const differences = pairs.map(({ difference }) => difference)
  expect(differences).toEqual([...differences].sort((a, b) => a - b))
  const colour = (id: string) => quiltOf(SAMPLE).cloths.find(cloth => cloth.id === id)!.colour
  for (const { cloths, difference } of pairs)
    expect(difference).toBeCloseTo(Math.abs(lightness(colour(cloths[0])) - lightness(colour(cloths[1]))), 9)
})
