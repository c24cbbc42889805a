// The binding in words: its styles, where it begins, and how it is made and sewn on.
import { isSewnOn } from '../core/file/bindings'
import type { PlannedBinding, PlannedStrips } from '../core/plan/plannedBinding'
import type { ScrappyBinding } from '../core/plan/scrappyBinding'
import type { QuiltBinding } from '../core/file/quilt'
import { formatLength, formatRough } from './length'
import { plural, type Speech } from './speech'
import { given, inSpeech, lengthPart, say, textOf, type LengthPart, type TextPart } from './textPart'

export const BINDING_NAMES: Readonly<Record<PlannedBinding['style'], string>> = {
  double: 'double, folded in half',
  single: 'single, its edge turned under',
  flanged: 'with a flange of a second color',
  self: 'the back brought round',
  tape: 'ready-made tape',
}

const TAILS = 'before the first stitch and after the last.'
const CORNER = 'Fold the strip up, then down level with the edge, and go on from the edge.'
const SIDES_FIRST = 'Both sides first, then both ends, their corners tucked in.'
const FOLDED = 'press to the binding. Fold in half, raw edges level:'

const SIDES = ['upper', 'right', 'lower', 'left'] as const
const FROM = ['left', 'upper', 'right', 'lower'] as const

function rough(inches: number, speech: Speech): LengthPart {
  return { text: formatRough(inches, speech), inches }
}

/** Where along the raw edge: `on the lower side, 23″ from its right end`. */
export function placeOnEdge(at: number, edge: { width: number; height: number }, speech: Speech): string {
  return textOf(placeParts(at, edge, speech))
}

function placeParts(at: number, { width, height }: { width: number; height: number }, speech: Speech): TextPart[] {
  const lengths = [width, height, width, height]
  const round = 2 * (width + height)
  let rest = ((at % round) + round) % round
  let side = 0
  while (side < 3 && rest >= lengths[side]!) rest -= lengths[side++]!
  return say`on the ${SIDES[side]!} side, ${rough(rest, speech)} from its ${FROM[side]!} end`
}

/** What of a binding comes from cloth that is bought anyway. `name`: of a cloth. */
export function scrappyText({ cloths, missing }: ScrappyBinding, name: (cloth: string) => string): string {
  const all = plural(cloths.length, 'strip')
  if (missing === cloths.length) return 'Of no cloth a whole strip is left over.'
  if (missing === 0) return `All of the ${all} come from cloth that is bought anyway.`
  return (
    `${cloths.length - missing} of the ${all} come from cloth that is bought anyway; `
    + `${missing === 1 ? 'the last is' : `the last ${missing} are`} cut from more of ${name(cloths.at(-1)!)}.`
  )
}

/** Pulled tails are closed last: how much to cut off for them to overlap as they must. */
export function closingText(overlap: number, wanted: number, join: 'diagonal' | 'straight', speech: Speech): string {
  const length = (inches: number) => formatLength(inches, speech)
  if (overlap < wanted - 1e-6)
    return (
      `They cannot meet: ${length(wanted)} is needed. Undo a hand's width of the seam on either side, or join in a `
      + `piece.`
    )
  const off = overlap - wanted
  const cut = off < 1e-6 ? 'Cut nothing off.' : `Cut ${length(off)} off the upper tail, square to its length.`
  return join === 'diagonal'
    ? `${cut} Open both, lay their ends at right angles, right sides together, and sew from corner to corner.`
    : `${cut} Open both, lay their ends right sides together and sew straight across.`
}

/** What is done, and what of it can be shown. */
export interface BindingStep {
  about: 'prepare' | 'join' | 'place' | 'sew' | 'corner' | 'over'
  parts: TextPart[]
}

/** What is done, in order; lengths of the plan by their paths. */
export function bindingSteps(
  plan: PlannedBinding,
  binding: QuiltBinding,
  raw: { width: number; height: number },
  seam: number,
  speech: Speech,
): BindingStep[] {
  const steps = isSewnOn(plan) ? sewnSteps(plan, binding, raw, seam, speech) : selfSteps(plan, binding, speech)
  return steps.map(({ about, parts }) => ({
    about,
    parts: inSpeech(parts, speech),
  }))
}

function selfSteps(
  { extra, visible }: Exclude<PlannedBinding, PlannedStrips>,
  { finish }: QuiltBinding,
  speech: Speech,
): BindingStep[] {
  const shows = lengthPart(visible, speech, 'binding.visible')
  return [
    {
      about: 'prepare',
      parts: say`Trim the batting level with the top, and the back ${given(extra, speech)} beyond it on every side.`,
    },
    {
      about: 'over',
      parts: say`Fold the back's edge to the edge of the top, then fold again over it: ${shows} shows. ${SIDES_FIRST}`,
    },
    {
      about: 'over',
      parts: [
        finish === 'hand' ? 'Sew its fold down by hand.' : 'Sew close to its fold by machine, thread to match on top.',
      ],
    },
  ]
}

function sewnSteps(
  plan: PlannedStrips,
  binding: QuiltBinding,
  raw: { width: number; height: number },
  seam: number,
  speech: Speech,
): BindingStep[] {
  const own = given(binding.seam, speech)
  const overlap = lengthPart(plan.overlap, speech, 'binding.overlap')
  const all = (about: BindingStep['about'], steps: readonly TextPart[][]) =>
    steps.map((parts): BindingStep => ({ about, parts }))
  return [
    ...all(plan.square === undefined ? 'join' : 'prepare', cutSteps(plan, binding, speech)),
    ...all('prepare', headSteps(plan, speech)),
    ...all('prepare', foldSteps(plan, seam, speech)),
    {
      about: 'place',
      parts: say`Begin ${placeParts(plan.start, raw, speech)}; leave a tail of ${rough(8, speech)} ${TAILS}`,
    },
    { about: 'sew', parts: sewParts(plan, binding, own) },
    { about: 'corner', parts: say`Stop ${own} short of each corner and sew off to it. ${CORNER}` },
    {
      about: 'place',
      parts: say`Close the ends where you began: they overlap by ${overlap}.`,
    },
    { about: 'over', parts: [finishText(plan, binding)] },
  ]
}

function headSteps({ trim, flange }: PlannedStrips, speech: Speech): TextPart[][] {
  const heads = [
    ...(trim > 0 ? [say`${rough(trim, speech)} off the head of the binding`] : []),
    ...(flange?.trim ? [say`${rough(flange.trim, speech)} off that of the flange`] : []),
  ]
  if (heads.length === 0) return []
  return [say`Cut ${heads.flatMap((head, i) => (i > 0 ? [' and ', ...head] : head))}: so no join falls on a corner.`]
}

function cutSteps(plan: PlannedStrips, { join }: QuiltBinding, speech: Speech): TextPart[][] {
  const { style, strips, square, squares, shortened } = plan
  const joined =
    join === 'diagonal'
      ? 'at right angles, right sides together, sewn from corner to corner'
      : 'end to end, right sides together, sewn straight across'
  if (style === 'tape') return []
  if (square !== undefined)
    return [
      [
        `Cut ${squares === 1 ? 'the square' : `each of the ${squares} squares`} on one diagonal. Sew its halves along `
          + `two straight sides to a leaning strip, press open, draw lines along its bias edges as far apart as the `
          + `strip is wide, sew the other sides to a tube with the lines off by one, and cut round and round.`
          + (squares! > 1 ? ` Join what comes off, ${joined}.` : ''),
      ],
    ]
  const shorter = shortened.flatMap(({ strip, by }) => say`First cut ${rough(by, speech)} off strip ${String(strip)}. `)
  return strips > 1 ? [say`${shorter}Join the ${plural(strips, 'strip')}: ${joined}; press the seams open.`] : []
}

function foldSteps({ style, flange }: PlannedStrips, seam: number, speech: Speech): TextPart[][] {
  switch (style) {
    case 'double':
      return [['Fold it in half along its length, wrong sides together, and press.']]
    case 'single':
      return []
    case 'flanged':
      return [
        say`Sew binding and flange together along their length with ${given(seam, speech)}, ${FOLDED} ${lengthPart(
          flange!.visible,
          speech,
          'binding.flange.visible',
        )} of the flange stands above the seam.`,
      ]
    case 'tape':
      return [['Open the tape; its narrower side is sewn on first.']]
  }
}

function sewParts({ style }: PlannedStrips, { attach }: QuiltBinding, seam: LengthPart): TextPart[] {
  if (style === 'flanged') return say`Sew it to the back with ${seam}, the side that is all flange up, raw edges level.`
  const line = style === 'tape' ? ' (in its first fold)' : ''
  return say`Sew it to the ${attach} with ${seam}${line}, right sides together, raw edges level.`
}

function finishText({ style }: PlannedStrips, { finish, attach }: QuiltBinding): string {
  const over = attach === 'front' ? 'back' : 'front'
  if (style === 'flanged')
    return (
      'Fold it over to the front and clip. Sew in the ditch between binding and flange: thread of the flange on top, '
      + 'of the back in the bobbin.'
    )
  const turned = style === 'single' ? ' its raw edge turned under,' : ''
  const folds = 'Fold the layers of each corner one way in front, the other way behind.'
  return finish === 'hand'
    ? `Fold it over to the ${over},${turned} past the stitches, and sew it down by hand. ${folds} Do it in sittings.`
    : `Fold it over to the ${over},${turned} past the stitches, clip, and sew close to its fold by machine: thread for `
        + `the ${over} on top, for the ${attach} in the bobbin. ${folds}`
}
