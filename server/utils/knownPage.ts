/** Pages of a quilt; a test compares them with the files they are made from. */
export const QUILT_PAGES = [
  'as-you-go',
  'back',
  'batches',
  'binding',
  'cards',
  'chances',
  'chart',
  'cloth',
  'cut',
  'design',
  'diary',
  'draft',
  'finish',
  'joining',
  'last',
  'picture',
  'piece',
  'quilting',
  'time',
  'wall',
] as const

/** Pages that belong to no quilt. */
export const OTHER_PAGES = ['backup', 'stash'] as const

/** Whether the application has a page at this path. */
export function isKnownPage(path: string): boolean {
  const [first, id, page, ...more] = path.split('/').slice(1)
  if (first === '' && id === undefined) return true
  if ((OTHER_PAGES as readonly string[]).includes(first!)) return !id
  if (first !== 'q' || !id || more.some(part => part !== '')) return false
  return !page || (QUILT_PAGES as readonly string[]).includes(page)
}
