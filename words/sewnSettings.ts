import type { SewnSetting, SewnSettingKind, SewnTrim } from '../core/edits/sewnSettings'
import { formatLength, formatSize } from './length'
import { plural, type Speech } from './speech'
import { sizeParts, type TextPart } from './textPart'

const NAMES: Readonly<Record<SewnSettingKind, string>> = {
  'framed': 'Framed to one size',
  'sashed': 'Framed and sashed: strips of two widths',
  'rows': 'In rows of like heights',
  'on-point': 'Framed, on point',
}

/** What a way to bring sewn blocks together is called. */
export function sewnSettingName(kind: SewnSettingKind): string {
  return NAMES[kind]
}

/** What a way asks for beside the blocks: frames, plain squares; what is trimmed of which. */
export function sewnSettingParts({ module, framed, plain, trims }: SewnSetting, speech: Speech): string[] {
  return [
    ...(module === null
      ? []
      : [`${framed === 0 ? 'No block' : plural(framed, 'block')} framed to ${formatLength(module, speech)}.`]),
    ...(plain === 0 ? [] : [`${plural(plain, 'plain square')} cut anew for the places that are left.`]),
    ...(trims.length === 0 ? ['Nothing is trimmed.'] : trims.map(trim => trimText(trim, speech))),
  ]
}

function trimText({ name, count, from, to }: SewnTrim, speech: Speech): string {
  const [measured, trimmed] = [from, to].map(({ width, height }) => formatSize(width, height, speech))
  return `${name}, ${plural(count, 'block')}: trim ${measured} to ${trimmed}.`
}

/** How a sewn block is trimmed. Source: handbook §4, blocks that exist already. */
export const TRIM_FROM_THE_MIDDLE =
  'Trim from the middle of the block outwards, the same on both sides, so that its points stay alike.'

/** `Aunt's stars: trim 8 blocks to 9 1/2 × 9 1/2″.`, in parts. `path`: of the piece in the plan. */
export function trimParts(
  name: string,
  { count, width, height }: { count: number; width: number; height: number },
  speech: Speech,
  path: string,
): TextPart[] {
  return [`${name}: trim ${plural(count, 'block')} to `, ...sizeParts(width, height, speech, path), '.']
}

/** What is done of sewn blocks on Piece: nothing, or their frames. */
export function sewnText(hasFrame: boolean): string {
  return hasFrame
    ? 'Sewn already: trim it on Cut, then sew its frame on.'
    : 'Sewn already: trim it on Cut, and it is ready to be joined.'
}

/** Why a photograph gives no picture. */
export const NO_PICTURE = {
  'too-large': 'It is larger than 30 MB. Make it smaller, or choose a color instead.',
  'unreadable': 'This browser cannot read it as a picture. Try a JPEG or PNG, or choose a color instead.',
  'blank': 'It shows one even color and nothing of a block. Choose another, or the color by itself.',
} as const
