import { MAKING_KINDS, type Making } from '../core/file/makings'

const MAKINGS: Readonly<Record<Making, string>> = {
  'top': 'a whole top, then layered and quilted',
  'as-you-go': 'block by block through all layers, as you go',
}

/** The ways of making a quilt up, to choose from. */
export const MAKING_OPTIONS = MAKING_KINDS.map(value => ({ value, label: MAKINGS[value] }))
