import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'

const easedBy = (made: QuiltFile['made']) => planOf({ ...SAMPLE, made }).plan.easing

test('blocks against their place: as they are, eased, with less seam, trimmed, made again', () => {
  // 9″ stars are 9½ raw; the needle was moved, so that their places stay as planned
  const measured = [9.5, 9.4375, 9.375, 9.3125, 9.25, 9.1875, 9.625, 9.75]
  const eased = easedBy([{ what: 'block', block: 'star', size: [...measured, 9.5], decision: 'needle' }])
  expect(eased.map(({ measured: raw, count, do: meeting }) => [raw, count, meeting])).toEqual([
    [9.1875, 1, 'remake'],
    [9.25, 1, 'narrow-seam'],
    [9.3125, 1, 'narrow-seam'],
    [9.375, 1, 'ease'],
    [9.4375, 1, 'ease'],
    [9.5, 2, 'as-it-is'],
    [9.625, 1, 'ease'],
    [9.75, 1, 'trim'],
  ])
  for (const { measured: raw, place, off } of eased) {
    expect(place).toBeCloseTo(9.5, 9)
    expect(off).toBeCloseTo(raw - 9.5, 9)
    // at ¼″ seams, ¼″ missing takes ⅛″ from the allowance on either side: what must stay
    if (raw === 9.25) expect(0.25 + off / 2).toBeCloseTo(1 / 8, 9)
  }
})

test('trimmed to the smallest, all others are trimmed to it and none is eased', () => {
  const eased = easedBy([{ what: 'block', block: 'star', size: [9.375, 9.5, 9.4375] }])
  expect(eased.map(({ place, do: meeting }) => [place, meeting])).toEqual([
    [9.375, 'as-it-is'],
    [9.375, 'trim'],
    [9.375, 'trim'],
  ])
})

test('rows against what all are joined to, shared over the lengths between their joints', () => {
  const { plan } = planOf({ ...SAMPLE, setting: { ...SAMPLE.setting, sashing: null } })
  const [{ width, parts }] = plan.rows as [(typeof plan.rows)[0]]
  const { plan: measured } = planOf({
    ...SAMPLE,
    setting: { ...SAMPLE.setting, sashing: null },
    made: [
      { what: 'row-1', width: [width] },
      { what: 'row-2', width: [width + 0.25] },
    ],
  })
  expect(measured.easing.map(({ row, off, each, do: meeting }) => [row, off, each, meeting])).toEqual([
    [1, -0.125, 0.125 / parts.length, 'ease'],
    [2, 0.125, 0.125 / parts.length, 'ease'],
  ])
  expect(measured.easing[0]!.place).toBeCloseTo(width + 0.125, 9)
})
