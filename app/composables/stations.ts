/** The stations in the order of the work. */
export const STATIONS = [
  { id: 'design', name: 'Design' },
  { id: 'cloth', name: 'Cloth' },
  { id: 'cut', name: 'Cut' },
  { id: 'piece', name: 'Piece' },
  { id: 'finish', name: 'Finish' },
  { id: 'diary', name: 'Diary' },
] as const
export type StationId = (typeof STATIONS)[number]['id']

/** Pages behind a station, each for one part of its work. */
const BEHIND = {
  'draft': 'design',
  'picture': 'design',
  'wall': 'design',
  'chart': 'piece',
  'batches': 'piece',
  'joining': 'piece',
  'cards': 'piece',
  'chances': 'piece',
  'quilting': 'finish',
  'back': 'finish',
  'binding': 'finish',
  'last': 'finish',
  'as-you-go': 'finish',
  'time': 'diary',
} as const satisfies Record<string, StationId>
export type QuiltPage = StationId | keyof typeof BEHIND

const nameOf = (page: QuiltPage) => `q-id-${page}`

/** Where a page of the quilt is that is open now. */
export function toPage(page: QuiltPage, more: { query?: Record<string, string | null> } = {}) {
  return { name: nameOf(page), ...more }
}

/** The station that a page of a quilt is, or is behind; undefined: it is none of them. */
export function stationOf(routeName: unknown): StationId | undefined {
  const behind = Object.entries(BEHIND).find(([page]) => nameOf(page as QuiltPage) === routeName)?.[1]
  return behind ?? STATIONS.find(({ id }) => nameOf(id) === routeName)?.id
}
