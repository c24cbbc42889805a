import type { SewingStage } from '../core/make/steps/stage'
import { formatExactLength } from './length'
import { sentenceParts } from './sentence'
import type { Speech } from './speech'
import { joinedPart } from './joinedPart'
import type { TextPart } from './textPart'

/** What the sentences of stages are made from. */
interface StageWords {
  data: NonNullable<SewingStage['data']>
  seam: () => string
  /** Which part is laid on which. */
  laid: string
  /** The upper part. */
  over: string
  from: string
  until: () => string
}

const STAGES: Readonly<Record<SewingStage['code'], (words: StageWords) => string>> = {
  'mark-dots': ({ data, seam }) =>
    `On the wrong side of every patch that meets there mark the `
    + (data.count === 1 ? 'dot' : `${data.count} dots`)
    + ` of this seam, ${seam()} from both raw edges.`,
  'sew-leg': ({ seam, laid, from, until }) =>
    `${laid}, the edges of this leg level. Push a pin through both dots. Sew with ${seam()} from ${from} `
    + `${until()}.`,
  'turn-leg': ({ seam, until }) =>
    `Needle down in the dot, foot up. Turn the work until the next edges lie level, the seam of the upper part `
    + `open and out of the way. Foot down: sew with ${seam()} ${until()}.`,
  'press-round-dot': ({ data, over }) =>
    data.press === 'open'
      ? `Press the legs open, the tips of the allowance flat round each dot.`
      : `Press every leg towards ${over}; round each dot the allowances lie like a fan.`,
  'sew-to-stop': ({ seam, laid, from, until }) =>
    `${laid}. Sew with ${seam()} from ${from} ${until()}. Leave the allowance beyond each dot free: something is `
    + `set in there.`,
  'leave-open': ({ seam, laid }) =>
    `${laid}. Sew with ${seam()} from the closed end to the dot, about halfway, and cut the thread. Pin the `
    + `loose half out of the way.`,
  'sew-whole-seam': ({ seam, laid }) => `${laid}. Sew with ${seam()} from edge to edge.`,
  'close-seam': ({ seam }) =>
    `Now finish the seam that was left open: lay its loose edges right sides together, begin a few stitches `
    + `before the old end and sew with ${seam()} to the edge. Press it as its first half.`,
  'match-centre': ({ laid }) =>
    `${laid}. Push a pin straight through the point where the seams meet on both, and pin the seam on either `
    + `side of it.`,
  'sew-through-centre': ({ seam, from, until }) =>
    `Sew with ${seam()} from ${from} ${until()}. Take the upright pin out just before the needle gets there, and `
    + `sew straight over the point.`,
  'spin-centre': () =>
    `From behind, pick out the stitches of the other seams that lie within the allowance, and press all `
    + `allowances round the point to one hand, as shown: it lies flat.`,
  'lay-on-paper': () =>
    `Unprinted side up: lay the patch wrong side up on what is there, so that it will reach past its lines all `
    + `round when it is flipped over the line.`,
  'sew-on-paper': () => `Turn to the printed side. Sew on the line, short stitches, two stitches beyond either end.`,
  'trim-on-paper': ({ seam }) => `Fold the paper back on the line and trim what stands out beyond it to ${seam()}.`,
  'flip-on-paper': () => `Unfold, flip the patch over its seam and press it flat, dry.`,
  'fold-corner': () => `Fold the corner over its seam and press.`,
  'check-corner': () =>
    `Its raw edges must lie level with those behind it, all along both sides, or reach past them. If they fall `
    + `short, undo the seam and sew a thread nearer the corner.`,
  'trim-behind-corner': ({ seam }) =>
    `Only now fold it back and cut the two layers of the corner, ${seam()} outside the seam.`,
}

/** One stage of a step as a sentence or two. */
export function stageParts(
  { code, data = {}, joins }: Pick<SewingStage, 'code' | 'data' | 'joins'>,
  speech: Speech,
  cloths: ReadonlyMap<string, string>,
): TextPart[] {
  return sentenceParts(data, speech, put => {
    const seam = () => put('seam', formatExactLength)
    const [over, under] = joins
      ? (joins.map(part => joinedPart(part, cloths)) as [string, string])
      : ['the upper part', 'the lower one']
    const laid =
      over === under ? 'Lay the two parts right sides together' : `Lay ${over} on top of ${under}, right sides together`
    const from = data.from === 'dot' ? 'the dot' : 'the raw edge'
    return STAGES[code]({ data, seam, laid, over, from, until: () => untilText(data.to) })
  })
}

function untilText(to: StageWords['data']['to']): string {
  if (to === 'turn') return 'to the next dot, never into the allowance beyond it, and stop with the needle down'
  return to === 'dot' ? 'to the dot, and secure with three stitches back' : 'to the raw edge'
}
