import type { QuiltFile } from '../file/schema'
import { area, boundingBox } from '../geometry/polygon'
import type { Sum } from '../measure/sum'
import { planOf } from '../testing/quiltOf'
import { recipesFor } from './recipe'

const FILE: QuiltFile = {
  format: 'wren-quilt',
  version: 1,
  name: 'Framed',
  cloths: [{ id: 'red' }, { id: 'moss' }],
  blocks: [
    {
      id: 'pinwheel',
      design: 'pinwheel',
      size: 6,
      cloths: { blade: 'red', ground: 'moss' },
      frame: [
        { cloth: 'moss', sides: 1, ends: 2 },
        { cloth: 'red', width: 1 },
      ],
    },
  ],
  setting: { kind: 'straight', across: 2, down: 3 },
}
const total = (of: unknown) => (of as Sum).total

test('strips of a frame are sewn to the sides, then to the ends, round after round, each from its pile', () => {
  const { plan, work } = planOf(FILE)
  const [recipe] = recipesFor(work, plan, 'pinwheel')
  const said = recipe!.frames.map(({ step: { code, data, expect: size } }) => [
    code,
    data!.over,
    total(data!.width),
    total(data!.height),
    size!.width,
    size!.height,
  ])
  // 6 × 6, then 8 × 6, 8 × 10, 10 × 10, 10 × 12; strips and sizes with a seam of ¼″ on either side
  expect(said).toEqual([
    ['sew-frame-sides', 'moss', 1.5, 6.5, 8.5, 6.5],
    ['sew-frame-ends', 'moss', 2.5, 8.5, 8.5, 10.5],
    ['sew-frame-sides', 'red', 1.5, 10.5, 10.5, 10.5],
    ['sew-frame-ends', 'red', 1.5, 10.5, 10.5, 12.5],
  ])
  const strips = plan.pieces.filter(({ part }) => part === 'frame-strips')
  const wanted = new Map<string, number>()
  for (const [, cloth, short, long] of said)
    wanted.set(`${cloth} ${long} ${short}`, (wanted.get(`${cloth} ${long} ${short}`) ?? 0) + 2 * 6)
  expect(new Map(strips.map(({ cloth, width, height, count }) => [`${cloth} ${width} ${height}`, count]))).toEqual(
    wanted,
  )
  expect(recipe!.size).toEqual({ width: 10.5, height: 12.5 })
})

test('the finished block shows its frames: its patches cover it, and lie where they are sewn', () => {
  const { plan, work } = planOf(FILE)
  const { done, frames } = recipesFor(work, plan, 'pinwheel')[0]!
  const [ground, ...patches] = done.picture.shapes
  expect(area(ground!.points)).toBeCloseTo(10.5 * 12.5)
  expect(patches.reduce((sum, { points }) => sum + area(points), 0)).toBeCloseTo(10 * 12)
  // the pinwheel in the middle: 2″ from the left, 3″ from the top, and the seam outside
  const box = boundingBox(patches.slice(0, 8).flatMap(({ points }) => points))
  expect(box).toEqual({ x: 2.25, y: 3.25, width: 6, height: 6 })
  for (const { step } of frames) {
    const middle = [step.picture.width / 2, step.picture.height / 2]
    for (const { from, to } of step.picture.arrows)
      expect(Math.hypot(to[0] - middle[0]!, to[1] - middle[1]!)).toBeGreaterThan(
        Math.hypot(from[0] - middle[0]!, from[1] - middle[1]!),
      )
  }
})
