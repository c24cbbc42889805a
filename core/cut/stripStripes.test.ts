import type { QuiltFile } from '../file/schema'
import { planOf, quiltOf } from '../testing/quiltOf'
import { dimensionsOf } from '../top/dimensions'
import { stripAngle } from '../top/regions/stripAngle'

/** Nine blocks with sashing and a border of one striped cloth; `upright`: the stripes run down the cloth as it lies. */
const fileOf = (
  stripes: 'along' | 'across' | undefined,
  more: Partial<QuiltFile['setting']> = {},
  units?: 'cm',
): QuiltFile => {
  const asked = stripes ? { stripes } : {}
  return {
    format: 'wren-quilt',
    version: 1,
    ...(units ? { units } : {}),
    cloths: [
      { id: 'ticking', pattern: 'stripe', width: '42in' },
      { id: 'cream', width: '42in' },
    ],
    blocks: [{ id: 'p', design: 'plain', size: '9in', cloths: { cloth: 'cream' } }],
    setting: {
      across: 3,
      down: 3,
      sashing: { width: '2in', cloth: 'ticking', outer: true, cornerstones: { cloth: 'cream' }, ...asked },
      ...more,
    },
    borders: [{ width: '4in', cloth: 'ticking', ...asked }],
  }
}
const planned = (...of: Parameters<typeof fileOf>) => {
  const { plan } = planOf(fileOf(...of))
  const places = new Map(plan.pieces.map(piece => [piece.id, piece]))
  // where each piece lies on the cloth: its longer side down the cloth, or across it
  return plan.cloths
    .find(({ id }) => id === 'ticking')!
    .strips.flatMap(({ cuts }) => cuts)
    .map(cut => ({ part: places.get(cut.piece)!.part, lies: cut.height > cut.width ? 'down' : 'across' }))
}
const liesOf = (cuts: ReturnType<typeof planned>, part: string) => [
  ...new Set(cuts.filter(cut => cut.part.startsWith(part)).map(({ lies }) => lies)),
]

test.each(['in', 'cm'] as const)(
  'stripes along a strip run down the cloth with it, stripes across lie square to it: %s',
  units => {
    const more = units === 'cm' ? ('cm' as const) : undefined
    for (const part of ['sashes', 'border']) {
      expect(liesOf(planned('along', {}, more), part)).toEqual(['down'])
      expect(liesOf(planned('across', {}, more), part)).toEqual(['across'])
    }
  },
)

test('sashes that stand and sashes that lie are one pile: their stripes lie alike in both', () => {
  for (const stripes of ['along', 'across'] as const) {
    const count = planned(stripes).filter(({ part }) => part === 'sashes').length
    // 3 rows of 4 uprights, 4 rows of 3 level
    expect(count).toBe(24)
  }
})

test('long sashes without cornerstones follow their stripes too, whatever was said of joining', () => {
  const long = (stripes: 'along' | 'across') =>
    planned(stripes, {
      sashing: { width: '2in', cloth: 'ticking', outer: true, long: stripes === 'along' ? 'across' : 'along', stripes },
    })
  expect(liesOf(long('along'), 'long-sashes')).toEqual(['down'])
  expect(liesOf(long('across'), 'long-sashes')).toEqual(['across'])
})

test('drawn, stripes along stand upright in strips that stand and lie in those that lie; across, the other way', () => {
  const angles = (stripes: 'along' | 'across' | undefined) => {
    const quilt = quiltOf(fileOf(stripes))
    const strips = dimensionsOf(quilt).top.regions.filter(({ part }) => part.kind === 'sash' || part.kind === 'border')
    expect(strips).toHaveLength(24 + 4)
    const of = (isLevel: boolean) => [
      ...new Set(
        strips.filter(({ width, height }) => width > height === isLevel).map(strip => stripAngle(quilt, strip)),
      ),
    ]
    return { upright: of(false), level: of(true) }
  }
  expect(angles('along')).toEqual({ upright: [0], level: [90] })
  expect(angles('across')).toEqual({ upright: [90], level: [0] })
  expect(angles(undefined)).toEqual({ upright: [0], level: [0] })
})
