/** What a piece becomes; the words for it are in `words/names.ts`. */
export type PartName =
  | 'squares'
  | 'rectangles'
  | 'logs'
  | 'half-squares'
  | 'quarters'
  | 'geese'
  | 'points'
  | 'bases'
  | 'corners'
  | 'centres'
  | 'strips'
  | 'wedge-strips'
  | 'angled-strips'
  | 'foundation'
  | 'triangles'
  | 'quarter-pairs'
  | 'large-triangles'
  | 'templates'
  | 'sashes'
  | 'cornerstones'
  | 'binding'
  | 'side triangles'
  | 'corner triangles'
  | 'half cornerstones'
  | 'ends'
  | 'frame-strips'
  | 'corner'
  | LongPartName
  | `${LongPartName}-joined`

/** Long strips; where the cloth is not wide enough, strips to join for them. */
export type LongPartName = 'border' | 'long-sashes'
