import { formatCount, formatSize } from '../length'
import { craft, plural } from '../speech'
import type { CheckTable } from './checkWords'

/** Blocks, their seams, and how they are set. */
export const BLOCKS_CHECKS = {
  'very-large': (data, { speech }) =>
    `The quilt is ${formatSize(data.width, data.height, speech)} and has ${formatCount(data.patches)} patches: `
    + `larger than any bed, or more than anybody sews. Fewer blocks, or smaller ones?`,
  'shift-too-long': (data, { length }) =>
    `Rows are shifted by ${length(data.shift)}, more than a block is long (${length(data.block)}). What they `
    + `leave open is filled with cloth.`,
  'one-on-point': () =>
    `A single block on point is a block with four corner triangles. Two across or down make a setting of it.`,
  'sewn-block-short': (data, { length, speech }) =>
    `${data.block} measures ${formatSize(data.measured.width, data.measured.height, speech)}, and its place wants `
    + `${formatSize(data.wanted.width, data.wanted.height, speech)}: ${length(data.short)} more than there is. Make `
    + `the block smaller and frame it, or make its place smaller.`,
  'sewn-block-eased': (data, { length }) =>
    `${data.block} is ${length(data.short)} smaller than its place. Match the middles, pin, and ease it in; its own `
    + `seam allowances become so much narrower.`,
  'sewn-blocks-too-few': data =>
    `${data.block}: ${plural(data.need, 'place')}, and ${plural(data.have, 'block')} sewn. Put other blocks into `
    + `the places that are left.`,
  'frame-too-narrow': (data, { length }) =>
    `A frame is ${length(data.width)} wide finished: narrower than 1/2″ it is hard to sew evenly. With all blocks `
    + `framed to ${length(data.module)} every frame is wide enough.`,
  'seams-do-not-nest': data =>
    `At ${formatCount(data.clashes)} of ${formatCount(data.crossings)} crossings both allowances lie the same way. `
    + `Press one of them open there, or match these crossings with a pin.`,
  'bulky-crossing': data =>
    `${data.block}: ${data.seams} seams meet in ${data.places === 1 ? 'one point' : `${data.places} points`}. Trim `
    + `the tips, turn the allowances all one way round and press the middle flat, or press the last seam open.`,
  'points-at-risk': (data, { length }) =>
    data.left <= 0
      ? `${data.block}: trimmed to the smallest, the largest loses its points. Make some again, or ease them.`
      : `${data.block}: trimmed to the smallest, ${length(data.left)} of ${length(data.seam)} is left beyond the `
        + `points of the largest. Make some again, or ease them.`,
  'no-foundation': ({ block, isPicture }) =>
    isPicture
      ? `${block} is a picture in squares: it is sewn by its chart, not on papers.`
      : `${block} cannot be sewn on foundation papers: no straight seams would join them. It is planned unit by unit.`,
  'stretched-block': (data, { length }) =>
    `${data.block} was drawn in other proportions: at ${length(data.width)} across it would be `
    + `${length(data.ownHeight)} high, and it stands ${length(data.height)} high. Its slanted seams lie at other `
    + `angles than drawn; all sizes follow how it stands.`,
  'border-too-narrow': (data, { length }) =>
    `Border ${data.border} is ${length(data.width)} wide, less than its two seam allowances `
    + `(${length(data.least)}): it will be stiff and hard to keep even.`,
  'neighbours-alike': data =>
    `${data.cloth} lies beside ${data.other === data.cloth ? 'itself' : `${data.other}, which looks the same,`} at row `
    + `${data.row}, place ${data.place}. Exchange one of the two with another block.`,
  'letters-alike': ({ block, letters: [one, other], cloths: [first, second], edges }) => {
    const worn = first === second ? `both wear ${first}` : `wear ${first} and ${second}, which look the same`
    const along = plural(edges, 'edge')
    return (
      `${one} and ${other} of ${block} ${worn}: ${along} between them ${edges === 1 ? 'is' : 'are'} sewn and not seen. `
      + 'Merge the two letters, or give one another cloth.'
    )
  },
  'bias-edges': data =>
    `${data.block} has units whose outer edges end on the bias. Starch the cloth first, press without `
    + `sliding, and handle them gently.`,
  'border-too-short': (data, { length }) =>
    `Border ${data.border} was cut ${length(data.rough)} long, and the top now wants ${length(data.length)}. Join `
    + `a piece on, or ease the top in.`,
  'low-contrast': (data, { speech }) =>
    `${data.first} and ${data.second} are almost equally light `
    + `(${formatCount(Math.round(data.difference))} apart; ${data.least} is a fair step), so `
    + `${data.block} may melt into its ground. Look at it in ${craft('gray', speech)}.`,
  'set-in-seams': data =>
    [
      data.setIn > 0
        ? `${data.block} has ${plural(data.setIn, 'set-in seam')}: sew from edge to dot, not into the ` + `allowance.`
        : '',
      data.partial > 0 ? `${data.block} has ${plural(data.partial, 'seam')} that is first sewn in part.` : '',
    ]
      .join(' ')
      .trim(),
} as const satisfies CheckTable
