import type { Path, Problem } from '../problem'
import type { ParsedQuilt } from '../schema'
import { needBlock, needCloth, needCloths, needPieced, type Known } from './known'

type ParsedSetting = ParsedQuilt['setting']

/** What a setting names that is not there. */
export function settingReferences(known: Known, setting: ParsedSetting): Problem[] {
  const { fill = [], cells = [], rows = [], ends, settingCloth, sashing } = setting
  const path: Path = ['setting']
  const cell = (place: NonNullable<ParsedSetting['cells']>[number][number], at: Path) => [
    ...needBlock(known, place.block, [...at, 'block']),
    ...needCloths(known, place.cloths, at),
  ]
  return [
    ...fill.flatMap((line, r) => line.flatMap((id, c) => needBlock(known, id, [...path, 'fill', r, c]))),
    ...cells.flatMap((line, r) => line.flatMap((place, c) => cell(place, [...path, 'cells', r, c]))),
    ...rows.flatMap((row, r) => row.cells.flatMap((place, c) => cell(place, [...path, 'rows', r, 'cells', c]))),
    ...needCloth(known, settingCloth, [...path, 'settingCloth']),
    ...(typeof ends === 'object' ? needCloth(known, ends.cloth, [...path, 'ends', 'cloth']) : []),
    ...(sashing ? sashingReferences(known, sashing, [...path, 'sashing']) : []),
  ]
}

function sashingReferences(known: Known, sashing: NonNullable<ParsedSetting['sashing']>, path: Path): Problem[] {
  const { cloth, pieced, cornerstones: stones } = sashing
  return [
    ...needCloth(known, cloth, [...path, 'cloth']),
    ...needPieced(known, pieced, [...path, 'pieced']),
    ...(stones && 'design' in stones
      ? needPieced(known, stones, [...path, 'cornerstones'])
      : needCloth(known, stones?.cloth, [...path, 'cornerstones', 'cloth'])),
  ]
}
