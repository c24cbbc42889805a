/** What the cloths of a new quilt are called until they are named. */
export const FRESH_CLOTHS = ['First cloth', 'Second cloth', 'Third cloth', 'Fourth cloth', 'Fifth cloth', 'Sixth cloth']
