import type { Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { rowLengths } from '../file/cells'
import { written, type Edit } from './edit'
import { withoutStaleMeasures } from './staleMeasures'

type CellEntry = NonNullable<QuiltFile['setting']['cells']>[number][number]
type Sashing = NonNullable<QuiltFile['setting']['sashing']>
type Kind = NonNullable<QuiltFile['setting']['kind']>

/** The setting place by place, whether the file has cells or a fill. */
export function asCells(file: QuiltFile): CellEntry[][] {
  const { cells, fill = [[file.blocks[0]!.id]] } = file.setting
  if (cells) return cells.map(line => [...line])
  return rowLengths(file.setting).map((length, r) =>
    Array.from({ length }, (_, c): CellEntry => {
      const line = fill[r % fill.length]!
      return { block: line[c % line.length]! }
    }),
  )
}

/** More or fewer blocks. Places that are kept keep what stands in them; new ones go on with the pattern two back. */
export function setCounts(across: number, down: number): Edit {
  return old => {
    const file = withoutStaleMeasures(old, 'setting')
    return settled({ ...file, setting: { ...file.setting, across, down } })
  }
}

/** Sets the blocks another way; what fills the edge is of the last cloth, until it is chosen. */
export function setKind(kind: Kind): Edit {
  return old => {
    const { setting, ...file } = withoutStaleMeasures(old, 'setting')
    const cloth = file.cloths.at(-1)!.id
    const isOffset = kind === 'offset-rows' || kind === 'offset-columns'
    return settled({
      ...file,
      setting: {
        ...setting,
        kind,
        ...(kind === 'on-point' && !setting.settingCloth ? { settingCloth: cloth } : {}),
        ...(isOffset && !setting.ends ? { ends: { cloth } } : {}),
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
  return !setting.cells || isFilled ? fitted : refilled(fitted, asCells(fitted))
}

function fitting({ setting, cloths }: QuiltFile): QuiltFile['setting'] {
  const { across, down, sashing } = setting
  if (setting.kind === 'on-point') {
    if (!sashing) return setting
    const { cornerstones: stones } = sashing
    // those on the edge are cut in half: they are of one cloth
    const cornerstones = stones && 'cloth' in stones ? stones : { cloth: cloths[0]!.id }
    return { ...setting, float: 0, sashing: { ...withoutPieced(sashing), between: 'both', outer: true, cornerstones } }
  }
  if (setting.kind === 'offset-rows' || setting.kind === 'offset-columns') {
    const isTooShort = (setting.kind === 'offset-rows' ? across : down) < 2
    if (setting.ends === 'half-blocks' && isTooShort) return { ...setting, ends: { cloth: cloths.at(-1)!.id } }
    if (setting.ends === 'half-blocks') {
      const { shift: _, ...halved } = setting
      return { ...halved, sashing: null }
    }
    return sashing ? { ...setting, sashing: { ...withoutPieced(withoutStones(sashing)), between: 'both' } } : setting
  }
  const isOneWay = sashing?.between === 'rows' || sashing?.between === 'columns'
  return isOneWay ? { ...setting, sashing: withoutPieced(withoutStones(sashing)) } : setting
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
      width: written(file, 1.5),
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
