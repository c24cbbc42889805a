// In: a quilt file that says what is at hand. Out: how many blocks, rows and how wide a border that is enough for.
import { setCounts } from '../edits/setting'
import { setBorder } from '../edits/edge'
import { ownBlocks, type Quilt } from '../file/quilt'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { UNIT_DEFAULTS } from '../measure/units'
import { isEnough } from './shortage'
import { mostThatFit } from './mostThatFit'

/** How far what is at hand goes. */
export type Reach =
  /** Of one block, if nothing else is cut; `isMore`: no more were tried. */
  | { of: 'blocks'; block: string; name: string; count: number; isMore: boolean }
  /** Of the quilt as it is, with more or fewer of them. */
  | { of: 'rows'; count: number; now: number; isMore: boolean }
  /** A plain border, counted from 1, with all else as it is; 0: none. */
  | { of: 'border'; border: number; width: Inches; now: Inches; isMore: boolean }

/** Blocks that stand in one row of the trial. */
const MOST_BLOCKS = 200
/** More kinds are not asked for. */
const MOST_KINDS = 6
/** Rows are tried up to so many times those there are. */
const TIMES = 4

/** Each is found by planning: the number given fits, the next does not. Gives undefined between two plans. */
export function* howFar(file: QuiltFile, quilt: Quilt): Generator<Reach | undefined> {
  const limited = new Set(quilt.cloths.filter(isLimited).map(({ id }) => id))
  for (const block of ownBlocks(quilt).slice(0, MOST_KINDS)) {
    if (block.tray !== undefined || !Object.values(block.cloths).some(cloth => limited.has(cloth))) continue
    // a block that cannot stand alone is not said to be short of cloth
    if (!readQuilt(blocksAlone(file, block.id, 1)).ok) continue
    const count = yield* mostThatFit(1, MOST_BLOCKS, wanted => isEnough(blocksAlone(file, block.id, wanted)))
    yield {
      of: 'blocks',
      block: block.id,
      name: block.name,
      count: count ?? 0,
      isMore: count === MOST_BLOCKS,
    }
  }
  yield* mostRows(file, quilt)
  yield* widestBorder(file, quilt)
}

/** How much there is of it is said. */
export function isLimited({ form, have, tray }: Quilt['cloths'][number]): boolean {
  return tray === undefined && (form === 'piece' || have !== undefined)
}

/** A quilt of these blocks and nothing else. */
function blocksAlone(file: QuiltFile, block: string, count: number): QuiltFile {
  const { wall: _, binding: _b, backing: _c, batting: _d, quilting: _q, hanging: _h, label: _l, ...rest } = file
  return {
    ...rest,
    making: undefined,
    blocks: file.blocks.filter(({ id }) => id === block),
    setting: { kind: 'straight', across: count, down: 1, fill: [[block]] },
    borders: [],
    binding: null,
    made: [],
    done: [],
  }
}

function* mostRows(file: QuiltFile, quilt: Quilt): Generator<Reach | undefined> {
  const { across, down } = quilt.setting
  const most = Math.min(200, Math.max(down * TIMES, down + 4))
  const rows = yield* mostThatFit(1, most, count => isEnough(setCounts(across, count)(file)))
  yield { of: 'rows', count: rows ?? 0, now: down, isMore: rows === most }
}

/** The outermost border that is a plain strip, as wide on all sides, in steps of the widths that are proposed. */
function* widestBorder(file: QuiltFile, quilt: Quilt): Generator<Reach | undefined> {
  const at = quilt.borders.findLastIndex(
    ({ pieced, sides, ends }) => pieced === undefined && Math.abs(sides - ends) < TOLERANCE,
  )
  if (at < 0) return
  const step = UNIT_DEFAULTS[quilt.units].widthStep
  const now = quilt.borders[at]!.sides
  const most = Math.round(Math.max(12, now * 2) / step)
  const steps = yield* mostThatFit(1, most, count => {
    const width = count * step
    return isEnough(setBorder(at, { sides: width, ends: width })(file))
  })
  yield { of: 'border', border: at + 1, width: (steps ?? 0) * step, now, isMore: steps === most }
}
