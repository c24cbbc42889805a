import type { Inches } from '../measure/ruler'
import { UNIT_DEFAULTS } from '../measure/units'
import type { QuiltFile } from '../file/schema'
import { repeatedFill, rowLengths } from '../file/cells'
import { canEndInHalves, rulesOf, type SettingKind } from '../file/settings'
import type { SettingRules } from '../file/settings/settingRules'
import type { StripStripes } from '../file/stripStripes'
import { written, type Edit } from './edit'
import { withoutStaleMeasures } from './staleMeasures'

export type CellEntry = NonNullable<QuiltFile['setting']['cells']>[number][number]
type Sashing = NonNullable<QuiltFile['setting']['sashing']>

/** The setting place by place, whether the file has cells or a fill. */
export function asCells(file: QuiltFile): CellEntry[][] {
  const { cells, rows, fill = [[file.blocks[0]!.id]] } = file.setting
  if (rulesOf(file.setting).hasOwnRows && rows) return rows.map(row => [...row.cells])
  if (cells) return cells.map(line => [...line])
  return repeatedFill(file.setting, fill).map(line => line.map(block => ({ block })))
}

/** The file with these places, wherever its setting keeps them. */
export function withCells(file: QuiltFile, cells: CellEntry[][]): QuiltFile {
  const { rows } = file.setting
  if (!rulesOf(file.setting).hasOwnRows || !rows) return { ...file, setting: { ...file.setting, cells } }
  return { ...file, setting: { ...file.setting, rows: cells.map((line, r) => ({ ...rows[r], cells: line })) } }
}

/** More or fewer blocks. Places that are kept keep what stands in them; new ones go on with the pattern two back. */
export function setCounts(across: number, down: number): Edit {
  return old => {
    const file = withoutStaleMeasures(old, 'setting')
    if (rulesOf(file.setting).hasOwnRows) return withRowCounts(file, across, down)
    return settled({ ...file, setting: { ...file.setting, across, down } })
  }
}

/** Rows of their own: as many rows, each with as many blocks more or fewer as the widest. */
function withRowCounts(file: QuiltFile, across: number, down: number): QuiltFile {
  const places = asCells(file)
  const more = across - Math.max(...places.map(line => line.length))
  const cells = Array.from({ length: down }, (_, r) => {
    const line = places[r] ?? places.at(-1)!
    return Array.from({ length: Math.max(1, line.length + more) }, (_, c) => line[c] ?? line.at(-1)!)
  })
  return withCells(file, cells)
}

/** Sets the blocks another way; what fills the edge is of the last cloth, until it is chosen. */
export function setKind(kind: SettingKind): Edit {
  return old => {
    const { setting, ...file } = withoutStaleMeasures(old, 'setting')
    const cloth = file.cloths.at(-1)!.id
    const rules = rulesOf({ kind })
    const { rows: _, ...kept } = setting
    // rows of their own keep their places by themselves
    const places = asCells(old)
    if (rules.hasOwnRows) {
      const ends = typeof setting.ends === 'object' ? setting.ends : { cloth }
      const rows = places.filter(line => line.length > 0).map(line => ({ cells: line }))
      return settled({ ...file, setting: { ...kept, kind, ends, rows, float: 0 } })
    }
    const fromRows = rulesOf(setting).hasOwnRows
      ? { across: Math.max(...places.map(line => line.length)), down: places.length, cells: places }
      : {}
    return settled({
      ...file,
      setting: {
        ...kept,
        ...fromRows,
        kind,
        ...(rules.hasTriangles && !setting.settingCloth ? { settingCloth: cloth } : {}),
        ...(rules.ends.length > 0 && !setting.ends ? { ends: { cloth } } : {}),
      },
    })
  }
}

/** Cloth of the triangles on the edge of a set on point. */
export function setSettingCloth(settingCloth: string): Edit {
  return file => ({ ...file, setting: { ...file.setting, settingCloth } })
}

/** How far the edge lies beyond the corners of blocks on point. */
export function setFloat(float: Inches): Edit {
  return old => {
    const file = withoutStaleMeasures(old, 'setting')
    return settled({ ...file, setting: { ...file.setting, float: written(file, float) } })
  }
}

/** How far rows (columns) stand from the edge, used in turn; null: half a block for every second one. */
export function setShifts(shifts: readonly Inches[] | null): Edit {
  return old => {
    const { setting, ...file } = withoutStaleMeasures(old, 'setting')
    const { shift: _, ...rest } = setting
    if (shifts === null) return { ...file, setting: rest }
    return { ...file, setting: { ...rest, shift: shifts.map(shift => written(old, shift)) } }
  }
}

/** Shifted rows end in half blocks, or in cloth. */
export function setEnds(ends: NonNullable<QuiltFile['setting']['ends']>): Edit {
  return old => {
    const isOtherKind = typeof ends !== typeof old.setting.ends
    const file = isOtherKind ? withoutStaleMeasures(old, 'setting') : old
    return settled({ ...file, setting: { ...file.setting, ends } })
  }
}

/** The file with a setting that can be had: what does not go together with the way the blocks are set gives way. */
function settled(file: QuiltFile): QuiltFile {
  const setting = fitting(file)
  const fitted = { ...file, setting }
  const lengths = rowLengths(setting)
  const isFilled =
    setting.cells?.length === lengths.length && setting.cells.every((row, r) => row.length === lengths[r])
  return !setting.cells || isFilled || rulesOf(setting).hasOwnRows ? fitted : refilled(fitted, asCells(fitted))
}

function fitting({ setting: asked, cloths, blocks }: QuiltFile): QuiltFile['setting'] {
  const rules = rulesOf(asked)
  const isFramed = blocks.some(({ frame = [] }) => frame.length > 0)
  const hasHalves = rules.ends.length > 0 && asked.ends === 'half-blocks'
  if (hasHalves && canEndInHalves(rules, asked, isFramed)) {
    const { shift: _, ...halved } = asked
    return { ...halved, sashing: null }
  }
  const setting = hasHalves ? { ...asked, ends: { cloth: cloths.at(-1)!.id } } : asked
  if (!setting.sashing) return setting
  const sashing = fittingSashes(setting.sashing, rules.sashing, cloths[0]!.id)
  return { ...setting, ...(rules.canFloat ? { float: 0 } : {}), sashing }
}

function fittingSashes(asked: Sashing, rules: SettingRules['sashing'], cloth: string): Sashing {
  const between = asked.between && rules.between.includes(asked.between) ? asked.between : rules.between[0]
  const isCrossed = between === 'both'
  const stoned = isCrossed && rules.stones !== 'none' ? asked : withoutStones(asked)
  const plain = isCrossed && rules.canBePieced ? stoned : withoutPieced(stoned)
  const sashing = between === (asked.between ?? 'both') ? plain : { ...plain, between }
  const round = rules.isOuter ? { ...sashing, outer: true } : sashing
  if (rules.stones !== 'always') return round
  const { cornerstones: stones } = round
  // those on the edge are cut in half: they are of one cloth
  return { ...round, cornerstones: stones && 'cloth' in stones ? stones : { cloth } }
}

function withoutPieced({ pieced: _, ...sashing }: Sashing): Sashing {
  return sashing
}

function withoutStones({ cornerstones: _, ...sashing }: Sashing): Sashing {
  return sashing
}

/** As many places as the setting now has; kept places keep what stands in them, new ones go on with the pattern. */
function refilled(file: QuiltFile, placed: readonly CellEntry[][]): QuiltFile {
  const row = (r: number): readonly CellEntry[] =>
    placed[r] ?? placed[placed.length - 2 + ((r - placed.length) % 2)] ?? placed.at(-1)!
  // on point, one block across, every second row is empty
  const cell = (line: readonly CellEntry[], c: number): CellEntry =>
    line[c] ?? line[line.length - 2 + ((c - line.length) % 2)] ?? line.at(-1) ?? placed[0]!.at(-1)!
  const cells = rowLengths(file.setting).map((length, r) => Array.from({ length }, (_, c) => cell(row(r), c)))
  return { ...file, setting: { ...file.setting, cells } }
}

/** Blocks by turns: one block everywhere, or two like a chequerboard. */
export function setFill(fill: string[][]): Edit {
  return file => {
    if (rulesOf(file.setting).hasOwnRows) {
      const cell = (r: number, c: number): CellEntry => {
        const line = fill[r % fill.length]!
        return { block: line[c % line.length]! }
      }
      return withCells(
        file,
        asCells(file).map((line, r) => line.map((_, c) => cell(r, c))),
      )
    }
    const { cells: _, ...setting } = file.setting
    return { ...file, setting: { ...setting, fill } }
  }
}

/** Changes the sashing there is, or puts one in; null takes it out. */
export function setSashing(change: (Partial<Omit<Sashing, 'width'>> & { width?: Inches }) | null): Edit {
  return file => {
    const isResized =
      change === null
      || change.width !== undefined
      || change.outer !== undefined
      || change.between !== undefined
      || !file.setting.sashing
    const { setting, ...fresh } = isResized ? withoutStaleMeasures(file, 'setting') : file
    if (change === null) return { ...fresh, setting: { ...setting, sashing: null } }
    const { width, ...rest } = change
    const old: Sashing = file.setting.sashing ?? {
      width: written(file, UNIT_DEFAULTS[file.units ?? 'in'].sashWidth),
      cloth: file.cloths.at(-1)!.id,
      outer: true,
    }
    return settled({
      ...fresh,
      setting: {
        ...setting,
        sashing: { ...old, ...rest, ...(width === undefined ? {} : { width: written(file, width) }) },
      },
    })
  }
}

/** How the stripes of its cloth run in the sashes; null: as they fall. */
export function setSashStripes(stripes: StripStripes | null): Edit {
  return file => {
    const { sashing } = file.setting
    if (!sashing) return file
    const { stripes: _, ...rest } = sashing
    return { ...file, setting: { ...file.setting, sashing: stripes ? { ...rest, stripes } : rest } }
  }
}

/** Sashes without cornerstones run through. */
export function withoutCornerstones(): Edit {
  return file => {
    if (!file.setting.sashing) return file
    return settled({ ...file, setting: { ...file.setting, sashing: withoutStones(file.setting.sashing) } })
  }
}

/** `name`, `name-2`, `name-3` …: the first that is free. */
export function freeId(name: string, taken: readonly string[]): string {
  const base =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 40) || 'own'
  if (!taken.includes(base)) return base
  for (let n = 2; ; n++) if (!taken.includes(`${base}-${n}`)) return `${base}-${n}`
}
