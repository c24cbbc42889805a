import { planOf, SAMPLE } from '../testing/quiltOf'
import { pressSeams, setPressing } from './pressing'

const BLOCK = SAMPLE.blocks[0]!.id
const sidesOf = (file: unknown) =>
  new Map(
    planOf(file)
      .plan.pressing.seams.filter(({ block }) => block === BLOCK)
      .map(({ join, press }) => [join, press]),
  )

test('a seam pressed by hand lies so in the plan; left to the plan again, nothing is changed', () => {
  const before = sidesOf(SAMPLE)
  const [number, press] = [...before].at(-1)!
  const turned = press === 'first' ? 'second' : 'first'
  const byHand = pressSeams(BLOCK, [{ number, press: turned }])(SAMPLE)
  expect(sidesOf(byHand).get(number)).toBe(turned)
  const opened = pressSeams(BLOCK, [{ number, press: 'open' }])(byHand)
  expect(sidesOf(opened).get(number)).toBe('open')
  expect(opened.blocks[0]!.press).toEqual({ [number]: 'open' })
  expect(pressSeams(BLOCK, [{ number, press: null }])(opened)).toEqual(SAMPLE)
})

test('the school holds for all blocks, and by plan is not written', () => {
  const open = setPressing('open')(SAMPLE)
  expect(new Set(sidesOf(open).values())).toEqual(new Set(['open']))
  expect(setPressing('plan')(open)).toEqual(SAMPLE)
})
