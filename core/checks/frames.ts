import { ownBlocks, type Block } from '../file/quilt'
import { roundUpToRuler, TOLERANCE, type Inches } from '../measure/ruler'
import type { Check, Checker } from './check'
import { inBlock } from './place'

/** A finished frame narrower than this is hardly seen, and hard to sew evenly. Source: the agreement on frames. */
export const MIN_FRAME: Inches = 1 / 2

/** A frame that is too narrow, and the next size to which all blocks can be framed. */
export const frameTooNarrow: Checker = ({ quilt }) =>
  ownBlocks(quilt).flatMap((block, i): Check[] =>
    block.frame.flatMap((frame, k): Check[] => {
      const width = Math.min(...[frame.sides, frame.ends].filter(strip => strip > TOLERANCE))
      if (width >= MIN_FRAME - TOLERANCE) return []
      return [
        {
          id: 'frame-too-narrow',
          severity: 'warn',
          ...inBlock(i, `frame.${k}`),
          data: { width, module: nextModule(ownBlocks(quilt), quilt.ruler) },
        },
      ]
    }),
  )

/** The smallest size from today's on in which every block has a frame of at least ½″, or none at all. */
export function nextModule(blocks: readonly Block[], ruler: Inches): Inches {
  const sides = blocks.flatMap(({ width, height }) => [width, height])
  const now = Math.max(...blocks.map(({ outer }) => Math.max(outer.width, outer.height)))
  const fits = (module: Inches) =>
    sides.every(side => Math.abs(module - side) < TOLERANCE || module - side >= 2 * MIN_FRAME - TOLERANCE)
  const candidates = [now, ...sides.map(side => roundUpToRuler(side + 2 * MIN_FRAME, ruler))]
  return Math.min(...candidates.filter(module => module >= now - TOLERANCE && fits(module)))
}
