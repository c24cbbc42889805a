import { CORNER_KINDS, cornerRules } from '../file/corners'
import { readQuilt } from '../file/readQuilt'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { setBorder, setCorners } from './edge'

const FILE = { ...SAMPLE, borders: [{ width: 3, cloth: 'soot' }] }
const CHECKS = { design: 'four-patch', cloths: { dark: 'soot', light: 'cream' } }

/** Strips that end where the top inside does: only along these a design is repeated a whole number of times. */
const ENDING_AT_THE_TOP: ReadonlySet<string> = new Set(['squares', 'pieced'])

describe.each(CORNER_KINDS)('%s', kind => {
  const file = setCorners(0, kind)(FILE)

  test('is what the file is read as, and its top covers the same box as any other', () => {
    const { quilt, plan, work } = planOf(file)
    expect(quilt.borders[0]!.corners).toBe(kind)
    const area = work.dimensions.top.drawnStrips
      .flat()
      .reduce((sum, { width, height, outline }) => sum + (outline ? areaOf(outline) : width * height), 0)
    const { width, height } = plan.quilt
    expect(area).toBeCloseTo(width * height - (width - 6) * (height - 6), 6)
  })

  test('can be pieced just where its rules say so; asked for it, a border gets corners that can', () => {
    const pieced = { ...file, borders: file.borders!.map(border => ({ ...border, pieced: CHECKS })) }
    expect(readQuilt(pieced).ok).toBe(ENDING_AT_THE_TOP.has(kind))
    expect(cornerRules(kind).canBePieced).toBe(ENDING_AT_THE_TOP.has(kind))
    const mended = readQuilt(setBorder(0, { pieced: CHECKS })(file))
    expect(mended.ok && mended.value.borders[0]!.pieced !== undefined).toBe(true)
  })
})

/** By the sum over its corners. */
function areaOf(outline: readonly (readonly [number, number])[]): number {
  const twice = outline.reduce((sum, [x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!
    return sum + x * v - u * y
  }, 0)
  return Math.abs(twice) / 2
}
