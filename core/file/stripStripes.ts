/** How the stripes of a cloth run in a long strip cut from it. */
export const STRIP_STRIPES = ['along', 'across'] as const
export type StripStripes = (typeof STRIP_STRIPES)[number]
