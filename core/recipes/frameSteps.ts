// In: a block with strips round it. Out: the strips as steps, pair after pair.
import type { Block } from '../file/quilt'
import { unfinishedSide } from '../measure/unfinishedSide'
import type { Inches } from '../measure/ruler'
import { unfinished, type Arrow } from '../make/steps/picture'
import type { Step } from '../make/steps/step'
import { framePairs, withFramePair, type DrawnPatch, type FramePair } from '../top/regions/framePairs'

/** Two strips of a frame, sewn on. */
export interface RecipeFrame {
  /** For ticks: the pair, by its place in the order of sewing. */
  id: string
  step: Step
}

/** The strips of a block's frames as they are sewn on, and the block with all of them, drawn from its corner. */
export function frameSteps(
  block: Block,
  inside: readonly DrawnPatch[],
  seam: Inches,
): { frames: RecipeFrame[]; drawn: DrawnPatch[] } {
  let drawn = [...inside]
  const frames = framePairs(block).map((pair, i): RecipeFrame => {
    drawn = withFramePair(drawn, pair)
    const { width, height } = pair
    const picture = unfinished(drawn, width, height, seam)
    const arrows = outwards(pair).map(({ from, to }): Arrow => ({ from: raw(from, seam), to: raw(to, seam) }))
    return {
      id: `frame.${block.id}.${i}.${pair.pair}`,
      step: {
        do: 'sew',
        code: pair.pair === 'sides' ? 'sew-frame-sides' : 'sew-frame-ends',
        data: {
          over: pair.cloth,
          seam,
          width: unfinishedSide(Math.min(pair.across, pair.down), seam),
          height: unfinishedSide(Math.max(pair.across, pair.down), seam),
        },
        picture: { ...picture, arrows },
        expect: { width: width + 2 * seam, height: height + 2 * seam },
      },
    }
  })
  return { frames, drawn }
}

/** From each seam into its strip. */
function outwards({ pair, across, down, width, height }: FramePair): Arrow[] {
  const [x, y] = [width / 2, height / 2]
  return pair === 'sides'
    ? [
        { from: [across, y], to: [across / 2, y] },
        { from: [width - across, y], to: [width - across / 2, y] },
      ]
    : [
        { from: [x, down], to: [x, down / 2] },
        { from: [x, height - down], to: [x, height - down / 2] },
      ]
}

function raw([x, y]: Arrow['from'], seam: Inches): Arrow['from'] {
  return [x + seam, y + seam]
}
