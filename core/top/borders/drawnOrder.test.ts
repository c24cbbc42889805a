import { CORNER_KINDS, cornerEntry } from '../../file/corners'
import { quiltOf, SAMPLE } from '../../testing/quiltOf'
import { dimensionsOf } from '../dimensions'

test.each(CORNER_KINDS.flatMap(corners => (['sides', 'ends'] as const).map(first => [corners, first] as const)))(
  'strips of a %s border, %s first, are drawn in the order in which they are sewn',
  (corners, first) => {
    const block = SAMPLE.blocks[0]!.id
    const { top } = dimensionsOf(
      quiltOf({
        ...SAMPLE,
        setting: { across: 2, down: 3, fill: [[block]] },
        borders: [
          {
            sides: 3,
            ends: 4,
            cloth: 'soot',
            corners: cornerEntry(corners, { border: 'soot', other: 'brass' }),
            first,
          },
        ],
      }),
    )
    const [whole] = top.stages.slice(-1)
    const drawnAt = top.drawnStrips.map(regions => {
      const x = Math.min(...regions.map(region => region.x))
      const y = Math.min(...regions.map(region => region.y))
      const right = Math.max(...regions.map(region => region.x + region.width))
      const bottom = Math.max(...regions.map(region => region.y + region.height))
      if (bottom - y > right - x) return x < 1 ? 'left' : Math.abs(right - whole!.width.total) < 1e-9 ? 'right' : '?'
      return y < 1 ? 'top' : Math.abs(bottom - whole!.height.total) < 1e-9 ? 'bottom' : '?'
    })
    expect(drawnAt).toEqual(top.strips.map(({ side }) => side))
  },
)
