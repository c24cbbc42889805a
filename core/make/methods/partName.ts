/** What a piece becomes; the words for it are in `words/names.ts`. */
export type PartName =
  | 'squares'
  | 'rectangles'
  | 'logs'
  | 'panels'
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
  | 'nested-strips'
  | 'foundation'
  | 'triangles'
  | 'quarter-pairs'
  | 'large-triangles'
  | 'templates'
  | 'sashes'
  | 'cornerstones'
  | 'binding'
  | 'bias-square'
  | 'flange'
  | 'side triangles'
  | 'corner triangles'
  | 'half cornerstones'
  | 'ends'
  | 'frame-strips'
  | 'corner'
  | 'backs'
  | 'sleeve'
  | 'hanging-corners'
  | 'label'
  | LongPartName
  | `${LongPartName}-joined`

/** Long strips; where the cloth is not wide enough, strips to join for them. */
export type LongPartName = 'border' | 'long-sashes'

const JOINED: ReadonlySet<PartName> = new Set<`${LongPartName}-joined`>(['border-joined', 'long-sashes-joined'])

/** Strips that are joined end to end into one long strip. */
export function isJoinedPart(part: PartName): boolean {
  return JOINED.has(part)
}
