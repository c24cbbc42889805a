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
