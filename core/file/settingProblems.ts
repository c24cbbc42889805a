// In: a file whose references are right. Out: what its setting lacks, or asks for and cannot have together.
import { makingRules } from './makings'
import { rowLengths, cellsOf } from './cells'
import { placedSizes } from './placedSize'
import type { Path, Problem, Unfitting } from './problem'
import { canEndInHalves, rulesOf } from './settings'
import { differ } from './settings/settingRules'
import { shiftsOf } from './shifts'
import type { ParsedQuilt } from './schema'

/** What of a setting cannot stand together, or does not fit its counts. */
export function settingProblems(file: ParsedQuilt): Problem[] {
  const counts = countProblems(file)
  return counts.length > 0
    ? counts
    : [...fieldProblems(file), ...sashingProblems(file), ...shiftProblems(file), ...makingProblems(file)]
}

/** As many places as the setting has. */
function countProblems({ setting }: ParsedQuilt): Problem[] {
  const { cells } = setting
  const { hasOwnRows } = rulesOf(setting)
  if (hasOwnRows && !setting.rows) {
    const expected = { kind: 'list', least: 1 } as const
    return [{ code: 'expected', path: ['setting', 'rows'], expected, got: undefined }]
  }
  if (!cells || hasOwnRows) return []
  const lengths = rowLengths(setting)
  const path: Path = ['setting', 'cells']
  if (cells.length !== lengths.length)
    return [{ code: 'wrong-count', path, expected: lengths.length, got: cells.length }]
  return cells.flatMap((line, r): Problem[] =>
    line.length === lengths[r]
      ? []
      : [{ code: 'wrong-count', path: [...path, r], expected: lengths[r]!, got: line.length }],
  )
}

/** What fills the edge must have its cloth. */
function fieldProblems({ setting }: ParsedQuilt): Problem[] {
  const { hasTriangles, ends: fillers } = rulesOf(setting)
  const { settingCloth, ends } = setting
  if (hasTriangles && settingCloth === undefined)
    return [{ code: 'expected', path: ['setting', 'settingCloth'], expected: { kind: 'id' }, got: undefined }]
  const isFilled = ends === 'half-blocks' ? fillers.includes(ends) : ends !== undefined
  if (fillers.length === 0 || isFilled) return []
  const options = fillers.map(filler => (filler === 'cloth' ? '{ cloth }' : filler))
  return [{ code: 'expected', path: ['setting', 'ends'], expected: { kind: 'one-of', options }, got: ends }]
}

/** What a way of making the quilt up needs and has not. */
function makingProblems({ making, setting, borders, backing }: ParsedQuilt): Problem[] {
  const { needsPlainRows, needsBack } = makingRules(making)
  const path: Path = ['making']
  if (needsPlainRows && (!rulesOf(setting).plainRows || setting.sashing || borders.length > 0))
    return [{ code: 'not-together', path, what: 'as-you-go-not-side-by-side' }]
  return needsBack && !backing ? [{ code: 'not-together', path, what: 'as-you-go-without-back' }] : []
}

function sashingProblems({ setting }: ParsedQuilt): Problem[] {
  const { sashing, ends, float } = setting
  if (!sashing) return []
  const { sashing: rules, ends: fillers, canFloat } = rulesOf(setting)
  const refused = (what: Unfitting, ...path: string[]): Problem[] => [
    { code: 'not-together', path: ['setting', ...path], what },
  ]
  const stones = sashing.cornerstones
  const isCrossed = sashing.between === 'both'
  if (sashing.pieced && !(rules.canBePieced && isCrossed)) return refused('pieced-sashes-not-had', 'sashing', 'pieced')
  if (rules.stones === 'always' && stones && 'design' in stones)
    return refused('pieced-stones-not-had', 'sashing', 'cornerstones')
  if (!rules.between.includes(sashing.between)) {
    const isOtherWay = rules.between.includes('both')
    return refused(isOtherWay ? 'sashes-both-ways-only' : 'sashes-between-rows-only', 'sashing', 'between')
  }
  if (!isCrossed && stones) return refused('stones-with-between', 'sashing', 'cornerstones')
  if (rules.stones === 'always' && !stones) return refused('sashing-without-stones', 'sashing')
  if (rules.isOuter && !sashing.outer) return refused('sashing-not-outer', 'sashing', 'outer')
  if (canFloat && float > 0) return refused('sashing-with-float', 'float')
  if (fillers.includes('half-blocks') && ends === 'half-blocks') return refused('sashing-with-half-blocks', 'ends')
  return rules.stones === 'none' && stones ? refused('stones-not-had', 'sashing') : []
}

/** Half blocks fill the ends only where every second row is shifted by half a block. */
function shiftProblems(file: ParsedQuilt): Problem[] {
  const rules = rulesOf(file.setting)
  const side = rules.shifted
  if (side === null || file.setting.ends !== 'half-blocks') return []
  const path: Path = ['setting', 'ends']
  if (!canEndInHalves(rules, file.setting, false)) return [{ code: 'not-together', path, what: 'half-blocks-of-one' }]
  if (file.blocks.some(({ frame }) => frame.length > 0))
    return [{ code: 'not-together', path, what: 'frames-with-half-blocks' }]
  const half = placedSizes(file)(cellsOf(file)[0]![0]!)[side] / 2
  const shifts = shiftsOf(file)
  const isHalf = shifts.length === 2 && shifts[0] === 0 && !differ(shifts[1]!, half)
  return isHalf ? [] : [{ code: 'not-together', path, what: 'shift-with-half-blocks' }]
}
