import type { Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { written, type Edit } from './edit'
import { withoutStaleMeasures } from './staleMeasures'

type CellEntry = NonNullable<QuiltFile['setting']['cells']>[number][number]
type Sashing = NonNullable<QuiltFile['setting']['sashing']>

/** The setting place by place, whether the file has cells or a fill. */
export function asCells(file: QuiltFile): CellEntry[][] {
  const { across, down, cells, fill = [[file.blocks[0]!.id]] } = file.setting
  if (cells) return cells.map(line => [...line])
  return Array.from({ length: down }, (_, r) =>
    Array.from({ length: across }, (_, c): CellEntry => {
      const line = fill[r % fill.length]!
      return { block: line[c % line.length]! }
    }),
  )
}

/** More or fewer blocks. Places that are kept keep what stands in them; new ones go on with the pattern two back. */
export function setCounts(across: number, down: number): Edit {
  return old => {
    const file = withoutStaleMeasures(old, 'setting')
    if (!file.setting.cells) return { ...file, setting: { ...file.setting, across, down } }
    const placed = asCells(file)
    const row = (r: number): CellEntry[] =>
      placed[r] ?? placed[placed.length - 2 + ((r - placed.length) % 2)] ?? placed.at(-1)!
    const cell = (line: CellEntry[], c: number): CellEntry =>
      line[c] ?? line[line.length - 2 + ((c - line.length) % 2)] ?? line.at(-1)!
    const cells = Array.from({ length: down }, (_, r) => Array.from({ length: across }, (_, c) => cell(row(r), c)))
    return { ...file, setting: { ...file.setting, across, down, cells } }
  }
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
      change === null || change.width !== undefined || change.outer !== undefined || !file.setting.sashing
    const { setting, ...fresh } = isResized ? withoutStaleMeasures(file, 'setting') : file
    if (change === null) return { ...fresh, setting: { ...setting, sashing: null } }
    const { width, ...rest } = change
    const old: Sashing = file.setting.sashing ?? {
      width: written(file, 1.5),
      cloth: file.cloths.at(-1)!.id,
      outer: true,
    }
    return {
      ...fresh,
      setting: {
        ...setting,
        sashing: { ...old, ...rest, ...(width === undefined ? {} : { width: written(file, width) }) },
      },
    }
  }
}

/** Sashes without cornerstones run through. */
export function withoutCornerstones(): Edit {
  return file => {
    if (!file.setting.sashing) return file
    const { cornerstones: _, ...sashing } = file.setting.sashing
    return { ...file, setting: { ...file.setting, sashing } }
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
