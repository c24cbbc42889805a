// In: a tray of blocks that are sewn already. Out: settings that bring them together, each with what it asks for.
import { MIN_FRAME } from '../checks/frames'
import type { Quilt } from '../file/quilt'
import { fabricsOf } from '../file/trayCloths'
import type { QuiltFile } from '../file/schema'
import { roundToRuler, roundUpToRuler, sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import { frameEntry } from './blocks'
import { sizeEntry, type BlockEntry } from './blockSize'
import { written, type Edit } from './edit'
import { editedQuilt } from './editedQuilt'
import { grouped, placedIn, type SewnKind, type SewnSize } from './sewnKinds'
import { rowsOfLikeHeight } from './sewnRows'
import type { CellEntry } from './setting'
import { withoutStaleMeasures } from './staleMeasures'

export const SEWN_SETTINGS = ['framed', 'sashed', 'rows', 'on-point'] as const
export type SewnSettingKind = (typeof SEWN_SETTINGS)[number]

/** Blocks of one kind, cut down from what they measure. */
export interface SewnTrim {
  name: string
  count: number
  from: SewnSize
  to: SewnSize
}

/** One way to bring the blocks of the tray together. */
export interface SewnSetting {
  kind: SewnSettingKind
  edit: Edit
  quilt: Quilt
  /** Kinds of block that are trimmed, to the ruler or to the others of their group: raw sizes. */
  trims: readonly SewnTrim[]
  /** Blocks that get a frame, and the size to which they are brought; null: each keeps its own. */
  framed: number
  module: Inches | null
  /** Places that are left, each for a plain square that is cut anew. */
  plain: number
}

/** Larger than this nothing is framed to: the blocks have no module. */
export const MAX_MODULE: Inches = 30
const FILLER = 'plain-filler'

/**
 * Frames to one module; the same with sashing, so that strips have two widths; rows of like heights; on point. Blocks
 * of nearly one size are trimmed to the smallest of them first. Source: handbook §4, blocks that exist already.
 */
export function sewnSettings(file: QuiltFile, quilt: Quilt): SewnSetting[] {
  const kinds = grouped(quilt)
  if (kinds.length === 0) return []
  const module = moduleOf(kinds, quilt.ruler)
  const ways = [
    ...(module === null ? [] : [inModule(quilt, kinds, module, 'framed'), inModule(quilt, kinds, module, 'sashed')]),
    inRows(quilt, kinds),
    ...(module === null ? [] : [inModule(quilt, kinds, module, 'on-point')]),
  ]
  return ways.flatMap((way): SewnSetting[] => {
    const made = editedQuilt(file, way.edit)
    return made ? [{ ...way, quilt: made }] : []
  })
}

type SewnWay = Omit<SewnSetting, 'quilt'>

/** The smallest size to which all are framed by ½″ or more, or not at all, framing the fewest; null: there is none. */
function moduleOf(kinds: readonly SewnKind[], ruler: Inches): Inches | null {
  const sides = kinds.flatMap(({ finished: { width, height } }) => [width, height])
  const largest = Math.max(...sides)
  const modules = [largest, ...sides.map(side => roundUpToRuler(side + 2 * MIN_FRAME, ruler))]
    .filter(module => module >= largest - TOLERANCE && module <= MAX_MODULE + TOLERANCE)
    .filter(module => sides.every(side => sameLength(side, module) || module - side >= 2 * MIN_FRAME - TOLERANCE))
    .sort((a, b) => a - b)
  const framed = (module: Inches) => kinds.reduce((sum, kind) => sum + (fills(kind, module) ? 0 : kind.count), 0)
  return modules.length === 0 ? null : modules.reduce((a, b) => (framed(b) < framed(a) ? b : a))
}

function fills({ finished }: SewnKind, module: Inches): boolean {
  return sameLength(finished.width, module) && sameLength(finished.height, module)
}

function inModule(
  quilt: Quilt,
  kinds: readonly SewnKind[],
  module: Inches,
  kind: 'framed' | 'sashed' | 'on-point',
): SewnWay {
  const count = kinds.reduce((sum, one) => sum + one.count, 0)
  const isOnPoint = kind === 'on-point'
  const { across, down, places } = placedIn(count, isOnPoint)
  const cloth = fabricsOf(quilt.cloths).at(-1)!.id
  const rows = isOnPoint
    ? Array.from({ length: 2 * down - 1 }, (_, r) => across - (r % 2))
    : Array.from({ length: down }, () => across)
  const dealt = dealtEvenly([
    ...kinds.map(one => ({ block: idOf(one), count: one.count })),
    { block: FILLER, count: places - count },
  ])
  let at = 0
  const cells = rows.map(length => Array.from({ length }, (): CellEntry => ({ block: dealt[at++]! })))
  return {
    kind,
    module,
    framed: kinds.reduce((sum, one) => sum + (fills(one, module) ? 0 : one.count), 0),
    plain: places - count,
    trims: trimsOf(quilt, kinds, ({ finished }) => finished),
    edit: file => {
      const sash = {
        width: written(file, Math.max(roundUpToRuler(1, quilt.ruler), roundToRuler(module / 8, quilt.ruler))),
        cloth,
        outer: true,
      }
      return withBlocks(
        file,
        [
          ...kinds.map(one => framedEntry(file, one, module, cloth)),
          ...(places > count ? [{ id: FILLER, design: 'plain', size: written(file, module), cloths: { cloth } }] : []),
        ],
        {
          kind: isOnPoint ? 'on-point' : 'straight',
          across,
          down,
          cells,
          ...(kind === 'sashed' ? { sashing: sash } : {}),
          ...(isOnPoint ? { settingCloth: cloth } : {}),
        },
      )
    },
  }
}

function inRows(quilt: Quilt, kinds: readonly SewnKind[]): SewnWay {
  const cloth = fabricsOf(quilt.cloths).at(-1)!.id
  const rows = rowsOfLikeHeight(kinds, quilt.ruler)
  const across = Math.max(...rows.map(({ blocks }) => blocks.length))
  return {
    kind: 'rows',
    module: null,
    framed: 0,
    plain: 0,
    trims: trimsOf(quilt, kinds, ({ rowSize }) => rowSize),
    edit: file =>
      withBlocks(
        file,
        kinds.map(one => sewnEntry(file, one, one.rowSize)),
        {
          kind: 'rows',
          across,
          down: rows.length,
          ends: { cloth },
          rows: rows.map(({ blocks, shift }) => ({
            cells: blocks.map(one => ({ block: idOf(one) })),
            shift: written(file, shift),
          })),
        },
      ),
  }
}

function trimsOf({ seam }: Quilt, kinds: readonly SewnKind[], finished: (kind: SewnKind) => SewnSize): SewnTrim[] {
  return kinds.flatMap((kind): SewnTrim[] => {
    const { width, height } = finished(kind)
    const to = { width: width + 2 * seam, height: height + 2 * seam }
    const { name, count, measured: from } = kind
    return sameLength(from.width, to.width) && sameLength(from.height, to.height) ? [] : [{ name, count, from, to }]
  })
}

/** The file with these blocks, set so; what pointed at other blocks goes with them. */
function withBlocks(old: QuiltFile, blocks: BlockEntry[], setting: QuiltFile['setting']): QuiltFile {
  const file = withoutStaleMeasures(old, 'blocks')
  const quilting = file.quilting?.filter(({ where }) => typeof where !== 'object')
  return { ...file, blocks, setting, ...(quilting ? { quilting } : {}) }
}

function idOf({ tray }: SewnKind): string {
  return `sewn-${tray}`
}

function sewnEntry(file: QuiltFile, kind: SewnKind, size: SewnSize): BlockEntry {
  return { id: idOf(kind), name: kind.name, design: 'plain', tray: kind.tray, ...sizeEntry(file, size) }
}

function framedEntry(file: QuiltFile, kind: SewnKind, module: Inches, cloth: string): BlockEntry {
  const entry = sewnEntry(file, kind, kind.finished)
  if (fills(kind, module)) return entry
  const strip = (side: 'width' | 'height') => (module - kind.finished[side]) / 2
  // a side that is as long as the module needs no strip: the frame goes on the other two
  return { ...entry, frame: [frameEntry(file, { cloth, sides: strip('width'), ends: strip('height') })] }
}

/** Each as often as it is there, spread as evenly as can be over the places. */
function dealtEvenly(kinds: readonly { block: string; count: number }[]): string[] {
  const all = kinds.reduce((sum, { count }) => sum + count, 0)
  const given = kinds.map(() => 0)
  return Array.from({ length: all }, (_, at) => {
    const behind = (i: number) => (kinds[i]!.count * (at + 1)) / all - given[i]!
    const next = kinds
      .map((__, i) => i)
      .filter(i => given[i]! < kinds[i]!.count)
      .reduce((a, b) => (behind(b) > behind(a) + 1e-9 ? b : a))
    given[next]! += 1
    return kinds[next]!.block
  })
}
