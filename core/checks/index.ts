import type { Check, Checked, Checker } from './check'
import { backTooSmallToFold, bindingNarrow, borderCovered, flangeHidden, joinAtCorner, turnedPrints } from './binding'
import { borderRepeat } from './borders'
import { oneOnPoint, shiftTooLong, tooLarge } from './extent'
import { frameTooNarrow } from './frames'
import {
  noPrecuts,
  notEnoughCloth,
  overhangTooSmall,
  piecesTooLarge,
  remainsShort,
  shortMargin,
  shortOfCloth,
} from './cloth'
import { lowContrast, neighboursAlike } from './contrast'
import {
  borderSpread,
  borderTooShort,
  cutAlready,
  measuredBlocks,
  measuresDisagree,
  pointsAtRisk,
  rowSpread,
  seamOff,
  trimmedUnlikely,
} from './made'
import {
  babySafety,
  backNotWide,
  edgesCovered,
  leftoversShort,
  battingShows,
  battingTooSmall,
  gapTooWide,
  motifNotDrawn,
  quiltingTooDense,
} from './layers'
import { lettersAlike } from './letters'
import { sewnTooFew, sewnTooSmall } from './sewnBlocks'
import { offRuler } from './offRuler'
import { bulkyCrossings, seamsDoNotNest } from './pressing'
import {
  angledPieces,
  biasEdges,
  borderTooNarrow,
  borderTooWide,
  longStrips,
  mirroredPieces,
  mitreAngle,
  noFoundation,
  setInSeams,
  stretchedBlocks,
} from './making'

/** Everything that looks a plan over. A new check is a function in its file and a place here. */
const CHECKERS: readonly Checker[] = [
  piecesTooLarge,
  notEnoughCloth,
  shortOfCloth,
  remainsShort,
  sewnTooFew,
  sewnTooSmall,
  borderTooShort,
  borderRepeat,
  frameTooNarrow,
  tooLarge,
  shiftTooLong,
  oneOnPoint,
  seamOff,
  measuredBlocks,
  pointsAtRisk,
  borderSpread,
  rowSpread,
  trimmedUnlikely,
  measuresDisagree,
  cutAlready,
  offRuler,
  lowContrast,
  lettersAlike,
  longStrips,
  turnedPrints,
  overhangTooSmall,
  noFoundation,
  stretchedBlocks,
  setInSeams,
  mirroredPieces,
  angledPieces,
  borderTooNarrow,
  borderTooWide,
  mitreAngle,
  borderCovered,
  bindingNarrow,
  flangeHidden,
  joinAtCorner,
  backTooSmallToFold,
  backNotWide,
  edgesCovered,
  leftoversShort,
  gapTooWide,
  quiltingTooDense,
  motifNotDrawn,
  battingShows,
  battingTooSmall,
  babySafety,
  seamsDoNotNest,
  bulkyCrossings,
  neighboursAlike,
  biasEdges,
  shortMargin,
  noPrecuts,
]

const ORDER = { error: 0, warn: 1, note: 2 }

/** All that is wrong or worth a second look, worst first. */
export function checkQuilt(work: Checked): Check[] {
  return CHECKERS.flatMap(checker => checker(work)).sort((a, b) => ORDER[a.severity] - ORDER[b.severity])
}
