import { bindingRules } from '../core/file/bindings'
import type { Check } from '../core/checks/check'
import type { Decision } from '../core/made/decidedSize'
import { formatBought, formatCount, formatLength, formatRough, formatSize, formatSmall } from './length'
import { capital, stageName, useName } from './names'
import { moveOfNeedle, NO_SEAM_TO_BLAME, seamDoubtText } from './measured'
import { craft, inEnglish, plural, type Speech } from './speech'

/** What the sizes after measured blocks go by. */
const FOLLOWS: Readonly<Record<Decision, string>> = {
  trim: 'All sizes from here on follow the smallest block.',
  ease: 'All sizes from here on follow their mean.',
  remake: 'All sizes from here on follow the smallest of those that are kept.',
  needle: 'All sizes stay as planned.',
}
const MEASURED = { blocks: 'the measured blocks', rows: 'the measured rows', setting: 'the whole center' } as const

/** By how much each seam across is too wide, by the mean of the blocks; or that none can be blamed. */
function seamsToBlame({ seams, error }: { seams: number; error: number }, speech: Speech): string {
  if (seams === 0) return NO_SEAM_TO_BLAME
  return error > 0
    ? `With ${plural(seams, 'seam')} across it, each takes ${formatSmall(error, speech)} too much on each side.`
    : 'Their mean is as planned: it is not the seam.'
}

/** What to look at and why, in a sentence or two. */
export function checkText(
  { id, data }: Check,
  speech: Speech,
  blockNames: ReadonlyMap<string, string> = new Map(),
): string {
  const use = (pieces: Parameters<typeof useName>[0]) => inEnglish(useName(pieces, blockNames), speech)
  const stage = (name: string) => inEnglish(capital(stageName(name)), speech)
  const length = (inches: number) => formatLength(inches, speech)
  const spacerText = ({ sides, ends }: { sides: number; ends: number }) =>
    sides === ends ? `${length(sides)} all round` : `${length(sides)} at the sides and ${length(ends)} at the ends`
  const degrees = (angle: number) => `${formatCount(Math.round(angle * 2) / 2)}°`
  switch (id) {
    case 'off-ruler': {
      const sizes = data.sizes.map(length)
      return (
        `${data.block} does not fall on the ruler: sewn from pieces as they can be cut it comes out `
        + `${formatLength(Math.abs(data.off), speech)} ${data.off > 0 ? 'too large' : 'too small'}. `
        + (sizes.length > 0 ? `It would be exact at ${sizes.join(' or ')}.` : '')
      )
    }
    case 'long-strip':
      return (
        `${use(data)}: the longest is ${length(data.longest)} and the cloth gives `
        + `${length(data.usable)}. As planned, ${plural(data.strips, 'strip')} across the cloth are joined `
        + `(${length(data.clothAcross)} of cloth); cut along the cloth there would be no joins, from a length of `
        + `${length(data.clothAlong)}.`
      )
    case 'piece-too-large':
      return (
        `${use(data)} needs ${formatSize(data.width, data.height, speech)}, and `
        + `${data.cloth} gives ${
          data.length === undefined ? `${length(data.usable)} of width` : formatSize(data.usable, data.length, speech)
        }. Choose a wider cloth, a smaller block, or a `
        + `design with more patches.`
      )
    case 'not-enough-cloth':
      return data.panelLength === undefined
        ? `${data.cloth}: ${plural(data.need, 'piece')} needed, ${data.have} at hand.`
        : `${data.cloth} comes in pieces; the backing wants ${plural(data.need, 'panel')} `
            + `${length(data.panelLength)} long. Choose a cloth sold by length.`
    case 'turned-print':
      return `${data.cloth} has an up. On the binding it cannot stay upright all round.`
    case 'cut-already':
      return (
        `${plural(data.extra, 'piece')} cut already and no longer needed `
        + `(${data.piece.replaceAll('.', ', ')}). Keep them for the back, or take the change back.`
      )
    case 'seam-test-unlikely':
      return seamDoubtText(data, speech)
    case 'seam-off':
      return (
        `Your seam is ${formatSmall(data.move, speech)} too ${data.move > 0 ? 'wide' : 'narrow'}: move the needle or `
        + `the guide ${formatSmall(data.move, speech)} ${moveOfNeedle(data.move)}, and sew the test again.`
      )
    case 'measures-disagree': {
      const [before, after] = [data.first, data.then].map(stage => inEnglish(MEASURED[stage], speech)) as [
        string,
        string,
      ]
      return (
        `${capital(before)} come to ${length(data.firstSays)} in ${data.side}, ${after} to ${length(data.thenSays)}. `
        + `One of the two was read wrong, or seams between are off: measure again before you cut the borders.`
      )
    }
    case 'border-spread':
      return (
        `${stage(data.what)}: the ${data.side === 'width' ? 'widths' : 'heights'} differ by `
        + `${length(data.spread)}. More than ${length(data.most)} means something is off; find it before you `
        + `${data.what === 'rows' ? 'join them' : data.what === 'trimmed' ? 'bind it' : 'cut the border'}.`
      )
    case 'trimmed-unlikely':
      return (
        `The trimmed quilt is ${length(data.measured)} in ${data.side}, its top ${length(data.top)}: quilting draws in `
        + `${formatRough(1, speech)} or ${formatRough(2, speech)}, and nothing makes it larger. `
        + 'Read the tape again, in the right unit, before you bind it.'
      )
    case 'border-repeat': {
      const inside = formatSize(data.width, data.height, speech)
      return (
        `The repeat of border ${data.border}, ${length(data.repeat)}, does not divide the top inside it (${inside}). A `
        + `plain border between them takes up the difference: ${data.spacer.map(spacerText).join(', or ')}.`
      )
    }
    case 'very-large':
      return (
        `The quilt is ${formatSize(data.width, data.height, speech)} and has ${formatCount(data.patches)} patches: `
        + `larger than any bed, or more than anybody sews. Fewer blocks, or smaller ones?`
      )
    case 'shift-too-long':
      return (
        `Rows are shifted by ${length(data.shift)}, more than a block is long (${length(data.block)}). What they `
        + `leave open is filled with cloth.`
      )
    case 'one-on-point':
      return `A single block on point is a block with four corner triangles. Two across or down make a setting of it.`
    case 'frame-too-narrow':
      return (
        `A frame is ${length(data.width)} wide finished: narrower than 1/2″ it is hard to sew evenly. With all blocks `
        + `framed to ${length(data.module)} every frame is wide enough.`
      )
    case 'gap-too-wide':
      if (!data.hasLines)
        return inEnglish(
          `What is chosen for the quilting draws no line: a place ${length(data.size)} wide stays unquilted, and the `
            + `batting allows ${length(data.most)}.`,
          speech,
        )
      return inEnglish(
        `A place ${length(data.size)} wide stays unquilted, ${length(data.x)} from the left and ${length(data.y)} from `
          + `the top; the batting allows ${length(data.most)}. Lines there must lie ${length(data.size - data.most)} `
          + `closer, or one more run through it.`,
        speech,
      )
    case 'quilting-too-dense':
      return (
        `The lines would turn at more than ${formatCount(data.most)} points, more than anybody sews: none is planned. `
        + `Lay them farther apart, in fewer places, or draw the motif simpler.`
      )
    case 'motif-not-drawn':
      return MOTIF_FAULTS[data.fault]
    case 'batting-shows':
      return inEnglish(
        data.colour === 'black'
          ? `Black batting shows through light cloth: ${data.cloths.join(', ')}.`
          : `Light fibers of the batting can come through dark cloth: ${data.cloths.join(', ')}. A black one hides `
              + `them.`,
        speech,
      )
    case 'batting-joined':
      return inEnglish(
        `The batting must be at least ${length(data.width)} × ${length(data.height)}: `
          + `${data.packets} ${data.isByLength ? 'lengths' : 'packets'} are `
          + `joined. Lay them edge to edge, never one on the other, and sew them with a wide loose zigzag or by hand.`,
        speech,
      )
    case 'back-not-wide':
      return (
        `The cloth for the back has ${length(data.usable)} of use and ${length(data.wanted)} is wanted for one piece: `
        + `it is planned in panels.`
      )
    case 'edges-covered':
      return (
        `The sashes of ${length(data.sash)} and the binding lie over ${length(data.covered)} of every edge of the `
        + `blocks: what is drawn there is hidden.`
      )
    case 'leftovers-short':
      return (
        `What is left over does not cover the back: ${Math.ceil(100 * data.missing)} % of it is cut from new cloth, `
        + `${formatBought(data.buy, speech)} to buy.`
      )
    case 'baby-safety':
      return data.hasTies
        ? 'For a baby or a toddler: no ties, buttons, beads or bows, nothing that can come off or be swallowed. '
            + `Quilt it with lines. ${SAFE_SLEEP}`
        : 'For a baby or a toddler: nothing on it that can come off, every thread end sewn in, washed before it is '
            + `given. ${SAFE_SLEEP}`
    case 'binding-narrow':
      if (data.isBack)
        return (
          `The back reaches ${length(data.strip)} beyond the top: folded twice it must be at least `
          + `${length(data.least)}, or nothing can be caught.`
        )
      return (
        `A binding strip of ${length(data.strip)} cannot be folded over the edge and caught: sewn on with `
        + `${length(data.seam)} it must be at least ${length(data.least)} wide.`
      )
    case 'flange-hidden':
      return (
        `The flange is cut ${length(data.flange)} wide, the binding strip ${length(data.strip)}: only what it is wider `
        + `shows, by half. Cut it ${length(1 / 4)} wider than the strip, and ${length(1 / 8)} shows.`
      )
    case 'join-at-corner':
      return (
        `Wherever the binding is begun, ${data.joins === 1 ? 'one join falls' : `${data.joins} joins fall`} within `
        + `${formatRough(4, speech)} of a corner`
        + (data.hasFlange ? ` or ${formatRough(2, speech)} of a join of the other strip` : '')
        + `. Cut one strip shorter, or join in one more.`
      )
    case 'border-covered':
      if (bindingRules(data.style).of === 'back')
        return (
          `Brought round to the front, the back shows ${length(data.shown)} and hides ${length(data.covered)} of the `
          + `top along every edge, points and all.`
        )
      if (bindingRules(data.style).hasFlange || data.shown > data.seam + 1e-6)
        return (
          `Folded to the front, the binding shows ${length(data.shown)} in all and hides ${length(data.covered)} of `
          + `the top along every edge, points and all.`
        )
      return data.wider > 0
        ? `The binding is sewn with a seam of ${length(data.seam)}: the outermost border is cut ${length(data.wider)} `
            + `wider on its outer edge, so that as much of it shows as was planned.`
        : `The binding is sewn with a seam of ${length(data.seam)} and hides ${length(data.covered)} of the top along `
            + `every edge, points and all. A plain border outside them would be cut wider for it.`
    case 'seams-do-not-nest':
      return (
        `At ${formatCount(data.clashes)} of ${formatCount(data.crossings)} crossings both allowances lie the same way. `
        + `Press one of them open there, or match these crossings with a pin.`
      )
    case 'bulky-crossing':
      return (
        `${data.block}: ${data.seams} seams meet in ${data.places === 1 ? 'one point' : `${data.places} points`}. Trim `
        + `the tips, turn the allowances all one way round and press the middle flat, or press the last seam open.`
      )
    case 'points-at-risk':
      return data.left <= 0
        ? `${data.block}: trimmed to the smallest, the largest loses its points. Make some again, or ease them.`
        : `${data.block}: trimmed to the smallest, ${length(data.left)} of ${length(data.seam)} is left beyond the `
            + `points of the largest. Make some again, or ease them.`
    case 'border-too-wide':
      return (
        `Border ${data.border} is ${length(data.width)} wide, wider than a block (${length(data.block)}). It will `
        + `draw the eye.`
      )
    case 'mitre-angle':
      return inEnglish(
        `The sides and the ends of border ${data.border} differ in width, so its miters do not lie at 45°: `
          + `${degrees(data.sides)} from the long edge of a side, ${degrees(data.ends)} from that of an end. Marked `
          + `from the corner of the top to the corner of the border they are right.`,
        speech,
      )
    case 'no-foundation':
      return (
        `${data.block} cannot be sewn on foundation papers: no straight seams would join them. It is planned `
        + `unit by unit.`
      )
    case 'stretched-block':
      return (
        `${data.block} was drawn in other proportions: at ${length(data.width)} across it would be `
        + `${length(data.ownHeight)} high, and it stands ${length(data.height)} high. Its slanted seams lie at other `
        + `angles than drawn; all sizes follow how it stands.`
      )
    case 'border-too-narrow':
      return (
        `Border ${data.border} is ${length(data.width)} wide, less than its two seam allowances `
        + `(${length(data.least)}): it will be stiff and hard to keep even.`
      )
    case 'neighbours-alike':
      return (
        `${data.cloth} lies beside itself at row ${data.row}, place ${data.place}. Exchange one of the `
        + `two with another block.`
      )
    case 'bias-edges':
      return (
        `${data.block} has units whose outer edges end on the bias. Starch the cloth first, press without `
        + `sliding, and handle them gently.`
      )
    case 'border-too-short':
      return (
        `Border ${data.border} was cut ${length(data.rough)} long, and the top now wants ${length(data.length)}. Join `
        + `a piece on, or ease the top in.`
      )
    case 'block-too-small':
      return (
        `${data.block} measures ${length(data.measured)} where ${length(data.expected)} was planned. `
        + `${seamsToBlame(data, speech)} ${FOLLOWS[data.decision]}`
      )
    case 'scattered-blocks':
      return (
        `${data.block}: the blocks differ by ${length(data.spread)}. Trim all to the smallest, `
        + `${length(data.smallest)}.`
      )
    case 'low-contrast':
      return (
        `${data.first} and ${data.second} are almost equally light `
        + `(${formatCount(Math.round(data.difference))} apart; ${data.least} is a fair step), so `
        + `${data.block} may melt into its ground. Look at it in ${craft('gray', speech)}.`
      )
    case 'set-in-seams':
      return [
        data.setIn > 0
          ? `${data.block} has ${plural(data.setIn, 'set-in seam')}: sew from edge to dot, not into the ` + `allowance.`
          : '',
        data.partial > 0 ? `${data.block} has ${plural(data.partial, 'seam')} that is first sewn in part.` : '',
      ]
        .join(' ')
        .trim()
    case 'mirrored-pieces':
      return (
        `Piles ${data.letters.join(', ')} come in two hands: ${data.left} left, ${data.right} right. Two `
        + `layers right sides together give one of each.`
      )
    case 'angled-folded':
      return `Piles ${data.letters.join(', ')} are cut at an angle: cut them from a single layer, right side up.`
    case 'overhang-too-small':
      return inEnglish(
        data.layer === 'back-to-fold'
          ? `The back reaches only ${length(data.overhang)} beyond the top, and ${length(data.least ?? 0)} of it is to `
              + `be brought round to bind it.`
          : data.layer === 'backing-under-batting'
            ? `The batting reaches ${length(data.batting ?? 0)} beyond the top and the backing only `
              + `${length(data.overhang)}: the backing should be the largest layer.`
            : `The ${data.layer} reaches only ${length(data.overhang)} beyond the top. Quilting pulls in; `
              + `${formatRough(4, speech)} on each side is safe.`,
        speech,
      )
    case 'no-precuts':
      return (
        'Units are to be made from your precuts, and none of your cloths comes in pieces. Open a cloth at Cloth '
        + 'and say that it is sold in pieces (fat quarters, charm squares, leftovers), with their size and number.'
      )
    case 'short-margin':
      return (
        `The margin for cloth is ${Math.round(data.margin * 100)} %. ` + 'One slip of the cutter and you are short.'
      )
  }
}

/** For the list on screen: a few words. */
export function checkTitle({ id }: Check): string {
  return TITLES[id] ?? capital(id.replaceAll('-', ' '))
}

const SAFE_SLEEP = 'National guidance on safe sleep comes first: no quilt in the cot of a sleeping infant.'

const MOTIF_FAULTS = {
  'not-a-path':
    'The motif is not a path of moves, lines and curves (M, L, H, V, C, S, Q, T, Z): nothing is drawn for it.',
  'too-many-points': 'The motif has more points than anybody would sew: draw it simpler.',
  'nothing-drawn': 'The motif draws no line.',
} as const

/** Titles that the check's own name would not make clear. */
const TITLES: Partial<Record<Check['id'], string>> = {
  'angled-folded': 'Cut at an angle: one layer',
  'off-ruler': 'Not on the ruler',
  'border-covered': 'What the binding hides',
  'binding-narrow': 'A narrow binding strip',
  'flange-hidden': 'A flange that does not show',
  'join-at-corner': 'Joins of the binding',
  'gap-too-wide': 'Too far between lines',
  'batting-shows': 'What shines through',
  'batting-joined': 'Joined batting',
  'baby-safety': 'For the smallest',
  'back-not-wide': 'A back in panels',
  'edges-covered': 'What the sashes cover',
  'leftovers-short': 'A back from leftovers',
  'mitre-angle': 'Miters not at 45°',
  'no-foundation': 'No foundation papers',
  'no-precuts': 'Precuts to make it from',
  'cut-already': 'Cut and no longer needed',
  'mirrored-pieces': 'Left and right hands',
  'short-margin': 'Little cloth to spare',
  'trimmed-unlikely': 'The trimmed quilt',
  'turned-print': 'A print that turns',
}

/** Cloth to buy as a shop sells it. */
export function clothToBuy(inches: number, unit: 'in' | 'piece', speech: Speech): string {
  return unit === 'piece' ? plural(inches, 'piece') : formatBought(inches, speech)
}
