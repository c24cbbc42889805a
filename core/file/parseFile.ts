// In: a file as written. Out: its shape as the schema reads it, in inches, or what the schema refuses.
import { clothsWithHeaps } from './heaps'
import { withScraps } from './scraps'
import { rulesOf, SETTING_KINDS } from './settings'
import { quiltFileSchema, type ParsedDesign, type ParsedQuilt } from './schema'
import type { Units } from '../measure/units'

type ParsedRow = NonNullable<ParsedQuilt['setting']['cells']>[number]
/**
 * Rows of places and designs, as they were read from these very objects: an edit makes a new file of old parts, so most
 * of a large quilt need not be read again for each key that is pressed. Neither holds a length, so that the units of
 * the file are of no account.
 */
const rows = new WeakMap<object, ParsedRow>()
const designs = new WeakMap<object, ParsedDesign>()

/** Stands where a known design stood while the rest is read. */
const STUB: ParsedDesign = {
  id: 'stub',
  family: 'own',
  width: 1,
  height: 1,
  patches: [
    {
      role: 'stub',
      points: [
        [0, 0],
        [1, 0],
        [0, 1],
      ],
    },
  ],
}

/** The file is taken for what it is: plain data that is never changed in place. */
export function parseFile(file: unknown, units: Units): ReturnType<ReturnType<typeof quiltFileSchema>['safeParse']> {
  const cells = listAt(file, 'setting', 'cells')
  const own = listAt(file, 'designs')
  const parsed = quiltFileSchema(units).safeParse(withCounts(withoutKnown(file, cells, own)))
  if (!parsed.success) return parsed
  const { setting } = parsed.data
  if (setting.cells) setting.cells = setting.cells.map((row, r) => remembered(rows, cells[r], row))
  parsed.data.designs = parsed.data.designs.map((design, i) => remembered(designs, own[i], design))
  const { heaps, blocks } = parsed.data
  if (heaps.length > 0) parsed.data.blocks = blocks.map(block => ({ ...block, cloths: clothsWithHeaps(heaps, block) }))
  return { success: true, data: withScraps(parsed.data) }
}

/** Rows of their own are counted by themselves: such a file need not say how many blocks stand across and down. */
function withCounts(file: unknown): unknown {
  const rows = listAt(file, 'setting', 'rows')
  const { setting, ...rest } = (file ?? {}) as { setting?: { kind?: unknown } }
  if (!hasOwnRows(setting?.kind)) return file
  const across = Math.max(1, ...rows.map(row => listAt(row, 'cells').length))
  return { ...rest, setting: { ...setting, across, down: Math.max(1, rows.length) } }
}

function hasOwnRows(kind: unknown): boolean {
  return SETTING_KINDS.some(known => known === kind && rulesOf({ kind: known }).hasOwnRows)
}

/** The file with as little to read as may be in the places of what was read before. */
function withoutKnown(file: unknown, cells: readonly unknown[], own: readonly unknown[]): unknown {
  const isKnown = (map: WeakMap<object, unknown>) => (part: unknown) => map.has(part as object)
  const hasKnown = cells.some(isKnown(rows)) || own.some(isKnown(designs))
  if (!hasKnown) return file
  const { setting, ...rest } = file as { setting: object }
  return {
    ...rest,
    setting: cells.length > 0 ? { ...setting, cells: cells.map(row => (isKnown(rows)(row) ? [] : row)) } : setting,
    ...(own.length > 0 ? { designs: own.map(design => (isKnown(designs)(design) ? STUB : design)) } : {}),
  }
}

function remembered<T>(known: WeakMap<object, T>, written: unknown, parsed: T): T {
  const before = known.get(written as object)
  if (before !== undefined) return before
  if (written !== null && typeof written === 'object') known.set(written, parsed)
  return parsed
}

/** A list at a path of what may be anything; empty where there is none. */
function listAt(value: unknown, ...path: string[]): readonly unknown[] {
  const found = path.reduce<unknown>((at, step) => (at as Record<string, unknown> | null | undefined)?.[step], value)
  return Array.isArray(found) ? found : []
}
