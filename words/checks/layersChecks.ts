import { formatBought, formatCount, formatRough } from '../length'
import { inEnglish } from '../speech'
import type { CheckTable } from './checkWords'

const SAFE_SLEEP = 'National guidance on safe sleep comes first: no quilt in the cot of a sleeping infant.'

const MOTIF_FAULTS = {
  'not-a-path':
    'The motif is not a path of moves, lines and curves (M, L, H, V, C, S, Q, T, Z): nothing is drawn for it.',
  'too-many-points': 'The motif has more points than anybody would sew: draw it simpler.',
  'nothing-drawn': 'The motif draws no line.',
} as const

/** Layers, quilting, and who it is for. */
export const LAYERS_CHECKS = {
  'gap-too-wide': (data, { length, speech }) => {
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
  },
  'quilting-too-dense': data =>
    `The lines would turn at more than ${formatCount(data.most)} points, more than anybody sews: none is planned. `
    + `Lay them farther apart, in fewer places, or draw the motif simpler.`,
  'motif-not-drawn': data => MOTIF_FAULTS[data.fault],
  'batting-shows': (data, { speech }) =>
    inEnglish(
      data.colour === 'black'
        ? `Black batting shows through light cloth: ${data.cloths.join(', ')}.`
        : `Light fibers of the batting can come through dark cloth: ${data.cloths.join(', ')}. A black one hides `
            + `them.`,
      speech,
    ),
  'batting-joined': (data, { length, speech }) =>
    inEnglish(
      `The batting must be at least ${length(data.width)} × ${length(data.height)}: `
        + `${data.packets} ${data.isByLength ? 'lengths' : 'packets'} are `
        + `joined. Lay them edge to edge, never one on the other, and sew them with a wide loose zigzag or by hand.`,
      speech,
    ),
  'back-not-wide': (data, { length }) =>
    `The cloth for the back has ${length(data.usable)} of use and ${length(data.wanted)} is wanted for one piece: `
    + `it is planned in panels.`,
  'edges-covered': (data, { length }) =>
    `The sashes of ${length(data.sash)} and the binding lie over ${length(data.covered)} of every edge of the `
    + `blocks: what is drawn there is hidden.`,
  'leftovers-short': (data, { speech }) =>
    `What is left over does not cover the back: ${Math.ceil(100 * data.missing)} % of it is cut from new cloth, `
    + `${formatBought(data.buy, speech)} to buy.`,
  'baby-safety': data =>
    data.hasTies
      ? 'For a baby or a toddler: no ties, buttons, beads or bows, nothing that can come off or be swallowed. '
        + `Quilt it with lines. ${SAFE_SLEEP}`
      : 'For a baby or a toddler: nothing on it that can come off, every thread end sewn in, washed before it is '
        + `given. ${SAFE_SLEEP}`,
  'overhang-too-small': (data, { length, speech }) =>
    inEnglish(
      data.layer === 'back-to-fold'
        ? `The back reaches only ${length(data.overhang)} beyond the top, and ${length(data.least ?? 0)} of it is to `
            + `be brought round to bind it.`
        : data.layer === 'backing-under-batting'
          ? `The batting reaches ${length(data.batting ?? 0)} beyond the top and the backing only `
            + `${length(data.overhang)}: the backing should be the largest layer.`
          : `The ${data.layer} reaches only ${length(data.overhang)} beyond the top. Quilting pulls in; `
            + `${formatRough(4, speech)} on each side is safe.`,
      speech,
    ),
} as const satisfies CheckTable
