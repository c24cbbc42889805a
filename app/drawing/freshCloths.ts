/** What the cloths of a new quilt are called until they are named. */
export const FRESH_CLOTHS = ['First cloth', 'Second cloth', 'Third cloth', 'Fourth cloth', 'Fifth cloth', 'Sixth cloth']
const COLOURS = ['#2f4470', '#f3e7cd', '#a8402c', '#c9973a', '#5b744c', '#8d8d8f']

/** The colour in which one more cloth begins, where there are so many. */
export function freshColour(count: number): string {
  return COLOURS[count % COLOURS.length]!
}
