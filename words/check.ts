import type { Check } from '../core/checks/check'
import { formatCloth, formatCount, formatLength, formatRough, formatSize, formatSmall } from './length'
import { capital, stageName, useName } from './names'
import { craft, inEnglish, plural, type Speech } from './speech'

/** What to look at and why, in a sentence or two. */
export function checkText(
  { id, data }: Check,
  speech: Speech,
  blockNames: ReadonlyMap<string, string> = new Map(),
): string {
  const use = () => inEnglish(useName(text('use'), blockNames), speech)
  const stage = () => inEnglish(capital(stageName(text('what'))), speech)
  const text = (key: string) => String(data[key] ?? '')
  const number = (key: string) => Number(data[key])
  const length = (key: string) => formatLength(number(key), speech)
  const list = (key: string) => data[key] as readonly (number | string)[]
  switch (id) {
    case 'off-ruler': {
      const sizes = list('sizes').map(size => formatLength(Number(size), speech))
      return (
        `${text('block')} does not fall on the ruler: sewn from pieces as they can be cut it comes out `
        + `${formatLength(Math.abs(number('off')), speech)} ${number('off') > 0 ? 'too large' : 'too small'}. `
        + (sizes.length > 0 ? `It would be exact at ${sizes.join(' or ')}.` : '')
      )
    }
    case 'long-strip':
      return (
        `${use()}: the longest is ${length('longest')} and the cloth gives `
        + `${length('usable')}. As planned, ${plural(number('strips'), 'strip')} across the cloth are joined `
        + `(${length('clothAcross')} of cloth); cut along the cloth there would be no joins, from a length of `
        + `${length('clothAlong')}.`
      )
    case 'piece-too-large':
      return (
        `${use()} needs ${formatSize(number('width'), number('height'), speech)}, and `
        + `${text('cloth')} gives ${
          data.length === undefined
            ? `${length('usable')} of width`
            : formatSize(number('usable'), number('length'), speech)
        }. Choose a wider cloth, a smaller block, or a `
        + `design with more patches.`
      )
    case 'not-enough-cloth':
      return data.panelLength === undefined
        ? `${text('cloth')}: ${plural(number('need'), 'piece')} needed, ${number('have')} at hand.`
        : `${text('cloth')} comes in pieces; the backing wants ${plural(number('need'), 'panel')} `
            + `${length('panelLength')} long. Choose a cloth sold by length.`
    case 'turned-print':
      return `${text('cloth')} has an up. On the binding it cannot stay upright all round.`
    case 'cut-already':
      return (
        `${plural(number('extra'), 'piece')} cut already and no longer needed `
        + `(${text('piece').replaceAll('.', ', ')}). Keep them for the back, or take the change back.`
      )
    case 'seam-off':
      return (
        `Your seam is ${formatSmall(number('move'), speech)} too ${number('move') > 0 ? 'wide' : 'narrow'}: move `
        + `the needle or the guide ${formatSmall(number('move'), speech)} `
        + `${number('move') > 0 ? 'nearer to' : 'away from'} the edge, and sew the test again.`
      )
    case 'border-spread':
      return (
        `${stage()}: the ${data.side === 'width' ? 'widths' : 'heights'} differ by `
        + `${length('spread')}. More than ${length('most')} means something is off; find it before you cut the `
        + `border.`
      )
    case 'border-too-wide':
      return (
        `Border ${text('border')} is ${length('width')} wide, wider than a block (${length('block')}). It will `
        + `draw the eye.`
      )
    case 'no-foundation':
      return (
        `${text('block')} cannot be sewn on foundation papers: no straight seams would join them. It is planned `
        + `unit by unit.`
      )
    case 'stretched-block':
      return (
        `${text('block')} was drawn in other proportions: at ${length('width')} across it would be `
        + `${length('ownHeight')} high, and it stands ${length('height')} high. Its slanted seams lie at other `
        + `angles than drawn; all sizes follow how it stands.`
      )
    case 'border-too-narrow':
      return (
        `Border ${text('border')} is ${length('width')} wide, less than its two seam allowances `
        + `(${length('least')}): it will be stiff and hard to keep even.`
      )
    case 'neighbours-alike':
      return (
        `${text('cloth')} lies beside itself at row ${text('row')}, place ${text('place')}. Exchange one of the `
        + `two with another block.`
      )
    case 'bias-edges':
      return (
        `${text('block')} has units whose outer edges end on the bias. Starch the cloth first, press without `
        + `sliding, and handle them gently.`
      )
    case 'border-too-short':
      return (
        `Border ${text('border')} was cut ${length('rough')} long, and the top now wants ${length('length')}. Join `
        + `a piece on, or ease the top in.`
      )
    case 'block-too-small':
      return (
        `${text('block')} measures ${length('measured')} where ${length('expected')} was planned. With `
        + `${plural(number('seams'), 'seam')} across it, each is ${formatSmall(number('error'), speech)} too wide. `
        + `All sizes from here on follow the smallest block.`
      )
    case 'scattered-blocks':
      return (
        `${text('block')}: the blocks differ by ${length('spread')}. Trim all to the smallest, `
        + `${length('smallest')}.`
      )
    case 'low-contrast':
      return (
        `${text('first')} and ${text('second')} are almost equally light `
        + `(${formatCount(Math.round(number('difference')))} apart; ${text('least')} is a fair step), so `
        + `${text('block')} may melt into its ground. Look at it in ${craft('gray', speech)}.`
      )
    case 'set-in-seams':
      return [
        number('setIn') > 0
          ? `${text('block')} has ${plural(number('setIn'), 'set-in seam')}: sew from edge to dot, not into the `
            + `allowance.`
          : '',
        number('partial') > 0
          ? `${text('block')} has ${plural(number('partial'), 'seam')} that is first sewn in part.`
          : '',
      ]
        .join(' ')
        .trim()
    case 'mirrored-pieces':
      return (
        `Piles ${list('letters').join(', ')} come in two hands: ${text('left')} left, ${text('right')} right. Two `
        + `layers right sides together give one of each.`
      )
    case 'angled-folded':
      return `Piles ${list('letters').join(', ')} are cut at an angle: cut them from a single layer, right side up.`
    case 'overhang-too-small':
      return inEnglish(
        data.layer === 'backing-under-batting'
          ? `The batting reaches ${length('batting')} beyond the top and the backing only ${length('overhang')}: `
              + `the backing should be the largest layer.`
          : `The ${text('layer')} reaches only ${length('overhang')} beyond the top. Quilting pulls in; `
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
        `The margin for cloth is ${Math.round(number('margin') * 100)} %. `
        + 'One slip of the cutter and you are short.'
      )
  }
}

/** For the list on screen: a few words. */
export function checkTitle({ id }: Check): string {
  return TITLES[id] ?? capital(id.replaceAll('-', ' '))
}

/** Titles that the check's own name would not make clear. */
const TITLES: Partial<Record<Check['id'], string>> = {
  'angled-folded': 'Cut at an angle: one layer',
  'off-ruler': 'Not on the ruler',
  'no-foundation': 'No foundation papers',
  'no-precuts': 'Precuts to make it from',
  'cut-already': 'Cut and no longer needed',
  'mirrored-pieces': 'Left and right hands',
  'short-margin': 'Little cloth to spare',
  'turned-print': 'A print that turns',
}

export function clothToBuy(inches: number, unit: 'in' | 'piece', speech: Speech): string {
  return unit === 'piece' ? plural(inches, 'piece') : formatCloth(inches, speech)
}
