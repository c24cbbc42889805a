// In: a file whose references are right. Out: what its setting lacks, or asks for and cannot have together.
import { rowLengths, cellsOf } from './cells'
import { placedSizes } from './placedSize'
import type { Path, Problem, Unfitting } from './problem'
import { shiftedSide, shiftsOf } from './shifts'
import type { ParsedQuilt } from './schema'

/** What of a setting cannot stand together, or does not fit its counts. */
export function settingProblems(file: ParsedQuilt): Problem[] {
  const counts = countProblems(file)
  return counts.length > 0
    ? counts
    : [...fieldProblems(file), ...sashingProblems(file), ...shiftProblems(file), ...asYouGoProblems(file)]
}

/** As many places as the setting has. */
function countProblems({ setting }: ParsedQuilt): Problem[] {
  const { cells } = setting
  if (setting.kind === 'rows' && !setting.rows) {
    const expected = { kind: 'list', least: 1 } as const
    return [{ code: 'expected', path: ['setting', 'rows'], expected, got: undefined }]
  }
  if (!cells || setting.kind === 'rows') return []
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
function fieldProblems({ setting: { kind, settingCloth, ends } }: ParsedQuilt): Problem[] {
  if (kind === 'on-point' && settingCloth === undefined)
    return [{ code: 'expected', path: ['setting', 'settingCloth'], expected: { kind: 'id' }, got: undefined }]
  if ((kind === 'offset-rows' || kind === 'offset-columns') && ends === undefined) {
    const options = ['half-blocks', '{ cloth }']
    return [{ code: 'expected', path: ['setting', 'ends'], expected: { kind: 'one-of', options }, got: undefined }]
  }
  if (kind === 'rows' && typeof ends !== 'object')
    return [
      { code: 'expected', path: ['setting', 'ends'], expected: { kind: 'one-of', options: ['{ cloth }'] }, got: ends },
    ]
  return []
}

/** Sashes and binding come from the backs: there are no others. */
function asYouGoProblems({ making, setting, borders, backing }: ParsedQuilt): Problem[] {
  if (making !== 'as-you-go') return []
  const path: Path = ['making']
  if (setting.kind !== 'straight' || setting.sashing || borders.length > 0)
    return [{ code: 'not-together', path, what: 'as-you-go-not-side-by-side' }]
  return backing ? [] : [{ code: 'not-together', path, what: 'as-you-go-without-back' }]
}

function sashingProblems({ setting: { kind, sashing, ends, float } }: ParsedQuilt): Problem[] {
  if (!sashing) return []
  const refused = (what: Unfitting, ...path: string[]): Problem[] => [
    { code: 'not-together', path: ['setting', ...path], what },
  ]
  if (sashing.pieced && (kind !== 'straight' || sashing.between !== 'both'))
    return refused('pieced-sashes-not-straight', 'sashing', 'pieced')
  if (kind === 'on-point' && sashing.cornerstones && 'design' in sashing.cornerstones)
    return refused('pieced-stones-on-point', 'sashing', 'cornerstones')
  const isStoned = sashing.cornerstones !== undefined
  if (kind === 'rows' && sashing.between !== 'rows') return refused('rows-with-other-sashes', 'sashing', 'between')
  if (sashing.between !== 'both' && kind !== 'straight' && kind !== 'rows')
    return refused('between-with-other-setting', 'sashing', 'between')
  if (sashing.between !== 'both' && isStoned) return refused('stones-with-between', 'sashing', 'cornerstones')
  if (kind === 'on-point') {
    if (!isStoned) return refused('on-point-sashing-without-stones', 'sashing')
    if (!sashing.outer) return refused('on-point-sashing-not-outer', 'sashing', 'outer')
    if (float > 0) return refused('on-point-sashing-with-float', 'float')
  }
  if (kind === 'offset-rows' || kind === 'offset-columns') {
    if (ends === 'half-blocks') return refused('sashing-with-half-blocks', 'ends')
    if (isStoned) return refused('stones-with-offset', 'sashing')
  }
  return []
}

/** Half blocks fill the ends only where every second row is shifted by half a block. */
function shiftProblems(file: ParsedQuilt): Problem[] {
  const side = shiftedSide(file.setting)
  if (side === null || file.setting.ends !== 'half-blocks') return []
  const { across, down } = file.setting
  if ((side === 'width' ? across : down) < 2)
    return [{ code: 'not-together', path: ['setting', 'ends'], what: 'half-blocks-of-one' }]
  if (file.blocks.some(({ frame }) => frame.length > 0))
    return [{ code: 'not-together', path: ['setting', 'ends'], what: 'frames-with-half-blocks' }]
  const half = placedSizes(file)(cellsOf(file)[0]![0]!)[side] / 2
  const shifts = shiftsOf(file)
  const isHalf = shifts.length === 2 && shifts[0] === 0 && Math.abs(shifts[1]! - half) < 1e-6
  return isHalf ? [] : [{ code: 'not-together', path: ['setting', 'ends'], what: 'shift-with-half-blocks' }]
}
