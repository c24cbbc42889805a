import type { Fit, FitKept, FitWay } from '../core/edits/bedFit'
import { sameLength } from '../core/measure/ruler'
import { formatLength, formatSize } from './length'
import { capital } from './names'
import type { Speech } from './speech'

const WAYS: Readonly<Record<FitWay, string>> = {
  'borders': 'By the borders alone',
  'counts': 'By the number of blocks',
  'block-size': 'By the size of the blocks',
  'sashing': 'By the sashing',
  'more-blocks': 'More blocks, smaller',
  'fewer-blocks': 'Fewer blocks, larger',
}

/** What a way to a wanted size is called. */
export function fitName(way: FitWay): string {
  return WAYS[way]
}

/** What a way comes to: blocks, borders inside out, the size. */
export function fitText({ across, down, block, borders, size }: Fit, speech: Speech): string {
  const widths = borders.map(({ sides, ends }) =>
    sameLength(sides, ends)
      ? formatLength(sides, speech)
      : `${formatLength(sides, speech)} at the sides and ${formatLength(ends, speech)} at top and bottom`,
  )
  const edge = borders.length === 1 ? `border ${widths[0]}` : `borders from the inside ${widths.join(', then ')}`
  const blocks = `${across} by ${down} blocks of ${formatLength(block, speech)}`
  return `${blocks}, ${edge}: ${formatSize(size.width, size.height, speech)}.`
}

const KEPT: Readonly<Record<FitKept, string>> = {
  'counts': 'the number of blocks',
  'block-size': 'their size',
  'sashing': 'the sashing',
  'pieced-borders': 'what is pieced of the borders',
}

/** What the way leaves alone; empty: nothing. */
export function fitKeptText(kept: readonly FitKept[]): string {
  if (kept.length === 0) return ''
  const names = kept.map(part =>
    part === 'block-size' && !kept.includes('counts') ? 'the size of the blocks' : KEPT[part],
  )
  const list = names.length === 1 ? names[0]! : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`
  return `${capital(list)} ${names.length === 1 ? 'stays' : 'stay'} as ${names.length === 1 ? 'it is' : 'they are'}.`
}
