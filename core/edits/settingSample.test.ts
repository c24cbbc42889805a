import { rulesOf, SETTING_KINDS } from '../file/settings'
import { area, type Point } from '../geometry/polygon'
import { settingSample } from './settingSample'

test('each way of setting has a picture of its own, filled to its edge, as its rules say it stands', () => {
  const pictures = SETTING_KINDS.map(settingSample)
  expect(new Set(pictures.map(({ outlines }) => JSON.stringify(outlines))).size).toBe(SETTING_KINDS.length)
  pictures.forEach(({ width, height, outlines }, i) => {
    const whole = outlines.reduce((sum, outline) => sum + area(outline), 0)
    expect(whole).toBeCloseTo(width * height, 6)
    const slanted = outlines.some(outline => outline.some((to, at) => at > 0 && isSlanted(outline[at - 1]!, to)))
    expect(slanted).toBe(rulesOf({ kind: SETTING_KINDS[i]! }).standing === 'on-corner')
  })
})

function isSlanted([ax, ay]: Point, [bx, by]: Point): boolean {
  return Math.abs(ax - bx) > 1e-6 && Math.abs(ay - by) > 1e-6
}
