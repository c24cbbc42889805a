import type { ModuleOffer } from '../core/edits/sampler'
import type { Frame } from '../core/file/quilt'
import { sameLength, type Inches } from '../core/measure/ruler'
import { formatLength } from './length'
import { plural, type Speech } from './speech'

/** A module, and what it asks of the blocks: `12″: 8 blocks framed; Star is better made 12″`. */
export function moduleText(
  { module, framed, narrow }: ModuleOffer,
  nameOf: (block: string) => string,
  speech: Speech,
): string {
  const size = formatLength(module, speech)
  const frames = framed === 0 ? 'no frames' : `${plural(framed, 'block')} framed`
  if (narrow.length === 0) return `${size}: ${frames}`
  return `${size}: ${frames}; ${narrow.map(nameOf).join(' and ')} better made ${size}`
}

/** What stands round a block: `a frame of 1½″ all round, cut 2″ wide`. */
export function framingText(frames: readonly Pick<Frame, 'sides' | 'ends'>[], seam: Inches, speech: Speech): string {
  if (frames.length === 0) return 'It fills its place.'
  const cut = (finished: Inches) =>
    `${formatLength(finished, speech)}, cut ${formatLength(finished + 2 * seam, speech)} wide`
  const pair = (name: string, finished: Inches) => (sameLength(finished, 0) ? [] : [`${name} ${cut(finished)}`])
  return frames
    .map(({ sides, ends }) =>
      sameLength(sides, ends)
        ? `A frame of ${cut(sides)}, all round.`
        : `A frame: ${[...pair('sides', sides), ...pair('ends', ends)].join('; ')}.`,
    )
    .join(' ')
}
