import { formatBought, formatLength, formatSize } from '../length'
import { plural } from '../speech'
import type { CheckTable } from './checkWords'

/** What is cut, and of how much cloth. */
export const CUTTING_CHECKS = {
  'off-ruler': (data, { length, speech }) => {
    const sizes = data.sizes.map(length)
    return (
      `${data.block} does not fall on the ruler: sewn from pieces as they can be cut it comes out `
      + `${formatLength(Math.abs(data.off), speech)} ${data.off > 0 ? 'too large' : 'too small'}. `
      + (sizes.length > 0 ? `It would be exact at ${sizes.join(' or ')}.` : '')
    )
  },
  'long-strip': (data, { use, length }) =>
    `${use(data)}: the longest is ${length(data.longest)} and the cloth gives `
    + `${length(data.usable)}. As planned, ${plural(data.strips, 'strip')} across the cloth are joined `
    + `(${length(data.clothAcross)} of cloth); cut along the cloth there would be no joins, from a length of `
    + `${length(data.clothAlong)}.`,
  'piece-too-large': (data, { use, length, speech }) =>
    `${use(data)} needs ${formatSize(data.width, data.height, speech)}, and `
    + `${data.cloth} gives ${
      data.length === undefined ? `${length(data.usable)} of width` : formatSize(data.usable, data.length, speech)
    }. Choose a wider cloth, a smaller block, or a `
    + `design with more patches.`,
  'not-enough-cloth': (data, { length }) =>
    data.panelLength === undefined
      ? `${data.cloth}: ${plural(data.need, 'piece')} needed, ${data.have} at hand.`
      : `${data.cloth} comes in pieces; the backing wants ${plural(data.need, 'panel')} `
        + `${length(data.panelLength)} long. Choose a cloth sold by length.`,
  'short-of-cloth': (data, { length, speech }) =>
    `${data.cloth}: of ${length(data.have)} at hand all but ${length(data.short)} of strips can be cut. Buy `
    + `${formatBought(data.buy, speech)} more, or see at Cloth what else would make it fit.`,
  'remains-short': (data, { speech }) => {
    const more = data.isInPieces ? plural(data.buy, 'piece') : formatBought(data.buy, speech)
    return (
      `${data.cloth}: ${plural(data.pieces, 'piece')} to cut find no room on what is left of it. Buy ${more} more, `
      + `or make the quilt smaller.`
    )
  },
  'cut-already': data =>
    `${plural(data.extra, 'piece')} cut already and no longer needed `
    + `(${data.piece.replaceAll('.', ', ')}). Keep them for the back, or take the change back.`,
  'mirrored-pieces': data =>
    `Piles ${data.letters.join(', ')} come in two hands: ${data.left} left, ${data.right} right. Two `
    + `layers right sides together give one of each.`,
  'angled-folded': data =>
    `Piles ${data.letters.join(', ')} are cut at an angle: cut them from a single layer, right side up.`,
  'no-precuts': () =>
    'Units are to be made from your precuts, and none of your cloths comes in pieces. Open a cloth at Cloth '
    + 'and say that it is sold in pieces (fat quarters, charm squares, leftovers), with their size and number.',
  'short-margin': data =>
    `The margin for cloth is ${Math.round(data.margin * 100)} %. ` + 'One slip of the cutter and you are short.',
} as const satisfies CheckTable
