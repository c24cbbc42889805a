import { colourDistance, lightness } from '../measure/lightness'
import { nextCloth, type FreshCloth } from './nextCloth'

test('one cloth after the other: each its own name, none nearer to another than is told apart', () => {
  const cloths: FreshCloth[] = [
    { name: 'First cloth', colour: '#2f4470' },
    { name: 'Second cloth', colour: '#f3e7cd' },
  ]
  const nearest: number[] = []
  for (let i = 0; i < 10; i++) {
    const next = nextCloth(cloths)
    nearest.push(Math.min(...cloths.map(({ colour }) => colourDistance(colour, next.colour))))
    cloths.push(next)
  }
  expect(new Set(cloths.map(({ name }) => name)).size).toBe(12)
  // what is first asked for is farthest from what there is
  expect(nearest).toEqual([...nearest].sort((a, b) => b - a))
  expect(Math.min(...nearest)).toBeGreaterThan(10)
})

test('when every name is taken a cloth is numbered', () => {
  const cloths: FreshCloth[] = []
  for (let i = 0; i < 18; i++) cloths.push(nextCloth(cloths))
  expect(cloths.at(-1)!.name).toBe('Cloth 18')
})

test('distance of colours: none to itself, black to white a hundred, as far there as back', () => {
  expect(colourDistance('#a8402c', '#a8402c')).toBe(0)
  expect(colourDistance('#000000', '#ffffff')).toBeCloseTo(100, 3)
  expect(colourDistance('#a8402c', '#5b744c')).toBeCloseTo(colourDistance('#5b744c', '#a8402c'), 9)
  expect(lightness('#ffffff')).toBeCloseTo(100, 6)
})
