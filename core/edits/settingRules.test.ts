import { readQuilt } from '../file/readQuilt'
import { SETTING_KINDS } from '../file/settings'
import type { QuiltFile } from '../file/schema'
import { SAMPLE } from '../testing/quiltOf'
import { setEnds, setKind, setSashing } from './setting'

type Sashing = NonNullable<QuiltFile['setting']['sashing']>

const { borders: _, blocks, ...rest } = SAMPLE
const [first] = SAMPLE.cloths
const base: QuiltFile = {
  ...rest,
  blocks: [{ ...blocks[0]!, size: 9 }],
  setting: { across: 3, down: 4, fill: [[blocks[0]!.id]] },
}
const plain = { design: 'plain', cloths: { cloth: first!.id } }
const sashings: Sashing[] = (['both', 'rows', 'columns'] as const).flatMap(between =>
  [undefined, { cloth: first!.id }, plain].flatMap(cornerstones =>
    [undefined, plain].flatMap(pieced =>
      [true, false].map(outer => ({
        width: 2,
        cloth: first!.id,
        between,
        outer,
        ...(cornerstones ? { cornerstones } : {}),
        ...(pieced ? { pieced } : {}),
      })),
    ),
  ),
)
const sashed = (file: QuiltFile, sashing: Sashing): QuiltFile => ({ ...file, setting: { ...file.setting, sashing } })

describe.each(SETTING_KINDS)('set %s', kind => {
  const set = setKind(kind)(base)
  const files = sashings.flatMap(sashing => {
    const half = sashed(setEnds('half-blocks')(set), sashing)
    const floating = { ...sashed(set, sashing), setting: { ...sashed(set, sashing).setting, float: 1 } }
    return [sashed(set, sashing), half, floating]
  })

  test('whatever sashing is asked for can be had once it is mended', () => {
    for (const file of files) {
      const { width: _width, ...asked } = file.setting.sashing!
      const mended = readQuilt(setSashing(asked)(file))
      expect(mended.ok ? [] : [mended.problems, file.setting]).toEqual([])
    }
  })

  test('what can be had as it is asked for is not mended', () => {
    for (const file of files) {
      const read = readQuilt(file)
      const mended = readQuilt(setSashing({ cloth: first!.id })(file))
      if (read.ok && mended.ok) expect(mended.value.setting).toEqual(read.value.setting)
    }
    expect(files.some(file => readQuilt(file).ok)).toBe(true)
  })
})

test('on a corner stand only square blocks of one size', () => {
  const onPoint = setKind('on-point')(base)
  const with9By = (height: number): QuiltFile => ({
    ...onPoint,
    blocks: [{ ...blocks[0]!, size: undefined, width: 9, height }],
  })
  expect(readQuilt(with9By(9)).ok).toBe(true)
  const read = readQuilt(with9By(8))
  expect(read.ok ? [] : read.problems[0]).toMatchObject({ code: 'not-together', what: 'on-corner-not-square' })
})
